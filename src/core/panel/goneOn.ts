import { type Inside, insideOf } from './compose'
import type { PanelFilm } from './films'

/** What lies inside of a surface, and what lies under the films that changed last: kept while something on top is tried. */
export type GoneOn = { inside: Inside; under: Inside }

/** How many films two stacks have in common, from the lowest on. */
function sharedBy(a: readonly PanelFilm[], b: readonly PanelFilm[]): number {
  const differs = a.findIndex((film, i) => film !== b[i])
  return differs < 0 ? a.length : differs
}

/**
 * The reflectance inside of every sample, as `insideOf`: what lies under the first film that differs is reckoned once.
 *
 * @param before of the same surface; left out: nothing was reckoned yet
 */
export function goneOn(
  films: readonly PanelFilm[],
  count: number,
  ground: string,
  before?: GoneOn,
): GoneOn {
  if (!before) {
    const under = insideOf([], count, ground)
    return { under, inside: insideOf(films, count, ground) }
  }
  const many = sharedBy(films, before.inside.films)
  if (many === films.length && many === before.inside.films.length) return before
  const shared = films.slice(0, many)
  const kept = before.under.films
  const fits = kept.length <= shared.length && kept.every((film, i) => film === shared[i])
  const under = insideOf(shared, count, ground, fits ? before.under : undefined)
  const copy = { films: under.films, bands: before.inside.bands }
  copy.bands.set(under.bands)
  return { under, inside: insideOf(films, count, ground, copy) }
}
