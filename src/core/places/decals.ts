import type { Decal, DecalPlace, DecalSheet } from '../model/decals'
import { leastCostFlow } from './leastCostFlow'

/**
 * Which decal goes where, before anything is wetted: what there is against what is wanted, by size and by hand.
 * Source: handbook 12.5.
 */

/** A decal on its place; what is trimmed off, mm a side, where it is larger. */
export type Allotted = {
  place: string
  decal: string
  trim: { width: number; height: number } | null
}

/** Places of one size that there aren't enough decals for. */
export type SizeShort = {
  widthMm: number
  heightMm: number
  hand: DecalPlace['hand'] | null
  needed: number
  there: number
  /** Ids of the places that get none. */
  without: string[]
}

/** Who gets what, what is short and what is left over. */
export type Allocation = {
  allotted: Allotted[]
  short: SizeShort[]
  left: { decal: string; count: number }[]
}

/** A decal that is larger than its place by more than this shows as white round it, mm a side. */
const SHOWS = 0.3
/** A decal that is smaller than its place by more than this leaves a gap, mm a side. */
const GAP = 0.3
/** More than this share over its place, its motif would be cut. */
const MOTIF = 0.15

/** How much a place is looked at: hidden 0 to looked at first 3; at once where nobody says. */
export type SeenOf = (place: DecalPlace) => number

/**
 * Allots decals to places: as many as can be, those that are looked at most before the others, trimmed ones where they are seen
 * least.
 *
 * @param scale the build's: a sheet for another is printed too large or too small by that
 */
export function allotDecals(
  sheets: readonly DecalSheet[],
  places: readonly DecalPlace[],
  scale: number | undefined,
  seenOf: SeenOf = () => 2,
): Allocation {
  const decals = sheets.flatMap((sheet) => {
    const factor = sheet.scale && scale ? sheet.scale / scale : 1
    return sheet.decals.map((decal) => ({ ...decal, ...sizedBy(decal, factor) }))
  })
  const used = leastCostFlow({
    supplies: decals.map(({ count }) => count),
    demands: places.map((place) => ({ unmet: UNMET + UNSEEN * seenOf(place) })),
    costs: (d, p) => {
      const fit = fitOf(decals[d] as Decal, places[p] as DecalPlace)
      return fit && (fit.trim ? TRIMMED * (1 + seenOf(places[p] as DecalPlace)) : 0)
    },
  })
  const allotted = used.flatMap((d, p): Allotted[] => {
    const [decal, place] = [decals[d ?? -1], places[p] as DecalPlace]
    return decal
      ? [{ place: place.id, decal: decal.id, trim: fitOf(decal, place)?.trim ?? null }]
      : []
  })
  return {
    allotted,
    short: shortages(decals, places, allotted),
    left: decals.flatMap(({ id, count }) => {
      const over = count - allotted.filter(({ decal }) => decal === id).length
      return over > 0 ? [{ decal: id, count: over }] : []
    }),
  }
}

/** What it costs to leave a place without, and more so the more it is seen; what it costs to trim. */
const [UNMET, UNSEEN, TRIMMED] = [1e6, 1e3, 1]

/** The size of a decal that was printed for another scale. */
function sizedBy({ widthMm, heightMm }: Decal, factor: number) {
  return { widthMm: widthMm * factor, heightMm: heightMm * factor }
}

/** Does a decal go on a place, and what is trimmed off a side? Null: it doesn't. */
export function fitOf(
  decal: Pick<Decal, 'widthMm' | 'heightMm' | 'hand'>,
  place: Pick<DecalPlace, 'widthMm' | 'heightMm' | 'hand'>,
): { trim: Allotted['trim'] } | null {
  if ((decal.hand ?? place.hand) !== place.hand) return null
  const width = (decal.widthMm - place.widthMm) / 2
  const height = (decal.heightMm - place.heightMm) / 2
  if (Math.min(width, height) < -GAP - TINY) return null
  if (decal.widthMm > place.widthMm * (1 + MOTIF)) return null
  if (decal.heightMm > place.heightMm * (1 + MOTIF)) return null
  const over = (mm: number) => (mm > SHOWS - TINY ? mm : 0)
  const trim = { width: over(width), height: over(height) }
  return { trim: trim.width + trim.height > 0 ? trim : null }
}

/** Sizes are told to a hundredth of a millimetre. */
const TINY = 1e-6

function shortages(
  decals: readonly Decal[],
  places: readonly DecalPlace[],
  allotted: readonly Allotted[],
): SizeShort[] {
  const got = new Set(allotted.map(({ place }) => place))
  const sizes = new Map<string, DecalPlace[]>()
  for (const place of places) {
    const size = [place.widthMm, place.heightMm, place.hand ?? ''].join(' ')
    sizes.set(size, [...(sizes.get(size) ?? []), place])
  }
  return [...sizes.values()].flatMap((some): SizeShort[] => {
    const [first] = some as [DecalPlace]
    const without = some.filter(({ id }) => !got.has(id)).map(({ id }) => id)
    if (without.length === 0) return []
    const exact = decals.filter((decal) => fitOf(decal, first)?.trim === null)
    return [
      {
        widthMm: first.widthMm,
        heightMm: first.heightMm,
        hand: first.hand ?? null,
        needed: some.length,
        there: exact.reduce((sum, { count }) => sum + count, 0),
        without,
      },
    ]
  })
}

/** From so long on a decal over panel lines is cut, mm. */
const LONG = 60

/** Into how many pieces a decal is cut before it is wetted: a long one at every line that it crosses. Source: handbook 12.5. */
export function piecesOf(lengthMm: number, lines: number): number {
  return lengthMm > LONG && lines > 0 ? lines + 1 : 1
}
