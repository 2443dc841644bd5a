/** No file of ours goes deeper than a dozen levels: what does is no work of people. */
const DEEPEST = 64

type Place = { value: unknown; key: string | number; above: Place | null; depth: number }

/**
 * Where a value from outside is nested deeper than anything that is read; null: nowhere. It never goes deeper itself.
 *
 * @returns the path, as "builds[0].steps"
 */
export function tooDeep(value: unknown): string | null {
  const places: Place[] = [{ value, key: '', above: null, depth: 0 }]
  for (let place = places.pop(); place; place = places.pop()) {
    if (typeof place.value !== 'object' || place.value === null) continue
    if (place.depth > DEEPEST) return pathTo(place)
    const isList = Array.isArray(place.value)
    for (const [field, inner] of Object.entries(place.value))
      if (typeof inner === 'object' && inner !== null)
        places.push({
          value: inner,
          key: isList ? Number(field) : field,
          above: place,
          depth: place.depth + 1,
        })
  }
  return null
}

/** Levels of a path that are told: the rest of it says no more. */
const TOLD = 6

function pathTo(place: Place): string {
  const keys: (string | number)[] = []
  for (let at: Place | null = place; at?.above; at = at.above) keys.unshift(at.key)
  const path = keys
    .slice(0, TOLD)
    .map((key, i) => (typeof key === 'number' ? `[${key}]` : `${i === 0 ? '' : '.'}${key}`))
    .join('')
  return keys.length > TOLD ? `${path}…` : path
}
