import { applyEdit, NOTHING_LOGGED } from '../model/applyEdit'
import type { Build, BuildStep, Part } from '../model/build'
import type { Zone } from '../model/zone'
import { edgeEdit, edgesToPress, masksOf } from './masks'

const CAR: Part = { id: 'car', name: 'Body', substrate: 'polystyrene' }
const zone = (id: string, edges: Zone['edges'] = []): Zone => ({ id, part: 'car', name: id, edges })
const ZONES = [
  zone('roof', [
    { zone: 'boot', mm: 70 },
    { zone: 'side', mm: 160, radiusMm: 12 },
  ]),
  zone('boot', [{ zone: 'side', mm: 40 }]),
  zone('side'),
  zone('glass', [{ zone: 'roof', mm: 90, soft: true }]),
]
const base = { do: 'base', family: 'lacquer', coats: ['light'] }
const build = (...steps: Record<string, unknown>[]): Build => ({
  id: 'b',
  name: 'Corriebreck 1100',
  parts: [CAR],
  zones: ZONES,
  steps: steps.map((step, i) => ({ ...step, id: `s${i}`, parts: ['car'] }) as BuildStep),
})
const TWO_TONE = build(
  base,
  { do: 'tape', zones: ['roof'] },
  { ...base, zones: ['boot', 'side', 'glass'] },
  { do: 'detail' },
  { do: 'untape' },
  base,
)

it('a mask lies from the step that lays it to the one that takes it off', () => {
  const [mask, ...more] = masksOf(TWO_TONE, CAR)
  expect(more).toEqual([])
  expect(mask?.step.id).toBe('s1')
  expect(mask?.off?.id).toBe('s4')
  // What is brushed on needs no look at its edges.
  expect(mask?.passes.map(({ id }) => id)).toEqual(['s2'])
})

it('its pieces know where they meet what is sprayed, and what covers them there', () => {
  const [mask] = masksOf(TWO_TONE, CAR)
  expect(mask?.pieces).toMatchObject([
    {
      zone: { id: 'roof' },
      mm: 230,
      edges: [
        { beside: { id: 'boot' }, mm: 70, tape: 'straight' },
        { beside: { id: 'side' }, mm: 160, tape: 'flexible' },
      ],
    },
  ])
})

it.each([
  ['nothing takes it off', [{ do: 'tape', zones: ['roof'] }, base], null, ['s1']],
  [
    'only salt is brushed off',
    [{ do: 'tape', zones: ['roof'] }, base, { do: 'unsalt' }],
    null,
    ['s1'],
  ],
  [
    'latex, picked off',
    [{ do: 'latex', zones: ['roof'] }, base, { do: 'unlatex' }, base],
    's2',
    ['s1'],
  ],
])('%s', (_, steps, off, passes) => {
  const [mask] = masksOf(build(...steps), CAR)
  expect(mask?.off?.id ?? null).toBe(off)
  expect(mask?.passes.map(({ id }) => id)).toEqual(passes)
})

it('a mask of which nobody says where it lies has no pieces', () => {
  expect(masksOf(build({ do: 'tape' }, base), CAR)[0]?.pieces).toEqual([])
})

it('its edges are pressed before every pass, and before nothing else', () => {
  expect(['s0', 's2', 's3', 's5'].map((step) => edgesToPress(TWO_TONE, CAR, step))).toEqual([
    [],
    ['roof'],
    [],
    [],
  ])
})

it.each([
  ['roof', 'boot'],
  ['boot', 'roof'],
])('how an edge runs is said once, from %s to %s', (a, b) => {
  const done = applyEdit(
    TWO_TONE,
    edgeEdit(TWO_TONE, a, b, { zone: b, mm: 70, groove: true }),
    NOTHING_LOGGED,
    () => 'n',
  )
  const edited = done.ok ? done.build : TWO_TONE
  expect(edited.zones?.[0]?.edges?.[0]).toEqual({ zone: 'boot', mm: 70, groove: true })
  expect(edited.zones?.[1]?.edges).toHaveLength(1)
  expect(masksOf(edited, CAR)[0]?.pieces[0]?.edges[0]?.tape).toBe('groove-sheet')
})
