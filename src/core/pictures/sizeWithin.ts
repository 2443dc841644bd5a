/** A size within a square, as it is at the most. */
export function sizeWithin(
  { width, height }: { width: number; height: number },
  side: number,
): { width: number; height: number } {
  const scale = Math.min(1, side / Math.max(width, height))
  const of = (length: number) => Math.max(1, Math.round(length * scale))
  return { width: of(width), height: of(height) }
}
