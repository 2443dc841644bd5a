import { deltaE00, labOf } from '../colour/spectrum'
import { readProject } from '../formats/projectFile'
import type { Build, BuildStep } from '../model/build'
import type { Project } from '../model/project'
import type { Zone } from '../model/zone'
import { planBench } from '../schedule/planBench'
import { stateOf } from './benchState'
import { faceOfPart } from './faceOfPart'
import { judgeBuild } from './judgeBuild'
import { judgePart } from './judgePart'
import { simulatePart } from './partSimulation'
import { zoneArea, zoneRegions } from './zoneRegions'

const NOW = Date.parse('2026-03-14T19:05:00Z')
const WHITE = '#F1F0EA'
const BLACK = '#111111'
const zone = (id: string, more: Partial<Zone> = {}): Zone => ({
  id,
  part: 'car',
  name: id,
  ...more,
})
const ROOF = zone('roof', { name: 'Roof', areaCm2: 30 })
const BODY = zone('body', { name: 'Body', areaCm2: 140 })
const PAINT = {
  do: 'base',
  family: 'alcohol-acrylic',
  coats: ['wet', 'wet', 'wet', 'wet'],
} as const

type Meant = Record<string, unknown>

function project(steps: readonly Meant[], zones: readonly Zone[] = [BODY, ROOF]): Project {
  const build: Build = {
    id: 'b',
    name: 'Corriebreck 1100',
    parts: [{ id: 'car', name: 'Body', substrate: 'polystyrene', areaCm2: 170 }],
    zones: [...zones],
    steps: steps.map((step, i) => ({ ...step, id: `s${i}`, parts: ['car'] }) as BuildStep),
  }
  return {
    format: 'tectoria-project',
    version: 1,
    builds: [build],
    sessions: {
      zone: 'Europe/Lisbon',
      pattern: (['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as const).map((day) => ({
        day,
        from: '19:00',
        to: '23:00',
      })),
    },
  }
}

const simulated = (of: Project) => {
  const build = of.builds?.[0] as Build
  return simulatePart(stateOf(of), build, build.parts[0] as Build['parts'][number], NOW)
}
const face = (of: Project, zone?: string) =>
  faceOfPart(stateOf(of), { build: 'b', part: 'car' }, 'planned', NOW, zone) ?? '#00FF00'
const told = (of: Project) =>
  judgePart(stateOf(of), { build: 'b', part: 'car' }, NOW, () => 'n').findings

/** A white body, and its roof masked off it and sprayed black. */
const TWO_TONE: readonly Meant[] = [
  { do: 'degrease' },
  { do: 'prime', coats: ['light', 'light'] },
  { ...PAINT, colour: WHITE },
  { do: 'tape', zones: ['body'] },
  { ...PAINT, colour: BLACK, zones: ['roof'] },
  { do: 'untape' },
  { do: 'clear', family: 'alcohol-acrylic', sheen: 'gloss', coats: ['light', 'light'] },
]

