import { ADDITIVE_DROPS, type Additive } from '../knowledge/mixing'
/** Whole drops of an additive for a volume, from … to. Source: handbook 4.2. */
export function additiveDrops(additive: Additive, ml: number): { from: number; to: number } {
  const [from, to] = ADDITIVE_DROPS[additive].map((drops) => Math.round((drops * ml) / 10)) as [
    number,
    number,
  ]
  return { from, to }
}
