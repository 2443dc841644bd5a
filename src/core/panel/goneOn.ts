import { FEW } from '../colour/fewBands'
import type { Changed } from './changed'
import { type Inside, insideOf, sameTables } from './compose'
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
 * @param changed where films differ from those of before, if that is known: the rest is taken over
 */
export function goneOn(
  films: readonly PanelFilm[],
  count: number,
  ground: string,
  before?: GoneOn,
  changed?: Changed,
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
  const only = changed && sameTables(films, before.inside.films) ? changed : undefined
  if (only) setOnly(copy.bands, under.bands, only)
  else copy.bands.set(under.bands)
  return { under, inside: insideOf(films, count, ground, copy, only) }
}

function setOnly(bands: Float32Array, from: Float32Array, only: Changed): void {
  for (let i = 0; i < only.length; i++)
    if (only[i] !== 0)
      for (let at = i * FEW; at < (i + 1) * FEW; at++) bands[at] = from[at] as number
}
