import { EQUAL, keepBest, type Match } from './best'

const found = (difference: number, ...set: number[]): Match => ({
  set,
  drops: set.map(() => 1),
  difference,
})

it('keeps sets by size, the best first, each once with its better drops', () => {
  const best = keepBest()
  for (const one of [found(3, 1), found(2, 1, 2), found(1, 4), found(5, 2, 3)]) best.offer(one)
  best.offer({ ...found(1.5, 1, 2), drops: [2, 1] })
  best.offer(found(4, 1, 2))
  expect(best.of(1).map((one) => one.difference)).toEqual([1, 3])
  expect(best.of(2).map((one) => [one.difference, one.drops])).toEqual([
    [1.5, [2, 1]],
    [5, [1, 1]],
  ])
  expect(best.of(3)).toEqual([])
})

it('a set pays while it may be shown, or come near the best of its size', () => {
  const best = keepBest()
  expect(best.limit(2)).toBe(Number.POSITIVE_INFINITY)
  for (let i = 0; i < 6; i++) best.offer(found(i, i))
  // Five of them are better than any that is 4 off: none that is farther is shown.
  expect(best.limit(1)).toBe(4)
  best.offer(found(9, 1, 2))
  expect(best.limit(2)).toBe(9 + EQUAL)
})

it('a set offered twice is not two that are shown', () => {
  const best = keepBest()
  for (let i = 0; i < 9; i++) best.offer(found(1, 1, 2))
  expect(best.of(2)).toHaveLength(1)
  expect(best.limit(2)).toBe(Number.POSITIVE_INFINITY)
})
