import type { Project } from '@/core/model/project'
import { clashWords } from './clashWords'

const PROJECT = {
  format: 'tectoria-project',
  version: 1,
  builds: [
    {
      id: 'b',
      name: 'Skiff',
      parts: [{ id: 'p', name: 'Hull', substrate: 'polystyrene', areaCm2: 9 }],
      steps: [{ id: 's.1', parts: ['p'], do: 'clear', family: 'lacquer', sheen: 'gloss' }],
    },
  ],
} as unknown as Project

it.each([
  ['builds[b].name', 'Skiff', 'Punt', 'Skiff, name', 'Skiff', 'Punt'],
  ['builds[b].parts[p].areaCm2', 9, 12, 'Skiff, Hull, area cm2', '9', '12'],
  [
    'builds[b].steps[s.1].coats',
    ['wet'],
    undefined,
    'Skiff, Gloss clear, coats',
    '["wet"]',
    'removed',
  ],
  ['shelf[gone]', { id: 'gone' }, '', 'gone', '{"id":"gone"}', 'nothing'],
  ['sessions.zone', 'a'.repeat(100), 'b', 'sessions, zone', `${'a'.repeat(80)}…`, 'b'],
])('%s: %j here and %j there', (path, own, other, of, mine, theirs) => {
  expect(clashWords({ path, mine: own, theirs: other }, PROJECT)).toEqual({ of, mine, theirs })
})
