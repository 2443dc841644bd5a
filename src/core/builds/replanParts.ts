import type { ClimateSeries } from '../drying/series'
import { partLogOf } from '../log/logIndex'
import type { Build, Part } from '../model/build'
import { key } from '../model/stepRef'
import { climateSeries, differFrom } from '../room/climateSeries'
import type { Corrections } from '../stack/simulate/simulation'
import { benchBuilds } from './benchBuilds'
import type { BenchState } from './benchState'
import { withJointNext } from './jointNext'
import { entriesOf } from './partEntries'
import { type PartPlan, partPlanOf } from './partPlan'
import { simulatePart } from './partSimulation'
import type { PlannedPart } from './planParts'
import type { PartSimulation } from './simulatedPart'

/** Every part of the bench as it was last planned, with what that followed from. */
export type PlannedParts = {
  now: number
  parts: readonly PlannedPart[]
  kept: ReadonlyMap<string, Kept>
}

/** A part's plan and everything it followed from. */
type Kept = {
  /** Documents that its steps were read from, by identity. */
  read: readonly unknown[]
  /** Its steps, and what else it followed from, by identity. */
  from: readonly unknown[]
  air: LookedAt
  corrected: Corrected
  at: number
  planned: PlannedPart
}

/** The air it dried in, and the last minute of it that was looked at. */
type LookedAt = { series: ClimateSeries; until: number }

/** Every correction that was asked for. */
type Corrected = {
  correction: Corrections
  asked: [...Parameters<Corrections>, factor: number][]
}

/** What is the same for all parts of one answer. */
type Answer = {
  state: BenchState
  now: number
  series: ClimateSeries
  /** The minute from which on the air differs from what it was. */
  differs: (before: ClimateSeries) => number
}

/**
 * Every part of the bench, planned: those that nothing touched are the very same objects as before. What is done and dry says
 * the same at any hour, and whatever the air is like from then on.
 *
 * @param before the last answer; left out: every part is planned
 * @param wanted which builds; left out: all of them
 */
export function replanParts(
  state: BenchState,
  now: number,
  before?: PlannedParts,
  wanted: (build: Build) => boolean = () => true,
): PlannedParts {
  const series = climateSeries(state.room, now)
  const known = new Map<ClimateSeries, number>()
  const differs = (other: ClimateSeries) => {
    const minute = known.get(other) ?? differFrom(other, series)
    known.set(other, minute)
    return minute
  }
  const answer = { state, now, series, differs }
  const kept = new Map<string, Kept>()
  for (const build of benchBuilds(state.project).filter(wanted))
    for (const part of build.parts) {
      const ref = key({ build: build.id, part: part.id })
      kept.set(ref, keptOf(answer, build, part, before?.kept.get(ref)))
    }
  const parts = [...kept.values()].map(({ planned }) => planned)
  return { now, parts: withJointNext(benchBuilds(state.project), parts), kept }
}

function keptOf(answer: Answer, build: Build, part: Part, before: Kept | undefined): Kept {
  const { state, now, series } = answer
  const log = partLogOf(state.log, build.id, part.id)
  const read = [
    build,
    part,
    log,
    state.project.shelf,
    state.project.mixes,
    state.usedPairs,
    state.tested,
    state.newAt,
    state.hands,
  ]
  const from = before && alike(before.read, read) ? before.from : followsFrom(state, build, part)
  if (before && alike(before.from, from) && isSame(answer, before)) {
    const air = { series, until: before.air.until }
    const corrected = { correction: state.correction, asked: before.corrected.asked }
    return { ...before, read, from, air, corrected }
  }
  const asked: Corrected['asked'] = []
  const correction: Corrections = (family, step) => {
    const factor = state.correction(family, step)
    asked.push([family, step, factor])
    return factor
  }
  const simulated = simulatePart({ ...state, correction }, build, part, now)
  const planned = { simulated, plan: partPlanOf(simulated, log, now) }
  const air = { series, until: lookedUntil(simulated) }
  return { read, from, air, corrected: { correction: state.correction, asked }, at: now, planned }
}

/** All that a part's plan follows from but the hour, the air and what was learnt. The shelf is in it by the sheets of its paints. */
function followsFrom(state: BenchState, build: Build, part: Part): unknown[] {
  const { entries, steps } = entriesOf(state, build, part)
  return [
    part,
    build.scale,
    build.use,
    build.school,
    state.usedPairs,
    state.tested,
    state.newAt,
    partLogOf(state.log, build.id, part.id),
    ...entries.map(({ step }) => step),
    ...steps,
  ]
}

function alike(a: readonly unknown[], b: readonly unknown[]): boolean {
  return a.length === b.length && a.every((value, i) => value === b[i])
}

/** Would the hour, the air and what was learnt say the same of it? */
function isSame({ state, now, differs }: Answer, { air, corrected, at, planned }: Kept): boolean {
  const still = isStill(planned.plan)
  if (at !== now && !still) return false
  const other = differs(air.series)
  const sameAir = other === Number.POSITIVE_INFINITY || (still && other > air.until)
  if (!sameAir) return false
  const { correction, asked } = corrected
  return (
    correction === state.correction ||
    asked.every(([family, step, factor]) => state.correction(family, step) === factor)
  )
}

/** Nothing is left to do on it, nothing on it dries, and nothing that may be done to it ends. */
function isStill({ next, clocks, undo }: PartPlan): boolean {
  const ends = undo?.ways.some(({ until }) => until !== null) ?? false
  return next === null && !ends && clocks.every((clock) => clock.next === null)
}

/** The last minute at which a part asked for the air: of an act, or of what a film came to. */
function lookedUntil({ simulation, options }: PartSimulation): number {
  const stacks = [...simulation.stacks.values(), ...simulation.simulated.map(({ after }) => after)]
  let until = Math.max(simulation.total, options.notBefore ?? 0)
  // One by one: a part of many steps has more films in its stacks than a call takes arguments.
  for (const { films } of stacks)
    for (const { clock } of films) until = Math.max(until, clock.latest)
  return until
}
