/** @jest-environment jsdom */
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import type { Bottle } from '@/core/model/bottle'
import type { Build, BuildAct, BuildStep, Part } from '@/core/model/build'
import type { StoredMix } from '@/core/model/mix'
import { ACTS } from '@/core/model/vocabulary'
import type { TypedOver } from '../shared/useTypedOver'
import { ACT_GROUPS } from './acts'
import { StepEditor } from './StepEditor'
import type { StepFields } from './stepDraft'

afterEach(cleanup)

const CLEAR: BuildStep = {
  id: 'c',
  parts: ['hull'],
  do: 'clear',
  family: 'lacquer',
  sheen: 'gloss',
  coats: ['mist', 'light'],
}
const HULL: Part = { id: 'hull', name: 'Hull', substrate: 'polystyrene' }
const BUILD: Build = {
  id: 'b',
  name: 'Skiff',
  parts: [HULL, { id: 'mast', name: 'Mast', substrate: 'metal' }],
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

function editor(step: BuildStep, done = false, kept?: TypedOver<StepFields>) {
  const onDraft = jest.fn()
  const onSave = jest.fn()
  const onRemove = jest.fn()
  render(
    <StepEditor
      build={BUILD}
      step={step}
      shelf={SHELF}
      mixes={[MIX]}
      done={done}
      part={HULL}
      kept={kept}
      onDraft={onDraft}
      onSave={onSave}
      onRemove={onRemove}
      onClose={() => undefined}
    />,
  )
  const apply = (name = 'Save') => fireEvent.click(screen.getByRole('button', { name }))
  const type = (label: string | RegExp, value: string) =>
    fireEvent.change(screen.getByLabelText(label), { target: { value } })
  return { onSave, onRemove, onDraft, apply, type }
}

describe('the editor of a step', () => {
  it('gives the step back as it was when nothing was changed', () => {
    const { onSave, apply } = editor(CLEAR)
    apply()
    expect(onSave).toHaveBeenCalledWith(CLEAR, 'every')
  })

  const takeFrom = (name: RegExp) => {
    fireEvent.click(screen.getByRole('button', { name: 'Another bottle' }))
    fireEvent.click(screen.getByRole('button', { name }))
  }

  it.each([
    [/^Moss/, { family: 'lacquer', colour: '#5B6B3A', bottle: 'moss' }],
    [/^Bone/, { family: 'alcohol-acrylic', colour: '#CFC4A6', mix: 'bone' }],
  ])('painted from %s it takes what that is', (name, fields) => {
    const base: BuildStep = { id: 'b', parts: ['hull'], do: 'base', family: 'enamel' }
    const { onSave, apply } = editor(base)
    takeFrom(name)
    apply()
    expect(onSave).toHaveBeenCalledWith({ ...base, ...fields }, 'every')
  })

  it('a colour that is typed is no saved mix any more; a clear is chosen by its sheen', () => {
    const { sheen: _, ...plain } = CLEAR as BuildAct
    const mixed: BuildStep = { ...plain, do: 'base', mix: 'bone' }
    const { onSave, apply, type } = editor(mixed)
    type('Colour', '#112233')
    apply()
    expect(onSave.mock.lastCall?.[0]).not.toHaveProperty('mix')
    cleanup()
    const clear = editor(CLEAR)
    takeFrom(/^Satin/)
    clear.apply()
    expect(clear.onSave).toHaveBeenCalledWith(
      { ...CLEAR, family: 'acrylic-pu', sheen: 'satin', bottle: 'satin' },
      'every',
    )
  })

  it('reads what is typed', () => {
    const { onSave, apply, type } = editor(CLEAR)
    type('Coats', 'mist light, wet')
    type('Sheen', 'satin')
    type(/Thinner/, '55')
    type('Between coats', '20 min')
    apply()
    expect(onSave).toHaveBeenCalledWith(
      {
        ...CLEAR,
        coats: ['mist', 'light', 'wet'],
        sheen: 'satin',
        thinning: 0.55,
        gap: '20 min',
      },
      'every',
    )
  })

  test.each([
    { label: 'Coats', value: 'fluffy', says: /Enter mist, light, wet, flood.*, not “fluffy”/ },
    { label: 'Between coats', value: 'soon', says: /Enter a duration.*, not “soon”/ },
    {
      label: /Each coat takes/,
      value: '-5',
      says: /Enter a number from 0 to 1440 minutes.*, not -5/,
    },
    { label: /Thinner/, value: '120', says: /Enter a number from 0 to 100 %, not 120/ },
    { label: 'Colour', value: 'tealish', says: /Enter a colour.*, not “tealish”/ },
  ])('refuses $value for $label beside the field, and writes nothing', ({ label, value, says }) => {
    const { onSave, apply, type } = editor(CLEAR)
    type(label, value)
    apply()
    expect(screen.getByText(says)).toBeTruthy()
    expect(onSave).not.toHaveBeenCalled()
  })

  it.each([
    ['Coats', '2 mist x1', { coats: ['mist', 'mist'] }],
    ['Coats', 'mist light x2', { coats: ['mist', 'light', 'light'] }],
    ['Between coats', '1h30', { gap: '1 h 30 min' }],
    ['Between coats', 'overnight', { gap: '12 h' }],
    [/Thinner in the mix/, '12,5', { thinning: 0.125 }],
    ['Colour', '#fff', { colour: '#FFFFFF' }],
    ['Colour', 'teal', { colour: '#2C6A6C' }],
    ['Next product', '45m', { product: { recoat: '45 min' } }],
    ['Called', 'rust, second tone', { name: 'rust, second tone' }],
    [/Warm air/, '40', { warmAir: 40 }],
    [/Tried on a test piece/, 'yes', { tested: true }],
  ])('%s may be written as %s', (label, value, fields) => {
    const { onSave, apply, type } = editor(CLEAR)
    type(label, value)
    apply()
    expect(onSave).toHaveBeenCalledWith({ ...CLEAR, ...fields }, 'every')
  })

  it('coats are tapped in one by one', () => {
    const { onSave, apply, type } = editor(CLEAR)
    const tap = (name: string) => fireEvent.click(screen.getByRole('button', { name }))
    type('Coats', '')
    tap('Add a coat: Mist')
    tap('Add a coat: Wet')
    tap('Add a coat: Wet')
    tap('Remove the last coat')
    apply()
    expect(onSave).toHaveBeenCalledWith({ ...CLEAR, coats: ['mist', 'wet'] }, 'every')
  })

  it('wants at least one part', () => {
    const { onSave, apply } = editor(CLEAR)
    fireEvent.click(screen.getByRole('checkbox', { name: /Hull/ }))
    apply()
    expect(screen.getByText(/Enter at least one part/)).toBeTruthy()
    expect(onSave).not.toHaveBeenCalled()
    fireEvent.click(screen.getByRole('checkbox', { name: /Mast/ }))
    apply()
    expect(onSave).toHaveBeenCalledWith({ ...CLEAR, parts: ['mast'] }, 'every')
  })

  it('edits a wait by its length', () => {
    const { onSave, apply, type } = editor({ id: 'w', parts: ['hull'], wait: '1 h' })
    type('Wait', '3 d')
    apply()
    expect(onSave).toHaveBeenCalledWith({ id: 'w', parts: ['hull'], wait: '3 d' }, 'every')
  })

  it('shows what is done and lets it be', () => {
    editor(CLEAR, true)
    expect(screen.getByText(/stays as it was logged/)).toBeTruthy()
    expect(screen.queryByRole('button', { name: 'Save' })).toBeNull()
    expect((screen.getByLabelText('Coats') as HTMLInputElement).disabled).toBe(true)
  })

  it('takes the step out', () => {
    const { onRemove } = editor(CLEAR)
    fireEvent.click(screen.getByRole('button', { name: 'Remove' }))
    expect(onRemove).toHaveBeenCalledWith(['hull'])
  })

  it('says of a shared step whether every part or this one alone is meant', () => {
    const shared: BuildStep = { ...CLEAR, parts: ['hull', 'mast'] }
    const { onSave, onRemove, apply } = editor(shared)
    const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }))
    expect(screen.queryByRole('button', { name: 'Remove' })).toBeNull()
    press('Remove from Hull')
    press('Remove from every part')
    expect(onRemove.mock.calls).toEqual([[['hull']], ['every']])
    press('On Hull alone')
    apply('Save on every part')
    expect(onSave.mock.calls).toEqual([
      [shared, ['hull']],
      [shared, 'every'],
    ])
  })

  it('tells what is typed as it is typed, and takes it up again', () => {
    const { onDraft, type } = editor(CLEAR)
    type('Coats', 'wet')
    const draft = onDraft.mock.lastCall?.[0]
    expect(draft).toEqual({ typed: { coats: 'wet' }, over: { coats: 'mist, light' } })
    type('Coats', 'mist, light')
    expect(onDraft).toHaveBeenLastCalledWith({ typed: {}, over: {} })
    cleanup()
    editor(CLEAR, false, draft)
    expect((screen.getByLabelText('Coats') as HTMLInputElement).value).toBe('wet')
  })

  it('keeps what is typed when another tab saves the step, follows it elsewhere, and tells a clash', () => {
    const kept = { typed: { coats: 'wet' }, over: { coats: 'mist, light' } }
    const there: BuildStep = { ...CLEAR, sheen: 'satin', coats: ['light'] }
    const { onSave, apply } = editor(there, false, kept)
    expect(screen.getByRole('alert').textContent).toContain('Coats there: light')
    apply()
    expect(onSave).toHaveBeenCalledWith({ ...there, coats: ['wet'] }, 'every')
    fireEvent.click(screen.getByRole('button', { name: 'Take that' }))
    expect(screen.queryByRole('alert')).toBeNull()
    apply()
    expect(onSave).toHaveBeenLastCalledWith(there, 'every')
  })
})

it('every act can be chosen, once, and a wash over all is another than washing the part', () => {
  const chosen = ACT_GROUPS.flatMap((group) => group.acts)
  expect([...new Set(chosen.map(({ said }) => said.do))].sort()).toEqual([...ACTS].sort())
  expect(new Set(chosen.map(({ name }) => name)).size).toBe(chosen.length)
  expect(chosen.filter(({ said }) => said.do === 'wash').map(({ name }) => name)).toEqual([
    'Wash the part',
    'Wash over all',
  ])
})
