import fc from 'fast-check'
import { stateOf } from '../builds/benchState'
import { planParts } from '../builds/planParts'
import type { LoggedAct } from '../model/loggedAct'
import type { Project } from '../model/project'
import { correctionOf, learntFrom, paceOf, ratiosOf, shrunkenMean, usageOf } from './corrections'

const MINUTE = 60_000
const START = Date.parse('2026-03-17T18:00:00Z')
const at = (minutes: number) => new Date(START + minutes * MINUTE).toISOString()

type Seen = { minutes: number; seen: 'not-yet' | 'just' | 'reached'; step?: string }

/** One light coat of lacquer and one of water acrylic, laid at minute 0, and what was seen of them. */
function project(seen: Seen[], more: Partial<Project> = {}): Project {
  const act = (id: string, step: string, kind: LoggedAct['kind'], minutes: number, extra = {}) => ({
    id,
    at: at(minutes),
    kind,
    build: 'x',
    part: step === 'a' ? 'p' : 'q',
    step,
    ...extra,
  })
  return {
    format: 'tectoria-project',
    version: 1,
    builds: [
      {
        id: 'x',
        name: 'Skiff',
        parts: [
          { id: 'p', name: 'Hull', substrate: 'polystyrene' },
          { id: 'q', name: 'Deck', substrate: 'polystyrene' },
        ],
        steps: [
          { id: 'a', parts: ['p'], do: 'base', family: 'lacquer', colour: '#101010' },
          { id: 'b', parts: ['q'], do: 'base', family: 'water-acrylic', colour: '#202020' },
          { id: 'c', parts: ['p'], do: 'clear', family: 'water-acrylic', sheen: 'gloss' },
        ],
      },
    ],
    acts: [
      act('1', 'a', 'started', -5),
      act('2', 'a', 'finished', 0),
      act('3', 'b', 'started', -5),
      act('4', 'b', 'finished', 0),
      ...seen.map((one, i) =>
        act(`s${i}`, one.step ?? 'a', 'observed', one.minutes, {
          milestone: 'touch',
          seen: one.seen,
        }),
      ),
    ],
    ...more,
  }
}

/** A bottle that the first step is painted from. */
const INK = {
  id: 'ink',
  name: 'Night ink',
  family: 'lacquer' as const,
  role: 'colour' as const,
  colour: '#101010',
  sizeMl: 10,
  leftMl: 5,
}

const k = (project: Project, step = 0) => {
  const act = project.builds?.[0]?.steps[step] as never
  return correctionOf(stateOf(project))(step === 0 ? 'lacquer' : 'water-acrylic', act)
}

describe('the mean of handbook 3.5', () => {
  test.each([
    { ratios: [], factor: 1 },
    { ratios: [2], factor: 2 ** (1 / 3) },
    { ratios: [2, 2], factor: 2 ** (2 / 4) },
    { ratios: [2, 0.5], factor: 1 },
  ])('$ratios', ({ ratios, factor }) => expect(shrunkenMean(ratios)).toBeCloseTo(factor, 12))

  it('lies between 1 and the ratios, and comes nearer to them the more there are', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.26, max: 3.9, noNaN: true }),
        fc.integer({ min: 1, max: 40 }),
        (ratio, n) => {
          const few = shrunkenMean(Array(n).fill(ratio))
          const more = shrunkenMean(Array(n + 1).fill(ratio))
          const off = (one: number) => Math.abs(Math.log(one / ratio))
          expect(off(more)).toBeLessThanOrEqual(off(few) + 1e-12)
          expect(Math.abs(Math.log(few))).toBeLessThanOrEqual(Math.abs(Math.log(ratio)) + 1e-12)
        },
      ),
      { seed: 35 },
    )
  })
})

test.each([
  { seen: 'not-yet', ratio: 0.9, use: 'agrees' },
  { seen: 'not-yet', ratio: 1.4, use: 'used' },
  { seen: 'reached', ratio: 1.4, use: 'agrees' },
  { seen: 'reached', ratio: 0.5, use: 'used' },
  { seen: 'just', ratio: 1.4, use: 'used' },
  { seen: 'just', ratio: 4.1, use: 'set-aside' },
  { seen: 'just', ratio: 0.24, use: 'set-aside' },
] as const)('$seen at $ratio of the time: $use', ({ seen, ratio, use }) =>
  expect(usageOf(seen, ratio)).toBe(use),
)

