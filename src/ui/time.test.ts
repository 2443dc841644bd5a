import { figures, sayFigures } from './time'

const MINUTE = 60_000

test.each([
  { ms: 222_000, say: '3 min 42 s' },
  { ms: 59 * MINUTE, say: '59 min 00 s' },
  { ms: 60 * MINUTE, say: '1 h 00 min' },
  { ms: 47 * 60 * MINUTE + 5 * MINUTE, say: '47 h 05 min' },
  { ms: 50 * 60 * MINUTE, say: '2 d 2 h' },
  { ms: -5, say: '0 min 00 s' },
])('$ms ms in figures is $say', ({ ms, say }) => {
  expect(
    figures(ms)
      .map(({ value, unit }) => `${value} ${unit}`)
      .join(' '),
  ).toBe(say)
})

test.each([
  { ms: 30_000, say: '1 min' },
  { ms: 35 * MINUTE, say: '35 min' },
  { ms: 60 * MINUTE, say: '1 h' },
  { ms: 95 * MINUTE, say: '1 h 35 min' },
  { ms: -MINUTE, say: '0 min' },
])('$ms ms in words is $say', ({ ms, say }) => {
  expect(sayFigures(ms)).toBe(say)
})
