import { applyEdit, NOTHING_LOGGED } from '../../model/applyEdit'
import type { Build } from '../../model/build'
import { editOfText } from './editOfText'
import { readPlan } from './readPlan'

const EMPTY: Build = {
  id: 'b',
  name: 'Skiff',
  parts: [{ id: 'm', name: 'Model', substrate: 'polystyrene' }],
  steps: [],
}
const BEGUN: Build = {
  ...EMPTY,
  parts: [...EMPTY.parts, { id: 'fin', name: 'Fin', substrate: 'abs' }],
  steps: [{ id: 's', parts: ['m'], do: 'prime' }],
}

let count = 0
const newId = () => `n${++count}`

function laid(build: Build, text: string, before: string | null = null) {
  count = 0
  const edit = editOfText(
    readPlan(text, { parts: build.parts, shelf: [] }),
    build,
    ['m'],
    before === null ? null : { step: before },
    newId,
  )
  if (!edit) return null
  const result = applyEdit(build, edit, NOTHING_LOGGED, newId)
  if (!result.ok) return result.why
  const names = new Map(result.build.parts.map(({ id, name }) => [id, name]))
  const steps = result.build.steps.map(
    (step) =>
      `${'do' in step ? step.do : step.wait} on ${step.parts.map((id) => names.get(id)).join('+')}`,
  )
  return {
    parts: [...names.values()].join(', '),
    steps: steps.join('; '),
    scale: result.build.scale,
  }
}

test.each([
  {
    build: EMPTY,
    text: 'prime; 2 h; gloss',
    parts: 'Model',
    steps: 'prime on Model; 2 h on Model; clear on Model',
    why: 'what names no part is for the one that is looked at',
  },
  {
    build: BEGUN,
    text: 'gloss on fin',
    parts: 'Model, Fin',
    steps: 'prime on Model; clear on Fin',
    why: 'what names one is for that',
  },
  {
    build: EMPTY,
    text: 'part Hull: abs\npart Wing: abs\nprime\nHull: gloss',
    parts: 'Hull, Wing',
    steps: 'prime on Hull+Wing; clear on Hull',
    why: 'a plan with parts takes the place of the stand-in',
  },
  {
    build: BEGUN,
    text: 'part Wing: abs\nprime',
    parts: 'Model, Fin, Wing',
    steps: 'prime on Model; prime on Wing',
    why: 'a build that is begun keeps its parts',
  },
  {
    build: BEGUN,
    text: 'part Fin: abs\nprime',
    parts: 'Model, Fin',
    steps: 'prime on Model; prime on Fin',
    why: 'a part that is there is that part',
  },
  {
    build: EMPTY,
    text: '1:35, handled',
    parts: 'Model',
    steps: '',
    scale: 35,
    why: 'what is said of the whole is the build’s',
  },
])('$why', ({ build, text, parts, steps, scale }) => {
  expect(laid(build, text)).toEqual({ parts, steps, scale })
})

it('steps go before another one, and a text that says nothing is no edit', () => {
  expect(laid(BEGUN, 'degrease', 's')).toMatchObject({ steps: 'degrease on Model; prime on Model' })
  expect(laid(EMPTY, 'fnord')).toBeNull()
})
