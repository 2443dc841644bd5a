import { reachedAt } from '../drying/clock'
import { minutesOf } from '../model/duration'
import type { SimulatedStep } from '../stack/simulate/simulation'

/** What is reckoned to the minute may be off by so much. */
export const HAIR = 1e-6

/** Minutes that each coat of a step is left alone before the next one. */
export function coatGaps({ context, ends }: SimulatedStep): number[] {
  const { resolved, step, series } = context
  const { drying } = resolved
  if (!drying) return ends.slice(1).map(() => 0)
  if (step.gap !== undefined) return ends.slice(1).map(() => minutesOf(step.gap ?? '0 min'))
  const before = drying.coats.slice(0, drying.coats.length - resolved.coats.length)
  return ends.slice(0, -1).map((end, i) => {
    const coats = [...before, ...drying.coats.slice(before.length, before.length + i + 1)]
    return (reachedAt({ ...drying, coats }, 'flash', end, series) ?? end) - end
  })
}
