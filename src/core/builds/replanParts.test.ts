import { MOST_STEPS } from '../model/sequence'
import { stateOf } from './benchState'
import { replanParts } from './replanParts'

const NOW = Date.parse('2026-03-17T18:25:00Z')

it('a part of as many steps as there may be is planned', () => {
  const steps = Array.from({ length: MOST_STEPS }, (_, i) => ({
    id: `s${i}`,
    parts: ['p'],
    do: 'drybrush' as const,
    family: 'water-acrylic' as const,
  }))
  const build = {
    id: 'b',
    name: 'Skiff',
    parts: [{ id: 'p', name: 'Hull', substrate: 'polystyrene' as const }],
    steps,
  }
  const acts = steps.map(({ id }, i) => ({
    id: `a${i}`,
    at: new Date(NOW - (MOST_STEPS - i) * 86_400_000).toISOString(),
    kind: 'finished' as const,
    build: 'b',
    part: 'p',
    step: id,
  }))
  const project = { format: 'tectoria-project', version: 1, builds: [build], acts } as const
  const { parts } = replanParts(stateOf({ ...project, builds: [build] }), NOW)
  expect(parts[0]?.plan.steps).toHaveLength(MOST_STEPS)
})
