import { type PicturePoint, type Warp, warped } from '@/core/pictures/align'
import { sizeWithin } from '@/core/pictures/sizeWithin'

/** A picture in hand, on a canvas that is read from. */
export type ShownPicture = { name: string; canvas: HTMLCanvasElement }

/** The long side that pictures are looked at and measured with, px. */
const LONG = 1600

/**
 * Shows a picture that was prepared by the worker, or kept.
 *
 * @throws Error in words for the person
 */
export async function showPicture(name: string, blob: Blob): Promise<ShownPicture> {
  const bitmap = await createImageBitmap(blob).catch(() => {
    throw new Error(`${name} can’t be opened any more`)
  })
  const { width, height } = sizeWithin(bitmap, LONG)
  const canvas = document.createElement('canvas')
  canvas.width = width
  canvas.height = height
  const drawn = canvas.getContext('2d', { willReadFrequently: true })
  drawn?.drawImage(bitmap, 0, 0, width, height)
  bitmap.close()
  return { name, canvas }
}

/** A picture as a mirror shows it. */
export function mirrored({ name, canvas }: ShownPicture): ShownPicture {
  const turned = document.createElement('canvas')
  turned.width = canvas.width
  turned.height = canvas.height
  const drawn = turned.getContext('2d', { willReadFrequently: true })
  drawn?.setTransform(-1, 0, 0, 1, canvas.width, 0)
  drawn?.drawImage(canvas, 0, 0)
  return { name, canvas: turned }
}

/** A patch of a picture about a place: its side is a fiftieth of the picture's. */
export function patchAt({ canvas }: ShownPicture, { x, y }: PicturePoint): Uint8ClampedArray {
  const half = Math.max(2, Math.round(canvas.width / 100))
  return pixelsIn(canvas, x - half, y - half, 2 * half, 2 * half)
}

/** Pixels of a rectangle between two corners. */
export function faceBetween(
  { canvas }: ShownPicture,
  a: PicturePoint,
  b: PicturePoint,
): Uint8ClampedArray {
  return pixelsIn(
    canvas,
    Math.min(a.x, b.x),
    Math.min(a.y, b.y),
    Math.abs(a.x - b.x),
    Math.abs(a.y - b.y),
  )
}

/** Pixels of the same rectangle as it lies on another picture, point by point. @param warp takes a place onto this picture */
export function faceThrough(
  { canvas }: ShownPicture,
  a: PicturePoint,
  b: PicturePoint,
  warp: Warp,
): Uint8ClampedArray {
  const { width, height } = canvas
  const all = pixelsIn(canvas, 0, 0, width, height)
  const out: number[] = []
  for (let y = Math.min(a.y, b.y); y < Math.max(a.y, b.y); y++)
    for (let x = Math.min(a.x, b.x); x < Math.max(a.x, b.x); x++) {
      const at = warped(warp, { x, y })
      const [u, v] = [Math.round(at.x), Math.round(at.y)]
      if (u < 0 || v < 0 || u >= width || v >= height) continue
      const i = (v * width + u) * 4
      out.push(...all.subarray(i, i + 4))
    }
  return Uint8ClampedArray.from(out)
}

function pixelsIn(canvas: HTMLCanvasElement, x: number, y: number, w: number, h: number) {
  const drawn = canvas.getContext('2d', { willReadFrequently: true })
  if (!drawn || w < 1 || h < 1) return new Uint8ClampedArray(0)
  return drawn.getImageData(Math.round(x), Math.round(y), Math.round(w), Math.round(h)).data
}
