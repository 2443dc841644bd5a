import type { ColourFilm } from '../../colour/film'
import { CLEAR_HIDING, defaultHiding } from '../../colour/hiding'
import { thicknessOf } from '../../colour/thickness'
import { WET_MICRONS } from '../../knowledge/limits'
import { isAct } from '../../model/isAct'
import type { Step } from '../../model/sequence'
import type { Coat } from '../../model/vocabulary'
import type { Film } from './film'
import { isTransparent } from './stack'

/** Grey of bare plastic, and where a primer doesn't say its colour. */
export const PRIMER = '#8B8C8B'
/** Thinner in a mix where its step doesn't say: a coat at half paint is the unit. Source: handbook 5.1. */
const HALF = 0.5

/** The colour of the whole film that hides what is under it; null when nobody has said it, grey on bare plastic. */
export function groundUnder(films: readonly Film[]): string | null {
  const whole = films.findLast((film) => film.coverage === 'whole' && !isTransparent(film))
  if (!whole) return PRIMER
  return whole.colour ?? (whole.role === 'primer' ? PRIMER : null)
}

/** Thinner in the mix of a step, share; undefined where it doesn't say. */
export function thinningOf(step: Step | undefined): number | undefined {
  return step && isAct(step) ? step.thinning : undefined
}

/** Coats of a colour as one film. Source: handbook 4.4, 5.1. */
export function layerOf(
  colour: string,
  transparent: boolean,
  coats: readonly Coat[],
  thinning = HALF,
): ColourFilm {
  return {
    masstone: colour,
    hiding: transparent ? CLEAR_HIDING : defaultHiding(colour),
    thickness: coats.reduce((sum, coat) => sum + thicknessOf(WET_MICRONS[coat], 1 - thinning), 0),
  }
}

/** What a film adds to the colour of the face: nothing where it is patchy, clear or of no known colour. */
export function colourFilms(film: Film, steps: readonly Step[]): ColourFilm[] {
  if (film.coverage !== 'whole' || !film.colour || film.role === 'clear') return []
  const thinning = thinningOf(steps[film.step])
  return [layerOf(film.colour, film.role === 'clear-colour', film.coats, thinning)]
}
