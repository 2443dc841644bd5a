import { oversprayMm, tapeFor, USUAL_SPRAY } from './tapes'

it.each([
  ['straight', {}, 'straight'],
  ['a wide curve', { radiusMm: 20 }, 'straight'],
  ['a curve', { radiusMm: 19.9 }, 'flexible'],
  ['as tight as tape goes', { radiusMm: 3 }, 'flexible'],
  ['tighter than tape goes', { radiusMm: 2.9 }, 'cut-sheet'],
  ['along a line', { groove: true }, 'groove-sheet'],
  ['along a line that curves', { groove: true, radiusMm: 15 }, 'groove-sheet'],
  ['tightly along a line', { groove: true, radiusMm: 2 }, 'cut-sheet'],
] as const)('covers an edge that runs %s', (_, run, tape) => {
  expect(tapeFor(run)).toBe(tape)
})

it('overspray reaches 14 mm from 55 mm, within what is covered', () => {
  expect(oversprayMm(USUAL_SPRAY.distanceMm)).toBeCloseTo(13.71, 2)
  expect(oversprayMm(USUAL_SPRAY.distanceMm)).toBeLessThan(USUAL_SPRAY.coverMm)
  expect(oversprayMm(0)).toBe(5)
})
