import { readProject } from '../formats/projectFile'
import { applyEdit, NOTHING_LOGGED } from './applyEdit'
import type { Build } from './build'
import { withoutGone } from './withoutGone'

const BUILD = {
  id: 'b',
  name: 'Gannet’s Lament',
  parts: [
    {
      id: 'hull',
      name: 'Hull',
      substrate: 'abs',
      holder: { kind: 'clip', zone: 'roof' },
      spots: [
        { id: 'a', kind: 'seam', zone: 'roof' },
        { id: 'b', kind: 'sink', zone: 'body' },
      ],
    },
    { id: 'mast', name: 'Mast', substrate: 'abs' },
  ],
  zones: [
    { id: 'roof', part: 'hull', name: 'Roof' },
    {
      id: 'body',
      part: 'hull',
      name: 'Body',
      mirror: 'roof',
      edges: [{ zone: 'roof', mm: 20 }],
    },
    { id: 'top', part: 'mast', name: 'Top' },
  ],
  decalPlaces: [
    { id: 'd', part: 'hull', zone: 'roof', name: 'Number', widthMm: 8, heightMm: 4 },
    { id: 'e', part: 'mast', zone: 'top', name: 'Star', widthMm: 8, heightMm: 8 },
  ],
  steps: [
    { id: 's0', parts: ['hull'], do: 'base', family: 'enamel', zones: ['roof'], heldBy: 'roof' },
    { id: 's1', parts: ['hull'], do: 'assemble', shuts: ['roof', 'body'] },
    { id: 's2', parts: ['hull'], wait: '2 h' },
  ],
} as unknown as Build

const removed = (id: string): Build => ({
  ...BUILD,
  zones: (BUILD.zones ?? []).filter((zone) => zone.id !== id),
})

it('a build that names nothing that is gone stays the same', () => {
  expect(withoutGone(BUILD)).toBe(BUILD)
})

it('what named a zone that was taken off is for its part', () => {
  const left = withoutGone(removed('roof'))
  expect(JSON.parse(JSON.stringify(left))).toEqual({
    ...BUILD,
    parts: [
      {
        ...BUILD.parts[0],
        holder: { kind: 'clip' },
        spots: [
          { id: 'a', kind: 'seam' },
          { id: 'b', kind: 'sink', zone: 'body' },
        ],
      },
      BUILD.parts[1],
    ],
    zones: [{ id: 'body', part: 'hull', name: 'Body', edges: [] }, BUILD.zones?.[2]],
    decalPlaces: [
      { id: 'd', part: 'hull', name: 'Number', widthMm: 8, heightMm: 4 },
      BUILD.decalPlaces?.[1],
    ],
    steps: [
      { id: 's0', parts: ['hull'], do: 'base', family: 'enamel' },
      { id: 's1', parts: ['hull'], do: 'assemble', shuts: ['body'] },
      BUILD.steps[2],
    ],
  })
})

test.each([
  ['a zone is taken off', { do: 'set', fields: { zones: removed('roof').zones } }],
  ['a part is taken out', { do: 'removePart', part: 'mast' }],
] as const)(
  '%s: the file that is exported is read again, and it is taken back whole',
  (_, edit) => {
    const done = applyEdit(
      BUILD,
      edit as Parameters<typeof applyEdit>[1],
      NOTHING_LOGGED,
      () => 'n',
    )
    if (!done.ok) throw new Error(done.why)
    const file = { format: 'tectoria-project', version: 1, builds: [done.build] }
    expect(readProject(JSON.parse(JSON.stringify(file)))).toMatchObject({ ok: true })
    const back = applyEdit(done.build, done.inverse, NOTHING_LOGGED, () => 'n')
    expect(back.ok && back.build).toEqual(BUILD)
  },
)
