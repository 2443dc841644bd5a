import type { Build } from '../model/build'
import type { Project } from '../model/project'
import type { Step } from '../model/sequence'
import { FILTER_CHANGED, sprayedSinceFilter } from '../stock/filterHours'
import { stateOf } from './benchState'
import { finalReview } from './finalReview'
import { simulatePart } from './partSimulation'

const NOW = Date.parse('2026-03-17T18:00:00Z')
const MATT: Step = { do: 'clear', family: 'acrylic-pu', sheen: 'matt', coats: ['mist', 'light'] }
const SATIN: Step = { ...MATT, sheen: 'satin' }
const PRIME: Step = { do: 'prime' }

function review(steps: Step[], use: 'display' | 'handled' = 'display') {
  const build: Build = {
    id: 'b',
    name: 'B',
    use,
    parts: [{ id: 'p', name: 'P', substrate: 'polystyrene' }],
    steps: steps.map((step, i) => ({ ...step, id: `s${i}`, parts: ['p'] })) as Build['steps'],
  }
  const project: Project = { format: 'tectoria-project', version: 1, builds: [build] }
  const part = build.parts[0]
  if (!part) throw new Error('no part')
  return finalReview(simulatePart(stateOf(project), build, part, NOW)).map(
    ({ id, good }) => `${id} ${good ? 'good' : 'open'}`,
  )
}

test.each([
  { why: 'nothing painted, nothing to say', steps: [], told: [] },
  { why: 'sealed for display', steps: [PRIME, MATT], told: ['seal good'] },
  { why: 'primer alone may stand in a cabinet', steps: [PRIME], told: ['seal good'] },
  {
    why: 'and not be played with',
    steps: [PRIME],
    use: 'handled',
    told: ['seal open', 'wear open'],
  },
  {
    why: 'one clear wears through',
    steps: [PRIME, MATT],
    use: 'handled',
    told: ['seal good', 'wear open'],
  },
  {
    why: 'satin under matt lasts',
    steps: [PRIME, SATIN, MATT],
    use: 'handled',
    told: ['seal good', 'wear good'],
  },
  {
    why: 'graphite and powder on a toy',
    steps: [PRIME, SATIN, MATT, { do: 'graphite' }, { do: 'powder' }],
    use: 'handled',
    told: ['seal good', 'wear good', 'open open', 'powder open'],
  },
  {
    why: 'a mask that stays on',
    steps: [PRIME, MATT, { do: 'tape' }],
    told: ['seal good', 'mask open'],
  },
  {
    why: 'clear after the glass',
    steps: [PRIME, { do: 'glue-clear', adhesive: 'white-glue' }, MATT],
    told: ['seal good', 'glass open'],
  },
  {
    why: 'glass last',
    steps: [PRIME, MATT, { do: 'glue-clear', adhesive: 'white-glue' }],
    told: ['seal good', 'glass good'],
  },
] as { why: string; steps: Step[]; use?: 'handled'; told: string[] }[])(
  '$why',
  ({ steps, use, told }) => {
    expect(review(steps, use)).toEqual(told)
  },
)

it('spraying counts against the filter since it was changed', () => {
  const build = {
    id: 'b',
    name: 'B',
    parts: [{ id: 'p', name: 'P', substrate: 'polystyrene' as const }],
    steps: [
      { id: 'spray', parts: ['p'], do: 'prime' as const, minutes: 12 },
      { id: 'brush', parts: ['p'], do: 'detail' as const },
    ],
  }
  const act = (id: string, minute: number, more: object) => ({
    id,
    at: new Date(NOW + minute * 60_000).toISOString(),
    kind: 'coat-done' as const,
    build: 'b',
    part: 'p',
    ...more,
  })
  const acts = [
    act('1', 0, { step: 'spray', coat: 1 }),
    act('2', 1, { step: 'brush', coat: 1 }),
    act('3', 2, { step: 'spray', coat: 2 }),
  ]
  const project: Project = { format: 'tectoria-project', version: 1, builds: [build], acts }
  expect(sprayedSinceFilter(stateOf(project))).toBe(24)
  const changed = { ...act('4', 1.5, {}), kind: 'noted' as const, text: FILTER_CHANGED }
  expect(sprayedSinceFilter(stateOf({ ...project, acts: [...acts, changed] }))).toBe(12)
})
