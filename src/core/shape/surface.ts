/** A point of an outline. */
export type Point = readonly [number, number]

/** A point in space: x ahead, y to port, z up, mm. */
export type Place = readonly [x: number, y: number, z: number]

/** Triangles, each of a zone. */
export type Surface = { zone: string; corners: readonly Place[] }[]

/** Four corners in turn, as two triangles. */
export function quad(a: Place, b: Place, c: Place, d: Place, zone: string): Surface {
  return [
    { zone, corners: [a, b, c] },
    { zone, corners: [a, c, d] },
  ]
}

/** A flat face that bulges nowhere, as triangles from its first corner. */
export function fan(corners: readonly Place[], zone: string): Surface {
  const [first, ...rest] = corners as [Place, ...Place[]]
  return rest.slice(1).map((corner, i) => ({ zone, corners: [first, rest[i] as Place, corner] }))
}

/**
 * An outline (x, z) as wide as said: its face to starboard, its face to port, and a rim for each of its lines.
 *
 * @param rim the zone of the line from this corner to the next
 */
export function prism(
  outline: readonly Point[],
  wide: number,
  starboard: string,
  port: string,
  rim: (at: number) => string,
): Surface {
  const at = (y: number) => outline.map(([x, z]): Place => [x, y, z])
  const [low, high] = [at(-wide / 2), at(wide / 2)]
  return [
    ...fan(low, starboard),
    ...fan(high.toReversed(), port),
    ...outline.flatMap((_, i) => {
      const next = (i + 1) % outline.length
      return quad(
        low[i] as Place,
        high[i] as Place,
        high[next] as Place,
        low[next] as Place,
        rim(i),
      )
    }),
  ]
}

/** Sides of what is round. */
export const ROUND = 40

/** The mantle of a tube along x, by the height of its faces over its middle. */
export function tube(
  rear: number,
  mouth: number,
  length: number,
  zoneAt: (z: number) => string,
): Surface {
  const at = (x: number, d: number, turn: number): Place => [
    x,
    (d / 2) * Math.cos(turn),
    (d / 2) * Math.sin(turn),
  ]
  return Array.from({ length: ROUND }, (_, i) => {
    const [a, b] = [(2 * Math.PI * i) / ROUND, (2 * Math.PI * (i + 1)) / ROUND]
    return quad(
      at(-length / 2, rear, a),
      at(length / 2, mouth, a),
      at(length / 2, mouth, b),
      at(-length / 2, rear, b),
      zoneAt(Math.sin((a + b) / 2)),
    )
  }).flat()
}

/** Blocks: each of a zone, its middle, how wide and deep, and from which height to which, as shares of a height. */
export function blocks(
  rows: readonly (readonly [string, number, number, number, number, number, number])[],
  height: number,
): Surface {
  return rows.flatMap(([zone, x, y, wide, deep, from, to]) => {
    const outline: Point[] = [
      [(x - deep / 2) * height, from * height],
      [(x + deep / 2) * height, from * height],
      [(x + deep / 2) * height, to * height],
      [(x - deep / 2) * height, to * height],
    ]
    return prism(outline, wide * height, zone, zone, () => zone).map((face) => ({
      ...face,
      corners: face.corners.map(([px, py, pz]): Place => [px, py + y * height, pz]),
    }))
  })
}
