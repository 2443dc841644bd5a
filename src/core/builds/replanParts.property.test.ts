import fc from 'fast-check'
import type { Bottle } from '../model/bottle'
import type { Build } from '../model/build'
import type { Project } from '../model/project'
import { stateOf } from './benchState'
import { type PlannedPart, planParts } from './planParts'
import { replanParts } from './replanParts'
import { benches, NOW } from './tests/arbitrary'

const MINUTE = 60_000

/** A change of a bench, drawn at random. */
const changes = fc.array(
  fc.record({
    what: fc.constantFrom('act', 'undo', 'move', 'sheen', 'read', 'draw', 'later', 'fix', 'sheet'),
    a: fc.nat(20),
    b: fc.nat(20),
    minutes: fc.integer({ min: 0, max: 300 }),
  }),
  { minLength: 1, maxLength: 10 },
)

type Change = typeof changes extends fc.Arbitrary<(infer C)[]> ? C : never

function changed(project: Project, change: Change, now: number, n: number): Project {
  const { what, a, b } = change
  const build = project.builds?.[0] as Build
  const step = build.steps[a % build.steps.length]
  const part = step?.parts[b % step.parts.length]
  const acts = project.acts ?? []
  const at = new Date(now).toISOString()
  const base = { id: `c${n}`, at }
  const steps = [...build.steps]
  switch (what) {
    case 'act':
      if (!step || !part || !('do' in step)) return project
      return {
        ...project,
        acts: [
          ...acts,
          {
            ...base,
            kind: b % 3 === 0 ? 'observed' : 'coat-done',
            seen: 'reached',
            build: 'b',
            part,
            step: step.id,
          },
        ],
      }
    case 'undo':
      if (acts.length === 0) return project
      return {
        ...project,
        acts: [...acts, { ...base, kind: 'undone', undoes: acts[a % acts.length]?.id }],
      }
    case 'move':
      steps.splice(b % steps.length, 0, ...steps.splice(a % steps.length, 1))
      return { ...project, builds: [{ ...build, steps }] }
    case 'sheen':
      return {
        ...project,
        builds: [{ ...build, use: build.use === 'handled' ? 'display' : 'handled' }],
      }
    case 'read':
      return {
        ...project,
        // One that was kept for a while comes late, between what was read already.
        climate: [
          ...(project.climate ?? []),
          {
            ...base,
            at: new Date(now - (b % 2) * change.minutes * MINUTE).toISOString(),
            celsius: 10 + a,
            humidity: 40 + b,
          },
        ],
      }
    case 'draw':
      return {
        ...project,
        acts: [...acts, { ...base, kind: 'mixed', drawn: [{ bottle: 'k', ml: 1 }] }],
      }
    case 'sheet':
      return {
        ...project,
        shelf: [{ ...BOTTLE, product: { recoat: `${10 + a} min` } }],
      }
    case 'fix':
      return { ...project, corrections: [{ id: 'k', family: 'lacquer', factor: 1 + a / 20 }] }
    default:
      return project
  }
}

const plain = (parts: readonly PlannedPart[]) =>
  JSON.parse(JSON.stringify(parts.map(({ plan }) => plan)))

it('carried on from change to change, every part says what it says planned anew', () => {
  fc.assert(
    fc.property(benches, changes, (start, all) => {
      let project: Project = { ...start, shelf: [BOTTLE] }
      let state = stateOf(project)
      let now = NOW
      let planned = replanParts(state, now)
      all.forEach((change, n) => {
        if (change.what === 'later') now += change.minutes * MINUTE
        project = changed(project, change, now, n)
        state = stateOf(project, state)
        planned = replanParts(state, now, planned)
        expect(plain(planned.parts)).toEqual(plain(planParts(stateOf(project), now)))
      })
    }),
    { numRuns: 150, seed: 9 },
  )
})

const BOTTLE: Bottle = {
  id: 'k',
  name: 'Slate',
  family: 'lacquer',
  role: 'colour',
  colour: '#445566',
  sizeMl: 20,
  leftMl: 12,
  leftSince: '2026-01-01T00:00:00Z',
  product: { recoat: '30 min' },
}

it('an act touches its own part alone', () => {
  const parts = ['l', 'r'].map((id) => ({ id, name: id, substrate: 'polystyrene' as const }))
  const steps = [
    { id: 's', parts: ['l', 'r'], do: 'prime' as const },
    { id: 't', parts: ['l', 'r'], do: 'line' as const },
  ]
  const project: Project = {
    format: 'tectoria-project',
    version: 1,
    builds: [{ id: 'b', name: 'Pair', parts, steps }],
    acts: [],
  }
  const state = stateOf(project)
  const before = replanParts(state, NOW)
  const act = {
    id: 'a',
    at: new Date(NOW).toISOString(),
    kind: 'finished' as const,
    build: 'b',
    part: 'l',
    step: 's',
  }
  const after = replanParts(stateOf({ ...project, acts: [act] }, state), NOW, before)
  expect(after.parts[0]).not.toBe(before.parts[0])
  expect(after.parts[1]).toBe(before.parts[1])
})
