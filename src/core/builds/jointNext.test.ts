import type { Build } from '../model/build'
import { stateOf } from './benchState'
import { planParts } from './planParts'
import { replanParts } from './replanParts'

const NOW = Date.parse('2026-03-17T18:00:00Z')

/** A hull that is ready for its turret, which still has its primer before it. */
const build: Build = {
  id: 'x',
  name: 'Skiff',
  parts: [
    { id: 'hull', name: 'Hull', substrate: 'polystyrene' },
    { id: 'turret', name: 'Turret', substrate: 'polystyrene' },
  ],
  steps: [
    { id: 'prime', parts: ['turret'], do: 'prime' },
    { id: 'join', parts: ['hull', 'turret'], do: 'assemble' },
  ],
}

const stateWith = (more: Partial<Build> = {}) =>
  stateOf({ format: 'tectoria-project', version: 1, builds: [{ ...build, ...more }] })
const nextOf = (parts: ReturnType<typeof planParts>) => parts[0]?.plan.next

it('a joint act waits for the part that isn’t ready, and says which', () => {
  const parts = planParts(stateWith(), NOW)
  const turret = parts[1]?.plan.steps.find(({ step }) => step === 'join')
  expect(nextOf(parts)?.readyAt).toBe(turret?.from)
  expect(turret?.from).toBeGreaterThan(NOW)
  expect(nextOf(parts)?.because).toContain('Turret')
})

it('an act that is done on each part by itself waits for none', () => {
  const steps = build.steps.map((step) => ({ ...step, together: false }))
  expect(nextOf(planParts(stateWith({ steps }), NOW))?.readyAt).toBe(NOW)
})

it('where nothing changed the part stays the very same object', () => {
  const state = stateWith()
  const before = replanParts(state, NOW)
  expect(replanParts(state, NOW, before).parts[0]).toBe(before.parts[0])
})
