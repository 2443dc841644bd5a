import type { BenchProblem, BenchTask } from '../bench/problem'
import { type Solution, type SolveOptions, solve } from '../bench/solve'
import { only, withMaxGap } from '../bench/solver/conflict'

/** What can't be kept any more, and the plan was made without. */
export type LostWindow =
  /** The task had to begin by this minute. */
  | { kind: 'own'; task: string; latest: number }
  /** It had to begin so long after another. */
  | { kind: 'link'; task: string; from: string; maxGap: number }
  /** Its coats were to lie in one sitting. */
  | { kind: 'sitting'; task: string; tasks: string[] }

/** How many of them are given up before there is no plan. */
const MOST_LOST = 60
/** Steps of the question whether a clash is over without one of them. */
const QUESTION = { steps: 3000, first: true, polish: false } as const

/** The answer with every window kept, the plan, the problem that it solves, and what was given up for it. */
export type Anyway = {
  strict: Solution
  schedule: Solution
  relaxed: BenchProblem
  lost: LostWindow[]
}

/**
 * A plan that keeps what can be kept: where no plan keeps every window, the clashing ones are given up, one after the other,
 * and named; coats are torn sooner than a window is lost. Work that is late is still planned.
 *
 * @param running the plan that somebody follows: where it gives up no more, the same windows are given up
 * Source: handbook 7.2, 7.4.
 */
export function solveAnyway(
  problem: BenchProblem,
  options: SolveOptions,
  running?: Solution['starts'],
): Anyway {
  const strict = solve(problem, options)
  let found = strict
  let relaxed = problem
  const lost: LostWindow[] = []
  while (found.status === 'infeasible' && found.clash && lost.length < MOST_LOST) {
    const given = giveUp(relaxed, found.clash)
    if (!given) return { strict, schedule: strict, relaxed: problem, lost: [] }
    lost.push(given.lost)
    relaxed = given.problem
    found = solve(relaxed, { ...options, first: true, polish: false })
  }
  if (found.makespan === null) return { strict, schedule: strict, relaxed: problem, lost: [] }
  if (lost.length === 0) return { strict, schedule: found, relaxed, lost }
  const windows = lost.filter(({ kind }) => kind !== 'sitting')
  const ran = running && asItRan(problem, running, windows.length)
  if (!ran && options.first) return { strict, schedule: found, relaxed, lost }
  const guide = ran ? running : (options.guide ?? found.starts)
  const given = ran ?? { problem: relaxed, lost }
  const schedule = solve(given.problem, { ...options, guide })
  return { strict, schedule, relaxed: given.problem, lost: given.lost }
}

/** The problem without the windows that the running plan doesn't keep, where that is a plan then and gives up no more: else null. */
function asItRan(
  problem: BenchProblem,
  running: Solution['starts'],
  most: number,
): { problem: BenchProblem; lost: LostWindow[] } | null {
  const given = withoutBroken(problem, running)
  if (given.lost.length > most) return null
  return asItRuns(given.problem, QUESTION, running) ? given : null
}

/** The running plan as the answer to a problem; null: it is none of its plans. */
export function asItRuns(
  problem: BenchProblem,
  options: SolveOptions,
  running: Solution['starts'],
): Solution | null {
  const schedule = solve(problem, { ...options, guide: running, first: true, polish: false })
  const stays = (problem.tasks ?? []).every(({ id }) => schedule.starts[id] === running[id])
  return stays ? schedule : null
}

/** A problem without the windows that some starts don't keep. */
function withoutBroken(problem: BenchProblem, starts: Solution['starts']) {
  const tasks = problem.tasks ?? []
  const ends = new Map(tasks.map(({ id, minutes }) => [id, (starts[id] ?? 0) + minutes]))
  const lost: LostWindow[] = []
  const left = tasks.map((own): BenchTask => {
    const { latest, ...rest } = own
    if (latest === undefined || (starts[own.id] ?? 0) <= latest) return own
    lost.push({ kind: 'own', task: own.id, latest })
    return rest
  })
  const links = (problem.links ?? []).map((link) => {
    const { from, to, maxGap } = link
    if (maxGap === undefined || maxGap === null) return link
    if ((starts[to] ?? 0) <= (ends.get(from) ?? 0) + maxGap) return link
    lost.push({ kind: 'link', task: to, from, maxGap })
    return { ...link, maxGap: null }
  })
  return { problem: { ...problem, tasks: left, links }, lost }
}

type Given = { problem: BenchProblem; lost: LostWindow }

/** Drops one thing that a clash is about: the first without which it is over, else the first. */
function giveUp(problem: BenchProblem, clash: NonNullable<Solution['clash']>): Given | null {
  const ways = [...torn(problem, clash.tasks), ...ownWindows(problem, clash.tasks)]
  for (const window of clash.windows)
    ways.push({
      problem: withMaxGap(problem, window, null),
      lost: { kind: 'link', task: window.to, from: window.from, maxGap: window.maxGap },
    })
  if (ways.length < 2) return ways[0] ?? null
  const ids = new Set(clash.tasks)
  return (
    ways.find((way) => solve(only(way.problem, ids), QUESTION).status !== 'infeasible') ??
    ways.find(({ lost }) => lost.kind !== 'sitting') ??
    null
  )
}

/** Coats of a clash that might lie in several sittings. */
function torn(problem: BenchProblem, tasks: readonly string[]): Given[] {
  const sittings = problem.sittings ?? []
  return sittings
    .filter((sitting) => sitting.filter((id) => tasks.includes(id)).length > 1)
    .map((sitting) => ({
      problem: { ...problem, sittings: sittings.filter((other) => other !== sitting) },
      lost: { kind: 'sitting', task: sitting[0] as string, tasks: sitting },
    }))
}

/** Tasks of a clash that have to begin by a minute: a fact that nobody can move, or a place that was asked for. */
function ownWindows(problem: BenchProblem, clashing: readonly string[]): Given[] {
  const tasks = problem.tasks ?? []
  return tasks.flatMap((own): Given[] => {
    const { latest, ...rest } = own
    if (latest === undefined || !clashing.includes(own.id)) return []
    return [
      {
        problem: {
          ...problem,
          tasks: tasks.map((task): BenchTask => (task === own ? rest : task)),
        },
        lost: { kind: 'own', task: own.id, latest },
      },
    ]
  })
}
