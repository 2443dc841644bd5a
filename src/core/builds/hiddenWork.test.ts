import type { Build, BuildStep } from '../model/build'
import type { Zone } from '../model/zone'
import { hiddenWork } from './hiddenWork'

const PART = { id: 'hull', name: 'Hull', substrate: 'polystyrene', areaCm2: 100 } as const
const zone = (id: string, areaCm2: number, seen?: Zone['seen']): Zone => ({
  id,
  part: 'hull',
  name: id,
  areaCm2,
  ...(seen === undefined ? {} : { seen }),
})
const of = (zones: Zone[], ...steps: object[]) =>
  hiddenWork(
    {
      id: 'b',
      name: 'Hulk',
      parts: [PART],
      zones,
      steps: steps.map((step, i) => ({ ...step, id: `s${i}`, parts: ['hull'] }) as BuildStep),
    } as Build,
    PART,
  ).map(({ zone, minutes, share }) => [zone.id, minutes, share])
const ZONES = [zone('deck', 80, 2), zone('keel', 20, 0)]
const all = { do: 'degrease', minutes: 50 }
const keel = (minutes: number) => ({ do: 'detail', minutes, zones: ['keel'] })

it.each<[string, Zone[], object[], unknown[]]>([
  ['what is done to all of it is everybody’s share', ZONES, [all], []],
  ['just its double is borne', ZONES, [{ ...all, minutes: 60 }, keel(20)], []],
  ['more is told', ZONES, [all, keel(50)], [['keel', 60, 20]]],
  ['nobody says that it is hidden', [zone('deck', 80), zone('keel', 20)], [all, keel(50)], []],
  [
    'coats count each',
    ZONES,
    [all, { ...keel(25), coats: ['light', 'light'] }],
    [['keel', 60, 20]],
  ],
])('%s', (_, zones, steps, told) => {
  expect(of(zones, ...steps)).toEqual(told)
})
