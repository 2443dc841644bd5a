import type { PartSimulation } from '../builds/simulatedPart'
import { ACT_MINUTES } from '../knowledge/limits'
import { type Spacing, soonerThan, spacingsOf } from '../stack/questions/spacings'
import { worse } from '../stack/rules/finding'
import { RULESET } from '../stack/rules/rules'
import { fillWait } from '../stack/simulate/fillWait'
import { judge } from '../stack/simulate/ruleset'
import { simulate } from '../stack/simulate/simulate'
import type { Drafted, Fact, Simulation } from '../stack/simulate/simulation'
import { filmReaches } from '../stack/state/film'
import type { StepContext } from '../stack/state/stepContext'
import { coatGaps, HAIR } from './coatGaps'
import { type Standing, withoutPlace } from './rackPlaces'
import type { AsPlanned, PartTasks } from './tasks'

/** What the judge says of a plan that it doesn't say of the part by itself, and what would end it. */
export type SecondThought = {
  part: PartTasks
  /** Index of the step in the part's walked sequence. */
  step: number
  /** null: coats follow one another too soon. */
  drafted: Drafted | null
  /** Waits and windows that it asks for. */
  spacings: Spacing[]
  /** Minute of the walk before which there is no place for it to dry. */
  notBefore?: number
  /** Minutes that each of its coats has to be left alone, where they follow one another too soon. */
  gaps?: number[]
}

/** When a task begins and ends in a plan, minutes of the walk; null: it isn't planned. */
export type PlannedSpan = (task: string) => { start: number; end: number } | null

/**
 * A part simulated as the plan has it: every act at its planned minute, as if it had been done then; what isn't planned as soon as
 * it can be.
 *
 * @param ofStep ids of the tasks of each step that is still to do
 * Source: handbook 7.2, 7.4.
 */
function asPlanned(
  { sequence, options, simulation }: PartSimulation,
  ofStep: ReadonlyMap<number, readonly string[]>,
  spanOf: PlannedSpan,
): Simulation {
  if (ofStep.size === 0) return simulation
  const facts = new Map<number, Fact>(options.facts)
  for (const [index, ids] of ofStep) {
    const spans = ids.map(spanOf)
    const first = spans[0]
    if (!first || spans.some((span) => span === null)) continue
    facts.set(index, { start: first.start, ends: spans.map((span) => span?.end ?? 0) })
  }
  return simulate(sequence, { ...options, facts })
}

/** What the judge says of a plan, and the steps that it has nothing against at their planned minutes. */
export type Judged = { thoughts: SecondThought[]; then: ReadonlyMap<PartSimulation, AsPlanned> }

/**
 * A plan judged as it is written: every stop and risk at the planned minutes that the parts by themselves don't have, and coats that
 * find no place to dry.
 *
 * @param places in the drying box or on the rack; null: enough
 * Source: handbook 7.2, 7.4.
 */
export function judgedAsPlanned(
  parts: readonly PartTasks[],
  spanOf: PlannedSpan,
  places: number | null,
): Judged {
  const thoughts: SecondThought[] = []
  const then = new Map<PartSimulation, AsPlanned>()
  const standing: Standing[] = []
  const taskAt = new Map<string, Pick<SecondThought, 'part' | 'step'>>()
  for (const part of parts) {
    const planned = asPlanned(part.simulated, part.ofStep, spanOf)
    const drafts = newDrafts(part, planned)
    thoughts.push(...drafts.map((drafted) => thoughtOf(part, drafted)), ...tooSoon(part, planned))
    const doubtful = new Set(drafts.map(({ step }) => step))
    const steps = planned.simulated.filter(({ index }) => !doubtful.has(index))
    then.set(part.simulated, new Map(steps.map((step) => [step.index, step])))
    if (places === null) continue
    standing.push(...standingOf(part, planned))
    for (const [step, [first]] of part.ofStep) if (first) taskAt.set(first, { part, step })
  }
  const late = places === null ? [] : [...withoutPlace(standing, places)]
  for (const [task, notBefore] of late) {
    const place = taskAt.get(task)
    if (place) thoughts.push({ ...place, drafted: null, spacings: [], notBefore })
  }
  return { thoughts, then }
}

/** The films of a part that stand to dry, as planned. */
function standingOf({ ofStep }: PartTasks, planned: Simulation): Standing[] {
  return planned.simulated.flatMap(({ index, context, ends, after }): Standing[] => {
    const film = after.films.at(-1)
    if (context.resolved.row.kind !== 'film' || !film || film.endedBy !== index) return []
    const touch = filmReaches(film, 'touch', context.series)
    if (touch === null || ends.length === 0) return []
    return [{ task: ofStep.get(index)?.[0] ?? null, from: context.at, to: touch }]
  })
}

/** Coats that come before the one under them has flashed in the air of those hours. */
function tooSoon(part: PartTasks, then: Simulation): SecondThought[] {
  return then.simulated.flatMap((one): SecondThought[] => {
    const { index, context, ends } = one
    if ((part.ofStep.get(index)?.length ?? 0) < 2 || context.step.gap !== undefined) return []
    const gaps = coatGaps(one)
    const minutes = context.step.minutes ?? ACT_MINUTES
    const short = gaps.some((gap, i) => (ends[i + 1] ?? 0) - minutes < (ends[i] ?? 0) + gap - HAIR)
    return short ? [{ part, step: index, drafted: null, spacings: [], gaps }] : []
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
  const thought = { part, step, drafted, spacings: [] }
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
  // Air that no session ahead has better can't be waited for: it is told.
  if (rule.eachCoat) return thought
  return { ...thought, spacings: soonerThan(context, rule) }
}
