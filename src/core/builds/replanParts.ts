import { partLogOf } from '../log/logIndex'
import type { Build, Part } from '../model/build'
import { key } from '../model/stepRef'
import { climateSeries } from '../room/climateSeries'
import { benchBuilds } from './benchBuilds'
import type { BenchState } from './benchState'
import { entriesOf, type PartEntries } from './partEntries'
import { type PartPlan, partPlanOf } from './partPlan'
import { simulatePart } from './partSimulation'
import type { PlannedPart } from './planParts'
/** Every part of the bench as it was last planned, with what that followed from. */
export type PlannedParts = {
  now: number
  parts: readonly PlannedPart[]
  kept: ReadonlyMap<string, Kept>
}

/** A part's plan and everything it followed from, by identity. */
type Kept = { from: readonly unknown[]; at: number; planned: PlannedPart }

/**
 * Every part of the bench, planned: those that nothing touched are the very same objects as before. What is done and dry says
 * the same at any hour.
 *
 * @param before the last answer; left out: every part is planned
 */
export function replanParts(state: BenchState, now: number, before?: PlannedParts): PlannedParts {
  const kept = new Map<string, Kept>()
  for (const build of benchBuilds(state.project))
    for (const part of build.parts) {
      const ref = key({ build: build.id, part: part.id })
      kept.set(ref, keptOf(state, build, part, now, before?.kept.get(ref)))
    }
  const parts = [...kept.values()].map(({ planned }) => planned)
  return { now, parts, kept }
}

function keptOf(
  state: BenchState,
  build: Build,
  part: Part,
  now: number,
  before: Kept | undefined,
): Kept {
  const entries = entriesOf(state, build, part)
  const from = followsFrom(state, build, part, entries, now)
  const same = before !== undefined && alike(before.from, from)
  if (same && (before.at === now || isStill(before.planned.plan))) return before
  const log = partLogOf(state.log, build.id, part.id)
  const simulated = simulatePart(state, build, part, now)
  return { from, at: now, planned: { simulated, plan: partPlanOf(simulated, log, now) } }
}

/** All that a part's plan follows from but the hour. The shelf is in it by the sheets of the painted steps. */
function followsFrom(
  state: BenchState,
  build: Build,
  part: Part,
  { entries, steps }: PartEntries,
  now: number,
): unknown[] {
  return [
    part,
    build.scale,
    build.use,
    build.school,
    climateSeries(state.room, now),
    state.correction,
    state.usedPairs,
    partLogOf(state.log, build.id, part.id),
    ...entries.map(({ step }) => step),
    ...steps,
  ]
}

function alike(a: readonly unknown[], b: readonly unknown[]): boolean {
  return a.length === b.length && a.every((value, i) => value === b[i])
}

/** Nothing is left to do on it, nothing on it dries, and nothing that may be done to it ends. */
function isStill({ next, clocks, undo }: PartPlan): boolean {
  const ends = undo?.ways.some(({ until }) => until !== null) ?? false
  return next === null && !ends && clocks.every((clock) => clock.next === null)
}
