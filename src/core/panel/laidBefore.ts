import { keptOn } from '../surface/keptOn'
import type { ActContext } from './actContext'
import type { PanelFilm } from './films'

type Known = { asks: readonly unknown[]; film: PanelFilm }

/** Films of one surface that are kept: so many bytes; of each sample how thick, and how much it covers. */
const films = keptOn<Known>(64_000_000, 5)

/**
 * The film of a step where nothing has changed that it asks: what is tried with another amount further down leaves it as it was,
 * down to its bytes. What the step says, its place and its seed count always.
 *
 * @param asks what else of the state it goes by, compared one by one
 */
export function laidBefore(
  context: ActContext,
  asks: readonly unknown[],
  make: () => PanelFilm,
): PanelFilm {
  const { samples, step, index, seed, scale, resolved, zones } = context
  const all = [context.state.masks, zones, ...asks]
  const name = JSON.stringify([step, index, seed, scale, resolved.family, resolved.sheen])
  const own = films(samples, name, (before) => {
    const same = before?.asks.length === all.length && before.asks.every((one, i) => one === all[i])
    return same ? before : { asks: all, film: make() }
  })
  return own.film
}
