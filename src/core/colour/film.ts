import { groundOf, labInside, layer, opticsOf, type Paint } from './optics'
import type { Curve, Lab } from './spectrum'

/** Undiluted paint in one normal light coat (15 µm wet at half paint), µm. Source: handbook 5.1. */
const UNIT_UM = 7.5

/**
 * Thickness X of a film in normal light coats: wet µm · paint share / 7.5.
 *
 * @param wetUm of the thinned mix, µm
 * @param paintShare of the mix, 0 to 1
 * Source: handbook 5.1.
 */
export function thicknessOf(wetUm: number, paintShare: number): number {
  return (wetUm * paintShare) / UNIT_UM
}

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
