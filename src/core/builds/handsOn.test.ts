import type { Build, Part } from '../model/build'
import type { LoggedAct } from '../model/loggedAct'
import type { Project } from '../model/project'
import type { ActStep } from '../model/sequence'
import { stateOf } from './benchState'
import { handsLearnt, handsMinutes, tableMinutes } from './handsOn'
import { planPart } from './planParts'

const MINUTE = 60_000
const NOW = Date.parse('2026-03-17T18:00:00Z')
const hull = (areaCm2?: number): Part => ({
  id: 'p',
  name: 'Hull',
  substrate: 'polystyrene',
  ...(areaCm2 === undefined ? {} : { areaCm2 }),
})

test.each<{ what: string; step: ActStep; minutes: number }>([
  { what: 'a sprayed coat: 3 + 120/60', step: { do: 'prime' }, minutes: 5 },
  { what: 'from the can: 1 + 120/150', step: { do: 'prime', tool: 'spray-can' }, minutes: 1.8 },
  {
    what: 'by brush: 120/12',
    step: { do: 'base', family: 'water-acrylic', tool: 'brush' },
    minutes: 10,
  },
  { what: 'details: a patch of it', step: { do: 'detail' }, minutes: 1.5 },
  { what: 'lines: 720 mm at 50', step: { do: 'line' }, minutes: 14.4 },
  { what: 'their clean-up at 80', step: { do: 'line-clean' }, minutes: 9 },
  { what: 'three decals: 10 + 4 each', step: { do: 'decal' }, minutes: 22 },
  { what: 'polishing: 120/6', step: { do: 'compound' }, minutes: 20 },
  { what: 'cleaning goes by itself', step: { do: 'wash' }, minutes: 5 },
  {
    what: 'an overall wash is paint',
    step: { do: 'wash', family: 'water-wash' },
    minutes: (120 * 0.15) / 25,
  },
])('by the table, on 120 cm²: $what', ({ step, minutes }) => {
  expect(tableMinutes(step, hull(120))).toBeCloseTo(minutes, 6)
})

const without = handsMinutes([])
test.each<{ why: string; step: ActStep; area?: number; minutes: number | null }>([
  { why: 'a part of no known size', step: { do: 'prime' }, minutes: null },
  { why: 'whole minutes, up', step: { do: 'prime' }, area: 70, minutes: 5 },
  { why: 'never none', step: { do: 'detail' }, area: 1, minutes: 1 },
  {
    why: 'a break after 45 minutes of close work',
    step: { do: 'oil-dots' },
    area: 368,
    minutes: 51,
  },
  { why: 'none before', step: { do: 'oil-dots' }, area: 360, minutes: 45 },
  { why: 'none of spraying', step: { do: 'prime' }, area: 6000, minutes: 103 },
])('$why', ({ step, area, minutes }) => {
  expect(without(step, hull(area))).toBe(minutes)
})

const act = (kind: LoggedAct['kind'], step: string, at: number): LoggedAct => ({
  id: `${step}.${kind}.${at}`,
  at: new Date(NOW + at * MINUTE).toISOString(),
  kind,
  build: 'x',
  part: 'p',
  step,
})
const build: Build = {
  id: 'x',
  name: 'Skiff',
  parts: [hull(120)],
  steps: [
    { id: 'a', parts: ['p'], do: 'prime' },
    { id: 'b', parts: ['p'], do: 'preshade', family: 'lacquer' },
    { id: 'c', parts: ['p'], do: 'preshade', family: 'lacquer', minutes: 3 },
    { id: 'd', parts: ['p'], do: 'prime' },
    { id: 'e', parts: ['p'], do: 'prime', minutes: 7 },
    { id: 'f', parts: ['p'], do: 'prime', coats: ['mist', 'light', 'light'] },
  ],
}
const projectWith = (acts: LoggedAct[]): Project => ({
  format: 'tectoria-project',
  version: 1,
  builds: [build],
  acts,
})

describe('the log', () => {
  test.each<{ why: string; acts: LoggedAct[]; learnt: [string, number, number][] }>([
    {
      why: 'ten minutes for five, once: a third of the way (nine may have been it)',
      acts: [act('started', 'a', 0), act('coat-done', 'a', 10)],
      learnt: [['prime', 1, 1.216]],
    },
    { why: 'finished and never started', acts: [act('finished', 'a', 10)], learnt: [] },
    {
      why: 'three coats finished in one go',
      acts: [act('started', 'f', 0), act('finished', 'f', 40)],
      learnt: [],
    },
    {
      why: 'left lying over night',
      acts: [act('started', 'a', 0), act('finished', 'a', 900)],
      learnt: [],
    },
    {
      why: 'a time that was typed',
      acts: [act('started', 'c', 0), act('finished', 'c', 9)],
      learnt: [],
    },
    {
      why: 'just as reckoned',
      acts: [act('started', 'a', 0), act('finished', 'a', 5)],
      learnt: [['prime', 1, 1]],
    },
  ])('corrects the table: $why', ({ acts, learnt }) => {
    const { project, log } = stateOf(projectWith(acts))
    expect(handsLearnt(project, log).map(({ act, n, factor }) => [act, n, factor])).toEqual(
      learnt.map(([name, n, factor]) => [name, n, expect.closeTo(factor, 3)]),
    )
  })

  it('and what was typed wins', () => {
    const acts = [act('started', 'a', -60), act('coat-done', 'a', -40), act('finished', 'a', -40)]
    const state = stateOf(projectWith(acts))
    const { simulated } = planPart(state, { build: 'x', part: 'p' }, NOW)
    const minutes = Object.fromEntries(
      simulated.entries.map(({ step }, i) => [
        step.id,
        (simulated.sequence.steps[i] as ActStep).minutes,
      ]),
    )
    expect(minutes.e).toBe(7)
    expect(minutes.d).toBeGreaterThan(5)
  })
})
