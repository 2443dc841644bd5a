/** Some liquid and its paint share: 1 is neat paint, 0 thinner, medium or water. */
export type Liquid = { ml: number; share: number }

/** What corrects a mix, or why it can't be corrected so and how far it gets. */
export type Correction =
  | { kind: 'right' }
  | { kind: 'add'; ml: number; totalMl: number }
  | { kind: 'never'; because: string; nearest: number }

/** Paint shares this near are the same. */
const SAME = 1e-9

/** The paint share of liquids poured together: Σ pᵢ·Vᵢ / ΣVᵢ. @throws RangeError if there is nothing. Source: handbook 4.3. */
export function shareTogether(liquids: readonly Liquid[]): number {
  const all = liquids.reduce((sum, liquid) => sum + liquid.ml, 0)
  if (!(all > 0)) throw new RangeError('shareTogether: there is nothing in the mix')
  return liquids.reduce((sum, liquid) => sum + liquid.ml * liquid.share, 0) / all
}

/**
 * How much of one liquid brings a mix to a paint share.
 *
 * @param now what is in the cup or bottle
 * @param added paint share of what may be added: 1 thickens at best, 0 thins at best
 * @param target paint share that is wanted
 * Source: handbook 4.3: thickening needs neat paint.
 */
export function correction(now: Liquid, added: number, target: number): Correction {
  if (Math.abs(now.share - target) < SAME) return { kind: 'right' }
  const ml = (now.ml * (target - now.share)) / (added - target)
  if (Number.isFinite(ml) && ml > 0) return { kind: 'add', ml, totalMl: now.ml + ml }
  const thicken = target > now.share
  return {
    kind: 'never',
    because: thicken
      ? 'what is added is no thicker than what is wanted: thickening needs neat paint'
      : 'what is added is no thinner than what is wanted: thinning needs thinner, medium or water',
    nearest: thicken === added > now.share ? added : now.share,
  }
}

/** Two liquids to add, or why they can't reach both the volume and the share. */
export type TopUp =
  | { kind: 'add'; first: number; second: number }
  | { kind: 'never'; because: string; leastMl: number | null }

/**
 * How much of two liquids fills a half-used cup up to a volume at a paint share.
 *
 * @param first and second paint shares of what may be added, as paint and thinner
 * @returns where it can't be done, the least volume at which it can; null: at none
 * Source: handbook 4.3.
 */
export function topUp(
  now: Liquid,
  first: number,
  second: number,
  target: number,
  totalMl: number,
): TopUp {
  const room = totalMl - now.ml
  if (room < -SAME)
    return { kind: 'never', because: 'there is more in the cup already', leastMl: now.ml }
  if (Math.abs(first - second) < SAME) {
    const one = correction(now, first, target)
    return one.kind === 'add' && Math.abs(one.ml - room) < 1e-6
      ? { kind: 'add', first: one.ml, second: 0 }
      : { kind: 'never', because: 'both liquids are the same', leastMl: null }
  }
  const paint = target * totalMl - now.share * now.ml
  const x = (paint - second * room) / (first - second)
  const y = room - x
  if (x >= -SAME && y >= -SAME)
    return { kind: 'add', first: Math.max(0, x), second: Math.max(0, y) }
  const more = [first, second]
    .map((added) => correction(now, added, target))
    .flatMap((one) => (one.kind === 'add' ? [one.totalMl] : []))
  const leastMl = more.length > 0 ? Math.min(...more) : null
  return {
    kind: 'never',
    because:
      leastMl === null
        ? 'neither liquid brings the cup there'
        : `the cup is too far off for so little room: from ${leastMl.toFixed(1)} ml on it can be done`,
    leastMl,
  }
}

/**
 * What to add of each ingredient so that a mix with something poured wrongly is the recipe again.
 *
 * @param parts of the recipe
 * @param pouredMl what is in the cup of each
 * @returns ml to add of each: the least that puts it right. Source: handbook 4.3.
 * @throws RangeError if an ingredient was poured that the recipe has none of
 */
export function putRight(parts: readonly number[], pouredMl: readonly number[]): number[] {
  const scales = pouredMl.map((ml, i) => {
    const part = parts[i] ?? 0
    if (part <= 0 && ml > 0) throw new RangeError('putRight: poured what the recipe has none of')
    return part > 0 ? ml / part : 0
  })
  const scale = Math.max(0, ...scales)
  return parts.map((part, i) => Math.max(0, part * scale - (pouredMl[i] ?? 0)))
}
