import { applyEdit, NOTHING_LOGGED } from '../model/applyEdit'
import type { Build, BuildStep } from '../model/build'
import { assemblyOf, jointsOf } from './joining'

const PAINT = { do: 'base', family: 'lacquer', coats: ['light'] }
const joint = (more: object = {}) => ({
  do: 'assemble',
  parts: ['hull', 'fin'],
  shuts: ['root'],
  ...more,
})
const build = (...steps: object[]): Build => ({
  id: 'b',
  name: 'Hulk',
  parts: ['hull', 'fin', 'mast'].map((id) => ({ id, name: id, substrate: 'polystyrene' })),
  zones: [
    { id: 'root', part: 'fin', name: 'Root', edges: [{ zone: 'side', mm: 60 }] },
    { id: 'side', part: 'fin', name: 'Side' },
  ],
  steps: steps.map((step, i) => ({ parts: ['hull', 'fin'], ...step, id: `s${i}` }) as BuildStep),
})
const [red, grey] = ['#A8321F', '#8B8C8B'].map((colour) => ({ ...PAINT, colour }))
const TWO = build({ ...red, parts: ['hull'] }, { ...grey, parts: ['fin'] }, joint(), { do: 'line' })
const one = (of: Build) => jointsOf(of)[0]
const orderAfter = (of: Build, which: 'early' | 'late') => {
  const edit = one(of)?.[which].edit
  const done = edit && applyEdit(of, edit, NOTHING_LOGGED, () => 'n')
  return done?.ok ? done.build.steps.map(({ id }) => id) : null
}

it('joined before paint, what it shuts in is lost, and the other colour is masked off', () => {
  expect(one(TWO)?.early).toMatchObject({
    maskMinutes: 3,
    lost: [{ id: 'root' }],
    onPaint: false,
    seamMends: true,
  })
  expect(orderAfter(TWO, 'early')).toEqual(['s2', 's0', 's1', 's3'])
})

it('joined after paint, the faces to be glued are masked', () => {
  expect(one(TWO)?.late).toMatchObject({
    maskMinutes: 4,
    lost: [],
    onPaint: true,
    seamMends: false,
    edit: null,
  })
  const before = build(joint(), red as object)
  expect(orderAfter(before, 'late')).toEqual(['s1', 's0'])
  expect(one(before)?.early.edit).toBeNull()
})

it.each([
  ['one colour needs no mask', [red, joint()], 'early', { maskMinutes: 0 }],
  [
    'gel goes on paint',
    [red, joint({ adhesive: 'cyanoacrylate' })],
    'late',
    { maskMinutes: 0, onPaint: false },
  ],
  [
    'a zone that no paint comes to is not lost',
    [{ ...red, zones: ['side'] }, joint()],
    'early',
    { lost: [] },
  ],
  ['unpainted parts are joined whenever', [joint()], 'late', { maskMinutes: 0, edit: null }],
] as const)('%s', (_, steps, which, then) => {
  expect(one(build(...(steps as readonly object[])))?.[which]).toMatchObject(then)
})

it('what is put together of what is a tree, and the rest stands by itself', () => {
  const tree = assemblyOf(build(red as object, joint(), joint({ parts: ['fin', 'mast'] })))
  expect(tree).toMatchObject([
    {
      joint: { id: 's2' },
      of: [
        { joint: { id: 's1' }, of: [{ part: { id: 'hull' } }, { part: { id: 'fin' } }] },
        { part: { id: 'mast' } },
      ],
    },
  ])
  expect(assemblyOf(build(red as object))).toMatchObject([{ part: {} }, { part: {} }, { part: {} }])
  // Joined twice is joined once.
  expect(assemblyOf(build(joint(), joint()))).toMatchObject([
    { joint: { id: 's0' } },
    { part: { id: 'mast' } },
  ])
})
