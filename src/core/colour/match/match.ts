import { mixColour, type Portion } from '../mixture'
import { groundOf, ratioOf } from '../optics'
import { deltaE00, hexOf, type Lab, labOf } from '../spectrum'
import { type Best, EQUAL, type Match, SHOWN } from './best'
import { type MatchBottle, mixRatio, paintInDrop, pigmentOf } from './palette'
import { reducedRatios } from './ratios'
import { type MatchOptions, search } from './search'
import { sightOf } from './sight'

/** A mix in whole drops, the colour it comes to, and how far that is from what was asked. */
export type Recipe = {
  parts: { name: string; drops: number; bottle: number }[]
  lab: Lab
  /** As a screen shows it: clipped to sRGB. */
  predicted: string
  /** Against the target, of the unclipped colour. */
  deltaE00: number
}

/** ΔE00 of drops of a set of bottles; Infinity as soon as it is surely over a limit. */
type Differ = (set: readonly number[], drops: readonly number[], limit: number) => number

/** The fewest bottles win when their best is as near as this to the best of all, ΔE00. Source: handbook 5.4. */
const AS_GOOD = 0.5

/** Drops of bottles as portions of undiluted paint. */
export function portionsOf(bottles: readonly MatchBottle[], drops: readonly number[]): Portion[] {
  return bottles.flatMap((paint, i) =>
    (drops[i] ?? 0) > 0 ? [{ paint, amount: (drops[i] ?? 0) * paintInDrop(paint) }] : [],
  )
}

/** The colour of drops of some bottles. @throws RangeError if there is no paint in them. Source: handbook 5.1. */
export function blend(bottles: readonly MatchBottle[], drops: readonly number[]): Lab {
  return mixColour(portionsOf(bottles, drops))
}

/**
 * Recipes of whole drops that come nearest a colour: the fewest bottles that are as good as the best, then others.
 *
 * @param target #RRGGBB
 * @returns up to four, of different sets of bottles, best first; none only when there is no bottle
 * @throws RangeError if a colour is none
 * Source: handbook 5.4.
 */
export function match(
  target: string,
  bottles: readonly MatchBottle[],
  options: MatchOptions,
): Recipe[] {
  if (bottles.length === 0) return []
  const wanted = labOf(target)
  const sight = sightOf(wanted)
  const pigments = bottles.map(pigmentOf)
  const ratio = ratioOf(groundOf(target))
  const best = search(pigments, sight, ratio, options)
  const differ: Differ = (set, drops, limit) =>
    sight.difference(mixRatio(pigments, set, drops, new Float64Array(ratio.length)), limit)
  const first = firstOf(best, differ, options.maxBottles)
  const others = [1, 2, 3, 4]
    .flatMap((size) => [...best.of(size)])
    .filter((found) => found.set.join() !== first.set.join())
    .sort((a, b) => a.difference - b.difference || a.set.length - b.set.length)
    .slice(0, SHOWN - 1)
    .map((found) => fewestDrops(differ, found, found.difference + EQUAL))
  return [first, ...others].map((found) => recipeOf(found, bottles, wanted))
}

/** The fewest bottles that are as good as the best of all; among equals the fewest drops. Source: handbook 5.4. */
function firstOf(best: Best, differ: Differ, maxBottles: number): Match {
  const sizes = [1, 2, 3, 4].filter((size) => size <= maxBottles && best.of(size).length > 0)
  const bestOf = (size: number) => best.of(size)[0]?.difference ?? Number.POSITIVE_INFINITY
  const least = Math.min(...sizes.map(bestOf))
  const size = sizes.find((size) => bestOf(size) <= least + AS_GOOD) ?? 1
  const limit = bestOf(size) + EQUAL
  return best
    .of(size)
    .filter((other) => other.difference <= limit)
    .map((other) => fewestDrops(differ, other, limit))
    .reduce((a, b) =>
      count(b) < count(a) || (count(b) === count(a) && b.difference < a.difference) ? b : a,
    )
}

function count({ drops }: Match): number {
  return drops.reduce((sum, drop) => sum + drop, 0)
}

/** The fewest drops of a set that stay under a difference; among those the nearest. */
function fewestDrops(differ: Differ, found: Match, limit: number): Match {
  const most = count(found)
  return reducedRatios(found.set.length, most)
    .map((drops) => ({ set: found.set, drops, difference: 0 }))
    .sort((a, b) => count(a) - count(b))
    .reduce((best: Match, one) => {
      if (count(one) > count(best)) return best
      const difference = differ(one.set, one.drops, limit)
      const fits = difference <= limit + 1e-9
      const fewer = count(one) < count(best) || difference < best.difference
      return fits && fewer ? { ...one, difference } : best
    }, found)
}

function recipeOf(found: Match, bottles: readonly MatchBottle[], wanted: Lab): Recipe {
  const members = found.set.map((one) => bottles[one] as MatchBottle)
  const lab = blend(members, found.drops)
  return {
    parts: found.set.map((bottle, i) => ({
      name: members[i]?.name ?? '',
      drops: found.drops[i] ?? 0,
      bottle,
    })),
    lab,
    predicted: hexOf(lab),
    deltaE00: deltaE00(lab, wanted),
  }
}
