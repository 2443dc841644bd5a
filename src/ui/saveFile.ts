/** How long the browser may take to begin, ms. */
const KEPT = 10_000

/** Gives the reader a text to keep as a file. */
export function saveFile(name: string, text: string, type: string): void {
  saveBlob(name, new Blob([text], { type }))
}

/** Gives the reader a file to keep. */
export function saveBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob)
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), KEPT)
}
