import { isAmount, isWithin, numberOf } from './fieldText'

test.each([
  { text: '6', number: 6 },
  { text: ' 2,5 ', number: 2.5 },
  { text: '-3', number: -3 },
  { text: '', number: undefined },
  { text: 'wide', number: 'wide' },
  { text: '1e3', number: 1000 },
])('"$text" is read as $number', ({ text, number }) => {
  expect(numberOf(text)).toBe(number)
})

test.each([
  [1, true, true],
  [9, true, true],
  [0, false, false],
  [9.1, false, false],
  [0.5, false, true],
  ['5', false, false],
  [undefined, false, false],
])('%p lies from 1 to 9: %p, and is an amount up to 9: %p', (value, within, amount) => {
  expect(isWithin(value, 1, 9)).toBe(within)
  expect(isAmount(value, 9)).toBe(amount)
})
