import { asciiText } from './asciiText'

test.each([
  { why: 'plain', value: { name: 'Hull "port"\n', list: [1, null, true] } },
  { why: 'an apostrophe of its own', value: { name: 'Gannet’s Lament' } },
  {
    why: 'accents, and what looks like a number of a character',
    value: ['é', '\\u00e9', '\u007f'],
  },
  { why: 'two units to a character', value: { '🙂': '𝄞 and half of one \ud83d' } },
  { why: 'marks that turn text, and ends of lines', value: '\u202e\u2028\u2029' },
])('$why is read as it was written, of plain letters alone', ({ value }) => {
  const text = asciiText(value)
  expect(JSON.parse(text)).toEqual(value)
  expect(text).toMatch(/^[ -~]*$/)
})
