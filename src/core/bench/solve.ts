import type { BenchProblem } from './problem'
import { type Clash, clashOf, sayClash } from './solver/conflict'
import { Driver, type StartPlan } from './solver/driver'
import { type Model, modelOf } from './solver/model'
import { polish } from './solver/polish'
import type { Budget } from './solver/search'
import { type Qualities, qualitiesOf } from './solver/secondaryObjectives'

/** How long the solver looks, and what it may start from. */
export type SolveOptions = {
  /** Most steps of the search, decisions and conflicts; the same number gives the same answer on every machine. */
  steps?: number
  /** Asked now and then: time is up, or somebody cancelled. */
  stop?: () => boolean
  /** Told of every better plan as it is found. */
  onBest?: (best: Solution) => void
  /** Of the choices left to chance; 1 unless said. */
  seed?: number
  /** A plan to go on from, minutes by task: its order is tried first, so that what has no reason to move stays. */
  guide?: Readonly<Record<string, number>>
  /** The guide was bettered already: where nothing ends sooner it stays as it is. */
  settled?: boolean
  /** Stop at the first plan: an answer at once. */
  first?: boolean
  /** Whether what comes after the finish is bettered too; yes unless said. */
  polish?: boolean
  /** Minutes later that everything may end for each evening saved; 0 unless said: the finish comes first. */
  evening?: number
  /** The same for each clean-out of the airbrush saved. */
  cleanOut?: number
}

/** The answer of the scheduler. `unknown`: nothing was found in the time given, and nothing proved. Source: handbook 7.3. */
export type Solution = {
  status: 'optimal' | 'feasible' | 'infeasible' | 'unknown'
  /** Latest end, minutes. */
  makespan: number | null
  lowerBound: number | null
  starts: Record<string, number>
  /** How it stands to the wishes after the finish. */
  qualities?: Qualities
  /** Which tasks and which window or interval clash, where it is infeasible. */
  because?: string
  /** The same as data: the smallest clash, and single changes that would help. */
  clash?: Clash
}

/** Steps for what comes after the finish. */
const POLISH_STEPS = 40_000
/** Steps unless the caller says. */
const DEFAULT_STEPS = 200_000

/**
 * Schedules a bench problem: honours every constraint, says `infeasible` only when it has proved it and `optimal` only when
 * nothing can be better, else the best it has. Deterministic for a number of steps and a seed.
 *
 * Source: handbook 7.3.
 */
export function solve(problem: BenchProblem, options: SolveOptions = {}): Solution {
  const model = modelOf(problem)
  if (model.ids.length === 0) return { status: 'optimal', makespan: 0, lowerBound: 0, starts: {} }
  const budget = budgetOf(options)
  if (model.impossible.length > 0 || model.domains.some((domain) => domain === null))
    return infeasible(problem, budget)
  const guide = guideOf(model, options.guide)
  const driver = new Driver(
    model,
    budget,
    (plan, lowerBound) => options.onBest?.(solutionOf(model, plan, lowerBound, 'feasible')),
    {
      seed: options.seed ?? 1,
      guide,
      first: options.first === true,
    },
  )
  const { best, lowerBound, proved } = driver.run()
  if (best) {
    const wished = budgetOf({ ...options, steps: POLISH_STEPS })
    const stays = options.settled === true && best.starts.every((start, i) => start === guide?.[i])
    const { evening = 0, cleanOut = 0 } = options
    const refined =
      options.polish === false || stays ? best : polish(model, best, { evening, cleanOut }, wished)
    const least = refined.makespan === best.makespan && proved
    return solutionOf(model, refined, lowerBound, least ? 'optimal' : 'feasible')
  }
  if (proved) return infeasible(problem, budget)
  return { status: 'unknown', makespan: null, lowerBound, starts: {} }
}

function budgetOf(options: SolveOptions): Budget {
  const most = options.steps ?? DEFAULT_STEPS
  let asked = 0
  let over = false
  const budget: Budget = {
    spent: 0,
    left: () => {
      if (over) return false
      asked += 1
      over = budget.spent > most || (asked % 32 === 0 && options.stop?.() === true)
      return !over
    },
  }
  return budget
}

/** Starts to go by; a task that the other plan doesn't know comes last. */
function guideOf(model: Model, guide: SolveOptions['guide']): Int32Array | null {
  if (!guide) return null
  return Int32Array.from(model.ids, (id) => guide[id] ?? model.horizon)
}

function infeasible(problem: BenchProblem, budget: Budget): Solution {
  const clash = clashOf(problem, budget)
  return {
    status: 'infeasible',
    makespan: null,
    lowerBound: null,
    starts: {},
    because: sayClash(problem, clash),
    clash,
  }
}

function solutionOf(
  model: Model,
  plan: StartPlan,
  lowerBound: number,
  status: 'optimal' | 'feasible',
): Solution {
  return {
    status,
    makespan: plan.makespan,
    lowerBound,
    qualities: qualitiesOf(model, plan),
    starts: Object.fromEntries(model.ids.map((id, i) => [id, plan.starts[i] as number])),
  }
}
