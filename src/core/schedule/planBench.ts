import { minutesFrom, quietBetween, type Session, sessionsBetween } from '../bench/calendar'
import { mergeIntervals, subtractIntervals } from '../bench/intervals'
import { type BenchProblem, type BenchTask, type Interval, LONGEST_HORIZON } from '../bench/problem'
import type { Solution, SolveOptions } from '../bench/solve'
import type { BenchState } from '../builds/benchState'
import type { PartPlan } from '../builds/partPlan'
import { type PlannedPart, planParts } from '../builds/planParts'
import type { PartSimulation } from '../builds/simulatedPart'
import { piecesBetween } from '../drying/series'
import { ACT_MINUTES } from '../knowledge/limits'
import type { Pin } from '../model/bench'
import { key, type StepRef, stepOf } from '../model/stepRef'
import type { Severity } from '../model/vocabulary'
import type { RuleName } from '../stack/rules/finding'
import { type ShelfFinding, shelfFindings } from '../stock/shelfRules'
import { dealtOut } from './airbrushes'
import { batchesOf } from './batches'
import { type BenchTasks, benchTasks } from './benchTasks'
import { heldByBottles } from './heldByBottles'
import { type BenchMaker, judgedPlan } from './judgedPlan'
import type { LostWindow } from './lostWindows'
import { plannedAt } from './plannedAt'
import { type PlanWish, wishOptions } from './planWish'
import type { SecondThought } from './secondThoughts'
import { type Hours, type PlannedTask, tasksOf } from './tasks'
import { underWay } from './underWay'

/** How far ahead the bench is planned at least, minutes: 60 days. */
const HORIZON = 60 * 1440
const MINUTE = 60_000

/** A task with the instant it is planned for; null while there is no plan. */
export type ScheduledTask = PlannedTask & {
  start: number | null
  /** When it is over; with breaks where it is done in pieces. */
  end: number | null
  /** Where no session is long enough for it: when each of its pieces begins and ends. */
  pieces?: readonly { from: number; to: number }[]
  /** What it is done in: its own id, or for a joint act that of the first of its parts. */
  job: string
  /** The run of several parts that it is in: that of its first task; left out: it is in none. */
  batch?: string
}

/** Everything that follows from a project at an instant. */
export type BenchPlan = {
  now: number
  tasks: ScheduledTask[]
  /** What the shelf says of what is planned. */
  shelf: ShelfFinding[]
  /** The problem that was solved; minute 0 is `zero`. */
  problem: BenchProblem
  /** Epoch milliseconds of minute 0. */
  zero: number
  /** null while nobody has said when they are at the bench. */
  schedule: Solution | null
  /** The wish that what comes after the finish was bettered for: where nothing happens it stays as it is. null: it wasn't. */
  settled: PlanWish | null
  /** The answer with every window kept: the same, or why there is none. */
  strict: Solution | null
  /** Windows that the plan was made without, since no plan keeps them. */
  lost: LostWindow[]
  /** What the judge says of the plan as it is written and not of the parts by themselves, and no change of the plan ends. */
  doubts: PlanDoubt[]
  /** Sessions ahead, the running one first. */
  sessions: Session[]
}

/** A stop or risk that comes with the planned hours. */
export type PlanDoubt = StepRef & { rule: RuleName; severity: Severity; because: string }

/** A plan with what every part says. */
export type WholePlan = BenchPlan & { parts: PartPlan[] }

/** A plan as far as the next one goes on from it. */
export type RunningPlan = Pick<BenchPlan, 'zero' | 'schedule' | 'settled'>

/** How the bench is planned: the solver's options, and the plan to go on from. */
export type PlanOptions = Omit<SolveOptions, 'guide' | 'settled' | 'evening' | 'cleanOut'> & {
  /** What it seeks; the soonest finish unless said. */
  wish?: PlanWish
  /** The plan so far: what has no reason to move keeps its order. */
  before?: RunningPlan | null
}

/**
 * The whole bench: what every part says, the tasks they ask of the hands, and a schedule through the sessions.
 *
 * @param now epoch milliseconds
 * @param parts what every part says at that instant, where that is known already
 */
