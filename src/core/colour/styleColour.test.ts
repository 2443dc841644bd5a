import { styleColour } from './styleColour'

// As people and style sheets write colours, and as a build of the pages writes theirs.
test.each([
  ['#336699', '#336699'],
  ['#369', '#336699'],
  ['teal', '#008080'],
  ['rgb(51 102 153)', '#336699'],
  ['rgb(51, 102, 153)', '#336699'],
  ['hsl(210 50% 40%)', '#336699'],
  ['hwb(210 20% 40%)', '#336699'],
  ['lab(50% 0 0)', '#777777'],
  ['lch(50% 0 0)', '#777777'],
  ['oklab(0.5 0 0)', '#636363'],
  ['oklch(0.5 0 0)', '#636363'],
])('%s is %s', (text, hex) => {
  expect(styleColour(text)).toBe(hex)
})

test.each(['', 'no colour', 'lab(', '#12'])('"%s" is none', (text) => {
  expect(styleColour(text)).toBeNull()
})
