import type { PartSimulation } from '../builds/simulatedPart'
import { simulate } from '../stack/simulate/simulate'
import type { Fact, Simulation } from '../stack/simulate/simulation'

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
