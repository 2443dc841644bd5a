import { mergeIntervals } from '../bench/intervals'
import type { BenchProblem, BenchTask } from '../bench/problem'
import { type Solution, type SolveOptions, solve } from '../bench/solve'
import type { BenchTasks } from './benchTasks'
import { HAIR } from './coatGaps'
import { asItRuns, type LostWindow, solveAnyway } from './lostWindows'
import {
  type Judged,
  judgedAsPlanned,
  type PlannedSpan,
  type SecondThought,
} from './secondThoughts'
import { keep } from './tasks'

/** A plan that was judged again at its own minutes. */
export type JudgedPlan = {
  /** With the waits and windows that the judge asked for. */
  problem: BenchProblem
  strict: Solution
  schedule: Solution
  lost: LostWindow[]
  /** What the judge still says of it. */
  doubts: SecondThought[]
}

/** How often a plan is judged and made anew. */
const MOST_ROUNDS = 8

/** The bench as a problem, its waits reckoned at the minutes of a plan, or as soon as possible. */
export type BenchMaker = (then: Judged['then'] | null) => {
  bench: BenchTasks
  problem: BenchProblem
}

/**
 * Plans, judges the plan as it is written, and plans again with what the judge asks for, until nothing is left that the parts by
 * themselves don't have. Waits are reckoned in the air of the planned hours: of the running plan's, else of a first plan's.
 *
 * @param room whether its air stays as it is, so that waits are the same at any hour; and how many parts can dry in it, null: all
 * @param zero minute of the walk that is minute 0 of the problem
 * Source: handbook 7.2, 7.4.
 */
export function judgedPlan(
  make: BenchMaker,
  options: SolveOptions,
  room: { steady: boolean; places: number | null },
  zero: number,
): JudgedPlan & { bench: BenchTasks } {
  let { bench, problem } = make(null)
  let guide = options.guide && startsOf(bench, options.guide)
  let strict: Solution | null = null
  const lost: LostWindow[] = []
  const judge = (starts: Solution['starts']) =>
    judgedAsPlanned(bench.parts, spansOf(bench, starts, zero), room.places)
  const again = (starts: Solution['starts']) => {
    const { thoughts, then } = judge(starts)
    if (!room.steady) ({ bench, problem } = make(then))
    problem = withThoughts(bench, problem, thoughts, zero) ?? problem
  }
  if (guide) {
    again(guide)
    problem = withoutTorn(problem, guide)
  } else if (!room.steady) {
    const first = solve(problem, { ...options, first: true, polish: false })
    if (first.makespan !== null) again(first.starts)
  }
  const running = guide
  // The running plan, where it is one still with what the judge asked for: only what ends sooner takes its place.
  const stays = running && options.settled ? asItRuns(problem, options, running) : null
  let best: JudgedPlan | null = stays
    ? { problem, strict: stays, schedule: stays, lost: [], doubts: [] }
    : null
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const solved = solveAnyway(problem, { ...options, ...(guide ? { guide } : {}) }, running)
    const { schedule, relaxed } = solved
    strict ??= solved.strict
    lost.push(...solved.lost)
    const judged = schedule.makespan === null ? [] : judge(schedule.starts).thoughts
    // What was given up is told as that.
    const doubts = judged.filter((doubt) => !isLost(bench, doubt, lost))
    const plan = { problem: relaxed, strict, schedule, lost: [...lost], doubts }
    if (!best || isBetter(plan, best)) best = plan
    else if (plan.doubts.length === 0) best = asProved(best, plan)
    const next = doubts.length > 0 ? withThoughts(bench, relaxed, doubts, zero) : null
    if (!next) break
    problem = next
    guide = schedule.starts
  }
  const answer = best as JudgedPlan
  // Where nothing was given up the plan is the answer with every window kept.
  return { ...answer, strict: answer.lost.length === 0 ? answer.schedule : answer.strict, bench }
}

/**
 * The problem without the sittings that the running plan has torn: that they are asked for comes from the air of a planned hour, which
 * is another when the plan has moved, and whoever followed the plan would wait for a longer session after all.
 */
function withoutTorn(problem: BenchProblem, guide: Solution['starts']): BenchProblem {
  const openings = mergeIntervals(problem.availability ?? [])
  const opening = (id: string) => {
    const start = guide[id]
    return start === undefined
      ? null
      : openings.findIndex(([from, to]) => from <= start && start < to)
  }
  const sittings = (problem.sittings ?? []).filter((sitting) => {
    const known = new Set(sitting.map(opening).filter((at) => at !== null))
    return known.size <= 1
  })
  return { ...problem, sittings }
}

/** A plan that ends with another is as well proved as that. */
function asProved(plan: JudgedPlan, other: JudgedPlan): JudgedPlan {
  if (plan.schedule.makespan !== other.schedule.makespan) return plan
  const { status, lowerBound } = other.schedule
  const schedule = { ...plan.schedule, status, lowerBound }
  return { ...plan, schedule, strict: plan.strict === plan.schedule ? schedule : plan.strict }
}

