import { applyEdit, NOTHING_LOGGED } from '../model/applyEdit'
import { bare } from '../model/bare'
import type { Build, BuildStep, Part } from '../model/build'
import type { Step } from '../model/sequence'
import type { SequenceEdit } from '../stack/rules/finding'
import { sequence } from '../stack/tests/sequences'
import { buildEditOf } from './remedyEdit'

const BUILD: Build = {
  id: 'b',
  name: 'Skiff',
  parts: [
    { id: 'hull', name: 'Hull', substrate: 'polystyrene' },
    { id: 'mast', name: 'Mast', substrate: 'metal' },
  ],
  steps: [
    { id: 'a', parts: ['hull', 'mast'], do: 'prime' },
    { id: 'b', parts: ['mast'], do: 'metal', family: 'lacquer' },
    { id: 'c', parts: ['hull'], do: 'base', family: 'lacquer' },
  ],
}
const ORDER = ['a', 'c']

/** The build after an edit of one part's sequence, nothing being logged. */
function editBuild(
  build: Build,
  part: string,
  order: readonly string[],
  edit: SequenceEdit,
  id: () => string,
): Build {
  const rows = order.map((one) => build.steps.find((step) => step.id === one) as BuildStep)
  const edited = {
    part: build.parts.find((otherPart) => otherPart.id === part) as Part,
    entries: rows.map((step) => ({ step, coatsBefore: 0, fact: false })),
    sequence: sequence(rows.map(bare)),
  }
  const result = applyEdit(build, buildEditOf(edited, edit, id), NOTHING_LOGGED, id)
  return result.ok ? result.build : build
}

function ids() {
  let n = 0
  return () => `new${++n}`
}

const told = (build: Build) =>
  build.steps.map(
    (step) => `${step.id}:${'do' in step ? step.do : step.wait}:${step.parts.join('+')}`,
  )

test.each([
  {
    why: 'inserts for this part only, before the step in the build',
    edit: { insert: { before: 1, step: { do: 'sand' as const } } },
    gives: ['a:prime:hull+mast', 'b:metal:mast', 'new1:sand:hull', 'c:base:hull'],
  },
  {
    why: 'inserts at the end',
    edit: { insert: { before: 2, steps: [{ wait: '1 h' }, { do: 'sand' as const }] } },
    gives: ['a:prime:hull+mast', 'b:metal:mast', 'c:base:hull', 'new1:1 h:hull', 'new2:sand:hull'],
  },
  {
    why: 'replaces a step of its own in place',
    edit: { replace: { step: 1, with: { do: 'glaze' as const, family: 'lacquer' as const } } },
    gives: ['a:prime:hull+mast', 'b:metal:mast', 'c:glaze:hull'],
  },
  {
    why: 'leaves a shared step to the others',
    edit: { replace: { step: 0, with: { do: 'wash' as const } } },
    gives: ['a:prime:mast', 'new1:wash:hull', 'b:metal:mast', 'c:base:hull'],
  },
  {
    why: 'removes this part from a shared step',
    edit: { remove: { step: 0 } },
    gives: ['a:prime:mast', 'b:metal:mast', 'c:base:hull'],
  },
  {
    why: 'moves a step of its own',
    edit: { move: { step: 1, before: 0 } },
    gives: ['c:base:hull', 'a:prime:hull+mast', 'b:metal:mast'],
  },
  {
    why: 'moves a copy of a shared step',
    edit: { move: { step: 0, before: 2 } },
    gives: ['a:prime:mast', 'b:metal:mast', 'c:base:hull', 'new1:prime:hull'],
  },
  {
    why: 'ends the work early',
    edit: { set: { steps: [{ do: 'prime' as const }] } },
    gives: ['a:prime:hull+mast', 'b:metal:mast'],
  },
])('$why', ({ edit, gives }) => {
  expect(told(editBuild(BUILD, 'hull', ORDER, edit, ids()))).toEqual(gives)
})

it('sets the school of the build', () => {
  const edit = { set: { school: { liningSurface: 'satin' as const } } }
  expect(editBuild(BUILD, 'hull', ORDER, edit, ids()).school).toEqual({ liningSurface: 'satin' })
})

it('refuses an index outside the part’s steps', () => {
  expect(() => editBuild(BUILD, 'hull', ORDER, { remove: { step: 2 } }, ids())).toThrow(RangeError)
})

describe('the steps of a part set anew', () => {
  const shared: Build = {
    id: 'b',
    name: 'Pair',
    parts: ['l', 'r'].map((id) => ({ id, name: id, substrate: 'polystyrene' as const })),
    steps: [
      { id: '1', parts: ['l', 'r'], do: 'prime' },
      { id: '2', parts: ['l'], do: 'graphite' },
      { id: '3', parts: ['l', 'r'], do: 'clear', family: 'acrylic-pu', sheen: 'matt' },
    ],
  }
  const order = ['1', '2', '3']
  const of = (build: Build, part: string) =>
    build.steps
      .filter((step) => step.parts.includes(part))
      .map((step) => ('do' in step ? step.do : 'wait'))
  const steps = order.map((id) => bare(shared.steps.find((step) => step.id === id) as BuildStep))
  const [prime, graphite, clear] = steps as [Step, Step, Step]
  let n = 0
  const set = (next: Step[]) =>
    editBuild(shared, 'l', order, { set: { steps: next } }, () => `n${++n}`)

  it('keeps what reads the same, in the new order, and leaves the other part as it is', () => {
    const made = set([prime, clear, graphite])
    expect(of(made, 'l')).toEqual(['prime', 'clear', 'graphite'])
    expect(of(made, 'r')).toEqual(['prime', 'clear'])
  })

  it('takes out what is gone, on this part alone', () => {
    const made = set([prime, graphite])
    expect(of(made, 'l')).toEqual(['prime', 'graphite'])
    expect(of(made, 'r')).toEqual(['prime', 'clear'])
  })

  it('lays what is new where it stands', () => {
    const made = set([prime, { do: 'wash' }, graphite, clear])
    expect(of(made, 'l')).toEqual(['prime', 'wash', 'graphite', 'clear'])
    expect(of(made, 'r')).toEqual(['prime', 'clear'])
  })

  it('sets the depth of the lines on the part', () => {
    const made = editBuild(shared, 'l', order, { set: { lineDepthMm: 0.2 } }, () => 'n')
    expect(made.parts[0]?.lineDepthMm).toBe(0.2)
    expect(made.parts[1]?.lineDepthMm).toBeUndefined()
  })
})
