import { paintLaid } from '../../colour/bottled'
import { coverWith } from '../../colour/cover'
import { stackOver } from '../../colour/film'
import { groundOf, labInside, layer, opticsOf } from '../../colour/optics'
import { remembered } from '../../colour/remembered'
import { type Curve, deltaE00, hexOf, labOf } from '../../colour/spectrum'
import type { Coat, Role } from '../../model/vocabulary'
import { colourFilms, groundUnder, hidingMeant, layerOf, shareMeant } from './filmColours'
import { isPaintedFrom } from './paintedFrom'
import { isTransparent } from './stack'
import type { BottleAtHand, StepContext } from './stepContext'

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
export function coatsToCover(context: StepContext): CoatsToCover | null {
  const { step, resolved, stack, setting } = context
  const paints =
    resolved.row.kind === 'film' && (resolved.role === 'colour' || resolved.role === 'primer')
  if (!paints || resolved.coverage !== 'whole' || !step.colour || resolved.coats.length === 0)
    return null
  const at = stack.films.findLastIndex((film) => film.coverage === 'whole' && !isTransparent(film))
  const under = groundUnder(stack.films)
  if (under === null) return null
  const films = stack.films.slice(at + 1).flatMap((film) => colourFilms(film, setting.steps))
  const bottles = setting.shelf.filter((bottle) => isPaintedFrom(step, bottle))
  const meant = shareMeant(step, resolved.role)
  const laid: Laid = {
    colour: step.colour,
    role: resolved.role,
    coats: resolved.coats,
    share: bottles[0] ? paintLaid(bottles[0], meant) : meant,
    hiding: hidingMeant(step, resolved.role),
    swatch: swatchOf(bottles),
    undercoat: bottles.find((bottle) => bottle.undercoat)?.undercoat ?? null,
  }
  const key = JSON.stringify([under, films, laid])
  return answers(key, () => reckoned(laid, stackOver(under, films)))
}

type Laid = {
  colour: string
  role: Role | null
  coats: readonly Coat[]
  share: number
  hiding: number | undefined
  swatch: ReturnType<typeof swatchOf>
  undercoat: string | null
}

/** The same are asked for again at every judgement. */
const answers = remembered<CoatsToCover>(500)

function reckoned(
  { colour, role, coats, share, hiding, swatch, undercoat }: Laid,
  ground: Curve,
): CoatsToCover {
  const laid = (some: readonly Coat[]) => ({
    ...layerOf(colour, role, some, share, hiding),
    ...swatch,
  })
  const first = laid([coats[0] as Coat])
  const all = laid(coats)
  const [optics, own] = [opticsOf(first), labOf(colour)]
  const over = (curve: Curve) => labInside(layer(opticsOf(all), all.thickness, curve))
  return {
    pair: undercoat
      ? {
          wanted: undercoat,
          found: hexOf(labInside(ground)),
          shift: deltaE00(over(ground), over(groundOf(undercoat))),
        }
      : null,
    toCover: coverWith(optics, own, ground, 1, first.thickness).toCover,
    planned: coats.length,
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
