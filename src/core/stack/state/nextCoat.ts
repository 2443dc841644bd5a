import type { ClimateSeries } from '../../drying/series'
import { minutesOf } from '../../model/duration'
import type { ActStep } from '../../model/sequence'
import { type Film, filmReaches } from './film'

/** The minute from which the next coat may follow on a film that isn't all laid. */
export function nextCoatAt(film: Film, step: ActStep, series: ClimateSeries): number {
  const gap = step.gap === undefined ? null : minutesOf(step.gap)
  return gap === null ? (filmReaches(film, 'flash', series) ?? film.end) : film.end + gap
}
