import { coverWith } from '../../colour/cover'
import { stackOver } from '../../colour/film'
import { groundOf, labInside, layer, opticsOf } from '../../colour/optics'
import { type Curve, deltaE00, hexOf, labOf } from '../../colour/spectrum'
import type { Coat } from '../../model/vocabulary'
import type { SimulatedStep } from '../simulate/simulation'
import { colourFilms, groundUnder, layerOf } from '../state/filmColours'
import { isPaintedFrom } from '../state/paintedFrom'
import { isTransparent } from '../state/stack'
import type { BottleAtHand } from '../state/stepContext'

/** How many coats a planned colour takes to cover what lies under it. */
export type CoatsToCover = {
  /** Fewest that cover; null: not in a hundred. */
  toCover: number | null
  planned: number
  /** How far the planned coats leave it from its own look, ΔE00. */
  left: number
  /** The undercoat that its bottle wants: what lies there instead, and how far that shifts it; null: it wants none. */
  pair: { wanted: string; found: string; shift: number } | null
}

/**
 * Coats to cover over the actual stack, each like the first one that is planned.
 *
 * @returns null for a step that lays no opaque colour over all, or where a colour isn't known
 * Source: handbook 5.2, N09.
 */
export function coatsToCover({ step, context }: SimulatedStep): CoatsToCover | null {
  const { resolved, stack, setting } = context
  const paints =
    resolved.row.kind === 'film' && (resolved.role === 'colour' || resolved.role === 'primer')
  if (!paints || resolved.coverage !== 'whole' || !step.colour || resolved.coats.length === 0)
    return null
  const at = stack.films.findLastIndex((film) => film.coverage === 'whole' && !isTransparent(film))
  const under = groundUnder(stack.films)
  if (under === null) return null
  const ground = stackOver(
    under,
    stack.films.slice(at + 1).flatMap((film) => colourFilms(film, setting.steps)),
  )
  const bottles = setting.shelf.filter((bottle) => isPaintedFrom(step, bottle))
  const swatch = swatchOf(bottles)
  const laid = (coats: readonly Coat[]) => ({
    ...layerOf(step.colour as string, false, coats, step.thinning),
    ...swatch,
  })
  const first = laid([resolved.coats[0] as Coat])
  const all = laid(resolved.coats)
  const [optics, own] = [opticsOf(first), labOf(step.colour)]
  const planned = resolved.coats.length
  const wanted = bottles.find((bottle) => bottle.undercoat)?.undercoat
  const over = (curve: Curve) => labInside(layer(opticsOf(all), all.thickness, curve))
  return {
    pair: wanted
      ? {
          wanted,
          found: hexOf(labInside(ground)),
          shift: deltaE00(over(ground), over(groundOf(wanted))),
        }
      : null,
    toCover: coverWith(optics, own, ground, 1, first.thickness).toCover,
    planned,
    left: coverWith(optics, own, ground, 1, all.thickness).deltaE00[0] as number,
  }
}

/** What is known of a colour from the swatch card of a bottle of it. */
function swatchOf(bottles: readonly BottleAtHand[]) {
  const { hiding, undertone } =
    bottles.find((bottle) => bottle.hiding !== undefined || bottle.undertone !== undefined) ?? {}
  // An undertone says what it hides; a hiding beside it scales that.
  return {
    ...(undertone === undefined ? {} : { undertone, hiding: undefined }),
    ...(hiding === undefined ? {} : { hiding }),
  }
}
