/** @jest-environment jsdom */
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import type { Bottle } from '@/core/model/bottle'
import type { Build, BuildStep } from '@/core/model/build'
import type { StoredMix } from '@/core/model/mix'
import { ACTS } from '@/core/model/vocabulary'
import { ACT_GROUPS, newStep } from './acts'
import { StepEditor } from './StepEditor'
import { reordered } from './useBuildEdits'

jest.mock('../shell/BenchContext', () => ({ useBench: () => ({}) }))

afterEach(cleanup)

const CLEAR: BuildStep = {
  id: 'c',
  parts: ['hull'],
  do: 'clear',
  family: 'lacquer',
  sheen: 'gloss',
  coats: ['mist', 'light'],
}
const BUILD: Build = {
  id: 'b',
  name: 'Skiff',
  parts: [
    { id: 'hull', name: 'Hull', substrate: 'polystyrene' },
    { id: 'mast', name: 'Mast', substrate: 'metal' },
  ],
  steps: [CLEAR],
}

const SHELF: Bottle[] = [
  {
    id: 'satin',
    name: 'Satin',
    family: 'acrylic-pu',
    role: 'clear',
    sheen: 'satin',
    sizeMl: 60,
    leftMl: 9,
  },
  {
    id: 'moss',
    name: 'Moss',
    family: 'lacquer',
    role: 'colour',
    colour: '#5B6B3A',
    sizeMl: 17,
    leftMl: 9,
  },
]
const MIX: StoredMix = {
  id: 'bone',
  name: 'Bone',
  at: '2026-03-14T12:00:00Z',
  family: 'alcohol-acrylic',
  colour: '#CFC4A6',
  ingredients: [{ name: 'bone', parts: 1 }],
  volumeMl: 5,
}

function editor(step: BuildStep, done = false) {
  const onSave = jest.fn()
  const onRemove = jest.fn()
  render(
    <StepEditor
      build={BUILD}
      step={step}
      shelf={SHELF}
      mixes={[MIX]}
      done={done}
      onSave={onSave}
      onRemove={onRemove}
      onClose={() => undefined}
    />,
  )
  const apply = () => fireEvent.click(screen.getByRole('button', { name: 'Apply to the step' }))
  const type = (label: string | RegExp, value: string) =>
    fireEvent.change(screen.getByLabelText(label), { target: { value } })
  return { onSave, onRemove, apply, type }
}

