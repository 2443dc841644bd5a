import { indexLog, progressOfStep } from '../log/logIndex'
import { applyEdit, NOTHING_LOGGED } from '../model/applyEdit'
import type { Build, BuildAct } from '../model/build'
import type { LoggedAct } from '../model/loggedAct'
import { PROJECT_FORMAT, PROJECT_VERSION } from '../model/projectFormat'
import type { ActStep } from '../model/sequence'
import { stateOf } from './benchState'
import { copyBuild, emptyBuild } from './copyBuild'
import { finishedCard } from './finishedCard'
import { planPart } from './planParts'
import { takeOver } from './takeOver'
import { usualStep } from './usualStep'

const NOW = Date.parse('2026-03-17T18:25:00Z')
const HOUR = 3_600_000

const BUILD: Build = {
  id: 'b',
  name: 'Skiff',
  scale: 72,
  due: '2026-12-24',
  finishedOn: '2026-03-01',
  parts: [
    { id: 'hull', name: 'Hull', substrate: 'polystyrene' },
    { id: 'fin', name: 'Fin', substrate: 'polystyrene' },
  ],
  steps: [
    {
      id: 's',
      parts: ['hull', 'fin'],
      do: 'line',
      accepted: [{ rule: 'ppe', reason: 'outside' }],
      protection: 'confirmed',
      endsAfter: { hull: 1 },
    },
  ],
}

let count = 0
const newId = () => `n${++count}`
beforeEach(() => {
  count = 0
})

describe('a step as it is usually done', () => {
  const prime: ActStep = { do: 'prime', family: 'lacquer' }
  test.each<{ said: ActStep; before: ActStep[]; usual: ActStep; why: string }>([
    {
      said: { do: 'base' },
      before: [],
      usual: { do: 'base', family: 'alcohol-acrylic', coats: ['light', 'light'] },
      why: 'nothing tells',
    },
    {
      said: { do: 'base' },
      before: [prime, { do: 'base', family: 'enamel' }],
      usual: { do: 'base', family: 'enamel', coats: ['light', 'light'] },
      why: 'the colour before tells its family',
    },
    {
      said: { do: 'base', tool: 'brush' },
      before: [],
      usual: { do: 'base', tool: 'brush', family: 'alcohol-acrylic' },
      why: 'a brush lays no airbrush coats',
    },
    { said: { do: 'detail' }, before: [], usual: { do: 'detail' }, why: 'a dab has none either' },
    {
      said: { do: 'clear' },
      before: [],
      usual: { do: 'clear', family: 'alcohol-acrylic', sheen: 'satin', coats: ['mist', 'light'] },
      why: 'a clear has a sheen',
    },
    {
      said: { do: 'clear', sheen: 'gloss', family: 'lacquer' },
      before: [{ do: 'decal' }],
      usual: {
        do: 'clear',
        sheen: 'gloss',
        family: 'lacquer',
        coats: ['mist', 'mist', 'light', 'light'],
      },
      why: 'over decals it begins with mists',
    },
    { said: { do: 'wash' }, before: [], usual: { do: 'wash' }, why: 'cleaning lays nothing' },
    {
      said: { do: 'wash', colour: '#3B3A38' },
      before: [],
      usual: { do: 'wash', colour: '#3B3A38', family: 'water-wash' },
      why: 'a wash with a colour is paint',
    },
    {
      said: { do: 'prime', coats: ['wet'] },
      before: [],
      usual: { do: 'prime', coats: ['wet'] },
      why: 'what is said stays',
    },
  ])('$why', ({ said, before, usual }) => {
    expect(usualStep(said, before)).toEqual(usual)
  })
})

it('a copy has its spots still to mend and its decals still to lay', () => {
  const spot = { id: 'a', kind: 'seam' } as const
  const place = { id: 'd', part: 'hull', name: 'Number', widthMm: 8, heightMm: 4 }
  const parts = BUILD.parts.map((part) => ({
    ...part,
    spots: [{ ...spot, state: 'good' as const }],
  }))
  const decalPlaces = [{ ...place, laid: true, looked: true }]
  const copy = copyBuild({ ...BUILD, parts, decalPlaces }, 'Second skiff', newId)
  expect(copy.parts[0]?.spots).toEqual([spot])
  expect(copy.decalPlaces).toEqual([place])
})

it('a copy is meant as the build is, and nothing of it is done', () => {
  const copy = copyBuild(BUILD, 'Second skiff', newId)
  expect(copy).toEqual({
    id: 'n1',
    name: 'Second skiff',
    scale: 72,
    parts: BUILD.parts,
    steps: [{ id: 'n2', parts: ['hull', 'fin'], do: 'line' }],
  })
  expect(emptyBuild('Own', newId)).toMatchObject({
    name: 'Own',
    steps: [],
    parts: [{ name: 'Model' }],
  })
})

