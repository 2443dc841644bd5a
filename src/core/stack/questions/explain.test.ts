import { REFERENCE_CLIMATE } from '../../model/climate'
import type { ActStep, Step } from '../../model/sequence'
import { simulate } from '../simulate/simulate'
import { stackOf } from '../state/regions'
import { sequence } from '../tests/sequences'
import { explain } from './explain'
import { lastCoat } from './lastCoat'
import { undoMap } from './undoMap'

const pair = (on: ActStep, put: ActStep, substrate: 'polystyrene' | 'abs' = 'polystyrene') =>
  explain(on, put, substrate, REFERENCE_CLIMATE)

const BASE: ActStep = { do: 'base', family: 'lacquer' }
const LINE: ActStep = { do: 'line' }

describe('may one film go on another', () => {
  test.each([
    {
      why: 'colour on primer after its recoat',
      on: { do: 'prime' },
      put: { do: 'base', family: 'alcohol-acrylic' },
      answer: 'yes',
      from: 60,
    },
    {
      why: 'the next coat of the same after its flash',
      on: BASE,
      put: BASE,
      answer: 'yes',
      from: 10,
    },
    {
      why: 'lining on gloss lacquer after two hours',
      on: { do: 'clear', family: 'lacquer', sheen: 'gloss' },
      put: LINE,
      answer: 'yes',
      from: 120,
    },
    {
      why: 'lacquer clear on enamel only when cured',
      on: { do: 'base', family: 'enamel' },
      put: { do: 'clear', family: 'lacquer', sheen: 'gloss', coats: ['mist'] },
      answer: 'yes',
      from: 7 * 1440,
    },
    {
      why: 'lacquer clear on chrome never',
      on: { do: 'chrome' },
      put: { do: 'clear', family: 'lacquer', sheen: 'gloss' },
      answer: 'no',
      from: null,
    },
    {
      why: 'enamel washed over matt is a matter of school',
      on: { do: 'clear', family: 'lacquer', sheen: 'matt' },
      put: LINE,
      answer: 'with-care',
      from: null,
    },
  ] as { why: string; on: ActStep; put: ActStep; answer: string; from: number | null }[])(
    '$why',
    ({ on, put, answer, from }) => {
      const found = pair(on, put)
      expect([found.answer, found.from]).toEqual([answer, from])
    },
  )

  it('names the points of the clock under it, each with what is said there', () => {
    const found = pair({ do: 'prime' }, { do: 'base', family: 'alcohol-acrylic' })
    const at = Object.fromEntries(found.moments.map((moment) => [moment.point, moment]))
    expect(at.touch).toMatchObject({ after: 20, worst: 'risk' })
    expect(at.recoat).toMatchObject({ after: 60, worst: null })
    expect(found.moments[0]).toMatchObject({ after: 0, worst: 'stop' })
  })

  it('says until when it keys', () => {
    expect(pair({ do: 'clear', family: 'urethane-2k', sheen: 'gloss' }, BASE).latest).toBe(24 * 60)
    expect(pair(BASE, LINE).latest).toBeNull()
  })

  it('what shields, and what it does to the bare part', () => {
    const found = pair(BASE, LINE, 'abs')
    expect(found.shields).toEqual(
      ['lacquer', 'alcohol-acrylic', 'acrylic-pu', 'water-acrylic'].slice(0, found.shields.length),
    )
    expect(found.substrate.map((one) => one.rule)).toEqual([
      'solvent-attacks-substrate',
      'needs-primer',
    ])
  })

  it('powder on powder answers', () => {
    expect(pair({ do: 'powder' }, { do: 'powder' })).toMatchObject({ answer: 'yes', from: 0 })
  })

  test.each([
    {
      why: 'a detail in water acrylic on lacquer: its own thinner first, while it is fresh',
      on: BASE,
      put: { do: 'detail' },
      first: { solvent: 'water', effect: 'd', while: 'fresh', until: 90 },
      never: ['lacquer-mild', 'lacquer-hot', 'reducer-2k', 'plastic-solvent'],
    },
    {
      why: 'an enamel wash on gloss lacquer: mild spirit',
      on: { do: 'clear', family: 'lacquer', sheen: 'gloss' },
      put: LINE,
      first: { solvent: 'spirit-mild', effect: 'd' },
      never: ['lacquer-mild', 'lacquer-hot', 'reducer-2k'],
    },
    {
      why: 'watercolour on an acrylic clear: water, for ever',
      on: { do: 'clear', family: 'acrylic-pu', sheen: 'satin' },
      put: { do: 'line', family: 'watercolour' },
      first: { solvent: 'water', effect: 'r', while: null, until: null },
      never: ['reducer-2k'],
    },
    {
      why: 'two-part clear: nothing, least of all water',
      on: BASE,
      put: { do: 'clear', family: 'urethane-2k', sheen: 'gloss' },
      first: undefined,
      never: ['water', 'alcohol', 'reducer-2k'],
    },
    {
      why: 'an enamel wash on enamel: not its own spirit',
      on: { do: 'base', family: 'enamel' },
      put: LINE,
      first: undefined,
      never: ['spirit-mild', 'spirit-hot'],
    },
  ] as { why: string; on: ActStep; put: ActStep; first?: object; never: string[] }[])(
    'what takes it off: $why',
    ({ on, put, first, never }) => {
      const { cleansUp } = pair(on, put)
      if (first) expect(cleansUp[0]).toMatchObject(first)
      expect(cleansUp.filter(({ solvent }) => never.includes(solvent))).toEqual([])
      expect(cleansUp.every(({ effect }) => effect === 'r' || effect === 'd')).toBe(true)
    },
  )

  test.each([
    { why: 'none between release and its top', on: { do: 'release' }, put: BASE, shields: [] },
    {
      why: 'none that would kill a mirror',
      on: { do: 'mirror-metal', coats: ['mist'] },
      put: { do: 'line' },
      shields: ['acrylic-pu'],
    },
    {
      why: 'acrylics between enamel and an enamel wash',
      on: { do: 'base', family: 'enamel' },
      put: LINE,
      shields: ['lacquer', 'alcohol-acrylic', 'acrylic-pu', 'water-acrylic'],
    },
  ] as { why: string; on: ActStep; put: ActStep; shields: string[] }[])(
    'shields: $why',
    ({ on, put, shields }) => {
      expect(pair(on, put).shields.filter((family) => !shields.includes(family))).toEqual([])
    },
  )

  it('refuses an act that leaves no film under', () => {
    expect(() => pair({ do: 'sand' }, BASE)).toThrow(RangeError)
  })
})

