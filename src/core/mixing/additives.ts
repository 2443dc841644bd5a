/** Trace additives, drops to 10 ml of the mix, from … to. Source: handbook 4.2. */
export const ADDITIVE_DROPS = { flowAid: [2, 4], retarder: [2, 6] } as const
export type Additive = keyof typeof ADDITIVE_DROPS

/** Whole drops of an additive for a volume, from … to. Source: handbook 4.2. */
export function additiveDrops(additive: Additive, ml: number): { from: number; to: number } {
  const [from, to] = ADDITIVE_DROPS[additive].map((drops) => Math.round((drops * ml) / 10)) as [
    number,
    number,
  ]
  return { from, to }
}
