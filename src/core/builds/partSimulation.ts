import type { Pace } from '../drying/clock'
import type { ClimateSeries } from '../drying/series'
import { partLogOf } from '../log/logIndex'
import type { Build, Part } from '../model/build'
import { isAct } from '../model/isAct'
import type { ActStep, Step } from '../model/sequence'
import { climateSeries } from '../room/climateSeries'
import { paceOf } from '../room/corrections'
import { asPainted } from '../shelf/sheet'
import { simulate } from '../stack/simulate/simulate'
import type { Fact, GoesOn, SimulateOptions } from '../stack/simulate/simulation'
import { resolveStep } from '../stack/state/resolvedStep'
import type { BenchState } from './benchState'
import { entriesOf } from './partEntries'
import { sequenceOf } from './partSequence'
import type { PartEntry, PartSimulation } from './simulatedPart'
import { regionsOf, zoneRegions } from './zoneRegions'

const MINUTE = 60_000

/**
 * Simulates one part of a build from its facts and its plan. Minutes are counted from the epoch.
 *
 * @param now epoch milliseconds; what isn't done begins no sooner
 * @param simulateWith simulates the sequence; a caller that has simulated one like it may take that up
 */
export function simulatePart(
  state: BenchState,
  build: Build,
  part: Part,
  now: number,
  simulateWith: typeof simulate = simulate,
): PartSimulation {
  const { entries, steps, facts, since } = entriesOf(state, build, part)
  const series = climateSeries(state.room, now)
  const regions = zoneRegions(build, part, steps)
  const options: SimulateOptions = {
    facts,
    from: Math.min(now, since ?? now) / MINUTE,
    notBefore: now / MINUTE,
    series,
    correction: state.correction,
    goesOn: goesOnOf(entries, steps),
    paces: pacesOf(state, build, part, entries, facts, series),
    shelf: state.project.shelf ?? NO_SHELF,
    ...(regions ? { regions: regionsOf(regions) } : {}),
    ...(state.usedPairs ? { usedPairs: state.usedPairs } : {}),
    testPieces: state.tested,
    newAt: state.newAt,
    ...(part.areaCm2 === undefined ? {} : { areaCm2: part.areaCm2 }),
  }
  const sequence = sequenceOf(build, part, steps)
  const simulation = simulateWith(sequence, options)
  return { build, part, sequence, options, entries, regions, simulation }
}

const NO_SHELF: NonNullable<SimulateOptions['shelf']> = []

/** Steps that lay what is left of one whose first coats are a fact. */
function goesOnOf(
  entries: readonly PartEntry[],
  steps: readonly Step[],
): ReadonlyMap<Step, GoesOn> {
  const goesOn = new Map<Step, GoesOn>()
  entries.forEach(({ step, coatsBefore }, index) => {
    const rest = steps[index]
    if (coatsBefore === 0 || !rest || !isAct(step)) return
    const first = entries.findIndex((entry) => entry.fact && entry.step === step)
    if (first >= 0)
      goesOn.set(rest, { step: first, coats: (step.coats ?? []).slice(0, coatsBefore) })
  })
  return goesOn
}

/** What was seen of the films that lie on a part, by index of their steps. */
function pacesOf(
  { project, log, correction }: BenchState,
  build: Build,
  part: Part,
  entries: readonly PartEntry[],
  facts: ReadonlyMap<number, Fact>,
  series: ClimateSeries,
): ReadonlyMap<number, Pace> {
  const { observed } = partLogOf(log, build.id, part.id)
  const paces = new Map<number, Pace>()
  if (observed.size === 0) return paces
  for (const [index, fact] of facts) {
    const step = entries[index]?.step
    const seen = step && observed.get(step.id)
    if (!seen || fact === 'skipped' || !isAct(step)) continue
    const resolved = resolveStep(asPainted(project, step) as ActStep, null)
    if (!resolved.drying || !resolved.family) continue
    const coats = resolved.coats.slice(0, Math.max(1, fact.ends.length))
    const film = { ...resolved.drying, coats, correction: correction(resolved.family, step) }
    const pace = paceOf(seen, film, (fact.ends.at(-1) ?? fact.start) * MINUTE, series)
    if (pace) paces.set(index, pace)
  }
  return paces
}
