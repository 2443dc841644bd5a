import type { Stage } from '../knowledge/stages'
import type { Step } from '../model/sequence'
import { placeFor, stagesOf } from './orderOfWork'

const P: Step = { do: 'prime' }
const B: Step = { do: 'base', family: 'lacquer' }
const clear = (sheen: 'gloss' | 'matt'): Step => ({ do: 'clear', family: 'lacquer', sheen })

test.each([
  {
    why: 'a clear before lining is for flow',
    steps: [P, clear('gloss'), { do: 'line' }],
    stages: [3, 7, 9],
  },
  {
    why: 'a clear before decals is for flow',
    steps: [P, clear('gloss'), { do: 'decal' }],
    stages: [3, 7, 8],
  },
  {
    why: 'between lining and weathering it locks, at the end it finishes',
    steps: [{ do: 'line' }, clear('matt'), { do: 'streak' }, clear('matt')],
    stages: [9, 10, 11, 13],
  },
  {
    why: 'lenses after the last clear leave it the last',
    steps: [B, clear('matt'), { do: 'clear-colour', family: 'lacquer' }],
    stages: [5, 13, 12],
  },
  {
    why: 'an overall wash is weathering, a wash with soap is preparation',
    steps: [{ do: 'wash' }, { do: 'wash', family: 'water-wash' }],
    stages: [2, 11],
  },
  {
    why: 'a wait belongs to what comes after it',
    steps: [P, { wait: '1 h' }, B],
    stages: [3, 5, 5],
  },
  { why: 'a wait at the end finishes', steps: [P, { wait: '1 h' }], stages: [3, 13] },
] as { why: string; steps: Step[]; stages: Stage[] }[])('$why', ({ steps, stages }) => {
  expect(stagesOf(steps)).toEqual(stages)
})

const FINISH: Step[] = [P, B, clear('gloss'), { do: 'line' }, { do: 'line-clean' }, clear('matt')]

test.each([
  { why: 'preparation first', stage: 2, first: 0, place: 0 },
  { why: 'pre-shade between primer and colour', stage: 4, first: 0, place: 1 },
  {
    why: 'chips under the colour behind the colour, before the gloss',
    stage: 6,
    first: 0,
    place: 2,
  },
  { why: 'decals between gloss and lining', stage: 8, first: 0, place: 3 },
  { why: 'lining behind the lining', stage: 9, first: 0, place: 5 },
  { why: 'weathering before the last matt', stage: 11, first: 0, place: 5 },
  { why: 'finishing last', stage: 13, first: 0, place: 6 },
  { why: 'never before what is done', stage: 2, first: 4, place: 4 },
] as { why: string; stage: Stage; first: number; place: number }[])(
  '$why',
  ({ stage, first, place }) => {
    expect(placeFor(stage, FINISH, first)).toBe(place)
  },
)

it('an empty sequence takes anything at its start', () => {
  expect(placeFor(9, [], 0)).toBe(0)
})
