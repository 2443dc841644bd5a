import { groundOf, labInside, layer, opticsOf, type Paint } from './optics'
import type { Curve, Lab } from './spectrum'

/** One film of a stack of colour: a paint and its thickness X in normal light coats. */
export type ColourFilm = Paint & { thickness: number }

/** The reflectance inside of films over an opaque ground, bottom first. Source: handbook 5.2. */
export function stackOver(ground: string, films: readonly ColourFilm[]): Curve {
  return films.reduce(
    (curve, film) => layer(opticsOf(film), film.thickness, curve),
    groundOf(ground),
  )
}

/** The colour seen of films over an opaque ground, bottom first. Source: handbook 5.2. */
export function colourOver(ground: string, films: readonly ColourFilm[]): Lab {
  return labInside(stackOver(ground, films))
}