describe('a masked roof', () => {
  const car = project(TWO_TONE)

  it('leaves the body its colour, and is black itself', () => {
    expect(deltaE00(labOf(face(car, 'body')), labOf(WHITE))).toBeLessThan(2)
    expect(deltaE00(labOf(face(car, 'roof')), labOf(BLACK))).toBeLessThan(2)
    // The larger one stands for the part.
    expect(face(car)).toBe(face(car, 'body'))
  })

  it('leaves both their sheen and clear, and no mask', () => {
    const { simulation } = simulated(car)
    for (const stack of simulation.stacks.values()) {
      expect(stack.sheen).toBe('gloss')
      expect(stack.clearCoats).toBe(2)
      expect(stack.masks).toEqual([])
    }
  })

  it('is sound, and its review is that of both', () => {
    const judged = judgePart(stateOf(car), { build: 'b', part: 'car' }, NOW, () => 'n')
    expect(judged.findings.filter(({ severity }) => severity !== 'note')).toEqual([])
    expect(judged.plan.review.find(({ id }) => id === 'seal')?.good).toBe(true)
  })

  it('is planned: the tape goes on dry white, and comes off soon after the black', () => {
    const plan = planBench(stateOf(car), NOW, { steps: 1e4 })
    const at = (step: string) => plan.tasks.filter((task) => task.step === step)
    const [tape, untape] = [at('s3')[0], at('s5')[0]]
    const black = at('s4').at(-1)
    expect((untape?.start ?? 0) - (black?.start ?? 0)).toBeGreaterThanOrEqual(10 * 60_000)
    expect((untape?.start ?? 0) - (black?.start ?? 0)).toBeLessThan(3 * 86_400_000)
    const white = at('s2').at(-1)
    expect((tape?.start ?? 0) - (white?.start ?? 0)).toBeGreaterThan(60 * 60_000)
    expect(plan.doubts ?? []).toEqual([])
  })

  it('the same without zones makes the whole body black', () => {
    expect(deltaE00(labOf(face(project(TWO_TONE, []))), labOf(BLACK))).toBeLessThan(5)
  })
})

describe('a touch-up beside chrome', () => {
  const steps = (where: string[]): Meant[] => [
    { do: 'degrease' },
    { do: 'base', family: 'lacquer', colour: BLACK, coats: ['light', 'wet'] },
    { do: 'clear', family: 'urethane-2k', sheen: 'gloss', coats: ['light', 'wet'] },
    { do: 'chrome', zones: ['roof'] },
    { do: 'detail', family: 'lacquer', colour: WHITE, zones: where },
  ]
  const about = (where: string[]) =>
    told(project(steps(where))).filter(({ step, severity }) => step === 's4' && severity !== 'note')

  it('is silent on the body, and a stop on the chrome, which is named', () => {
    expect(about(['body'])).toEqual([])
    const [first] = about(['roof'])
    expect(first?.rule).toBeDefined()
  })

  it('over both names the zone that it is about', () => {
    const found = about(['roof', 'body'])
    expect(found.length).toBeGreaterThan(0)
    expect(found.every(({ zones }) => zones.join() === 'roof')).toBe(true)
    expect(found[0]?.because).toMatch(/^Roof: /)
  })
})

describe('walks by histories', () => {
  const twelve = Array.from({ length: 12 }, (_, i) => zone(`z${i}`, { areaCm2: i + 1 }))

  it('twelve zones of three histories are walked as three, the largest first', () => {
    const of = project(
      [
        { do: 'prime' },
        { ...PAINT, colour: WHITE, zones: twelve.slice(0, 4).map(({ id }) => id) },
        { ...PAINT, colour: BLACK, zones: twelve.slice(2, 4).map(({ id }) => id) },
      ],
      twelve,
    )
    const { regions, simulation } = simulated(of)
    expect(regions?.map(({ zones }) => zones.length)).toEqual([8, 2, 2])
    expect(simulation.stacks.size).toBe(3)
  })

  test.each([
    ['no step names one', [{ do: 'prime' }]],
    ['every step names all', [{ do: 'prime', zones: twelve.map(({ id }) => id) }]],
    ['a step names zones of other parts', [{ do: 'prime', zones: ['elsewhere'] }]],
  ])('one walk where %s', (_, steps) => {
    expect(simulated(project(steps, twelve)).regions).toBeNull()
  })

  it('a zone without a size takes its share of what the others leave', () => {
    const zones = [zone('a', { areaCm2: 70 }), zone('b', { share: 0.5 }), zone('c'), zone('d')]
    const part = { id: 'car', name: 'Body', substrate: 'polystyrene', areaCm2: 170 } as const
    expect(zones.map((one) => zoneArea(one, part, zones))).toEqual([70, 85, 7.5, 7.5])
    expect(zoneRegions({ ...(project([]).builds?.[0] as Build), zones }, part, [])).toBeNull()
  })
})

