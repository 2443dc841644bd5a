import { cover } from '../colour/cover'
import { groundOf, type Paint } from '../colour/optics'
import type { MaskProblem } from './maskOrder'

/** So many coats are counted where a colour takes more, or never covers. Source: handbook 12.3. */
const MOST_COATS = 30

/** Coats that each of some paints takes over another, or over the base, each as thick as its `film`. Source: handbook 5.2, 12.3. */
export function coatsByCover(
  paints: readonly (Paint & { film?: number | undefined })[],
  base: string,
): MaskProblem['coatsOver'] {
  const grounds = [...paints.map(({ masstone }) => masstone), base].map(groundOf)
  return (c, ground) => {
    const { film = 1, ...paint } = paints[c] as (typeof paints)[number]
    const under = grounds[ground ?? paints.length] as (typeof grounds)[number]
    return Math.min(MOST_COATS, cover(paint, under, 0, film).toCover ?? MOST_COATS)
  }
}
