/** A round tube that lies on its side, wider at one end than at the other. */
export type Frustum = {
  /** mm². */
  mantle: number
  /** Share of the mantle that looks up, within 45° of the vertical; as much looks down. */
  up: number
  /** How far the mean height of its upper half is over the middle, as a share of its whole height. */
  rise: number
}

/**
 * @param rear diameter of one end, mm
 * @param mouth of the other; 0: it ends in a point
 */
export function frustum(rear: number, mouth: number, lengthMm: number): Frustum {
  const [r, s] = [rear / 2, mouth / 2]
  const slant = Math.hypot(lengthMm, r - s)
  // A mantle that opens leans: less of it comes within 45° of the vertical.
  const lean = lengthMm / slant
  const half = lean > Math.SQRT1_2 ? Math.acos(Math.SQRT1_2 / lean) : 0
  const mean = ((2 / 3) * (r * r + r * s + s * s)) / (r + s)
  return {
    mantle: Math.PI * (r + s) * slant,
    up: half / Math.PI,
    rise: mean / Math.max(r, s) / Math.PI,
  }
}

/** A flat round end, mm². @param diameter mm */
export function disc(diameter: number): number {
  return (Math.PI * diameter ** 2) / 4
}
