import { imageSize } from 'image-size'

/** What no camera takes: a file so large, or a picture of so many pixels, is refused before it is opened. */
const MOST = { bytes: 60_000_000, pixels: 120_000_000 } as const

/** Pictures are kept with so many pixels along their longer side, and shown small with so many. Source: handbook 13.1. */
export const LONG_SIDE = { kept: 4096, small: 512 } as const

/**
 * Why a file can't be taken as a picture, in words for the person; null: it may be opened.
 *
 * @param head the beginning of the file: its size in pixels stands there
 * @param bytes of the whole file
 */
export function refusedPicture(name: string, head: Uint8Array, bytes: number): string | null {
  if (bytes > MOST.bytes)
    return `${name} has ${Math.round(bytes / 1e6)} MB: at most ${MOST.bytes / 1e6}`
  let size: { width: number; height: number; type?: string | undefined }
  try {
    size = imageSize(head)
  } catch {
    return `${name} is no picture that can be read here`
  }
  if (!OPENED.includes(size.type ?? '')) return `${name} is no picture that can be read here`
  if (!(size.width > 0 && size.height > 0)) return `${name} is empty`
  if (size.width * size.height > MOST.pixels)
    return `${name} has ${Math.round((size.width * size.height) / 1e6)} million pixels: at most ${MOST.pixels / 1e6}`
  return null
}

/** What every browser opens. */
const OPENED: readonly string[] = ['jpg', 'png', 'webp', 'gif', 'bmp', 'avif']
