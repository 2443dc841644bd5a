import { stateOf } from '../builds/benchState'
import { planParts } from '../builds/planParts'
import type { Project } from '../model/project'
import { sameValue } from '../model/sameValue'
import { EXAMPLE } from '../stack/tests/sequences'
import { checkAnswer } from './checkFile'
import { dryAnswer, readDry } from './dryFile'
import { mixAnswer, readMix } from './mixFile'
import { planAnswer, projectSchedule } from './planFile'
import { previewImport, readProject } from './projectFile'
import { readSequence } from './sequenceFile'

const MIX = {
  format: 'tectoria-mix',
  version: 1,
  ingredients: [
    { name: 'paint', parts: 2 },
    { name: 'thinner', parts: 1 },
  ],
  volumeMl: 6,
}
const PROJECT: Project = {
  format: 'tectoria-project',
  version: 1,
  builds: [
    {
      id: 'b',
      name: 'B',
      parts: [{ id: 'p', name: 'P', substrate: 'polystyrene' }],
      steps: [{ id: 's', parts: ['p'], do: 'prime' }],
    },
  ],
}
const withStep = (step: object) => ({ ...EXAMPLE, steps: [step] })
const withBuild = (more: object) => ({ ...PROJECT, builds: [{ ...PROJECT.builds?.[0], ...more }] })

const BAD = [
  { read: readSequence, value: 7, path: '', expected: 'tectoria-sequence' },
  {
    read: readSequence,
    value: { format: 'other', version: 1 },
    path: 'format',
    expected: 'tectoria-sequence',
  },
  {
    read: readSequence,
    value: { ...EXAMPLE, version: 2 },
    path: 'version',
    expected: 'newer Tectoria',
  },
  {
    read: readSequence,
    value: { ...EXAMPLE, version: '1' },
    path: 'version',
    expected: 'whole number',
  },
  {
    read: readSequence,
    value: { ...EXAMPLE, substrate: 'cheese' },
    path: 'substrate',
    expected: 'polystyrene, abs',
  },
  {
    read: readSequence,
    value: { ...EXAMPLE, climate: { celsius: 200 } },
    path: 'climate.celsius',
    expected: 'from -20 to 60 °C',
  },
  {
    read: readSequence,
    value: withStep({ do: 'paint' }),
    path: 'steps[0].do',
    expected: 'prime, base',
  },
  {
    read: readSequence,
    value: withStep({ wait: 'soon' }),
    path: 'steps[0].wait',
    expected: 'a duration',
  },
  {
    read: readSequence,
    value: withStep({ do: 'base' }),
    path: 'steps[0].family',
    expected: 'the family of "base"',
  },
  {
    read: readSequence,
    value: withStep({ do: 'clear', family: 'lacquer' }),
    path: 'steps[0].sheen',
    expected: 'the sheen of a clear',
  },
  {
    read: readSequence,
    value: withStep({ do: 'prime', coats: ['thick'] }),
    path: 'steps[0].coats[0]',
    expected: 'mist, light, wet, flood',
  },
  {
    read: readSequence,
    value: withStep({ do: 'prime', coats: [] }),
    path: 'steps[0].coats',
    expected: '1 to 30 coats',
  },
  {
    read: readSequence,
    value: withStep({ do: 'prime', product: { touch: 'x' } }),
    path: 'steps[0].product.touch',
    expected: 'a duration',
  },
  {
    read: readMix,
    value: { ...MIX, volumeMl: -1 },
    path: 'volumeMl',
    expected: '0.01 to 10000 ml',
  },
  {
    read: readMix,
    value: { ...MIX, volumeMl: undefined },
    path: '',
    expected: 'either volumeMl, or area',
  },
  {
    read: readMix,
    value: { ...MIX, volumeMl: undefined, area: 100, cupMl: 0.4 },
    path: 'cupMl',
    expected: 'a cup of more than 0.46 ml',
  },
  {
    read: readMix,
    value: { ...MIX, ingredients: [] },
    path: 'ingredients',
    expected: 'paint first',
  },
  {
    read: readMix,
    value: { ...MIX, ingredients: [{ name: 'p', parts: 1, share: 0 }] },
    path: 'ingredients[0].share',
    expected: 'above 0',
  },
  {
    read: readMix,
    value: { ...MIX, volumeMl: 'much' },
    path: 'volumeMl',
    expected: 'a number from 0.01 to 10000 ml',
  },
  {
    read: readDry,
    value: { format: 'tectoria-dry', version: 1, film: { family: 'jam' } },
    path: 'film.family',
    expected: 'lacquer',
  },
  {
    read: readProject,
    value: withBuild({ parts: [] }),
    path: 'builds[0].parts',
    expected: 'at least one part',
  },
  {
    read: readProject,
    value: withBuild({ steps: [{ id: 's', parts: ['q'], do: 'prime' }] }),
    path: 'builds[0].steps[0].parts[0]',
    expected: 'the id of a part: p',
  },
  {
    read: readProject,
    value: withBuild({ steps: [{ id: 's', parts: [], do: 'base' }] }),
    path: 'builds[0].steps[0].family',
    expected: 'the family',
  },
  {
    read: readProject,
    value: { ...PROJECT, acts: [{ id: 'a', at: 'noon', kind: 'noted' }] },
    path: 'acts[0].at',
    expected: 'an instant',
  },
  {
    read: readProject,
    value: { ...PROJECT, builds: [PROJECT.builds?.[0], PROJECT.builds?.[0]] },
    path: 'builds[1].id',
    expected: 'used once',
  },
  {
    read: readProject,
    value: { ...PROJECT, sessions: { zone: 'Moon/Base', pattern: [] } },
    path: 'sessions.zone',
    expected: 'a time zone',
  },
  {
    read: readProject,
    value: {
      ...PROJECT,
      sessions: { zone: 'UTC', pattern: [{ day: 'mon', from: '20:00', to: '19:00' }] },
    },
    path: 'sessions.pattern[0]',
    expected: 'ends after it begins',
  },
]

