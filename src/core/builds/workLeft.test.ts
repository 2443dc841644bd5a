import { indexLog } from '../log/logIndex'
import type { Build } from '../model/build'
import type { LoggedAct } from '../model/loggedAct'
import { hasWorkLeft } from './workLeft'

const BUILD = {
  id: 'b',
  name: 'Ploughman 6',
  parts: [
    { id: 'p', name: 'Frame', substrate: 'polystyrene' },
    { id: 'q', name: 'Armour', substrate: 'polystyrene' },
  ],
  steps: [
    { id: 's', parts: ['p', 'q'], do: 'prime' },
    { id: 'w', parts: ['p'], wait: 60 },
    { id: 't', parts: ['p'], do: 'clear' },
  ],
} as unknown as Build
const logged = (...told: [kind: LoggedAct['kind'], part: string, step: string][]) =>
  indexLog(
    told.map(([kind, part, step], i) => ({
      id: `l${i}`,
      at: new Date(Date.parse('2026-03-17T18:00:00Z') + i * 60_000).toISOString(),
      kind,
      build: 'b',
      part,
      step,
    })),
  )

test.each<[string, Parameters<typeof logged>, boolean]>([
  ['nothing was done', [], true],
  [
    'one part has its primer',
    [
      ['finished', 'p', 's'],
      ['finished', 'p', 't'],
    ],
    true,
  ],
  [
    'an act is running',
    [
      ['finished', 'p', 's'],
      ['finished', 'q', 's'],
      ['started', 'p', 't'],
    ],
    true,
  ],
  [
    'each act is done on each part',
    [
      ['finished', 'p', 's'],
      ['finished', 'q', 's'],
      ['finished', 'p', 't'],
    ],
    false,
  ],
  [
    'what isn’t done was skipped',
    [
      ['finished', 'p', 's'],
      ['skipped', 'q', 's'],
      ['skipped', 'p', 't'],
    ],
    false,
  ],
])('%s', (_, told, left) => {
  expect(hasWorkLeft(BUILD, logged(...told))).toBe(left)
})

test('a build that nothing is planned for yet is in hand', () => {
  expect(hasWorkLeft({ ...BUILD, steps: [] }, logged())).toBe(true)
})
