import { progress } from '../drying/clock'
import { piecesBetween } from '../drying/series'
import type { Climate } from '../model/climate'
import type { BenchState } from './benchState'
import type { DryingClock } from './clocks'
import { planPart } from './planParts'
import { instantOf, stackNow } from './simulatedPart'

const MINUTE = 60_000
/** Points of the curve. */
const POINTS = 60

/** How a film comes to its last milestone, and the air it does so in. Instants in epoch milliseconds. */
export type CureCurve = {
  /** How far it is to being cured, 0 to 1: the integral of handbook 3.2. */
  points: { at: number; share: number }[]
  /** The air, as it was read until now and is forecast after: each piece holds until the next. */
  air: { at: number; climate: Climate }[]
  from: number
  to: number
}

/**
 * The curve of a film that dries on a part.
 *
 * @returns null where the film never cures, or isn't there
 * Source: handbook 3.2.
 */
export function cureCurve(state: BenchState, clock: DryingClock, now: number): CureCurve | null {
  const { simulated } = planPart(state, clock, now)
  const film = stackNow(simulated)?.films.find(
    (film) => simulated.entries[film.step]?.step.id === clock.step && film.family === clock.film,
  )
  const cured = clock.milestones.find((milestone) => milestone.point === 'cured')?.at ?? null
  if (!film || cured === null) return null
  const { series } = simulated.simulation
  const { from } = clock
  const to = Math.max(cured, from + 10 * MINUTE)
  const minute = (at: number) => at / MINUTE
  const points = Array.from({ length: POINTS + 1 }, (_, i) => {
    const at = from + ((to - from) * i) / POINTS
    const share = progress(film.drying, 'cured', film.end, minute(at), series) ?? 0
    return { at: Math.round(at), share: Math.min(1, share) }
  })
  const air = piecesBetween(series, minute(from), minute(to)).map((piece) => ({
    at: Math.max(from, instantOf(piece.from)),
    climate: piece.climate,
  }))
  return { points, air, from, to }
}
