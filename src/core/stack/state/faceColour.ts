import { groundOf, labInside, layer, opticsOf } from '../../colour/optics'
import { type Curve, hexOf } from '../../colour/spectrum'
import type { Step } from '../../model/sequence'
import type { Film } from './film'
import { layerOf, PRIMER, thinningOf } from './filmColours'
import { isTransparent } from './stack'

/**
 * The colour that a face shows through all its films, each as thick as its coats: patchy ones are left out.
 *
 * @returns #RRGGBB; null while nothing lies there, or where the colour of what hides isn't known
 * Source: handbook 5.2.
 */
export function faceColour(films: readonly Film[], steps: readonly Step[]): string | null {
  if (films.length === 0) return null
  let seen: Curve | null = groundOf(PRIMER)
  for (const film of films) {
    if (film.coverage !== 'whole' || film.role === 'clear' || film.role === 'release') continue
    const colour: string | null = film.colour ?? (film.role === 'primer' ? PRIMER : null)
    if (colour === null) {
      if (!isTransparent(film)) seen = null
    } else if (seen === null) seen = groundOf(colour)
    else {
      const thinning = thinningOf(steps[film.step])
      const laid = layerOf(colour, film.role === 'clear-colour', film.coats, thinning)
      seen = layer(opticsOf(laid), laid.thickness, seen)
    }
  }
  return seen && hexOf(labInside(seen))
}
