import type { Interval } from '../bench/problem'
import type { PartSimulation } from '../builds/simulatedPart'
import { reachedAt } from '../drying/clock'
import { piecesBetween } from '../drying/series'
import { ACT_MINUTES } from '../knowledge/limits'
import { type Spacing, soonerThan, spacingsOf } from '../stack/questions/spacings'
import { worse } from '../stack/rules/finding'
import { RULESET } from '../stack/rules/rules'
import { fillWait } from '../stack/simulate/fillWait'
import { judge } from '../stack/simulate/ruleset'
import { simulate } from '../stack/simulate/simulate'
import type { Drafted, Fact, Simulation } from '../stack/simulate/simulation'
import type { StepContext } from '../stack/state/stepContext'
import { HAIR, type PartTasks } from './tasks'

/** What the judge says of a plan that it doesn't say of the part by itself, and what would end it. */
export type SecondThought = {
  part: PartTasks
  /** Index of the step in the part's walked sequence. */
  step: number
  /** null: coats follow one another too soon. */
  drafted: Drafted | null
  /** Waits and windows that it asks for. */
  spacings: Spacing[]
  /** When the air doesn't bear it, minutes of the walk. */
  closed: Interval[]
  /** Minutes that each of its coats has to be left alone, where they follow one another too soon. */
  gaps?: number[]
}

/** When a task begins and ends in a plan, minutes of the walk; null: it isn't planned. */
export type PlannedSpan = (task: string) => { start: number; end: number } | null

/**
 * A part simulated as the plan has it: every act at its planned minute, as if it had been done then.
 *
 * @param ofStep ids of the tasks of each step that is still to do
 * @returns null where not all of it is planned
 * Source: handbook 7.2, 7.4.
 */
export function asPlanned(
  { sequence, options, simulation }: PartSimulation,
  ofStep: ReadonlyMap<number, readonly string[]>,
  spanOf: PlannedSpan,
): Simulation | null {
  if (ofStep.size === 0) return simulation
  const facts = new Map<number, Fact>(options.facts)
  for (const [index, ids] of ofStep) {
    const spans = ids.map(spanOf)
    const first = spans[0]
    if (!first || spans.some((span) => span === null)) return null
    facts.set(index, { start: first.start, ends: spans.map((span) => span?.end ?? 0) })
  }
  return simulate(sequence, { ...options, facts })
}

/** How far ahead the air is looked through for hours that don't bear a step, minutes: as far as it is forecast. */
const AIR_AHEAD = 15 * 1440

/**
 * A plan judged as it is written: every stop and risk at the planned minutes that the parts by themselves don't have.
 *
 * Source: handbook 7.2, 7.4.
 */
export function secondThoughts(parts: readonly PartTasks[], spanOf: PlannedSpan): SecondThought[] {
  return parts.flatMap((part) => {
    const then = asPlanned(part.simulated, part.ofStep, spanOf)
    return then
      ? [
          ...newDrafts(part, then).map((drafted) => thoughtOf(part, drafted)),
          ...tooSoon(part, then),
        ]
      : []
  })
}

/** Coats that come before the one under them has flashed in the air of those hours. */
function tooSoon(part: PartTasks, then: Simulation): SecondThought[] {
  return then.simulated.flatMap(({ index, context, ends }): SecondThought[] => {
    const { resolved, step, series } = context
    const ids = part.ofStep.get(index) ?? []
    const { drying } = resolved
    if (!drying || step.gap !== undefined || ids.length < 2) return []
    const before = drying.coats.slice(0, drying.coats.length - ends.length)
    const gaps = ends.slice(0, -1).map((end, i) => {
      const coats = [...before, ...resolved.coats.slice(0, i + 1)]
      return (reachedAt({ ...drying, coats }, 'flash', end, series) ?? end) - end
    })
    const minutes = step.minutes ?? ACT_MINUTES
    const short = gaps.some((gap, i) => (ends[i + 1] ?? 0) - minutes < (ends[i] ?? 0) + gap - HAIR)
    return short ? [{ part, step: index, drafted: null, spacings: [], closed: [], gaps }] : []
  })
}

/** Stops and risks of steps still to do that are new, or worse than before. */
function newDrafts({ simulated, ofStep }: PartTasks, then: Simulation): Drafted[] {
  const place = ({ step, rule }: Drafted) => `${step} ${rule}`
  const own = new Map<string, Drafted>()
  for (const drafted of simulated.simulation.drafts) {
    const known = own.get(place(drafted))
    if (!known || worse(drafted.draft.severity, known.draft.severity))
      own.set(place(drafted), drafted)
  }
  return then.drafts.filter((drafted) => {
    if (!ofStep.has(drafted.step) || drafted.draft.severity === 'note') return false
    const known = own.get(place(drafted))
    return !known || worse(drafted.draft.severity, known.draft.severity)
  })
}

function thoughtOf(part: PartTasks, drafted: Drafted): SecondThought {
  const { context, step } = drafted
  const thought = { part, step, drafted, spacings: [], closed: [] }
  const rule = RULESET.byName.get(drafted.rule)
  if (!context || !rule) return thought
  const isLess = (one: StepContext) =>
    judge(one, [rule]).every(({ draft }) => worse(drafted.draft.severity, draft.severity))
  // Later, as the part by itself would wait.
  const { context: later, wait } = fillWait(context, RULESET)
  if (wait && isLess(later)) {
    const short = spacingsOf(later).filter(({ since, least }) => context.at - since.at < least)
    const spacings = [{ since: wait.since, least: later.at - wait.since.at }, ...short]
    return { ...thought, spacings: spacings.map((one) => ({ ...one, most: null })) }
  }
  const closed = airOf(context, isLess)
  if (closed.length > 0) return { ...thought, closed }
  return { ...thought, spacings: soonerThan(context, rule) }
}

/** Hours in which the air would say the same; none, where it isn't the air that it comes from. */
function airOf(context: StepContext, isLess: (context: StepContext) => boolean): Interval[] {
  const { series, at } = context
  const pieces = piecesBetween(series, at, at + AIR_AHEAD)
  const known = new Map<string, boolean>()
  const bears = (climate: StepContext['climate']) => {
    const text = JSON.stringify(climate)
    const before = known.get(text) ?? isLess({ ...context, climate, memo: {} })
    known.set(text, before)
    return before
  }
  if (pieces.every(({ climate }) => !bears(climate))) return []
  return pieces
    .filter(({ climate }) => !bears(climate))
    .map(({ from, to }): Interval => [from, Math.min(to, at + AIR_AHEAD)])
}
