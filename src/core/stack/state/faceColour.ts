import { groundOf, labInside, layer, opticsOf } from '../../colour/optics'
import { type Curve, hexOf } from '../../colour/spectrum'
import type { Step } from '../../model/sequence'
import { coloursFace, type FaceFilm, filmLaid, PRIMER } from './filmColours'
import { isTransparent } from './stack'

/**
 * The colour that a face shows through all its films, each as thick as its coats: patches are left out, what tints all of it is not.
 *
 * @returns #RRGGBB; null while nothing lies there, or where the colour of what hides isn't known
 * Source: handbook 5.2.
 */
export function faceColour(films: readonly FaceFilm[], steps: readonly Step[]): string | null {
  if (films.length === 0) return null
  let seen: Curve | null = groundOf(PRIMER)
  for (const film of films) {
    if (!coloursFace(film)) continue
    const colour: string | null = film.colour ?? (film.role === 'primer' ? PRIMER : null)
    if (colour === null) {
      if (film.coverage === 'whole' && !isTransparent(film)) seen = null
    } else if (seen === null) seen = groundOf(colour)
    else {
      const laid = filmLaid(film, colour, steps)
      seen = layer(opticsOf(laid), laid.thickness, seen)
    }
  }
  return seen && hexOf(labInside(seen))
}