test.each(BAD)('refused at "$path": expected $expected', ({ read, value, path, expected }) => {
  const parsed = read(JSON.parse(JSON.stringify(value)))
  expect(parsed.ok).toBe(false)
  if (parsed.ok) return
  expect(parsed.problems[0]?.path).toBe(path)
  expect(parsed.problems[0]?.expected).toContain(expected)
})

it('check answers in the format of the contract', () => {
  const answer = checkAnswer(EXAMPLE)
  expect(answer).toMatchObject({ format: 'tectoria-check', version: 1, verdict: 'sound' })
  expect(answer.timeline[0]).toEqual({
    step: 0,
    from: 'PT0S',
    to: 'PT39M',
    top: 'lacquer',
    state: 'fresh',
    sheen: 'matt',
  })
  expect(answer).not.toHaveProperty('waits')
})

it('check with automatic waits says each with a duration that reads back', () => {
  const steps = EXAMPLE.steps.filter((step) => !('wait' in step))
  const answer = checkAnswer({ ...EXAMPLE, waits: 'auto', steps })
  expect(answer.waits?.map(({ before, wait }) => [before, wait])).toEqual([
    [1, '1 h 18 min'],
    [2, '1 h 9 min'],
    [3, '4 h 26 min'],
    [4, '30 min'],
  ])
})

test.each([
  { film: { family: 'lacquer', role: 'primer' }, touch: 'PT20M', recoat: 'PT1H' },
  { film: { family: 'lacquer', role: 'clear' }, touch: 'PT30M', recoat: 'PT2H' },
  { film: { family: 'water-acrylic', tool: 'brush' }, touch: 'PT30M', recoat: 'PT1H30M' },
  { film: { family: 'enamel-wash' }, touch: 'PT40M', recoat: 'PT24H' },
  { film: { family: 'oil' }, touch: 'PT24H', recoat: 'PT72H' },
  { film: { family: 'watercolour' }, touch: 'PT10M', recoat: null },
  { film: { family: 'pigment', role: 'pigment' }, touch: 'PT1H', recoat: 'PT12H' },
  // Two heat cycles save an hour of the 90 min, and all but a twentieth of the first 30.
  {
    film: { family: 'water-acrylic', tool: 'brush', warmAir: 40 },
    touch: 'PT1M30S',
    recoat: 'PT30M',
  },
  // Solvent paint gains nothing.
  { film: { family: 'enamel', warmAir: 600 }, touch: 'PT6H', recoat: 'PT24H' },
])('dry: $film', ({ film, touch, recoat }) => {
  const parsed = readDry({ format: 'tectoria-dry', version: 1, film })
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems))
  expect(dryAnswer(parsed.value).milestones).toMatchObject({ touch, recoat })
})

describe('dry through readings', () => {
  const LAID = Date.parse('2026-01-10T18:00:00Z')
  const reading = (hours: number, celsius: number) => ({
    at: new Date(LAID + hours * 3_600_000).toISOString(),
    celsius,
    humidity: 50,
  })
  const asked = {
    format: 'tectoria-dry',
    version: 1,
    film: { family: 'enamel' },
    climate: [reading(0, 20), reading(5, 10), reading(24, 20)],
    now: new Date(LAID + 24 * 3_600_000).toISOString(),
  }

  it('is the integral of handbook 3.2', () => {
    const parsed = readDry(asked)
    if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems))
    const { clock } = dryAnswer(parsed.value)
    // 5 of 24 h at 20 °C, then 19 of 48 h at 10 °C.
    expect(clock?.milestones.recoat).toEqual({
      at: '2026-01-12T03:30:00.000Z',
      remaining: 'PT9H30M',
      progress: Number((5 / 24 + 19 / 48).toFixed(4)),
    })
  })

  it('says the same as the clock of a part, to the minute', () => {
    const parsed = readDry(asked)
    if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems))
    const act = (kind: 'started' | 'finished', at: number) => ({
      id: kind,
      at: new Date(at).toISOString(),
      kind,
      build: 'x',
      part: 'p',
      step: 's',
    })
    const project: Project = {
      format: 'tectoria-project',
      version: 1,
      builds: [
        {
          id: 'x',
          name: 'Skiff',
          parts: [{ id: 'p', name: 'Hull', substrate: 'abs' }],
          steps: [{ id: 's', parts: ['p'], do: 'base', family: 'enamel', colour: '#444444' }],
        },
      ],
      acts: [act('started', LAID - 300_000), act('finished', LAID)],
      climate: asked.climate.map((reading, i) => ({ ...reading, id: String(i) })),
    }
    const now = Date.parse(asked.now)
    const clock = planParts(stateOf(project), now)[0]?.plan.clocks[0]
    const { clock: said } = dryAnswer(parsed.value)
    for (const { point, at } of clock?.milestones ?? [])
      expect(Math.round((at ?? 0) / 60_000)).toBe(
        Math.round(Date.parse(said?.milestones[point]?.at ?? '') / 60_000),
      )
  })

  test.each([
    { climate: [], path: 'climate' },
    { climate: [{ at: 'later', celsius: 20, humidity: 50 }], path: 'climate[0].at' },
    { zone: 'Nowhere/Here', path: 'zone' },
  ])('refuses $path', ({ path, ...wrong }) => {
    const parsed = readDry({ ...asked, ...wrong })
    expect(parsed.ok).toBe(false)
    if (!parsed.ok) expect(parsed.problems[0]?.path).toBe(path)
  })
})

