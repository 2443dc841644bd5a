/** A number with so many places at the most, as answers give it. */
export function round(value: number, places: number): number {
  return Number(value.toFixed(places))
}