export function planBench(
  state: BenchState,
  now: number,
  options: PlanOptions = {},
  parts: readonly PlannedPart[] = planParts(state, now),
): WholePlan {
  const { project } = state
  const zero = Math.ceil(now / MINUTE) * MINUTE
  const { horizon, sessions, availability, quiet } = timesOf(state, now, parts)
  const hours = hoursOf(availability, quiet, project.sessions?.airMinutes ?? 0)
  const make: BenchMaker = (then) => {
    const own = parts.map(({ simulated }) =>
      tasksOf(simulated, zero / MINUTE, hours, then?.get(simulated)),
    )
    const longest = { session: longestOf(hours.availability), loud: hours.longest }
    const held = heldByBottles(underWay(benchTasks(own, longest), state, zero), state, zero)
    const bench = dealtOut(held, project.sessions?.airbrushes ?? 1)
    const problem = {
      format: 'tectoria-bench-problem' as const,
      version: 1 as const,
      horizonMinutes: horizon,
      availability,
      quiet,
      resources: { airbrush: 1, booth: 1 },
      tasks: withPins(bench, project.pins ?? [], zero),
      links: bench.links,
      sittings: bench.sittings,
      changeover: { resource: 'airbrush', minutes: project.sessions?.changeoverMinutes ?? 8 },
    }
    return { bench, problem }
  }
  const places = project.sessions?.dryingPlaces ?? null
  const room = { steady: isSteady(parts, zero / MINUTE), places }
  const judged = project.sessions
    ? judgedPlan(make, solveOptions(options, zero), room, zero / MINUTE)
    : null
  const { bench, problem } = judged ?? make(null)
  const schedule = judged?.schedule ?? null
  const plans = parts.map(({ plan }) => plan)
  const tasks = scheduled(bench, schedule, zero, sessions)
  return {
    now,
    parts: plans,
    shelf: shelfFindings(state, whenPlanned(plans, tasks), now),
    tasks,
    problem,
    zero,
    schedule,
    settled: settledFor(options, schedule, zero),
    strict: judged?.strict ?? null,
    lost: judged?.lost ?? [],
    doubts: (judged?.doubts ?? []).flatMap(doubtOf),
    sessions,
  }
}

/** How far ahead is planned, and when hands are there until then, and when it is quiet. */
type Times = {
  horizon: number
  sessions: Session[]
  availability: Interval[]
  quiet: Interval[]
}

/** Two months, or two more than everything would take if hands were always free; and longer where the sessions are short. */
function timesOf({ project }: BenchState, now: number, parts: readonly PlannedPart[]): Times {
  const zero = Math.ceil(now / MINUTE) * MINUTE
  const work = parts.reduce((sum, { simulated }) => sum + workOf(simulated), 0)
  const ready = parts.reduce(
    (last, { simulated }) => Math.max(last, simulated.simulation.total),
    zero / MINUTE,
  )
  const drying = Math.ceil((ready - zero / MINUTE) / 1440) * 1440
  for (let horizon = drying > HORIZON / 2 ? drying + HORIZON : HORIZON; ; horizon *= 2) {
    const most = Math.min(horizon, LONGEST_HORIZON)
    const end = zero + most * MINUTE
    const sessions = project.sessions ? sessionsBetween(project.sessions, now, end) : []
    const availability = minutesFrom(zero, sessions)
    const hands = availability.reduce((sum, [from, to]) => sum + to - from, 0)
    if (hands < 2 * work && most < LONGEST_HORIZON && availability.length > 0) continue
    const quiet = project.sessions ? quietBetween(project.sessions, now, end) : []
    return { horizon: most, sessions, availability, quiet: minutesFrom(zero, quiet) }
  }
}

/** Minutes of the hands that a part still asks for. */
function workOf({ simulation, entries }: PartSimulation): number {
  return simulation.simulated.reduce(
    (sum, { index, ends, context: { step } }) =>
      entries[index]?.fact ? sum : sum + ends.length * (step.minutes ?? ACT_MINUTES),
    0,
  )
}

/** Without sessions coats follow one another all the same. */
function hoursOf(open: readonly Interval[], quiet: readonly Interval[], airMinutes: number): Hours {
  const availability = mergeIntervals(open)
  const loud = subtractIntervals(availability, mergeIntervals(quiet))
  // Where a session is no longer than that, nothing that smells could ever be done: it is a wish, and gives way.
  const airing = airMinutes > 0 && longestOf(availability) > airMinutes
  return {
    availability,
    loud,
    airing: airing
      ? availability.map(([, to]): Interval => [Math.max(0, to - airMinutes), to])
      : [],
    longest: longestOf(loud),
  }
}

function longestOf(spans: readonly Interval[]): number {
  const longest = spans.reduce((most, [from, to]) => Math.max(most, to - from), 0)
  return longest > 0 ? longest : Number.POSITIVE_INFINITY
}