test.each([
  [{ coats: 2 }, ['light', 'light']],
  [{ coats: 2, tool: 'brush' }, ['brush', 'brush']],
  [{ tool: 'flat-brush' }, undefined],
  // A brush loses nothing, however small its cup is.
  [{ coats: 1, tool: 'brush', cupMl: 0.1 }, ['brush']],
])('%j says as many coats', (more, coats) => {
  const parsed = readMix({ ...MIX, volumeMl: undefined, area: 100, ...more })
  expect(parsed.ok && parsed.value.coats).toEqual(coats)
  if (parsed.ok) expect(mixAnswer(parsed.value).totalMl).toBeGreaterThan(0)
})

it('mix answers rounded figures', () => {
  const parsed = readMix({ ...MIX, round: 'drops' })
  if (!parsed.ok) throw new Error('refused')
  expect(mixAnswer(parsed.value)).toMatchObject({
    ratio: 'paint 2 : thinner 1',
    totalMl: 6,
    fills: 1,
    ingredients: [
      { name: 'paint', ml: 4, drops: 112, percentOfMix: 66.667, percentAdded: 100 },
      { name: 'thinner', ml: 2, drops: 72, percentOfMix: 33.333, percentAdded: 50 },
    ],
  })
})

describe('a project', () => {
  const now = Date.parse('2026-03-17T18:00:00Z')
  it('answers findings, clocks, tasks and a schedule', () => {
    const sessions = { zone: 'UTC', pattern: [{ day: 'tue' as const, from: '19:00', to: '20:00' }] }
    const answer = planAnswer({ ...PROJECT, sessions }, now, {})
    expect(answer.builds[0]?.parts[0]).toMatchObject({ id: 'p', verdict: 'sound', clocks: [] })
    expect(answer.tasks).toMatchObject([{ id: 'b/p/s/1', start: '2026-03-17T19:00:00.000Z' }])
    expect(answer.schedule).toMatchObject({ status: 'optimal', finish: '2026-03-17T19:05:00.000Z' })
  })
  it('without sessions has no schedule', () => {
    expect(planAnswer(PROJECT, now, {}).schedule).toBeNull()
    expect(projectSchedule(PROJECT, now, {}).status).toBe('optimal')
  })
  it('keeps fields of the same version that it does not know', () => {
    const parsed = readProject({
      ...PROJECT,
      mine: 1,
      builds: [{ ...PROJECT.builds?.[0], theirs: [2] }],
    })
    expect(parsed.ok && parsed.value).toMatchObject({ mine: 1, builds: [{ theirs: [2] }] })
  })
})

describe('what an import would do', () => {
  it('tells added, replaced and the same', () => {
    const incoming: Project = {
      ...PROJECT,
      builds: [{ ...(PROJECT.builds?.[0] as never as { id: string }), name: 'Renamed' } as never],
      mixes: [],
      climate: [{ id: 'c', at: '2026-03-17T18:00:00Z', celsius: 20, humidity: 50 }],
      sessions: { zone: 'UTC', pattern: [] },
    }
    const rows = previewImport({ ...PROJECT, climate: incoming.climate ?? [] }, incoming)
    expect(rows.find((row) => row.list === 'builds')).toMatchObject({
      added: [],
      replaced: ['Renamed'],
    })
    expect(rows.find((row) => row.list === 'climate')).toMatchObject({ same: 1, added: [] })
    expect(rows.find((row) => row.list === 'sessions')?.added).toHaveLength(1)
  })
  it('order of fields is no difference', () => {
    expect(sameValue({ a: 1, b: [{ c: 2, d: 3 }] }, { b: [{ d: 3, c: 2 }], a: 1 })).toBe(true)
    expect(sameValue({ a: [1, 2] }, { a: [2, 1] })).toBe(false)
  })
})
