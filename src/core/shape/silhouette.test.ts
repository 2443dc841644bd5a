import { STAND_IN_LENGTHS, STAND_INS, type StandIn } from '../model/shape'
import { drawnStandIn } from './drawn'
import { silhouetteOf, silhouetteOfDrawn } from './silhouette'

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

describe('the outline of what is drawn', () => {
  it.each([
    ['box-hull', 120, 40],
    ['sphere', 30, 30],
  ] as const)('%s is %s mm long and %s high, one closed line round it', (kind, width, height) => {
    const outline = silhouetteOfDrawn(drawnStandIn(shape(kind)))
    expect(outline.width).toBeCloseTo(width, 1)
    expect(outline.height).toBeCloseTo(height, 1)
    expect(outline.path.match(/M/g)).toHaveLength(1)
  })

  it('a box has its four corners', () => {
    expect(silhouetteOfDrawn(drawnStandIn(shape('box-hull'))).path.match(/L/g)).toHaveLength(3)
  })

  it('a wedge’s front is to the right', () => {
    const { path } = silhouetteOfDrawn(drawnStandIn(shape('wedge-hull')))
    const points = [...path.matchAll(/([\d.]+) ([\d.]+)/g)].map(
      ([, x, y]) => [Number(x), Number(y)] as const,
    )
    const top = (from: number, to: number) =>
      Math.min(...points.filter(([x]) => x >= from && x <= to).map(([, y]) => y))
    expect(top(100, 120)).toBeGreaterThan(top(0, 20))
  })
})
