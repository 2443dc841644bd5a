import type { Zone } from '../model/zone'
import { edgesOfZone } from './zoneEdges'

const zone = (id: string, ...edges: NonNullable<Zone['edges']>): Zone => ({
  id,
  part: 'p',
  name: id,
  edges,
})
const [roof, side, boot] = [
  zone('roof', { zone: 'side', mm: 80 }),
  zone('side', { zone: 'roof', mm: 80 }, { zone: 'boot', mm: 30, soft: true }),
  zone('boot', { zone: 'roof', mm: 20 }),
]

it.each([
  [
    'both say one and another alone says one',
    roof,
    [
      ['side', 80],
      ['boot', 20],
    ],
  ],
  [
    'said by itself',
    side,
    [
      ['roof', 80],
      ['boot', 30],
    ],
  ],
  [
    'a soft one that the other says',
    boot,
    [
      ['roof', 20],
      ['side', 30],
    ],
  ],
] as const)('each neighbour once: %s', (_, one, met) => {
  expect(edgesOfZone(one, [roof, side, boot]).map(({ zone, mm }) => [zone, mm])).toEqual(met)
})
