/** Undiluted paint in one normal light coat (15 µm wet at half paint), µm. Source: handbook 5.1. */
const UNIT_UM = 7.5

/**
 * Thickness X of a film in normal light coats: wet µm · paint share / 7.5.
 *
 * @param wetUm of the thinned mix, µm
 * @param paintShare of the mix, 0 to 1
 * Source: handbook 5.1.
 */
export function thicknessOf(wetUm: number, paintShare: number): number {
  return (wetUm * paintShare) / UNIT_UM
}
