import { type Model, modelOf } from './model'
import type { BenchProblem } from './problem'
import { type Cause, type Clash, firstStarts, propagate } from './propagate'
import { type Budget, type Found, type Preference, searchOrders } from './search'

export type SolveOptions = {
  /** Most branches tried; the same number gives the same answer on every machine. */
  nodes?: number
  /** Asked now and then: time is up, or somebody cancelled. */
  stop?: () => boolean
  /** Told of every better plan as it is found. */
  onBest?: (best: Solution) => void
}

/** The answer of the scheduler. `unknown`: nothing was found in the time given, and nothing proved. Source: handbook 7.3. */
export type Solution = {
  status: 'optimal' | 'feasible' | 'infeasible' | 'unknown'
  /** Latest end, minutes. */
  makespan: number | null
  lowerBound: number | null
  starts: Record<string, number>
  /** Which tasks and which window or interval clash, where it is infeasible. */
  because?: string
}

/** Branches tried unless the caller says. */
const DEFAULT_NODES = 60_000
/** Share of the branches spent on quick dives before the exact search. */
const DIVE_NODES = 400

/** Ways of choosing the next task, tried one after another. */
const PREFERENCES: readonly Preference[] = [
  (c) => c.start * 1e6 - c.tail,
  (c) => c.latest * 1e6 + c.start,
  (c) => (c.start + (c.latest - c.start) / 4) * 1e6 - c.tail,
  (c) => -c.tail * 1e6 + c.start,
]

/**
 * Schedules a bench problem: honours every constraint, says `infeasible` only when it has proved it and `optimal` only when
 * nothing can be better, else the best it has. Deterministic for a number of nodes.
 *
 * Source: handbook 7.3.
 */
export function solve(problem: BenchProblem, options: SolveOptions = {}): Solution {
  const model = modelOf(problem)
  if (model.ids.length === 0) return { status: 'optimal', makespan: 0, lowerBound: 0, starts: {} }
  const impossible = model.impossible[0]
  if (impossible !== undefined)
    return infeasible(`"${model.ids[impossible]}" needs a resource of which there is none.`)
  const root = rootStarts(model)
  if ('because' in root) return infeasible(root.because)
  const tails = tailsOf(model)
  const lowerBound = boundOf(model, root.starts)
  const budget = budgetOf(options)
  let best: Found | null = null
  const keep = (found: Found) => {
    best = found
    options.onBest?.(solutionOf(model, found, lowerBound, 'feasible'))
  }
  const bound = () => best?.makespan ?? Number.POSITIVE_INFINITY
  for (const prefer of PREFERENCES) {
    const end = budget.nodes + Math.max(DIVE_NODES, model.ids.length * 3)
    const dive = { ...budget, left: () => budget.left() && dive.nodes < end }
    const { exhausted } = searchOrders(model, root.starts, tails, prefer, dive, bound(), keep)
    budget.nodes = dive.nodes
    if (exhausted) return proved(problem, model, best, lowerBound)
    if (bound() <= lowerBound)
      return solutionOf(model, best as unknown as Found, lowerBound, 'optimal')
  }
  const first = PREFERENCES[0] as Preference
  const { exhausted } = searchOrders(model, root.starts, tails, first, budget, bound(), keep)
  if (exhausted) return proved(problem, model, best, lowerBound)
  if (!best) return { status: 'unknown', makespan: null, lowerBound, starts: {} }
  const status = bound() <= lowerBound ? 'optimal' : 'feasible'
  return solutionOf(model, best, lowerBound, status)
}

function budgetOf(options: SolveOptions): Budget {
  const most = options.nodes ?? DEFAULT_NODES
  const budget: Budget = {
    nodes: 0,
    left: () => budget.nodes <= most && !(budget.nodes % 64 === 0 && options.stop?.()),
  }
  return budget
}

function infeasible(because: string): Solution {
  return { status: 'infeasible', makespan: null, lowerBound: null, starts: {}, because }
}

function proved(
  problem: BenchProblem,
  model: Model,
  best: Found | null,
  lowerBound: number,
): Solution {
  if (best) return solutionOf(model, best, Math.max(lowerBound, best.makespan), 'optimal')
  return infeasible(whyNoOrder(problem))
}

function solutionOf(
  model: Model,
  found: Found,
  lowerBound: number,
  status: 'optimal' | 'feasible',
): Solution {
  return {
    status,
    makespan: found.makespan,
    lowerBound: status === 'optimal' ? found.makespan : lowerBound,
    starts: Object.fromEntries(model.ids.map((id, i) => [id, found.starts[i] as number])),
  }
}

