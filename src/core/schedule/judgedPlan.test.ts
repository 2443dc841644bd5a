import type { BenchProblem } from '../bench/problem'
import { type BenchMaker, judgedPlan } from './judgedPlan'

const problemOf = (more: Partial<BenchProblem>): BenchProblem => ({
  format: 'tectoria-bench-problem',
  version: 1,
  horizonMinutes: 2000,
  availability: [[0, 2000]],
  tasks: [
    { id: 'a', minutes: 10 },
    { id: 'b', minutes: 10 },
  ],
  ...more,
})

/** Nobody judges it: what is asked is how it goes on from the running plan. */
function planned(problem: BenchProblem, guide?: Record<string, number>) {
  const bench: ReturnType<BenchMaker>['bench'] = {
    ...{ parts: [], tasks: [], jobs: [], links: [], sittings: [] },
    ...{ jobOf: new Map(), piecesOf: new Map() },
  }
  const options = { first: true, polish: false, ...(guide ? { guide } : {}) }
  return judgedPlan(() => ({ bench, problem }), options, { steady: true, places: null }, 0)
}

describe('two coats for which only the second session is long enough', () => {
  const problem = problemOf({
    availability: [
      [0, 120],
      [1000, 1180],
    ],
    links: [{ from: 'a', to: 'b', minGap: 111 }],
    sittings: [['a', 'b']],
  })

  it('wait for it', () => {
    expect(planned(problem).schedule.starts).toEqual({ a: 1000, b: 1121 })
  })

  it('don’t, where the running plan has torn them', () => {
    const { schedule, lost } = planned(problem, { a: 0, b: 1000 })
    expect(schedule.starts).toEqual({ a: 0, b: 1000 })
    expect(lost).toEqual([])
  })

  it('are torn sooner than a window is lost, whatever the running plan did', () => {
    const tasks = problem.tasks?.map((task) => (task.id === 'a' ? { ...task, latest: 50 } : task))
    const { schedule, lost } = planned({ ...problem, tasks }, { a: 1000, b: 1121 })
    expect(lost.map(({ kind }) => kind)).toEqual(['sitting'])
    expect(schedule.starts.a).toBeLessThanOrEqual(50)
  })

  it('do, where the running plan knows one of them only', () => {
    expect(planned(problem, { a: 0 }).schedule.starts).toEqual({ a: 1000, b: 1121 })
  })
})

describe('two windows of which one can be kept', () => {
  const problem = problemOf({
    tasks: [
      { id: 'a', minutes: 10, latest: 5 },
      { id: 'b', minutes: 10, latest: 5 },
      { id: 'c', minutes: 10 },
    ],
  })
  const lostOf = (guide?: Record<string, number>) =>
    planned(problem, guide).lost.map(({ task }) => task)

  it('give up the first', () => {
    expect(lostOf()).toEqual(['a'])
  })

  it.each(['a', 'b'])('give up %s, as the running plan does', (task) => {
    const guide = task === 'a' ? { a: 10, b: 0, c: 20 } : { a: 0, b: 10, c: 20 }
    expect(lostOf(guide)).toEqual([task])
    expect(planned(problem, guide).schedule.starts).toEqual(guide)
  })

  it('give up one where the running plan gave up both', () => {
    expect(lostOf({ c: 0, a: 10, b: 20 })).toHaveLength(1)
  })

  it('so do windows after another task', () => {
    const window = { minGap: 0, maxGap: 5 }
    const links = [
      { from: 'c', to: 'a', ...window },
      { from: 'c', to: 'b', ...window },
    ]
    const tasks = problem.tasks?.map(({ latest: _, ...task }) => task) ?? []
    const guide = { c: 0, b: 20, a: 10 }
    const { schedule, lost } = planned(problemOf({ tasks, links }), guide)
    expect(schedule.starts).toEqual(guide)
    expect(lost).toEqual([{ kind: 'link', task: 'b', from: 'c', maxGap: 5 }])
  })
})
