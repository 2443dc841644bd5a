import { stateOf } from '../builds/benchState'
import { planParts } from '../builds/planParts'
import { buildEditOf } from '../builds/remedyEdit'
import { applyEdit, NOTHING_LOGGED } from '../model/applyEdit'
import { bare } from '../model/bare'
import type { Bottle } from '../model/bottle'
import type { Build, Part } from '../model/build'
import type { Project } from '../model/project'
import type { Step } from '../model/sequence'
import { sequence } from '../stack/tests/sequences'
import { asPainted } from './sheet'

const NOW = Date.parse('2026-03-14T12:00:00Z')
const BUILD = {
  id: 'b',
  name: 'Build',
  parts: [{ id: 'p', name: 'Hull', substrate: 'polystyrene' }],
  steps: [
    { id: 'one', parts: ['p'], do: 'base', family: 'enamel', colour: '#55585A' },
    { id: 'two', parts: ['p'], do: 'clear', family: 'acrylic-pu', sheen: 'matt' },
  ],
} as Build
const GREY: Bottle = {
  id: 'grey',
  name: 'Grey',
  family: 'enamel',
  role: 'colour',
  colour: '#55585a',
  sizeMl: 14,
  leftMl: 9,
}
const QUICK = { ...GREY, product: { recoat: '2 h', cured: '3 h' } }

function project(shelf: Bottle[], build = BUILD): Project {
  return { format: 'tectoria-project', version: 1, builds: [build], shelf }
}
const step = BUILD.steps[0] as Build['steps'][number]
const secondAt = (of: Project) => planParts(stateOf(of), NOW)[0]?.plan.steps[1]?.from ?? 0

test.each([
  ['no sheet', [GREY], undefined],
  ['a sheet', [QUICK], QUICK.product],
  ['the sheet of another colour', [{ ...QUICK, colour: '#FFFFFF' }], undefined],
  [
    'a sheet of an emptier bottle than the one that is used',
    [GREY, { ...QUICK, leftMl: 1 }],
    undefined,
  ],
])('with %s', (_, shelf, product) => {
  const painted = asPainted(project(shelf), step)
  expect('product' in painted ? painted.product : undefined).toEqual(product)
  expect(asPainted(project(shelf), step)).toBe(painted)
})

it('what the step says of its product comes first; a rework window goes with the bottle', () => {
  const own = { ...step, product: { recoat: '9 h' } } as Build['steps'][number]
  expect(asPainted(project([QUICK]), own)).toBe(bare(own))
  const slow = asPainted(project([{ ...GREY, reworkHours: 6 }]), step)
  expect(slow).toMatchObject({ reworkHours: 6 })
})

it('how a paint hides by its swatch goes with the bottle, unless the step says it', () => {
  const told = project([{ ...QUICK, hiding: 3 }])
  expect(asPainted(told, step)).toMatchObject({ hiding: 3, product: QUICK.product })
  const own = { ...step, hiding: 7, product: { recoat: '9 h' } } as Build['steps'][number]
  expect(asPainted(told, own)).toBe(bare(own))
  const sheeted = { ...step, product: { recoat: '9 h' } } as Build['steps'][number]
  expect(asPainted(told, sheeted)).toMatchObject({ hiding: 3, product: { recoat: '9 h' } })
})

it('the clocks of a part follow the sheet of its bottle', () => {
  expect(secondAt(project([QUICK]))).toBeLessThan(secondAt(project([GREY])))
})

it('steps put in another order keep their ids, and the sheet stays with the bottle', () => {
  const all = project([QUICK])
  const painted = BUILD.steps.map((step) => asPainted(all, step))
  const part = {
    part: BUILD.parts[0] as Part,
    entries: BUILD.steps.map((step) => ({ step, coatsBefore: 0, fact: false })),
    sequence: sequence(painted),
  }
  const edit = buildEditOf(part, { set: { steps: painted.toReversed() } }, () => 'new')
  const result = applyEdit(BUILD, edit, NOTHING_LOGGED, () => 'new')
  const edited = result.ok ? result.build : BUILD
  expect(edited.steps.map((step) => step.id)).toEqual(['two', 'one'])
  expect(JSON.stringify(edited)).not.toContain('2 h')
})

it.each<[string, (first: Step) => object, object]>([
  ['fewer coats', (first) => ({ ...first, coats: ['mist'] }), { coats: ['mist'] }],
  [
    'another paint',
    () => ({ do: 'base', family: 'lacquer', colour: '#55585A' }),
    { family: 'lacquer' },
  ],
])('a way out writes nothing of the sheet into the step: %s', (_, changed, fields) => {
  const all = project([{ ...QUICK, hiding: 3 }])
  const [first, second] = BUILD.steps.map((step) => asPainted(all, step)) as [Step, Step]
  const part = {
    part: BUILD.parts[0] as Part,
    entries: BUILD.steps.map((step) => ({ step, coatsBefore: 0, fact: false })),
    sequence: sequence([first, second]),
  }
  const next = changed(first) as Step
  const edit = buildEditOf(part, { replace: { step: 0, with: next } }, () => 'new')
  expect(edit).toMatchObject({ do: 'change', fields })
  expect(JSON.stringify(edit)).not.toMatch(/product|hiding/)
})
