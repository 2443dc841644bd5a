import { applyEdit, invertPatch, NOTHING_LOGGED } from './applyEdit'
import type { Build, BuildStep } from './build'
import { type Edit, parseEdit } from './edit'

const step = (id: string, more: object = {}): BuildStep =>
  ({ id, parts: ['p', 'q'], do: 'base', family: 'lacquer', ...more }) as BuildStep

const build = (...steps: BuildStep[]): Build => ({
  id: 'b',
  name: 'Skiff',
  parts: [
    { id: 'p', name: 'Hull', substrate: 'polystyrene' },
    { id: 'q', name: 'Mast', substrate: 'polystyrene' },
  ],
  steps,
})

let n = 0
const newId = () => `new${++n}`
beforeEach(() => {
  n = 0
})

const change = (fields: Record<string, unknown>, on: 'every' | string[] = 'every'): Edit => ({
  do: 'change',
  targets: [{ step: 's' }],
  on,
  fields,
})

test.each([
  { fields: { family: 'enamel' }, bottle: undefined },
  { fields: { colour: '#112233' }, bottle: undefined },
  { fields: { sheen: 'matt' }, bottle: undefined },
  { fields: { coats: ['wet'] }, bottle: 'k' },
  { fields: { minutes: 12 }, bottle: 'k' },
  { fields: { colour: '#112233', bottle: 'other' }, bottle: 'other' },
])('changed by $fields a step is painted from $bottle', ({ fields, bottle }) => {
  const before = build(step('s', { colour: '#445566', bottle: 'k', mix: 'm' }))
  const result = applyEdit(before, change(fields), NOTHING_LOGGED, newId)
  if (!result.ok) throw new Error(result.why)
  expect((result.build.steps[0] as { bottle?: string }).bottle).toBe(bottle)
})

it('for one part alone leaves the others the step they had', () => {
  const before = build(step('s'))
  const result = applyEdit(before, change({ family: 'enamel' }, ['q']), NOTHING_LOGGED, newId)
  if (!result.ok) throw new Error(result.why)
  expect(result.build.steps).toEqual([
    { ...step('s'), parts: ['p'] },
    { ...step('new1', { family: 'enamel' }), parts: ['q'] },
  ])
  const back = applyEdit(result.build, result.inverse, NOTHING_LOGGED, newId)
  expect(back.ok && back.build).toEqual(before)
  expect(invertPatch(invertPatch(result.inverse))).toEqual(result.inverse)
})

test.each([
  { fields: { id: 'x' }, path: 'fields' },
  { fields: { steps: [] }, path: 'fields' },
])('no edit of fields changes what a row is: $fields', ({ fields, path }) => {
  const read = parseEdit({ do: 'set', fields })
  expect(read).toMatchObject({ ok: false, problems: [{ path, found: JSON.stringify(fields) }] })
})