const SLIP: Step[] = [BASE, { wait: '3 d' }, { do: 'detail' }]

describe('the undo map', () => {
  const mapAt = (steps: Step[], minutes: number) => {
    const simulated = simulate(sequence(steps))
    return undoMap(stackOf(simulated.stacks), simulated.total + minutes, simulated.series)
  }

  test.each([
    {
      why: 'a fresh slip of water acrylic on lacquer: water, damp',
      minutes: 30,
      way: { solvent: 'water', touch: 'damp-brush', under: '-', until: 90 },
    },
    {
      why: 'set, alcohol still moves it',
      minutes: 120,
      way: { solvent: 'alcohol', touch: 'damp-brush', under: '-', until: 72 * 60 },
    },
    {
      why: 'cured, alcohol rubbed',
      minutes: 73 * 60,
      way: { solvent: 'alcohol', touch: 'wet-swab', under: '-', until: null },
    },
  ])('$why', ({ minutes, way }) => {
    const map = mapAt(SLIP, minutes)
    const first = map?.ways[0]
    const until = first?.until == null ? null : first.until - simulate(sequence(SLIP)).total
    expect({ ...first, until, effect: undefined }).toEqual({ ...way, effect: undefined })
  })

  it('a clean way that leaves nothing alone is none', () => {
    const map = mapAt([BASE, { wait: '3 d' }, BASE], 3 * 1440)
    expect(map?.ways.filter((way) => way.under === '-')).toEqual([])
  })

  it('enamel over enamel is not told apart by spirit', () => {
    const map = mapAt([{ do: 'base', family: 'enamel' }, { wait: '30 h' }, LINE], 60)
    expect(map?.ways.some((way) => way.solvent === 'spirit-mild')).toBe(false)
  })

  it('counts the rubs that the face bears, and is null on a bare part', () => {
    expect(mapAt(SLIP, 30)?.rubs).toBe(5)
    expect(
      mapAt([{ do: 'clear', family: 'lacquer', sheen: 'gloss' }, { wait: '1 d' }, LINE], 60)?.rubs,
    ).toBe(8)
    expect(mapAt([{ do: 'wash' }], 0)).toBeNull()
  })
})

describe('what the last coat does', () => {
  const last = (steps: Step[]) => {
    const { simulated } = simulate(sequence(steps))
    const end = simulated.at(-1)
    return end ? lastCoat(end) : null
  }
  const MATT: Step = { do: 'clear', family: 'acrylic-pu', sheen: 'matt' }

  it('tells lost, paler and duller, and what had better come after', () => {
    const found = last([
      { do: 'prime' },
      { do: 'clear', family: 'lacquer', sheen: 'gloss' },
      LINE,
      { do: 'clear-colour', family: 'alcohol-acrylic', over: 'patch' },
      { do: 'graphite' },
      { do: 'powder' },
      MATT,
    ])
    expect(found?.effects.map((effect) => [effect.act, effect.becomes])).toEqual([
      ['powder', 'fewer'],
      ['graphite', 'lost'],
      ['clear-colour', 'lost'],
      ['line', 'paler'],
      ['clear', 'duller'],
      ['prime', 'sealed'],
    ])
    expect(found?.after).toEqual([3, 4])
  })

  it('a gloss brightens and takes only the gleam of graphite', () => {
    const found = last([
      { do: 'prime' },
      { do: 'graphite' },
      { do: 'clear', family: 'acrylic-pu', sheen: 'gloss' },
    ])
    expect(found?.effects.map((effect) => effect.becomes)).toEqual(['lost', 'brighter'])
  })

  it('is nothing where no clear is laid', () => {
    expect(last([{ do: 'prime' }])).toBeNull()
  })
})
