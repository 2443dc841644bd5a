import { stateOf } from '../builds/benchState'
import type { Project } from '../model/project'
import { type Evening, eveningsOf } from './evenings'
import { type BenchPlan, planBench } from './planBench'

const HOUR = 3_600_000
/** A Tuesday evening. */
const NOW = Date.parse('2026-03-17T18:00:00Z')

function plannedOf(builds: Project['builds']): BenchPlan {
  const project: Project = {
    format: 'tectoria-project',
    version: 1,
    builds,
    sessions: {
      zone: 'UTC',
      pattern: (['tue', 'wed', 'thu', 'fri'] as const).map((day) => ({
        day,
        from: '19:00',
        to: '21:00',
      })),
    },
  }
  return planBench(stateOf(project), NOW, { steps: 4000 })
}

const PARTS = ['Hull', 'Deck', 'Mast'].map((name) => ({
  id: name.toLowerCase(),
  name,
  substrate: 'polystyrene' as const,
  areaCm2: 60,
}))
const ids = PARTS.map(({ id }) => id)
const prime = {
  id: 'prime',
  parts: ids,
  do: 'prime' as const,
  family: 'lacquer' as const,
  coats: ['light' as const],
  colour: '#808080',
}
/** Slow enough that the next evening is too early for what follows. */
const oil = {
  id: 'oil',
  parts: ['hull'],
  do: 'base' as const,
  family: 'oil' as const,
  colour: '#553311',
}
const clear = {
  id: 'clear',
  parts: ['hull'],
  do: 'clear' as const,
  family: 'lacquer' as const,
  sheen: 'matt' as const,
}

const acts = (evenings: readonly Evening[]) =>
  evenings.flatMap(({ blocks }) => blocks.flatMap((block) => block.acts))

it('every planned task lies in one block of one evening, in order, none over another', () => {
  const plan = plannedOf([{ id: 'b', name: 'Skiff', parts: PARTS, steps: [prime, oil, clear] }])
  const evenings = eveningsOf(plan)
  const told = acts(evenings).flatMap(({ tasks }) => tasks)
  expect([...told].sort()).toEqual(plan.tasks.map(({ id }) => id).sort())
  for (const { blocks } of evenings)
    blocks.slice(1).forEach((block, i) => {
      expect(block.from).toBeGreaterThanOrEqual(blocks[i]?.to ?? 0)
    })
})

it('the same work on several parts in a run is one block', () => {
  const [first] = eveningsOf(plannedOf([{ id: 'b', name: 'Skiff', parts: PARTS, steps: [prime] }]))
  expect(first?.blocks).toHaveLength(1)
  expect(first?.blocks[0]?.acts.map(({ part }) => part).sort()).toEqual([...ids].sort())
  expect(first?.handsOnMinutes).toBe(
    first?.blocks[0]?.acts.reduce((sum, { minutes }) => sum + minutes, 0),
  )
})

it('a break tells how long it is, how many parts dry in it, and the sessions that stay free', () => {
  const evenings = eveningsOf(
    plannedOf([{ id: 'b', name: 'Skiff', parts: PARTS.slice(0, 1), steps: [oil, clear] }]),
  )
  expect(evenings.map(({ before }) => before === null)).toEqual([true, false])
  const pause = evenings[1]?.before
  const [end, begin] = [evenings[0]?.blocks.at(-1)?.to ?? 0, evenings[1]?.blocks[0]?.from ?? 0]
  expect(pause?.minutes).toBe(Math.round((begin - end) / 60_000))
  expect(pause?.drying).toBe(1)
  expect(pause?.free.length).toBeGreaterThan(0)
  for (const { from } of pause?.free ?? []) {
    expect(from).toBeGreaterThan(end - HOUR)
    expect(from).toBeLessThan(begin)
  }
})

it('a window has both ends, and the act lies between them', () => {
  const line = {
    id: 'line',
    parts: ['hull'],
    do: 'line' as const,
    family: 'enamel-wash' as const,
    colour: '#221100',
  }
  const clean = { id: 'clean', parts: ['hull'], do: 'line-clean' as const }
  const gloss = {
    id: 'gloss',
    parts: ['hull'],
    do: 'clear' as const,
    family: 'acrylic-pu' as const,
    sheen: 'gloss' as const,
  }
  const evenings = eveningsOf(
    plannedOf([{ id: 'b', name: 'Skiff', parts: PARTS.slice(0, 1), steps: [gloss, line, clean] }]),
  )
  const block = evenings
    .flatMap(({ blocks }) => blocks)
    .find(({ acts }) => acts[0]?.step === 'clean')
  expect(block?.window).not.toBeNull()
  expect(block?.from).toBeGreaterThanOrEqual(block?.window?.opens ?? Number.POSITIVE_INFINITY)
  expect(block?.from).toBeLessThanOrEqual(block?.window?.closes ?? 0)
})

it('nothing planned is no evening', () => {
  expect(eveningsOf(plannedOf([]))).toEqual([])
})
