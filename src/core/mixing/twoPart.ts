import { TWO_PART_TOLERANCE } from '../knowledge/mixing'
/** Two-part paint mixed by its sheet: paint to hardener, by volume or by mass. Source: handbook 4.2. */
export type TwoPart = {
  paint: number
  hardener: number
  by: 'volume' | 'mass'
  /** g/ml of each. */
  density: { paint: number; hardener: number }
}

/** What is measured of a paint and its hardener, ml and grams. Source: handbook 4.2. */
export type TwoPartAmounts = {
  paintMl: number
  hardenerMl: number
  paintGrams: number
  hardenerGrams: number
}

/** Amounts of both for a volume of the two together. @throws RangeError if a part isn't above zero. Source: handbook 4.2. */
export function twoPartAmounts(ratio: TwoPart, totalMl: number): TwoPartAmounts {
  const { paint, hardener } = byVolume(ratio)
  const paintMl = (totalMl * paint) / (paint + hardener)
  const hardenerMl = totalMl - paintMl
  return {
    paintMl,
    hardenerMl,
    paintGrams: paintMl * ratio.density.paint,
    hardenerGrams: hardenerMl * ratio.density.hardener,
  }
}

function byVolume({ paint, hardener, by, density }: TwoPart): { paint: number; hardener: number } {
  if (!(paint > 0 && hardener > 0)) throw new RangeError('twoPart: both parts are above zero')
  return by === 'volume'
    ? { paint, hardener }
    : { paint: paint / density.paint, hardener: hardener / density.hardener }
}

/** What was really poured of a paint and its hardener, and what comes of the error. Source: handbook 4.2. */
export type PouredTwoPart = {
  /** Hardener against what the sheet says, percent: above 0 too much. */
  errorPercent: number
  within: boolean
  /** What puts it right, ml: one of the two is 0. */
  addPaintMl: number
  addHardenerMl: number
}

/** What was poured against the sheet. @param paintMl above 0. Source: handbook 4.2. */
export function pouredTwoPart(ratio: TwoPart, paintMl: number, hardenerMl: number): PouredTwoPart {
  const { paint, hardener } = byVolume(ratio)
  const errorPercent = (hardenerMl / paintMl / (hardener / paint) - 1) * 100
  return {
    errorPercent,
    within: Math.abs(errorPercent) <= TWO_PART_TOLERANCE + 1e-9,
    addPaintMl: Math.max(0, (hardenerMl * paint) / hardener - paintMl),
    addHardenerMl: Math.max(0, (paintMl * hardener) / paint - hardenerMl),
  }
}
