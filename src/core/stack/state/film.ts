import { type ClockPoint, type DryingFilm, reachedAt } from '../../drying/clock'
import type { ClimateSeries } from '../../drying/series'
import { actRow } from '../../knowledge/acts'
import type { FilmState } from '../../knowledge/reactions'
import type { Act, Coat, Family, Role, Sheen, Solvent, Tool } from '../../model/vocabulary'

/** One film on a part, from when its step began. Times are minutes from the start of the sequence. */
export type Film = {
  /** Index of the step that laid it, in the sequence as given. */
  step: number
  act: Act
  /** The family it behaves as: a water acrylic used as a wash is a `water-wash`. Source: handbook 2.3. */
  family: Family
  /** The family whose row of the reaction matrix it reads. */
  reads: Family
  role: Role
  coverage: 'whole' | 'patchy'
  coats: readonly Coat[]
  tool: Tool
  solvent: Solvent | null
  start: number
  /** End of the last coat: every clock counts from here. */
  end: number
  /** Index of the step at whose end that was: its own, or the fixer that wet it again. */
  endedBy: number
  sheen: Sheen
  colour: string | null
  weathering: boolean
  /** Films of one effect laid in one sitting mix on purpose. */
  effect: string | null
  /** Powder that nothing holds yet. */
  loose: boolean
  /** When it was last sanded or scuffed, null if never. */
  keyedAt: number | null
  /** When an activator was put on iron, null if never. */
  activated: { step: number; at: number } | null
  drying: DryingFilm
  /** When it reaches each point, as far as that was asked: copies of a film that dry alike share it. */
  clock: FilmClock
}

/** Minutes already reckoned, for one climate over time; and the latest of all that were, up to which the air was looked at. */
export type FilmClock = {
  series: ClimateSeries | null
  times: Map<ClockPoint, number | null>
  latest: number
}

/** A clock that nothing was reckoned on yet. */
export function newClock(): FilmClock {
  return { series: null, times: new Map(), latest: Number.NEGATIVE_INFINITY }
}

/** A slack on comparisons of minutes: a wait rounded to the second is never too short. */
export const EPSILON = 1e-6

/**
 * The minute at which a film reaches a point, counted from its last coat.
 *
 * @returns null when it never does, Infinity for a window that never closes
 */
export function filmReaches(film: Film, point: ClockPoint, series: ClimateSeries): number | null {
  const { clock } = film
  if (clock.series !== series) {
    clock.series = series
    clock.times.clear()
  }
  const known = clock.times.get(point)
  if (known !== undefined) return known
  const time = reachedAt(film.drying, point, film.end, series)
  clock.times.set(point, time)
  // What is never reached, or never closes, is so in any air.
  if (time !== null && Number.isFinite(time)) clock.latest = Math.max(clock.latest, time)
  return time
}

/** Has a film come to a point by this minute? A point that is never reached has not. */
export function hasReached(
  film: Film,
  point: ClockPoint,
  at: number,
  series: ClimateSeries,
): boolean {
  const time = filmReaches(film, point, series)
  return time !== null && at >= time - EPSILON
}

/** Is it rust paint or mud that is still wet? Powder dabbed into it is held: it is the powder's binder. Source: handbook 6, powders. */
export function holdsPowder(film: Film, at: number, series: ClimateSeries): boolean {
  return (
    actRow(film.act, film.family).bindsPowder === true && !hasReached(film, 'touch', at, series)
  )
}

/** Fresh before recoat, set until cured. Source: handbook 2.3. */
export function filmState(film: Film, at: number, series: ClimateSeries): FilmState {
  if (!hasReached(film, 'recoat', at, series)) return 'fresh'
  return hasReached(film, 'cured', at, series) ? 'cured' : 'set'
}