it('an edit under way is judged as a whole walk would be, also where it parts zones anew', () => {
  const before = project(TWO_TONE)
  const after = project([
    ...TWO_TONE.slice(0, 6),
    { do: 'clear', family: 'lacquer', sheen: 'matt', zones: ['roof'] },
  ])
  const [old, next] = [before.builds?.[0] as Build, after.builds?.[0] as Build]
  const state = stateOf(after)
  const judged = judgeBuild(state, next, NOW, judgeBuild(state, old, NOW))
  const anew = judgeBuild(state, next, NOW)
  const said = (one: typeof anew) =>
    one.parts.get('car')?.simulation.drafts.map(({ step, rule, regions }) => [step, rule, regions])
  expect(said(judged)).toEqual(said(anew))
})

it('a way out lays what it lays on the zones of the step that it helps', () => {
  const steps: Meant[] = [
    { do: 'degrease' },
    { do: 'prime' },
    { ...PAINT, colour: WHITE, sheen: 'matt' },
    { do: 'line', zones: ['roof'] },
  ]
  const found = told(project(steps)).find(({ rule }) => rule === 'flow-needs-gloss')
  const laid = found?.remedies.find(({ edit }) => edit.do === 'insert')?.edit
  expect(laid).toMatchObject({
    do: 'insert',
    steps: [{ do: 'clear', zones: ['roof'] }, { wait: '24 h' }],
  })
})

describe('zones from outside', () => {
  const read = (more: Partial<Build>) => {
    const of = project(TWO_TONE)
    return readProject({ ...of, builds: [{ ...of.builds?.[0], ...more }] })
  }

  it('are read as they are, unknown fields too', () => {
    const parsed = read({ zones: [{ ...BODY, ours: 7 } as Zone, ROOF] })
    expect(parsed.ok && parsed.value.builds?.[0]?.zones?.[0]).toEqual({ ...BODY, ours: 7 })
  })

  test.each([
    [{ zones: [BODY, BODY, ROOF] }, 'builds[0].zones[1].id'],
    [{ zones: [{ ...BODY, part: 'boat' }, ROOF] }, 'builds[0].zones[0].part'],
    [{ zones: [{ ...BODY, mirror: 'sky' }, ROOF] }, 'builds[0].zones[0].mirror'],
    [
      { zones: [{ ...BODY, edges: [{ zone: 'sky', mm: 3 }] }, ROOF] },
      'builds[0].zones[0].edges[0].zone',
    ],
    [{ zones: [{ ...BODY, height: 2 }, ROOF] }, 'builds[0].zones[0].height'],
    [{ zones: [BODY] }, 'builds[0].steps[4].zones[0]'],
  ] as [Partial<Build>, string][])('are refused at their path: %j', (more, path) => {
    const parsed = read(more)
    expect(parsed.ok ? [] : parsed.problems.map((problem) => problem.path)).toContain(path)
  })
})

it('a mask on a zone of one part covers nothing of another', () => {
  const of = project([
    { ...PAINT, colour: WHITE },
    { do: 'tape', zones: ['body'] },
    { ...PAINT, colour: BLACK },
    { do: 'untape' },
  ])
  const [own] = of.builds as [Build]
  const lid = { id: 'lid', name: 'Lid', substrate: 'polystyrene' as const, areaCm2: 20 }
  const build = {
    ...own,
    parts: [...own.parts, lid],
    steps: own.steps.map((step) => ({ ...step, parts: ['car', 'lid'] })),
  }
  const both = { ...of, builds: [build] }
  const at = (part: string, zone?: string) =>
    faceOfPart(stateOf(both), { build: 'b', part }, 'planned', NOW, zone) ?? '#00FF00'
  expect(deltaE00(labOf(at('car', 'body')), labOf(WHITE))).toBeLessThan(2)
  expect(deltaE00(labOf(at('lid')), labOf(BLACK))).toBeLessThan(5)
})