/** Starts of jobs by those of a plan whose joint acts may have gone by the name of another part. */
function startsOf({ jobOf }: BenchTasks, guide: Solution['starts']): Solution['starts'] {
  return Object.fromEntries(
    Object.entries(guide).map(([id, start]) => [jobOf.get(id) ?? id, start]),
  )
}

/** Does it speak of a step whose window was given up, and can't be ended by waiting? */
function isLost(
  { jobOf }: BenchTasks,
  { part, step, spacings, gaps, notBefore }: SecondThought,
  lost: readonly LostWindow[],
): boolean {
  if (gaps || notBefore !== undefined || spacings.some(({ least }) => least > 0)) return false
  const first = part.ofStep.get(step)?.[0]
  const job = first === undefined ? undefined : jobOf.get(first)
  return lost.some(({ kind, task }) => kind !== 'sitting' && task === job)
}

/** When each task begins and ends by a plan, minutes of the walk. */
function spansOf(
  { jobOf, jobs, piecesOf }: BenchTasks,
  starts: Solution['starts'],
  zero: number,
): PlannedSpan {
  const minutes = new Map(jobs.map((job) => [job.id, job.minutes]))
  return (task) => {
    const job = jobOf.get(task) ?? task
    const last = piecesOf.get(job)?.at(-1) ?? job
    const [start, end] = [starts[job], starts[last]]
    if (start === undefined || end === undefined) return null
    return { start: zero + start, end: zero + end + (minutes.get(last) ?? 0) }
  }
}

function isBetter(a: JudgedPlan, b: JudgedPlan): boolean {
  const rank = ({ schedule, doubts, lost }: JudgedPlan) =>
    [
      schedule.makespan === null ? 1 : 0,
      doubts.filter(({ drafted }) => drafted?.draft.severity === 'stop').length,
      doubts.length,
      lost.length,
      schedule.makespan ?? 0,
    ] as const
  const [x, y] = [rank(a), rank(b)]
  const at = x.findIndex((value, i) => value !== y[i])
  return at >= 0 && (x[at] as number) < (y[at] as number)
}

/** The problem with what the judge asks for; null where that is nothing new. */
function withThoughts(
  bench: BenchTasks,
  problem: BenchProblem,
  thoughts: readonly SecondThought[],
  zero: number,
): BenchProblem | null {
  const links = [...(problem.links ?? [])]
  const changed = new Map<string, BenchTask>()
  const before = new Map((problem.tasks ?? []).map((task) => [task.id, task]))
  for (const { part, step, spacings, gaps, notBefore } of thoughts) {
    const first = part.ofStep.get(step)?.[0]
    const id = first && bench.jobOf.get(first)
    const task = id === undefined ? undefined : (changed.get(id) ?? before.get(id))
    if (!task) continue
    const own = { ...task }
    const asked: typeof links = []
    const ids = part.ofStep.get(step) ?? []
    gaps?.forEach((gap, i) => {
      const [from, to] = [ids[i], ids[i + 1]]
      if (from && to) asked.push({ from, to, minGap: Math.ceil(gap - HAIR) })
    })
    for (const spacing of spacings) keep({ links: asked, ofStep: part.ofStep }, spacing, own, zero)
    for (const { from, to, ...gap } of asked) {
      const link = { from: lastJob(bench, from), to: bench.jobOf.get(to) ?? to, ...gap }
      if (!links.some((one) => isNoLooser(one, link))) links.push(link)
    }
    if (notBefore !== undefined) {
      own.place = Math.max(own.place ?? 0, Math.ceil(notBefore - zero - HAIR))
      own.earliest = Math.max(own.earliest ?? 0, own.place)
    }
    if (JSON.stringify(own) !== JSON.stringify(task)) changed.set(own.id, own)
  }
  if (links.length === (problem.links ?? []).length && changed.size === 0) return null
  return {
    ...problem,
    links,
    tasks: (problem.tasks ?? []).map((task) => changed.get(task.id) ?? task),
  }
}

/** The job that a task is done with. */
function lastJob({ jobOf, piecesOf }: BenchTasks, task: string): string {
  const job = jobOf.get(task) ?? task
  return piecesOf.get(job)?.at(-1) ?? job
}

type Link = NonNullable<BenchProblem['links']>[number]

/** Does the one link ask for no less than the other? */
function isNoLooser(one: Link, other: Link): boolean {
  if (one.from !== other.from || one.to !== other.to) return false
  const least = (one.minGap ?? 0) >= (other.minGap ?? 0)
  const most =
    other.maxGap === undefined ||
    (one.maxGap !== undefined && one.maxGap !== null && one.maxGap <= (other.maxGap ?? 0))
  return least && most
}
