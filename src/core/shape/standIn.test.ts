import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import fc from 'fast-check'
import { STAND_IN_LENGTHS, STAND_INS, type StandIn } from '../model/shape'
import { standInFacts } from './standIn'

/** Any stand-in with lengths that can be. */
const standIns: fc.Arbitrary<StandIn> = fc
  .record({
    kind: fc.constantFrom(...STAND_INS),
    lengths: fc.array(fc.double({ min: 0.1, max: 400, noNaN: true }), {
      minLength: 4,
      maxLength: 4,
    }),
    complexity: fc.double({ min: 0.5, max: 3, noNaN: true }),
  })
  .map(({ kind, lengths, complexity }) => {
    const { must, may = [] } = STAND_IN_LENGTHS[kind]
    const all = [...must, ...may].map((key, i) => [key, lengths[i]] as const)
    return { kind, complexity, ...Object.fromEntries(all) }
  })

const PI = Math.PI

/** The rows of the handbook's table: kinds by their names there, and the zones that they propose. */
const TABLE = readFileSync(join(__dirname, '../../../docs/handbook/12-parts-and-zones.md'), 'utf8')
  .split('\n')
  .filter((line) => /^\| (box hull|cylinder|bell|dome|plate|car body|limb|figure)/.test(line))
  .map((line) => {
    const [, names = '', , zones = ''] = line.split('|').map((cell) => cell.trim())
    return {
      kinds: STAND_INS.filter((kind) => names.includes(kind.replace('-', ' '))),
      zones: zones.split(', '),
    }
  })

describe('a stand-in', () => {
  test.each([
    {
      shape: { kind: 'box-hull', lengthMm: 120, widthMm: 60, heightMm: 40, complexity: 1.3 },
      area: 374.4,
      edge: 880,
      facing: [0.25, 0.5, 0.25],
    },
    {
      // A slope of 3 to 4 over 40 mm is 50 long.
      shape: { kind: 'wedge-hull', lengthMm: 40, widthMm: 10, heightMm: 30, frontMm: 0 },
      area: (500 + 400 + 300 + 1200) / 100,
      edge: 80 + 100 + 30 + 60,
      facing: [500 / 2400, 1500 / 2400, 400 / 2400],
    },
    {
      shape: { kind: 'cylinder', diameterMm: 20, lengthMm: 50 },
      area: (PI * 20 * 50 + 2 * PI * 100) / 100,
      edge: 2 * PI * 20,
      facing: [(PI * 250) / (PI * 1200), 700 / 1200, 250 / 1200],
    },
    {
      // Both ends, and a mantle 3-4-5 long: 16 and 10 across over 4 mm.
      shape: { kind: 'cone', diameterMm: 16, mouthMm: 10, lengthMm: 4 },
      area: (PI * 13 * 5 + PI * 64 + PI * 25) / 100,
      edge: PI * 26,
    },
    {
      shape: { kind: 'bell', diameterMm: 10, mouthMm: 16, lengthMm: 4 },
      area: (2 * PI * 13 * 5) / 100,
      edge: PI * 26,
    },
    { shape: { kind: 'sphere', diameterMm: 30 }, area: (PI * 900) / 100, edge: 0 },
    { shape: { kind: 'dome', diameterMm: 30 }, area: (PI * 450) / 100, edge: PI * 30 },
    {
      shape: { kind: 'plate', lengthMm: 50, widthMm: 20, thicknessMm: 2 },
      area: (2 * 1000 + 2 * 70 * 2) / 100,
      edge: 288,
    },
    {
      // Open below.
      shape: { kind: 'car-body', lengthMm: 180, widthMm: 75, heightMm: 50 },
      area: (180 * 75 + 2 * 180 * 50 + 2 * 75 * 50) / 100,
      edge: 1220,
    },
  ] as { shape: StandIn; area: number; edge: number; facing?: number[] }[])(
    '$shape.kind',
    ({ shape, area, edge, facing }) => {
      const facts = standInFacts(shape)
      expect(facts.areaCm2).toBeCloseTo(area, 6)
      expect(facts.edgeMm).toBeCloseTo(edge, 6)
      if (facing)
        [facts.facing.up, facts.facing.side, facts.facing.down].forEach((share, i) => {
          expect(share).toBeCloseTo(facing[i] as number, 6)
        })
    },
  )

  it('a ball looks up by its cap: 14.6 % of it within 45° of the vertical', () => {
    const { facing } = standInFacts({ kind: 'sphere', diameterMm: 10 })
    expect(facing.up).toBeCloseTo((1 - Math.SQRT1_2) / 2, 9)
    const dome = standInFacts({ kind: 'dome', diameterMm: 10 }).facing
    expect(dome.up).toBeCloseTo(1 - Math.SQRT1_2, 9)
    expect(dome.down).toBe(0)
  })

  it('proposes the zones of the table, where each of its lengths is something', () => {
    const proposed = (kind: (typeof STAND_INS)[number]) => {
      const { must, may = [] } = STAND_IN_LENGTHS[kind]
      const lengths = Object.fromEntries([...must, ...may].map((key) => [key, 20]))
      return standInFacts({ kind, ...lengths }).zones.map(({ name }) => name.toLowerCase())
    }
    for (const { kinds, zones } of TABLE)
      for (const kind of kinds) expect([kind, proposed(kind)]).toEqual([kind, zones])
    expect(TABLE.flatMap(({ kinds }) => kinds).sort()).toEqual([...STAND_INS].sort())
  })

  it('has zones that add up to it, heights and shares from 0 to 1', () => {
    fc.assert(
      fc.property(standIns, (shape) => {
        const { areaCm2, facing, zones, edgeMm } = standInFacts(shape)
        const sum = zones.reduce((all, zone) => all + zone.areaCm2, 0)
        expect(sum / areaCm2).toBeCloseTo(1, 9)
        expect(facing.up + facing.side + facing.down).toBeCloseTo(1, 9)
        for (const share of [...Object.values(facing), ...zones.map(({ height }) => height)]) {
          expect(share).toBeGreaterThanOrEqual(0)
          expect(share).toBeLessThanOrEqual(1)
        }
        expect(new Set(zones.map(({ id }) => id)).size).toBe(zones.length)
        expect(edgeMm).toBeGreaterThanOrEqual(0)
      }),
      { seed: 12, numRuns: 400 },
    )
  })

  it('has zones that meet, and on a hull or a tube all of its edges between them', () => {
    fc.assert(
      fc.property(standIns, (shape) => {
        const { meets, zones, edgeMm } = standInFacts(shape)
        const ids = zones.map(({ id }) => id)
        for (const { a, b, mm } of meets) {
          expect(ids).toEqual(expect.arrayContaining([a, b]))
          expect(mm).toBeGreaterThan(0)
        }
        if (!['box-hull', 'wedge-hull', 'cylinder', 'cone', 'bell'].includes(shape.kind)) return
        const hard = meets.reduce((sum, { mm, soft }) => (soft ? sum : sum + mm), 0)
        expect(hard / edgeMm).toBeCloseTo(1, 9)
      }),
      { seed: 12, numRuns: 400 },
    )
  })
})
