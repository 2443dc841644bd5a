import { stateOf } from '@/core/builds'
import type { Project } from '@/core/model/project'
import { PROJECT_FORMAT, PROJECT_VERSION } from '@/core/model/projectFormat'
import { DAYS } from '@/core/model/sessions'
import type { BenchPlan } from '@/core/schedule'
import { planBench } from '@/core/schedule/planBench'
import { BUILD, NOW } from '@/store/tests/stores'
import type { BenchWorker } from '@/workers/benchMessages'
import { type KeptPlan, planOf } from './plan'
import { nearHost } from './tests/nearWorker'

const MINUTE = 60_000
const HOUR = 60 * MINUTE

/** As much of a plan as is looked at here: one task, and a schedule that was found or wasn't. */
function plan(name: string, start: number, found = true, now = 0): BenchPlan {
  const task = { id: 't', build: 'b', part: 'p', step: 's', start, minutes: 10, name }
  const makespan = found ? 60 : null
  const schedule = { status: 'optimal', makespan, starts: { t: start / MINUTE } }
  const problem = { tasks: [], links: [], sessions: [], horizon: 1000 }
  return { now, tasks: [task], shelf: [], zero: 0, schedule, problem } as unknown as BenchPlan
}

type Answers = { quick: BenchPlan | Error; whole: BenchPlan }

/** A plan over a worker that answers as it is told; `project` and `mark` stand for the documents. */
function planWith(first: Answers, kept: KeptPlan | null = null) {
  const world = {
    answers: first,
    project: {} as Project,
    mark: '1 0',
    now: 0,
    asked: [] as { now: number; before: BenchPlan | null; how: 'quick' | 'whole' }[],
    kept: [] as KeptPlan[],
  }
  const near = {
    plan: (now: number, before: BenchPlan | null, how: 'quick' | 'whole') => {
      world.asked.push({ now, before, how })
      const answer = world.answers[how]
      if (answer instanceof Error) throw answer
      return answer
    },
  }
  const { host } = nearHost(() => near as unknown as BenchWorker)
  const made = planOf({
    host,
    now: () => world.now,
    project: () => world.project,
    wish: () => 'finish',
    fingerprint: () => world.mark,
    load: async () => kept,
    keep: async (plan) => void world.kept.push(plan),
  })
  const shown: unknown[] = []
  made.planned.subscribe(() => {
    const name = nameOf(made.planned.get().plan)
    if (name !== null && name !== shown.at(-1)) shown.push(name)
  })
  return { world, made, shown, now: made.planned.get }
}
/** A small build planned whole through evenings that begin at a time. */
function evenings(begins: string): Answers {
  const pattern = DAYS.map((day) => ({ day, from: begins, to: '22:00' }))
  const sessions = { zone: 'UTC', pattern }
  const project = { format: PROJECT_FORMAT, version: PROJECT_VERSION, builds: [BUILD], sessions }
  const whole = planBench(stateOf(project as unknown as Project), NOW, { steps: 500 })
  return { quick: whole, whole }
}
const nameOf = (made: BenchPlan | null) =>
  (made?.tasks[0] as unknown as { name: string } | undefined)?.name ?? null
const run = () => jest.advanceTimersByTimeAsync(1000)
const both = (start: number, now = 0): Answers => ({
  quick: plan('quick', start, true, now),
  whole: plan('whole', start, true, now),
})

beforeEach(() => jest.useFakeTimers())
afterEach(() => jest.useRealTimers())

describe('the plan', () => {
  it('is shown at once, then as well as it gets, and kept', async () => {
    const { made, shown, world, now } = planWith(both(HOUR))
    made.make()
    expect(now()).toMatchObject({ plan: null, planning: true })
    await run()
    expect(shown).toEqual(['quick', 'whole'])
    expect(now()).toMatchObject({ planning: false, planFailed: null, moved: null })
    expect(world.asked.map(({ how }) => how)).toEqual(['quick', 'whole'])
    expect(world.kept).toMatchObject([{ fingerprint: '1 0' }])
  })

  it('is made once for changes that come one upon the other', async () => {
    const { made, world } = planWith(both(HOUR))
    for (let i = 0; i < 8; i++) made.make()
    await run()
    expect(world.asked).toHaveLength(2)
  })

  it('does not show a quick answer that found nothing', async () => {
    const { made, shown } = planWith({
      quick: plan('quick', 0, false),
      whole: plan('whole', HOUR),
    })
    made.make()
    await run()
    expect(shown).toEqual(['whole'])
  })

  it('drops the answer to an older question', async () => {
    const { made, world, shown } = planWith(both(HOUR))
    made.make()
    jest.advanceTimersByTime(40)
    world.answers = { quick: plan('newer', HOUR), whole: plan('newest', HOUR) }
    made.make()
    await run()
    expect(shown).toEqual(['newer', 'newest'])
    expect(world.kept).toHaveLength(1)
  })

  test.each([
    { what: 'a change that moves an act', changed: true, begins: '19:40', told: true },
    { what: 'a change that moves nothing', changed: true, begins: '19:00', told: false },
    { what: 'time alone, a little', changed: false, begins: '19:40', told: false },
    { what: 'time alone, an hour and a half', changed: false, begins: '20:30', told: true },
  ])('tells what moved: $what', async ({ changed, begins, told }) => {
    const { made, world, now } = planWith(evenings('19:00'))
    made.make()
    await run()
    if (changed) world.project = {} as Project
    world.answers = evenings(begins)
    made.make()
    await run()
    const moved = now().moved
    expect(moved !== null && moved.moves.length > 0).toBe(told)
    made.dismissMoved()
    expect(now().moved).toBeNull()
  })

  it('says why it could not be made, and keeps the one before', async () => {
    const { made, world, now } = planWith(both(HOUR))
    made.make()
    await run()
    world.answers = { ...world.answers, quick: new Error('the worker is gone') }
    made.make()
    await run()
    expect(now()).toMatchObject({ planning: false, planFailed: expect.stringContaining('gone') })
    expect(nameOf(now().plan)).toBe('whole')
    world.answers = both(HOUR)
    made.make()
    await run()
    expect(now().planFailed).toBeNull()
  })

  describe('that was kept', () => {
    const keptAt = (fingerprint: string, now: number): KeptPlan => ({
      fingerprint,
      plan: plan('kept', HOUR, true, now),
    })
    test.each([
      { what: 'the same, a minute old', mark: '1 0', age: MINUTE, shown: ['kept'] },
      { what: 'the same, an hour old', mark: '1 0', age: HOUR, shown: ['kept', 'quick', 'whole'] },
      { what: 'of other documents', mark: '7 0', age: MINUTE, shown: ['quick', 'whole'] },
    ])('$what', async ({ mark, age, shown: expected }) => {
      const { made, world, shown, now } = planWith(both(HOUR), keptAt(mark, -age))
      made.make()
      await run()
      expect(shown).toEqual(expected)
      expect(world.asked).toHaveLength(2 * (expected.length === 1 ? 0 : 1))
      expect(now().planning).toBe(false)
    })
  })
})
