import type { Build, BuildStep } from '@/core/model/build'
import { zonesSaid } from './zonesSaid'

/** Two hulls of the same zones. */
const build = {
  id: 'b',
  name: 'Gannet’s Lament',
  parts: [],
  steps: [],
  zones: ['port', 'starboard'].flatMap((part) =>
    ['Deck', 'Flank', 'Underside'].map((name) => ({ id: `${part} ${name}`, part, name })),
  ),
} as unknown as Build

test.each([
  { zones: undefined, said: null, why: 'of no zone: all of it' },
  { zones: ['port Deck', 'starboard Deck'], said: 'on deck', why: 'the same of two parts, once' },
  {
    zones: ['port Deck', 'port Flank', 'starboard Deck', 'starboard Flank'],
    said: 'all but underside',
    why: 'the one that is left out, once',
  },
  {
    zones: ['Deck', 'Flank', 'Underside'].flatMap((name) => [`port ${name}`, `starboard ${name}`]),
    said: null,
    why: 'every zone: all of it',
  },
])('$why: $said', ({ zones, said }) => {
  const step = { id: 's', do: 'base', parts: ['port', 'starboard'], zones } as BuildStep
  expect(zonesSaid(build, step)).toBe(said)
})
