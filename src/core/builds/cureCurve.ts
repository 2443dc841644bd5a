import { progress } from '../drying/clock'
import { piecesBetween } from '../drying/series'
import type { Climate } from '../model/climate'
import type { StepRef } from '../model/stepRef'
import type { Family } from '../model/vocabulary'
import { filmReaches } from '../stack/state/film'
import type { BenchState } from './benchState'
import { planPart } from './planParts'
import { instantOf, stacksNow } from './simulatedPart'

const MINUTE = 60_000
/** Points of the curve. */
const POINTS = 60

/** A film by the step that laid it, as far as a page knows it: when it dries is reckoned here. */
export type LaidFilm = StepRef & { film: Family }

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
export function cureCurve(state: BenchState, of: LaidFilm, now: number): CureCurve | null {
  const { simulated } = planPart(state, of, now)
  const film = stacksNow(simulated)
    .flatMap(({ films }) => films)
    .find((film) => simulated.entries[film.step]?.step.id === of.step && film.family === of.film)
  const { series } = simulated.simulation
  const cured = film && filmReaches(film, 'cured', series)
  if (!film || cured === null || cured === undefined || !Number.isFinite(cured)) return null
  const from = instantOf(film.end)
  const to = Math.max(instantOf(cured), from + 10 * MINUTE)
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