/** Earliest starts with every link kept, or why that can't be. */
function rootStarts(model: Model): { starts: number[] } | { because: string } {
  const limit = (task: number) => model.latest[task] as number
  const starts = firstStarts(model, limit)
  if (!Array.isArray(starts)) return { because: whyNowhere(model, starts) }
  const causes: Cause = starts.map(() => null)
  const clash = propagate(model, starts, starts.keys(), new Map(), limit, causes)
  return clash ? { because: whyChain(model, clash, causes) } : { starts }
}

function whyNowhere(model: Model, clash: Clash): string {
  const id = model.ids[clash.task]
  const minutes = model.minutes[clash.task]
  if (Number.isFinite(clash.start))
    return `"${id}" (${minutes} min) can begin at minute ${clash.start} at the earliest and has to by ${clash.limit}.`
  return `"${id}" (${minutes} min) fits into no interval of availability before minute ${model.horizon}.`
}

/** The chain of links that leads to a clash, nearest first. */
function whyChain(model: Model, clash: Clash, causes: Cause): string {
  const told: string[] = []
  const seen = new Set<number>()
  let task = clash.task
  while (told.length < 4 && !seen.has(task)) {
    seen.add(task)
    const arc = causes[task]
    if (!arc) break
    const from = model.ids[arc.from]
    const length = model.minutes[arc.window ? arc.to : arc.from] as number
    told.push(
      arc.window
        ? `"${from}" may come ${-arc.gap - length} min after "${model.ids[task]}" at the latest`
        : `"${model.ids[task]}" comes ${arc.gap - length} min after "${from}" at the earliest`,
    )
    task = arc.from
  }
  const where = Number.isFinite(clash.start)
    ? `would begin at minute ${clash.start}, past ${clash.limit}`
    : `finds no interval of availability before minute ${model.horizon}`
  return `"${model.ids[clash.task]}" ${where}: ${told.join('; ')}.`
}

/** Which single window stands in the way: the first without which a plan is found. */
function whyNoOrder(problem: BenchProblem): string {
  const links = problem.links ?? []
  for (const [i, link] of links.entries()) {
    if (link.maxGap === undefined || link.maxGap === null) continue
    const relaxed = {
      ...problem,
      links: links.map((one, j) => (i === j ? { ...one, maxGap: null } : one)),
    }
    const found = solveQuietly(relaxed)
    if (found)
      return `"${link.to}" has to begin within ${link.maxGap} min after "${link.from}", and no order of the work inside the sessions keeps that window.`
  }
  const names = (problem.tasks ?? []).slice(0, 6).map((task) => `"${task.id}"`)
  return `${names.join(', ')} do not fit one after another into the availability before minute ${problem.horizonMinutes}.`
}

/** Is there a plan, within a small budget? */
function solveQuietly(problem: BenchProblem): boolean {
  const model = modelOf(problem)
  const root = rootStarts(model)
  if ('because' in root) return false
  const budget: Budget = { nodes: 0, left: () => budget.nodes <= DIVE_NODES && !found }
  let found = false
  const end = Number.POSITIVE_INFINITY
  for (const prefer of PREFERENCES) {
    budget.nodes = 0
    searchOrders(model, root.starts, tailsOf(model), prefer, budget, end, () => {
      found = true
    })
  }
  return found
}

/** Minutes from each task's start to the end of all that must follow it. */
function tailsOf(model: Model): number[] {
  const tails = [...model.minutes]
  for (let round = 0; round < model.ids.length; round++) {
    let moved = false
    model.arcsFrom.forEach((arcs, task) => {
      for (const arc of arcs) {
        if (arc.window) continue
        const tail = arc.gap + (tails[arc.to] as number)
        if (tail > (tails[task] as number)) {
          tails[task] = tail
          moved = true
        }
      }
    })
    if (!moved) break
  }
  return tails
}

/** No plan ends before this: every task by its earliest start, and all the work through one pair of hands. */
function boundOf(model: Model, starts: readonly number[]): number {
  const ends = starts.map((start, i) => start + (model.minutes[i] as number))
  let work = model.minutes.reduce((sum, minutes) => sum + minutes, 0)
  let hands = 0
  const first = Math.min(...starts)
  for (const [from, to] of model.availability) {
    const at = Math.max(from, first)
    if (to <= at) continue
    if (work <= to - at) {
      hands = at + work
      break
    }
    work -= to - at
  }
  return Math.max(hands, ...ends)
}
