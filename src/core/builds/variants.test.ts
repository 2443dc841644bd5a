import { applyEdit, NOTHING_LOGGED } from '../model/applyEdit'
import type { Build, BuildStep } from '../model/build'
import { differsFrom, variantEdit } from './variants'

const step = (id: string, fields: object = {}): BuildStep =>
  ({ id, parts: ['hull', 'door'], do: 'base', family: 'lacquer', ...fields }) as BuildStep
const STEPS = [
  step('prime', { do: 'prime' }),
  step('base', { colour: '#C9C4B4' }),
  step('clear', { do: 'clear', sheen: 'gloss' }),
  step('line', { do: 'line', family: 'enamel-wash', amount: 0.5 }),
  step('clean', { do: 'line-clean', family: 'enamel-wash' }),
]
const BUILD: Build = {
  id: 'b',
  name: 'Ship',
  parts: [
    { id: 'hull', name: 'Hull', substrate: 'polystyrene' },
    { id: 'door', name: 'Door', substrate: 'polystyrene' },
  ],
  steps: STEPS,
}
const HULL = BUILD.parts[0] as Build['parts'][number]
const [prime, base, clear, line, clean] = STEPS as [
  BuildStep,
  BuildStep,
  BuildStep,
  BuildStep,
  BuildStep,
]
const matt = { ...clear, sheen: 'matt' } as BuildStep

const VARIANTS: {
  why: string
  after: BuildStep[]
  says: string[]
  hull: string[]
  door: string[]
}[] = [
  {
    why: 'another sheen',
    after: [prime, base, matt, line, clean],
    says: ['changed clear sheen'],
    hull: ['prime', 'base', 'matt clear', 'line', 'line-clean'],
    door: ['prime', 'base', 'gloss clear', 'line', 'line-clean'],
  },
  {
    why: 'a step left out',
    after: [prime, base, line, clean],
    says: ['left-out clear'],
    hull: ['prime', 'base', 'line', 'line-clean'],
    door: ['prime', 'base', 'gloss clear', 'line', 'line-clean'],
  },
  {
    why: 'another order, and another sheen of what moved',
    after: [prime, base, line, clean, matt],
    says: ['moved clear', 'changed clear sheen'],
    hull: ['prime', 'base', 'line', 'line-clean', 'matt clear'],
    door: ['prime', 'base', 'gloss clear', 'line', 'line-clean'],
  },
  {
    why: 'a step more',
    after: [prime, base, clear, line, clean, step('lock', { do: 'clear', sheen: 'satin' })],
    says: ['added lock'],
    hull: ['prime', 'base', 'gloss clear', 'line', 'line-clean', 'satin clear'],
    door: ['prime', 'base', 'gloss clear', 'line', 'line-clean'],
  },
]

const named = (build: Build, part: string) =>
  build.steps
    .filter(({ parts }) => parts.includes(part))
    .map((one) => {
      const { do: act, sheen } = one as { do: string; sheen?: string }
      return sheen ? `${sheen} ${act}` : act
    })

test.each(VARIANTS)('a variant with $why is told and taken over on its part alone', (row) => {
  const said = differsFrom(STEPS, row.after).map((one) =>
    [one.kind, one.step.id, 'field' in one ? one.field : ''].join(' ').trim(),
  )
  expect(said).toEqual(row.says)
  const edit = variantEdit(BUILD, HULL, { before: STEPS, after: row.after })
  if (!edit) throw new Error('nothing to take over')
  let n = 0
  const result = applyEdit(BUILD, edit, NOTHING_LOGGED, () => `n${++n}`)
  if (!result.ok) throw new Error(result.why)
  expect(named(result.build, 'hull')).toEqual(row.hull)
  expect(named(result.build, 'door')).toEqual(row.door)
  const undone = applyEdit(result.build, result.inverse, NOTHING_LOGGED, () => 'x')
  expect(undone).toMatchObject({ ok: true, build: BUILD })
})

test('what is done stays, and nothing that differs is no edit', () => {
  expect(variantEdit(BUILD, HULL, { before: STEPS, after: STEPS })).toBeNull()
  const edit = variantEdit(BUILD, HULL, { before: STEPS, after: [prime, base, matt, line, clean] })
  const done = (id: string, part: string) =>
    id === 'clear' && part === 'hull' ? { status: 'done' as const, coats: 1 } : null
  expect(applyEdit(BUILD, edit as never, done, () => 'n')).toMatchObject({ ok: false })
})

test('a step that was removed from the build since then is left alone', () => {
  const now = { ...BUILD, steps: STEPS.filter(({ id }) => id !== 'line') }
  const after = [prime, base, matt, { ...line, amount: 0.9 } as BuildStep, clean]
  expect(variantEdit(now, HULL, { before: STEPS, after })).toEqual({
    do: 'all',
    edits: [
      { do: 'change', targets: [{ step: 'clear' }], on: ['hull'], fields: { sheen: 'matt' } },
    ],
  })
})

test('a step that the build has and the variant does not know stays where it is', () => {
  const dust = step('dust', { do: 'dust' })
  const now = { ...BUILD, steps: [prime, base, clear, line, dust, clean] }
  const after = [prime, base, line, clean, clear]
  const edit = variantEdit(now, HULL, { before: STEPS, after })
  let n = 0
  const result = applyEdit(now, edit as never, NOTHING_LOGGED, () => `n${++n}`)
  if (!result.ok) throw new Error(result.why)
  expect(named(result.build, 'hull')).toEqual([
    'prime',
    'base',
    'line',
    'dust',
    'line-clean',
    'gloss clear',
  ])
})

test('the school that a variant holds to comes with it', () => {
  const edit = variantEdit(BUILD, HULL, { before: STEPS, after: STEPS }, { liningSurface: 'matt' })
  expect(edit).toEqual({
    do: 'all',
    edits: [{ do: 'set', fields: { school: { liningSurface: 'matt' } } }],
  })
})
