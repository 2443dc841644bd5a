import type { Lab } from './spectrum'

/** Hue angle of a colour in CIELAB, degrees from 0 to 360. */
export function hueOf({ a, b }: Pick<Lab, 'a' | 'b'>): number {
  return ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360
}
