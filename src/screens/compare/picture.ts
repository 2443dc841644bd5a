/** A picture in hand, on a canvas that is read from. */
export type Picture = { name: string; canvas: HTMLCanvasElement }

/** The long side that pictures are measured at, px; and what no camera takes. */
const LONG = 1600
const MOST_BYTES = 60_000_000

/**
 * Opens a picture, upright as the camera said. Nothing of the file is kept but what is seen.
 *
 * @throws Error in words for the person
 */
export async function openPicture(file: File): Promise<Picture> {
  if (file.size > MOST_BYTES)
    throw new Error(
      `${file.name} has ${Math.round(file.size / 1e6)} MB: at most ${MOST_BYTES / 1e6}`,
    )
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch(() => {
    throw new Error(`${file.name} is no picture that can be read here`)
  })
  const scale = Math.min(1, LONG / Math.max(bitmap.width, bitmap.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(bitmap.width * scale))
  canvas.height = Math.max(1, Math.round(bitmap.height * scale))
  const drawn = canvas.getContext('2d', { willReadFrequently: true })
  drawn?.drawImage(bitmap, 0, 0, canvas.width, canvas.height)
  bitmap.close()
  return { name: file.name, canvas }
}

/** A patch of a picture about a place: its side is a fiftieth of the picture's. */
export function patchAt(
  { canvas }: Picture,
  { x, y }: { x: number; y: number },
): Uint8ClampedArray {
  const half = Math.max(2, Math.round(canvas.width / 100))
  return pixelsIn(canvas, x - half, y - half, 2 * half, 2 * half)
}

/** Pixels of a rectangle between two corners. */
export function faceBetween(
  { canvas }: Picture,
  a: { x: number; y: number },
  b: { x: number; y: number },
): Uint8ClampedArray {
  return pixelsIn(
    canvas,
    Math.min(a.x, b.x),
    Math.min(a.y, b.y),
    Math.abs(a.x - b.x),
    Math.abs(a.y - b.y),
  )
}

function pixelsIn(canvas: HTMLCanvasElement, x: number, y: number, w: number, h: number) {
  const drawn = canvas.getContext('2d', { willReadFrequently: true })
  if (!drawn || w < 1 || h < 1) return new Uint8ClampedArray(0)
  return drawn.getImageData(Math.round(x), Math.round(y), Math.round(w), Math.round(h)).data
}
