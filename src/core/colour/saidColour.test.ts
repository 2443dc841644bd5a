import { colourSaid, isColourWord } from './saidColour'
import { labOf } from './spectrum'

test.each([
  ['#C9C4B4', '#C9C4B4'],
  ['c9c4b4', '#C9C4B4'],
  ['#fff', '#FFFFFF'],
  ['white', '#F4F3EE'],
  [' Rust ', '#7A4527'],
  ['rebeccapurple', '#663399'],
  ['rgb(10, 20, 30)', '#0A141E'],
  ['dead', null],
  ['bed', null],
  ['fnord', null],
  ['dark', null],
  ['', null],
])('%s is %s', (said, hex) => {
  expect(colourSaid(said)).toBe(hex)
})

it('a tone before a colour takes it lighter or darker, and of two colours the last is the stronger', () => {
  const l = (said: string) => labOf(colourSaid(said) ?? '#000000').l
  expect(l('dark grey')).toBeLessThan(l('grey') - 10)
  expect(l('pale grey')).toBeGreaterThan(l('light grey'))
  const { b } = labOf(colourSaid('blue grey') ?? '#000000')
  expect(b).toBeLessThan(labOf(colourSaid('grey') ?? '#000000').b - 5)
  expect(b).toBeGreaterThan(labOf(colourSaid('blue') ?? '#000000').b + 5)
})

test.each(['red', 'dark', 'teal', 'hotpink'])('%s is a word for colour', (word) => {
  expect(isColourWord(word)).toBe(true)
})
