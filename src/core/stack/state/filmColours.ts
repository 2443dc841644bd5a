import type { ColourFilm } from '../../colour/film'
import { CLEAR_HIDING } from '../../colour/hiding'
import { thicknessOf } from '../../colour/thickness'
import { actRow } from '../../knowledge/acts'
import { WET_MICRONS } from '../../knowledge/limits'
import { LEFT_ON_FACE, WORKING_SHARE } from '../../knowledge/thinning'
import { isAct } from '../../model/isAct'
import type { Step } from '../../model/sequence'
import type { Coat, Role } from '../../model/vocabulary'
import type { Film } from './film'
import { isTransparent } from './stack'

/** Grey of bare plastic, and where a primer doesn't say its colour. */
export const PRIMER = '#8B8C8B'
/** Paint in a mix where its step doesn't say: a coat at half paint is the unit. Source: handbook 5.1. */
const HALF = 0.5

/** A film as far as the colour of a face goes. */
export type FaceFilm = Pick<
  Film,
  'step' | 'act' | 'family' | 'role' | 'coverage' | 'coats' | 'colour'
>

/** The colour of the whole film that hides what is under it; null when nobody has said it, grey on bare plastic. */
export function groundUnder(films: readonly Film[]): string | null {
  const whole = films.findLast((film) => film.coverage === 'whole' && !isTransparent(film))
  if (!whole) return PRIMER
  return whole.colour ?? (whole.role === 'primer' ? PRIMER : null)
}

/** Paint in the mix of a step, share: as it says, else as its role is used. Source: handbook 4.5, 5.1. */
export function shareMeant(step: Step | undefined, role: Role | null): number {
  if (step && isAct(step) && step.thinning !== undefined) return 1 - step.thinning
  const ready = role && WORKING_SHARE.usual.includes(role) ? WORKING_SHARE.of[role] : undefined
  return ready ?? HALF
}

/** How well the paint of a step hides, light coats: as it says, or its bottle; undefined: as is usual for its colour. Source: handbook 5.1. */
export function hidingMeant(step: Step | undefined, role: Role | null): number | undefined {
  if (step && isAct(step) && step.hiding !== undefined) return step.hiding
  return role === 'clear-colour' ? CLEAR_HIDING : undefined
}

/** Coats of a colour as one film: of a wash over all only what stays on the face. Source: handbook 4.4, 5.1, 5.2. */
export function layerOf(
  colour: string,
  role: Role | null,
  coats: readonly Coat[],
  share: number,
  hiding: number | undefined,
): ColourFilm {
  const stays = role === 'wash' ? LEFT_ON_FACE : 1
  return {
    masstone: colour,
    hiding,
    thickness: coats.reduce((sum, coat) => sum + thicknessOf(WET_MICRONS[coat] * stays, share), 0),
  }
}

/** Does it change the colour of a whole face? */
export function coloursFace({ coverage, role, act, family }: FaceFilm): boolean {
  if (role === 'clear' || role === 'release') return false
  return coverage === 'whole' || actRow(act, family).tints === true
}

/** What a film adds to the colour of the face: nothing where it is patchy, clear or of no known colour. */
export function colourFilms(film: Film, steps: readonly Step[]): ColourFilm[] {
  if (!coloursFace(film) || !film.colour) return []
  return [filmLaid(film, film.colour, steps)]
}

/** A film as it changes what is under it. @param colour its own, or one that stands for it */
export function filmLaid(
  { step, role, coats }: FaceFilm,
  colour: string,
  steps: readonly Step[],
): ColourFilm {
  return layerOf(colour, role, coats, shareMeant(steps[step], role), hidingMeant(steps[step], role))
}
