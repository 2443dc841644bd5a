import { STAND_IN_LENGTHS, STAND_INS, type StandIn } from '../model/shape'
import { silhouetteOf } from './silhouette'

const LENGTHS = {
  lengthMm: 120,
  widthMm: 60,
  heightMm: 40,
  frontMm: 10,
  diameterMm: 30,
  mouthMm: 50,
  thicknessMm: 4,
}

const shape = (kind: (typeof STAND_INS)[number]) => {
  const { must, may = [] } = STAND_IN_LENGTHS[kind]
  const own = [...must, ...may].map((name) => [name, LENGTHS[name]])
  return { kind, ...Object.fromEntries(own) } as StandIn
}

test.each(STAND_INS)('%s: a closed outline that fills its box', (kind) => {
  const { width, height, path } = silhouetteOf(shape(kind))
  expect(path).toMatch(/^M.*Z$/)
  expect(path).not.toMatch(/NaN|undefined|-/)
  const numbers = [...path.matchAll(/[\d.]+/g)].map(([text]) => Number(text))
  expect(Math.max(...numbers)).toBeLessThanOrEqual(Math.max(width, height) + 0.1)
  expect(width).toBeGreaterThan(0)
  expect(height).toBeGreaterThan(0)
})

test.each([
  ['box-hull', 120, 40],
  ['plate', 120, 60],
  ['bell', 120, 50],
  ['dome', 30, 15],
  ['limb', 60, 120],
  ['figure', 30, 40],
] as const)('%s is %s wide and %s high', (kind, width, height) => {
  expect(silhouetteOf(shape(kind))).toMatchObject({ width, height })
})

it('a wedge is lower in front', () => {
  expect(silhouetteOf(shape('wedge-hull')).path).toBe('M0 0L120 30L120 40L0 40Z')
})
