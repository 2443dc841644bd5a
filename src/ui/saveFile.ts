/** How long the browser may take to begin, ms. */
const KEPT = 10_000

/** Gives the reader a file to keep. */
export function saveFile(name: string, text: string, type: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }))
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), KEPT)
}