describe('the editor of a step', () => {
  it('gives the step back as it was when nothing was changed', () => {
    const { onSave, apply } = editor(CLEAR)
    apply()
    expect(onSave).toHaveBeenCalledWith(CLEAR)
  })

  it.each([
    ['bottle moss', { family: 'lacquer', colour: '#5B6B3A' }],
    ['mix bone', { family: 'alcohol-acrylic', colour: '#CFC4A6', mix: 'bone' }],
  ])('painted from %s it takes what that is', (value, fields) => {
    const base: BuildStep = { id: 'b', parts: ['hull'], do: 'base', family: 'enamel' }
    const { onSave, apply, type } = editor(base)
    type('Painted from', value)
    apply()
    expect(onSave).toHaveBeenCalledWith({ ...base, ...fields })
  })

  it('a colour that is typed is no kept mix any more; a clear is chosen by its sheen', () => {
    const mixed = { ...CLEAR, do: 'base', sheen: undefined, mix: 'bone' } as BuildStep
    const { onSave, apply, type } = editor(mixed)
    type('Colour', '#112233')
    apply()
    expect(onSave.mock.lastCall?.[0]).not.toHaveProperty('mix')
    cleanup()
    const clear = editor(CLEAR)
    clear.type('Painted from', 'bottle satin')
    clear.apply()
    expect(clear.onSave).toHaveBeenCalledWith({ ...CLEAR, family: 'acrylic-pu', sheen: 'satin' })
  })

  it('reads what is typed', () => {
    const { onSave, apply, type } = editor(CLEAR)
    type('Coats', 'mist light, wet')
    type('Sheen', 'satin')
    type(/Thinner/, '55')
    type('Between coats', '20 min')
    apply()
    expect(onSave).toHaveBeenCalledWith({
      ...CLEAR,
      coats: ['mist', 'light', 'wet'],
      sheen: 'satin',
      thinning: 0.55,
      gap: '20 min',
    })
  })

  test.each([
    { label: 'Coats', value: 'thick', says: /Found "thick", expected mist, light, wet, flood/ },
    { label: 'Between coats', value: 'soon', says: /Found "soon", expected a duration/ },
    {
      label: /Each coat takes/,
      value: '-5',
      says: /Found -5, expected a number from 0 to 1440 minutes/,
    },
    { label: /Thinner/, value: '120', says: /Found 1.2, expected a number from 0 to 1/ },
    { label: 'Colour', value: 'teal', says: /Found "teal", expected a colour/ },
  ])('refuses $value for $label beside the field, and writes nothing', ({ label, value, says }) => {
    const { onSave, apply, type } = editor(CLEAR)
    type(label, value)
    apply()
    expect(screen.getByText(says)).toBeTruthy()
    expect(onSave).not.toHaveBeenCalled()
  })

  it('wants at least one part', () => {
    const { onSave, apply } = editor(CLEAR)
    fireEvent.click(screen.getByRole('checkbox', { name: /Hull/ }))
    apply()
    expect(screen.getByText(/expected at least one part/)).toBeTruthy()
    expect(onSave).not.toHaveBeenCalled()
    fireEvent.click(screen.getByRole('checkbox', { name: /Mast/ }))
    apply()
    expect(onSave).toHaveBeenCalledWith({ ...CLEAR, parts: ['mast'] })
  })

  it('edits a wait by its length', () => {
    const { onSave, apply, type } = editor({ id: 'w', parts: ['hull'], wait: '1 h' })
    type('Wait', '3 d')
    apply()
    expect(onSave).toHaveBeenCalledWith({ id: 'w', parts: ['hull'], wait: '3 d' })
  })

  it('shows what is done and lets it be', () => {
    editor(CLEAR, true)
    expect(screen.getByText(/stays as it was logged/)).toBeTruthy()
    expect(screen.queryByRole('button', { name: 'Apply to the step' })).toBeNull()
    expect((screen.getByLabelText('Coats') as HTMLInputElement).disabled).toBe(true)
  })

  it('takes the step out', () => {
    const { onRemove } = editor(CLEAR)
    fireEvent.click(screen.getByRole('button', { name: 'Take it out' }))
    expect(onRemove).toHaveBeenCalledTimes(1)
  })
})

it('every act can be chosen, once', () => {
  const chosen = ACT_GROUPS.flatMap((group) => group.acts)
  expect([...chosen].sort()).toEqual([...ACTS].sort())
})

test.each([
  { act: 'base', step: { do: 'base', family: 'alcohol-acrylic', coats: ['light', 'light'] } },
  {
    act: 'clear',
    step: { do: 'clear', family: 'alcohol-acrylic', sheen: 'satin', coats: ['light', 'light'] },
  },
  { act: 'line', step: { do: 'line' } },
  { act: 'tape', step: { do: 'tape' } },
] as const)('a new $act says what it must', ({ act, step }) => {
  expect(newStep(act, 'hull', 'x')).toEqual({ id: 'x', parts: ['hull'], ...step })
})

test.each([
  { id: 'a', before: null, order: 'bca' },
  { id: 'c', before: 'a', order: 'cab' },
  { id: 'b', before: 'b', order: 'abc' },
  { id: 'a', before: 'c', order: 'bac' },
  { id: 'z', before: 'a', order: 'abc' },
])('$id put before $before gives $order', ({ id, before, order }) => {
  const steps = ['a', 'b', 'c'].map((one): BuildStep => ({ id: one, parts: ['p'], do: 'prime' }))
  expect(
    reordered(steps, id, before)
      .map((step) => step.id)
      .join(''),
  ).toBe(order)
})