describe('a model that is painted already', () => {
  const films = [
    { step: { do: 'prime' as const }, at: NOW - 30 * 24 * HOUR },
    {
      step: { do: 'base' as const, family: 'enamel' as const, colour: '#5E6A70' },
      at: NOW - 3 * HOUR,
    },
    { step: { do: 'clear' as const, sheen: 'gloss' as const }, at: NOW - 5 * HOUR },
  ]
  const { edit, acts } = takeOver(BUILD, ['hull'], films, newId)
  const result = applyEdit(BUILD, edit, NOTHING_LOGGED, newId)
  if (!result.ok) throw new Error(result.why)
  const { build } = result

  it('has its films before all that is still meant, as far as they are known', () => {
    expect(build.steps.map((step) => [(step as BuildAct).do, step.parts])).toEqual([
      ['prime', ['hull']],
      ['base', ['hull']],
      ['clear', ['hull']],
      ['line', ['hull', 'fin']],
    ])
  })

  it('is judged by what lies there, in the order of the films, however roughly they were told', () => {
    const project = { format: PROJECT_FORMAT, version: PROJECT_VERSION, builds: [build], acts }
    const log = indexLog(acts)
    const laid = build.steps
      .slice(0, 3)
      .map(({ id }) => progressOfStep(log, { build: 'b', part: 'hull', step: id }))
    expect(laid.every((progress) => progress?.status === 'done')).toBe(true)
    const ends = laid.map((progress) => progress?.finishedAt ?? 0)
    expect([...ends].sort((a, b) => a - b)).toEqual(ends)
    const { plan } = planPart(stateOf(project as never), { build: 'b', part: 'hull' }, NOW)
    // The film on top has a clock from the hour that was told.
    expect(plan.clocks.map(({ name }) => name)).toEqual([
      expect.stringContaining('alcohol acrylic'),
    ])
    expect(plan.clocks[0]?.from).toBe(ends[2])
    expect(plan.steps.filter(({ status }) => status === 'done')).toHaveLength(3)
  })
})

describe('when an act really was', () => {
  const act = (id: string, at: number, kind: LoggedAct['kind'], more: object = {}): LoggedAct => ({
    id,
    at: new Date(at).toISOString(),
    kind,
    build: 'b',
    part: 'hull',
    step: 's',
    ...more,
  })
  const started = act('a', NOW - HOUR, 'started')
  const done = act('d', NOW - HOUR / 2, 'finished')
  const corrected = act('c', NOW, 'corrected', {
    corrects: 'd',
    happenedAt: new Date(NOW - 20 * HOUR).toISOString(),
  })
  const again = act('e', NOW + 1, 'corrected', {
    corrects: 'd',
    happenedAt: new Date(NOW - 10 * HOUR).toISOString(),
  })
  const finishedAt = (acts: LoggedAct[]) =>
    progressOfStep(indexLog(acts), { build: 'b', part: 'hull', step: 's' })?.finishedAt

  test.each([
    { acts: [started, done], at: NOW - HOUR / 2, why: 'as it was logged' },
    { acts: [started, done, corrected], at: NOW - 20 * HOUR, why: 'as a correction says' },
    {
      acts: [started, done, corrected, again],
      at: NOW - 10 * HOUR,
      why: 'as the newest correction says',
    },
    {
      acts: [started, done, corrected, again, act('u', NOW + 2, 'undone', { undoes: 'e' })],
      at: NOW - 20 * HOUR,
      why: 'as the one before says, once the newest is taken back',
    },
  ])('$why', ({ acts, at }) => {
    expect(finishedAt(acts)).toBe(at)
  })
})

it('a finished build tells its hours, its paint and its evenings', () => {
  const at = (day: number, minute: number) =>
    new Date(Date.UTC(2026, 2, day, 19, minute)).toISOString()
  const ref = { build: 'b', part: 'hull', step: 's' }
  const acts: LoggedAct[] = [
    {
      id: '1',
      at: at(1, 0),
      kind: 'mixed',
      build: 'b',
      drawn: [
        { bottle: 'k', ml: 2 },
        { bottle: 't', ml: 1.5 },
      ],
    },
    { id: '2', at: at(1, 5), kind: 'started', ...ref },
    { id: '3', at: at(1, 25), kind: 'finished', ...ref },
    { id: '4', at: at(4, 0), kind: 'noted', build: 'b', text: 'done' },
    { id: '5', at: at(9, 0), kind: 'finished', ...ref, step: 'x', roughly: true },
  ]
  expect(finishedCard(BUILD, indexLog(acts), 'UTC')).toEqual({
    hours: 20 / 60,
    ml: 3.5,
    evenings: 2,
    acts: 4,
    from: Date.parse(at(1, 0)),
    to: Date.parse(at(4, 0)),
  })
})
