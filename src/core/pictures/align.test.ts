import fc from 'fast-check'
import { aligned, inverse, type PicturePoint, type Warp, warped } from './align'

/** A face as it was photographed twice: turned, smaller, tilted. px of a picture of 1600 x 1200. */
const WARPS: { what: string; warp: Warp; kind: 'affine' | 'homography' }[] = [
  { what: 'moved', warp: [1, 0, 30, 0, 1, -12, 0, 0, 1], kind: 'affine' },
  { what: 'turned and smaller', warp: [0.7, -0.2, 120, 0.2, 0.7, 40, 0, 0, 1], kind: 'affine' },
  { what: 'mirrored', warp: [-1, 0, 1600, 0, 1, 0, 0, 0, 1], kind: 'affine' },
  {
    what: 'tilted',
    warp: [0.9, 0.05, 20, -0.03, 1.1, 10, 0.00012, -0.00008, 1],
    kind: 'homography',
  },
  {
    what: 'tilted much',
    warp: [0.8, 0.2, 60, -0.1, 0.9, 80, 0.0002, 0.00015, 1],
    kind: 'homography',
  },
]

/** Points all over the face. */
const CORNERS: PicturePoint[] = [
  { x: 100, y: 100 },
  { x: 1500, y: 120 },
  { x: 1480, y: 1100 },
  { x: 120, y: 1080 },
  { x: 800, y: 600 },
  { x: 790, y: 110 },
  { x: 1490, y: 610 },
  { x: 810, y: 1090 },
  { x: 110, y: 590 },
  { x: 420, y: 340 },
  { x: 1180, y: 860 },
  { x: 1160, y: 330 },
]

const GRID = Array.from({ length: 100 }, (_, i) => ({
  x: 100 + 155 * (i % 10),
  y: 100 + 110 * Math.floor(i / 10),
}))
const off = (a: PicturePoint, b: PicturePoint) => Math.hypot(a.x - b.x, a.y - b.y)

describe.each(WARPS)('a face that is $what', ({ warp, kind }) => {
  const least = kind === 'affine' ? 3 : 4
  it.each([least, 12])('is found again from %i pairs, everywhere', (many) => {
    const pairs = CORNERS.slice(0, many).map((from) => ({ from, to: warped(warp, from) }))
    const found = aligned(pairs)
    if (typeof found === 'string') throw new Error(found)
    expect(found.kind).toBe(many === 3 ? 'affine' : 'homography')
    for (const place of GRID)
      expect(off(warped(found.warp, place), warped(warp, place))).toBeLessThan(1e-6)
    expect(found.off).toBeLessThan(1e-6)
  })

  it('is found within a pixel over the face from twelve pairs that are a pixel off', () => {
    const stray = fc.record({
      x: fc.double({ min: -1, max: 1, noNaN: true }),
      y: fc.double({ min: -1, max: 1, noNaN: true }),
    })
    fc.assert(
      fc.property(fc.array(stray, { minLength: 12, maxLength: 12 }), (strays) => {
        const pairs = CORNERS.map((from, i) => {
          const to = warped(warp, from)
          const by = strays[i] as PicturePoint
          // One pixel off at the most, whichever way.
          const far = Math.max(1, Math.hypot(by.x, by.y))
          return { from, to: { x: to.x + by.x / far, y: to.y + by.y / far } }
        })
        const found = aligned(pairs, kind)
        if (typeof found === 'string') throw new Error(found)
        const offs = GRID.map((place) => off(warped(found.warp, place), warped(warp, place)))
        expect(Math.sqrt(offs.reduce((sum, one) => sum + one * one, 0) / offs.length)).toBeLessThan(
          1,
        )
      }),
      { numRuns: 60, seed: 7 },
    )
  })

  it('is gone back', () => {
    const back = inverse(warp) as Warp
    for (const place of GRID)
      expect(off(warped(back, warped(warp, place)), place)).toBeLessThan(1e-6)
  })
})

it.each([
  { pairs: CORNERS.slice(0, 2), says: 'too-few' },
  { pairs: [], says: 'too-few' },
  { pairs: [CORNERS[0], CORNERS[0], CORNERS[0]], says: 'in-a-line' },
  { pairs: [1, 2, 3, 4, 5].map((k) => ({ x: 100 * k, y: 50 * k })), says: 'in-a-line' },
] as const)('$says: nothing is laid on anything', ({ pairs, says }) => {
  expect(
    aligned(pairs.map((from) => ({ from: from as PicturePoint, to: from as PicturePoint }))),
  ).toBe(says)
})
