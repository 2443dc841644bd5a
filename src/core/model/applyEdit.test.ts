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

describe('parts', () => {
  const shared = build(step('s', { endsAfter: { p: 1, q: 1 } }), step('own', { parts: ['q'] }))
  const logged = (id: string) => (id === 's' ? { status: 'done' as const, coats: 1 } : null)
  test.each<{ edit: Edit; parts: string; steps: string; why: string }>([
    {
      edit: { do: 'removePart', part: 'q' },
      parts: 'p',
      steps: 's:p',
      why: 'one is taken out with what is meant for it alone, logged or not',
    },
    {
      edit: { do: 'orderParts', parts: ['q', 'p'] },
      parts: 'q p',
      steps: 's:p+q own:q',
      why: 'they are put in order',
    },
  ])('$why, and back', ({ edit, parts, steps }) => {
    const result = applyEdit(shared, edit, logged, newId)
    if (!result.ok) throw new Error(result.why)
    expect(result.build.parts.map(({ id }) => id).join(' ')).toBe(parts)
    expect(result.build.steps.map((s) => `${s.id}:${s.parts.join('+')}`).join(' ')).toBe(steps)
    const back = applyEdit(result.build, result.inverse, NOTHING_LOGGED, newId)
    expect(back).toMatchObject({ ok: true, build: shared })
    if (back.ok) expect(back.build.parts).toEqual(shared.parts)
  })

  test.each<{ edit: Edit; why: string }>([
    { edit: { do: 'removePart', part: 'gone' }, why: 'isn’t there' },
    { edit: { do: 'orderParts', parts: ['p'] }, why: 'isn’t there' },
    { edit: { do: 'orderParts', parts: ['p', 'p'] }, why: 'isn’t there' },
  ])('$edit is refused', ({ edit, why }) => {
    expect(applyEdit(shared, edit, logged, newId)).toMatchObject({
      ok: false,
      why: expect.stringContaining(why),
    })
  })

  it('the last one stays', () => {
    const alone = { ...shared, parts: shared.parts.slice(0, 1), steps: [] }
    expect(applyEdit(alone, { do: 'removePart', part: 'p' }, logged, newId)).toMatchObject({
      ok: false,
      why: 'A build has one part at least.',
    })
  })
})
