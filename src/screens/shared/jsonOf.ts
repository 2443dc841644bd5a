/** What a file says; where that is no JSON, in a word for the reader of its format to refuse. */
export async function jsonOf(file: File): Promise<unknown> {
  try {
    return JSON.parse(await file.text())
  } catch {
    return 'text that is no JSON'
  }
}
