import { seen, seenJson } from './seen'

test.each([
  { text: 'Osmund grey', shown: 'Osmund grey', why: 'as it is' },
  { text: 'two\n\tlines\r\n', shown: 'two\n\tlines\r\n', why: 'lines and tabs are seen' },
  {
    text: 'a\u0007b\u001bc',
    shown: 'a⟨U+0007⟩b⟨U+001B⟩c',
    why: 'control characters by their number',
  },
  { text: 'a\u007fb\u0085c', shown: 'a⟨U+007F⟩b⟨U+0085⟩c', why: 'those of the upper half too' },
  { text: '\u202egnirts\u202c', shown: '⟨U+202E⟩gnirts⟨U+202C⟩', why: 'turned round' },
  { text: '\u2067x\u2069', shown: '⟨U+2067⟩x⟨U+2069⟩', why: 'set apart' },
  { text: '\u05d0\u200f!', shown: '\u05d0\u200f!', why: 'a mark that a Hebrew name has' },
  { text: '👩‍🎨', shown: '👩‍🎨', why: 'joined signs' },
])('$why', ({ text, shown }) => {
  expect(seen(text)).toBe(shown)
})

it('JSON says the same, and nothing that a terminal obeys', () => {
  const value = { name: 'Grey \u001b[31m\u009b\u202e\u007f', lines: 'two\nlines' }
  const json = seenJson(JSON.stringify(value, null, 2))
  expect(JSON.parse(json)).toEqual(value)
  expect(json).toBe(seen(json))
})