/** Acts that were put into a session by hand begin in it; a pin that lies behind is over. */
function withPins(
  { tasks, jobs, jobOf }: BenchTasks,
  pins: readonly Pin[],
  zero: number,
): BenchTask[] {
  const minutes = (at: string) => Math.floor((Date.parse(at) - zero) / MINUTE)
  const pinOf = new Map<string, Pin>()
  const byStep = new Map(pins.map((pin) => [pin.id, pin]))
  for (const task of tasks) {
    const id = key(stepOf(task))
    const pin = byStep.get(id)
    // The first coat that is left of the step.
    if (!pin || !byStep.delete(id)) continue
    pinOf.set(jobOf.get(task.id) ?? task.id, pin)
  }
  return jobs.map((job) => {
    const pin = pinOf.get(job.id)
    const latest = pin ? minutes(pin.to) - job.minutes : -1
    if (!pin || latest < 0) return job
    return {
      ...job,
      earliest: Math.max(job.earliest ?? 0, minutes(pin.from), 0),
      latest: Math.min(job.latest ?? latest, latest),
    }
  })
}

/** Does the air stay as it is from now on? */
function isSteady(parts: readonly PlannedPart[], zero: number): boolean {
  const series = parts[0]?.simulated.simulation.series
  return !series || piecesBetween(series, zero, Number.POSITIVE_INFINITY).length < 2
}

/** The wish that a plan was bettered for: this one, or that of the plan before, where it is the same to the minute. */
function settledFor(
  { before, polish, wish = 'finish' }: PlanOptions,
  schedule: Solution | null,
  zero: number,
): PlanWish | null {
  if (polish !== false) return wish
  if (!before?.settled || !schedule) return null
  const shift = (before.zero - zero) / MINUTE
  const same = Object.entries(schedule.starts).every(
    ([id, start]) => start === (before.schedule?.starts[id] ?? Number.NaN) + shift,
  )
  return same ? before.settled : null
}

/** Starts of the plan before, in minutes from the new zero. */
function solveOptions(
  { before, wish = 'finish', ...given }: PlanOptions,
  zero: number,
): SolveOptions {
  const options = { ...given, ...wishOptions(wish) }
  if (!before?.schedule) return options
  const shift = (before.zero - zero) / MINUTE
  const guide = Object.fromEntries(
    Object.entries(before.schedule.starts).map(([id, start]) => [id, start + shift]),
  )
  return { ...options, guide, settled: before.settled === wish }
}

/** What the parts say, each step at its planned instant: the shelf is asked then. */
function whenPlanned(plans: readonly PartPlan[], tasks: ScheduledTask[]): PartPlan[] {
  return plans.map((plan) => ({
    ...plan,
    steps: plan.steps.map((step) => {
      const at = plannedAt({ tasks }, { build: plan.build, part: plan.part, step: step.step })
      return at ? { ...step, from: at.from } : step
    }),
  }))
}

/** Every task with its instants, and the run that it is in. */
function scheduled(
  { tasks, jobs, jobOf, piecesOf }: BenchTasks,
  schedule: Solution | null,
  zero: number,
  sessions: readonly Session[],
): ScheduledTask[] {
  const minutes = new Map(jobs.map((job) => [job.id, job.minutes]))
  const spanOf = (job: string) => {
    const from = startOf(schedule, job, zero)
    return from === null ? null : { from, to: from + (minutes.get(job) ?? 0) * MINUTE }
  }
  const laid = tasks.map((task): ScheduledTask => {
    const job = jobOf.get(task.id) ?? task.id
    const spans = (piecesOf.get(job) ?? [job]).map(spanOf)
    const pieces = spans.filter((span) => span !== null)
    return {
      ...task,
      minutes: pieces.length > 1 ? task.minutes : (minutes.get(job) ?? task.minutes),
      job,
      start: spans[0]?.from ?? null,
      end: spans.at(-1)?.to ?? null,
      ...(pieces.length > 1 ? { pieces } : {}),
    }
  })
  const batches = batchesOf(laid, sessions)
  return laid.map((task) => {
    const batch = batches.get(task.id)
    return batch === undefined ? task : { ...task, batch }
  })
}

function doubtOf({ part, step, drafted }: SecondThought): PlanDoubt[] {
  if (!drafted) return []
  const { build, part: own, entries } = part.simulated
  const { severity, because } = drafted.draft
  const ref = { build: build.id, part: own.id, step: entries[step]?.step.id ?? '' }
  return [{ ...ref, rule: drafted.rule, severity, because }]
}

function startOf(schedule: Solution | null, id: string, zero: number): number | null {
  const minute = schedule?.starts[id]
  return minute === undefined ? null : zero + minute * MINUTE
}
