/** Minutes of what masks, coats and flushes take. Source: handbook 12.3. */

/** A mask: to lay it, and for each mm of its edge. */
const MASK = { each: 2, mm: 1 / 60 }
/** A sprayed coat: to lay it, and for each cm². */
const COAT = { each: 3, cm2: 1 / 60 }
/** To flush for another paint. */
export const FLUSH = 6

/** Minutes of so many masks with so much edge, mm. */
export function maskMinutes(mm: number, masks = 1): number {
  return masks * MASK.each + mm * MASK.mm
}

/** Minutes of a coat on so many cm². */
export function coatMinutes(areaCm2: number): number {
  return COAT.each + areaCm2 * COAT.cm2
}
