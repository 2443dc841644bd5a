import { STAND_IN_LENGTHS, STAND_INS, type StandIn } from '../model/shape'
import { drawnStandIn } from './drawn'
import { BESIDE, pictured, USUAL_EYE } from './pictured'
import { standInFacts } from './standIn'

const LENGTHS = {
  lengthMm: 80,
  widthMm: 40,
  heightMm: 30,
  diameterMm: 30,
  mouthMm: 50,
  thicknessMm: 6,
}
const shapeOf = (kind: StandIn['kind'], more: Partial<StandIn> = {}): StandIn => ({
  kind,
  ...Object.fromEntries(
    STAND_IN_LENGTHS[kind].must.map((key) => [key, LENGTHS[key as keyof typeof LENGTHS] ?? 10]),
  ),
  ...more,
})

/** Of each zone its area, cm². */
function areas({ points, zoneOf, zones }: ReturnType<typeof drawnStandIn>) {
  const sums = zones.map(() => 0)
  zoneOf.forEach((zone, t) => {
    const [a, b, c] = [0, 1, 2].map((k) => points.subarray(t * 9 + k * 3, t * 9 + k * 3 + 3)) as [
      Float32Array,
      Float32Array,
      Float32Array,
    ]
    const [u, v] = [b, c].map((end) => [0, 1, 2].map((k) => (end[k] as number) - (a[k] as number)))
    const [x, y, z] = [0, 1, 2].map((k) => {
      const [m, n] = [(k + 1) % 3, (k + 2) % 3]
      return (u?.[m] ?? 0) * (v?.[n] ?? 0) - (u?.[n] ?? 0) * (v?.[m] ?? 0)
    }) as [number, number, number]
    sums[zone] = (sums[zone] ?? 0) + Math.hypot(x, y, z) / 200
  })
  return new Map(zones.map((zone, i) => [zone, sums[i] as number]))
}

it.each(STAND_INS)('a %s is drawn with every zone that it proposes, and no other', (kind) => {
  const drawn = drawnStandIn(shapeOf(kind))
  const proposed = standInFacts(shapeOf(kind)).zones.map(({ id }) => id)
  expect([...drawn.zones].sort()).toEqual([...proposed].sort())
  expect(drawn.points.length).toBe(drawn.zoneOf.length * 9)
  expect(drawn.points.every(Number.isFinite)).toBe(true)
})

// What is drawn with flat sides is as large as what is reckoned; a car, a figure, a wing and a plate's rim are only drawn like themselves.
it.each(['box-hull', 'wedge-hull', 'cylinder', 'cone', 'sphere', 'dome', 'limb'] as const)(
  'a %s is drawn as large as it is reckoned, zone by zone',
  (kind) => {
    const shape = shapeOf(kind)
    const drawn = areas(drawnStandIn(shape))
    for (const { id, areaCm2 } of standInFacts(shape).zones)
      expect([
        id,
        (drawn.get(id) ?? 0) / areaCm2 > 0.97 && (drawn.get(id) ?? 0) / areaCm2 < 1.01,
      ]).toEqual([id, true])
  },
)

it('a wedge that ends in an edge has no front', () => {
  expect(drawnStandIn(shapeOf('wedge-hull', { frontMm: 0 })).zones).not.toContain('front')
})

describe('a still picture', () => {
  const box = drawnStandIn(shapeOf('box-hull'))
  const seen = (round: number, above: number) => {
    const picture = pictured(box, { round, above }, 120, 90)
    return new Set([...picture.zone].filter((zone) => zone >= 0).map((zone) => box.zones[zone]))
  }

  it.each([
    ['usually', USUAL_EYE.round, USUAL_EYE.above, ['front', 'port', 'top']],
    ['from behind and to starboard', 220, 24, ['rear', 'starboard', 'top']],
    ['from below', 40, -30, ['front', 'port', 'underside']],
    ['from above', 0, 90, ['top']],
  ])('shows what faces the eye: %s', (_, round, above, zones) => {
    expect([...seen(round, above)].sort()).toEqual(zones)
  })

  it('fills most of its room, and nothing beyond the margin', () => {
    const { zone, width, height } = pictured(box, USUAL_EYE, 120, 90)
    const filled = [...zone].filter((one) => one !== BESIDE).length
    expect(filled / (width * height)).toBeGreaterThan(0.3)
    expect([...zone.subarray(0, width)].every((one) => one === BESIDE)).toBe(true)
  })

  it('knows how near the part is to each pixel, and its triangle', () => {
    const picture = pictured(box, USUAL_EYE, 120, 90)
    const middle = 45 * 120 + 60
    const t = picture.triangle[middle] as number
    expect(box.zoneOf[t]).toBe(picture.zone[middle])
    const [x, y, near] = picture.placeOf(40, 20, 30)
    const corner = Math.floor(y + 1) * 120 + Math.floor(x)
    expect(Math.abs(near - (picture.near[corner] as number))).toBeLessThan(2)
  })

  it('has light that falls on what looks towards it', () => {
    const picture = pictured(box, USUAL_EYE, 120, 90)
    const of = (name: string) =>
      picture.light[picture.zone.indexOf(box.zones.indexOf(name))] as number
    expect(of('top')).toBeGreaterThan(of('port'))
    expect([...picture.light].every((light) => light >= 0 && light <= 1)).toBe(true)
  })
})
