/** The least and the greatest of numbers, however many there are; null where there are none. */
export function extremes(values: readonly number[]): readonly [least: number, most: number] | null {
  if (values.length === 0) return null
  return values.reduce<[number, number]>(
    ([least, most], value) => [Math.min(least, value), Math.max(most, value)],
    [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY],
  )
}
