/** Characters that are put together at once: more arguments than this no engine takes. */
const PIECE = 0x8000

/** Bytes as base64. */
export function base64Of(bytes: Uint8Array): string {
  let text = ''
  for (let from = 0; from < bytes.length; from += PIECE)
    text += String.fromCharCode(...bytes.subarray(from, from + PIECE))
  return btoa(text)
}

/** The bytes of base64, at the beginning of a buffer of their own; null: it is none. */
export function bytesOf(base64: string): Uint8Array | null {
  try {
    const text = atob(base64)
    const bytes = new Uint8Array(text.length)
    for (let i = 0; i < text.length; i++) bytes[i] = text.charCodeAt(i)
    return bytes
  } catch {
    return null
  }
}
