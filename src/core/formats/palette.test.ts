import fc from 'fast-check'
import { readPalette, writePalette } from './palette'

it('what is written is read again', () => {
  const hex = fc.tuple(fc.nat(255), fc.nat(255), fc.nat(255)).map(
    (rgb) =>
      `#${rgb
        .map((value) => value.toString(16).padStart(2, '0'))
        .join('')
        .toUpperCase()}`,
  )
  const name = fc
    .stringMatching(/^[A-Za-z][A-Za-z0-9 ]{0,20}[A-Za-z0-9]$/)
    .map((one) => one.replaceAll(/ +/g, ' '))
  fc.assert(
    fc.property(fc.array(fc.record({ name, colour: hex }), { maxLength: 20 }), (colours) => {
      expect(readPalette(writePalette('Shelf', colours))).toEqual({ ok: true, value: colours })
    }),
    { seed: 8, numRuns: 100 },
  )
})

it('comments, columns and colours without a name are read', () => {
  const text =
    'GIMP Palette\r\nName: Odd\r\nColumns: 4\r\n# hello\r\n\r\n  1   2   3\r\n255 255 0\tYellow one\r\n'
  expect(readPalette(text)).toEqual({
    ok: true,
    value: [
      { name: '#010203', colour: '#010203' },
      { name: 'Yellow one', colour: '#FFFF00' },
    ],
  })
})

test.each([
  ['hello', 'line 1'],
  ['GIMP Palette\n1 2 300 x\n', 'line 2'],
  ['GIMP Palette\n1 2\n', 'line 2'],
])('%j is refused', (text, path) => {
  const read = readPalette(text)
  expect(read.ok).toBe(false)
  if (!read.ok) expect(read.problems[0]?.path).toBe(path)
})
