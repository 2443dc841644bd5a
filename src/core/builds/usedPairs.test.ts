import type { Build } from '../model/build'
import type { Project } from '../model/project'
import { pairKey } from '../stack/state/stepContext'
import { stateOf } from './benchState'

const NOW = Date.parse('2026-03-17T18:00:00Z')

/** A build whose steps are all done, an hour apart. */
function done(count: number): Project {
  const parts = Array.from({ length: count }, (_, i) => ({
    id: `p${i}`,
    name: `Part ${i}`,
    substrate: 'polystyrene' as const,
  }))
  const all = parts.map((part) => part.id)
  const build: Build = {
    id: 'b',
    name: 'Flock',
    parts,
    steps: [
      { id: '1', parts: all, do: 'base', family: 'lacquer' },
      { id: '2', parts: all, do: 'line', family: 'enamel-wash' },
      { id: '3', parts: all, do: 'clear', family: 'alcohol-acrylic', sheen: 'matt' },
    ],
  }
  const acts = all.flatMap((part) =>
    ['1', '2', '3'].map((step, i) => ({
      id: `${part}${step}`,
      at: new Date(NOW - (10 - i) * 3_600_000).toISOString(),
      kind: 'finished' as const,
      build: 'b',
      part,
      step,
    })),
  )
  return { format: 'tectoria-project', version: 1, builds: [build], acts }
}

it('a young log has no experience to ask', () => {
  const project = done(3)
  expect(stateOf(project).usedPairs).toBeUndefined()
})

it('knows every solvent with the films that lay open when it came', () => {
  const project = done(4)
  const pairs = stateOf(project).usedPairs
  expect([...(pairs ?? [])].sort()).toEqual(
    [
      pairKey('lacquer', 'spirit-mild'),
      pairKey('lacquer', 'alcohol'),
      pairKey('enamel-wash', 'alcohol'),
    ].sort(),
  )
})
