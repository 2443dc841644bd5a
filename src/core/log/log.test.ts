import type { LoggedAct } from '../model/loggedAct'
import { indexLog, progressOfStep, stands } from './logIndex'
import { observationOf } from './observations'
import { record } from './record'

const PLACE = { build: 'b', part: 'p', step: 's' }
let n = 0
const act = (
  kind: LoggedAct['kind'],
  minute: number,
  more: Partial<LoggedAct> = {},
): LoggedAct => ({
  ...PLACE,
  id: `a${++n}`,
  at: new Date(minute * 60_000).toISOString(),
  kind,
  ...more,
})
const of = (acts: LoggedAct[]) => progressOfStep(indexLog(acts), PLACE)

test.each([
  { why: 'nothing logged', acts: [], gives: undefined },
  { why: 'a note is no progress', acts: [act('noted', 1)], gives: undefined },
  {
    why: 'started',
    acts: [act('started', 1)],
    gives: { status: 'running', startedAt: 60_000, coatEnds: [], finishedAt: null },
  },
  {
    why: 'two coats, in whatever order they are read',
    acts: [act('coat-done', 9), act('started', 1), act('coat-done', 5)],
    gives: { status: 'running', startedAt: 60_000, coatEnds: [300_000, 540_000], finishedAt: null },
  },
  {
    why: 'the last coat and the finish of one instant',
    acts: [act('finished', 9), act('coat-done', 9), act('started', 1)],
    gives: { status: 'done', startedAt: 60_000, coatEnds: [540_000], finishedAt: 540_000 },
  },
  {
    why: 'finished without coats ends then',
    acts: [act('finished', 4)],
    gives: { status: 'done', startedAt: 240_000, coatEnds: [240_000], finishedAt: 240_000 },
  },
  {
    why: 'skipped with a coat laid: the coat stays',
    acts: [act('coat-done', 2), act('skipped', 4)],
    gives: {
      status: 'done',
      startedAt: 120_000,
      coatEnds: [120_000],
      finishedAt: 240_000,
      restSkipped: true,
    },
  },
  {
    why: 'skipped',
    acts: [act('skipped', 4)],
    gives: { status: 'skipped', startedAt: 240_000, coatEnds: [], finishedAt: 240_000 },
  },
])('$why', ({ acts, gives }) => {
  expect(of(acts)).toEqual(gives)
})

it('an act that was undone does not count, and stays in the log', () => {
  const coat = act('coat-done', 5)
  const acts = [act('started', 1), coat, act('undone', 6, { undoes: coat.id })]
  expect(of(acts)?.coatEnds).toEqual([])
  expect(acts.filter((act) => stands(indexLog(acts), act)).map((act) => act.kind)).toEqual([
    'started',
    'undone',
  ])
  expect(acts).toHaveLength(3)
})

it('undoing the undoing brings it back', () => {
  const coat = act('coat-done', 5)
  const undo = act('undone', 6, { undoes: coat.id })
  const redo = act('undone', 7, { undoes: undo.id })
  expect(of([coat, undo, redo])?.coatEnds).toEqual([300_000])
})

it('observations are kept as they were seen', () => {
  const seen = act('observed', 20, { seen: 'not-yet', milestone: 'touch' })
  const gone = act('observed', 21, { seen: 'reached' })
  const acts = [seen, gone, act('undone', 22, { undoes: gone.id })]
  expect(indexLog(acts).observations).toEqual([
    { act: seen.id, at: 1_200_000, ...PLACE, milestone: 'touch', seen: 'not-yet' },
  ])
})

describe('what the bench writes', () => {
  const ids = () => {
    let i = 0
    return () => `n${++i}`
  }
  const kinds = (acts: LoggedAct[]) => acts.map((act) => act.kind)
  it('a coat, and with the last one the finish', () => {
    const progress = { status: 'running' as const, startedAt: 0, coatEnds: [1], finishedAt: null }
    expect(kinds(record(PLACE, { kind: 'coat-done' }, progress, 3, 5, ids()))).toEqual([
      'coat-done',
    ])
    expect(record(PLACE, { kind: 'coat-done' }, progress, 2, 5, ids())).toMatchObject([
      { kind: 'coat-done', coat: 2 },
      { kind: 'finished' },
    ])
  })
  test.each([
    { one: { kind: 'started' as const } },
    { one: { kind: 'finished' as const } },
    { one: { kind: 'skipped' as const } },
    { one: { kind: 'noted' as const, text: 'thin' } },
    { one: { kind: 'observed' as const, seen: 'reached' as const, milestone: 'touch' as const } },
  ])('$one.kind', ({ one }) => {
    expect(record(PLACE, one, undefined, 1, 0, ids())).toEqual([
      { ...PLACE, id: 'n1', at: '1970-01-01T00:00:00.000Z', ...one },
    ])
  })
})

it('acts that take one another back, as a broken file has them, come to an end', () => {
  const one = act('undone', 1, { undoes: 'y', id: 'x' })
  const two = act('undone', 2, { undoes: 'x', id: 'y' })
  const index = indexLog([one, two])
  expect([stands(index, one), stands(index, two)]).toEqual([true, true])
})

describe('an observation', () => {
  const seen = act('observed', 1, { seen: 'just' })
  it('is of touch unless it says', () => {
    expect(observationOf(seen)).toMatchObject({
      ...PLACE,
      milestone: 'touch',
      seen: 'just',
      at: 60_000,
    })
    expect(observationOf({ ...seen, milestone: 'recoat' })?.milestone).toBe('recoat')
  })
  test.each(['build', 'part', 'step', 'seen'] as const)('without a %s is none', (missing) => {
    expect(observationOf({ ...seen, [missing]: undefined })).toBeNull()
  })
  it('is none when another act has all of it', () => {
    expect(observationOf({ ...seen, kind: 'noted' })).toBeNull()
  })
})