describe('what the log says', () => {
  // Lacquer colour is touch-dry after 15 min, water acrylic after 20 min.
  it('is a ratio of the time seen to the time of the handbook', () => {
    const [ratio] = ratiosOf(stateOf(project([{ minutes: 30, seen: 'just' }])))
    expect(ratio).toMatchObject({ family: 'lacquer', ratio: 2, use: 'used', bottle: null })
  })

  test.each([
    { sheet: '60 min', minutes: 60, ratio: 1 },
    { sheet: '8 min', minutes: 8, ratio: 1 },
    { sheet: '60 min', minutes: 90, ratio: 1.5 },
  ])(
    'is set against the sheet of its bottle: $sheet, dry at $minutes',
    ({ sheet, minutes, ratio }) => {
      const bottle = { ...INK, product: { touch: sheet } }
      const seen = Array.from({ length: 6 }, () => ({ minutes, seen: 'just' as const }))
      const one = project(seen, { shelf: [bottle] })
      expect(ratiosOf(stateOf(one)).map((found) => found.ratio)).toEqual(Array(6).fill(ratio))
      // The next film is told what was seen, and no more: the sheet isn't corrected by the family's own time.
      expect(k(one)).toBeCloseTo(ratio ** (6 / 8), 9)
    },
  )

  it('goes by the climate of the time', () => {
    const climate = [{ id: 'c', at: at(-60), celsius: 35.4, humidity: 50 }]
    const [ratio] = ratiosOf(stateOf(project([{ minutes: 30, seen: 'just' }], { climate })))
    expect(ratio?.ratio).toBeCloseTo(4, 1)
  })

  it('moves its family and no other', () => {
    const one = project([{ minutes: 30, seen: 'just' }])
    expect(k(one)).toBeCloseTo(2 ** (1 / 3), 9)
    expect(k(one, 1)).toBe(1)
  })

  it('keeps to the product where it speaks of that, and tells n and spread', () => {
    const shelf = [INK]
    const one = project(
      [
        { minutes: 30, seen: 'just' },
        { minutes: 60, seen: 'not-yet' },
      ],
      { shelf },
    )
    const learnt = learntFrom(ratiosOf(stateOf(one)))
    expect(learnt.map(({ family, bottle, n, spread }) => [family, bottle, n, spread])).toEqual([
      ['lacquer', null, 2, [2, 4]],
      ['lacquer', 'ink', 2, [2, 4]],
    ])
  })

  it('gives way to what the modeller fixed, and to the sheet', () => {
    const fixed = project([{ minutes: 30, seen: 'just' }], {
      corrections: [{ id: 'f', family: 'lacquer', factor: 1 }],
    })
    expect(k(fixed)).toBe(1)
  })

  it('is left alone by an observation that was taken back', () => {
    const one = project([{ minutes: 30, seen: 'just' }])
    one.acts?.push({ id: 'u', at: at(31), kind: 'undone', undoes: 's0' })
    expect(ratiosOf(stateOf(one))).toEqual([])
  })
})

describe('a film that was looked at', () => {
  const film = { clock: 'lacquer-colour', family: 'lacquer', waterBorne: false } as const
  const dry = { ...film, coats: ['light'], retarder: 0, correction: 1 } as never
  const series = [{ from: 0, climate: { celsius: 20, humidity: 50, air: 'room' as const } }]
  const seen = (minutes: number, what: Seen['seen']) => ({
    act: 'o',
    at: START + minutes * MINUTE,
    build: 'x',
    part: 'p',
    step: 'a',
    milestone: 'touch' as const,
    seen: what,
  })

  test.each([
    { why: 'tacky in its time', list: [seen(9, 'not-yet')], pace: undefined },
    { why: 'tacky after it', list: [seen(30, 'not-yet')], pace: { point: 'touch', factor: 2.2 } },
    { why: 'dry before it', list: [seen(9, 'just')], pace: { point: 'touch', factor: 0.6 } },
    { why: 'dry after it', list: [seen(20, 'reached')], pace: undefined },
    {
      why: 'tacky, and then dry',
      list: [seen(30, 'not-yet'), seen(31.5, 'just')],
      pace: { point: 'touch', factor: 2.1 },
    },
  ])('$why', ({ list, pace }) => {
    const found = paceOf(list, dry, START, series)
    if (!pace) expect(found).toBeUndefined()
    else {
      expect(found?.point).toBe(pace.point)
      expect(found?.factor).toBeCloseTo(pace.factor, 9)
    }
  })

  it('still tacky moves what comes next past now, and dry already lets it begin', () => {
    const next = (project: Project, minutes: number, part: string) =>
      planParts(stateOf(project), START + minutes * MINUTE).find(({ plan }) => plan.part === part)
        ?.plan.next
    const tacky = project([{ minutes: 70, seen: 'not-yet' }])
    tacky.acts = tacky.acts?.map((act) =>
      act.kind === 'observed' ? { ...act, milestone: 'recoat' } : act,
    )
    const before = next(project([]), 70, 'p')?.readyAt ?? 0
    expect(before).toBe(START + 70 * MINUTE)
    expect(next(tacky, 70, 'p')?.readyAt).toBeGreaterThan(START + 75 * MINUTE)
  })
})
