import type { Picture } from '../model/picture'

/** How far two places of a picture are apart, px. */
function pixelsBetween(
  { width, height }: Pick<Picture, 'width' | 'height'>,
  [ax, ay]: readonly [number, number],
  [bx, by]: readonly [number, number],
): number {
  return Math.hypot((bx - ax) * width, (by - ay) * height)
}

/**
 * How long something in a picture is on the model, mm, from a length that is known in it.
 *
 * @param scale of the build: what is known of the real thing is as much smaller on the model
 * @returns null where nothing is known, or the known length is a point
 * Source: handbook 13.1.
 */
export function modelMm(
  picture: Picture,
  scale: number,
  from: readonly [number, number],
  to: readonly [number, number],
): number | null {
  const { known } = picture
  const pixels = known ? pixelsBetween(picture, known.from, known.to) : 0
  if (!known || pixels < 1) return null
  const mm = known.mm / (known.real ? scale : 1)
  return (pixelsBetween(picture, from, to) / pixels) * mm
}

/** The way from one place of a picture to another, degrees clockwise from the right. */
export function wayBetween(
  { width, height }: Pick<Picture, 'width' | 'height'>,
  [ax, ay]: readonly [number, number],
  [bx, by]: readonly [number, number],
): number {
  const turn = (Math.atan2((by - ay) * height, (bx - ax) * width) * 180) / Math.PI
  return (turn + 360) % 360
}
