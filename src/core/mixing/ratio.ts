import Fraction from 'fraction.js'

/** Exact parts of a mix, paint first. */
export type ExactParts = readonly Fraction[]

/** ExactParts as exact fractions; decimals are taken as written. */
export function exactParts(parts: readonly number[]): Fraction[] {
  return parts.map(exactOf)
}

/** A number as a fraction, as it is written; the same numbers come again and again, and a long one takes a tenth of a millisecond. */
export function exactOf(number: number): Fraction {
  const known = fractions.get(number)
  if (known) return known
  const exact = new Fraction(number)
  if (fractions.size >= MOST_KNOWN) fractions.clear()
  fractions.set(number, exact)
  return exact
}

const MOST_KNOWN = 1000
const fractions = new Map<number, Fraction>()

/**
 * The same ratio in the smallest whole numbers: 2.5 : 0.5 is 5 : 1.
 *
 * @throws RangeError if every part is zero
 */
export function wholeParts(parts: ExactParts): number[] {
  const scale = new Fraction(parts.reduce((common, part) => lcm(common, part.d), 1n))
  const whole = parts.map((part) => part.mul(scale))
  const common = whole.reduce((gcd, part) => gcd.gcd(part), new Fraction(0))
  if (common.equals(0)) throw new RangeError('wholeParts: every part is zero')
  return whole.map((part) => part.div(common).valueOf())
}

function lcm(a: bigint, b: bigint): bigint {
  let [x, y] = [a, b]
  while (y !== 0n) [x, y] = [y, x % y]
  return (a / x) * b
}

/** "paint 2 : thinner 1": a ratio always names its ingredients. Source: handbook 4.1. */
export function sayRatio(names: readonly string[], parts: readonly number[]): string {
  return names.map((name, i) => `${name} ${parts[i]}`).join(' : ')
}

/**
 * Share of the finished mix that an addition makes, when it was said as a share of the paint: s = a / (1 + a).
 *
 * @param added thinner over paint, 0 or more. Source: handbook 4.1.
 */
export function shareFromAdded(added: number): number {
  return added / (1 + added)
}

/**
 * Addition as a share of the paint, when it was said as a share of the finished mix: a = s / (1 − s).
 *
 * @param share of the mix, 0 up to but not including 1
 * @throws RangeError if the share is not in that range
 */
export function addedFromShare(share: number): number {
  if (!(share >= 0 && share < 1))
    throw new RangeError(`addedFromShare: share is ${share}, of 0 to under 1`)
  return share / (1 - share)
}
