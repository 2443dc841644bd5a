import { FAULT_TABLE } from '../knowledge/faults'
import { TECHNIQUES } from '../knowledge/techniques/techniques'
import { actCalled, type Findable, familyCalled, searchIndex } from './search'

const FINDABLE: Findable[] = [
  ...Object.entries(FAULT_TABLE).map(
    ([id, { symptom, causes }]): Findable => ({
      id: `fault ${id}`,
      kind: 'fault',
      says: symptom,
      words: causes,
      to: id,
    }),
  ),
  ...TECHNIQUES.map(
    ({ id, name, purpose }): Findable => ({
      id: `technique ${id}`,
      kind: 'technique',
      says: name,
      words: purpose,
      to: id,
    }),
  ),
  { id: 'step r', kind: 'step', says: 'Release coat, Hull', words: actCalled('release'), to: 'r' },
  { id: 'step l', kind: 'step', says: 'Panel lining, Hull', words: actCalled('line'), to: 'l' },
  {
    id: 'family e',
    kind: 'family',
    says: 'Enamel wash',
    words: familyCalled('enamel-wash'),
    to: 'e',
  },
  { id: 'command m', kind: 'command', says: 'Mix for Hull', words: 'paint thinner', to: 'm' },
  { id: 'part h', kind: 'part', says: 'Hull, Skiff', to: 'h' },
]
const index = searchIndex(FINDABLE)

test.each([
  ['hairspray', 'step r'],
  ['chipping fluid', 'step r'],
  ['pin wash', 'step l'],
  ['spirit wash', 'family e'],
  ['mix for hull', 'command m'],
  ['hull', 'part h'],
  ['frost', 'fault white-frost'],
  ['wrinkels', 'fault wrinkles'],
])('%s finds %s', (query, id) => {
  expect(index.find(query, 8).map((row) => row.id)).toContain(id)
})

test.each(['frost', 'orange peel', 'fish-eye', 'tape', 'mirror', 'holes', 'grain', 'dust'])(
  'the hobby’s word %s finds something',
  (word) => {
    expect(index.find(word, 3)).not.toEqual([])
  },
)

it('what nobody says finds nothing', () => {
  expect(index.find('xyzzy', 3)).toEqual([])
  expect(index.find('', 3)).toEqual([])
})
