/** Segments that a picture is drawn by, and the one that says its colours: nothing of a camera, a place or a person. */
const DRAWN_BY = new Set([0xc0, 0xc1, 0xc2, 0xc4, 0xdb, 0xdd, 0xe0, 0xe2, 0xee])
const SCAN = 0xda

/**
 * Is it a JPEG in which nothing is told but the picture: no camera, place, time or remark?
 *
 * @param bytes the beginning of the file, up to its first scan at least
 * Source: handbook 13.1.
 */
export function isBareJpeg(bytes: Uint8Array): boolean {
  if (bytes[0] !== 0xff || bytes[1] !== 0xd8) return false
  for (let at = 2; at + 3 < bytes.length; ) {
    const kind = bytes[at + 1] as number
    if (bytes[at] !== 0xff) return false
    if (kind === SCAN) return true
    if (!DRAWN_BY.has(kind)) return false
    at += 2 + (((bytes[at + 2] as number) << 8) | (bytes[at + 3] as number))
  }
  return false
}
