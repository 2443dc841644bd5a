import { withoutOne } from './withoutOne'

const [a, b] = [{ name: 'a' }, { name: 'b' }]

it.each([
  ['where it still stands', [a, b, a], a, 2, [a, b]],
  ['the first, where another one stands there now', [b, a, a], a, 0, [b, a]],
  ['the first, where nobody says which', [a, b, a], a, undefined, [b, a]],
  ['none that is gone already', [b], a, 0, [b]],
])('takes one out: %s', (_, rows, gone, at, left) => {
  expect(withoutOne(rows, { ...gone }, at)).toEqual(left)
})
