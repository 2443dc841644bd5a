import { fillerSets } from './fillers'

test.each([
  ['putty', undefined, false, 720],
  ['putty', 1, false, 720],
  ['putty', 3.5, false, 1440],
  ['putty', 7, false, 2880],
  ['two-part', 5, false, 60],
  ['cyanoacrylate', undefined, false, 30],
  ['cyanoacrylate', undefined, true, 10],
  ['light-cured', undefined, true, 2],
  ['sprue-cement', 0.5, false, 1440],
] as const)('%s, %s mm deep, kicker %s: %s minutes', (filler, depth, kicker, minutes) => {
  expect(fillerSets(filler, depth, kicker)).toBeCloseTo(minutes, 6)
})
