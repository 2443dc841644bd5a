/** No technique and no panel is larger, bytes. */
const LARGEST = 5_000_000

/** What a small file says; where that is no JSON, in a word for the reader of its format to refuse. */
export async function jsonOf(file: File): Promise<unknown> {
  if (file.size > LARGEST) return `a file of ${Math.round(file.size / 1e6)} MB`
  try {
    return JSON.parse(await file.text())
  } catch {
    return 'text that is no JSON'
  }
}
