/**
 * Documents as JSON of plain letters, every other character by its number. A single character beyond them makes the whole text twice as
 * large wherever it is kept, handed on and read.
 */
export function asciiText(documents: unknown): string {
  const text = JSON.stringify(documents)
  const plain = text.replace(/[\u007f-\uffff]/g, numbered)
  // What comes of replacing keeps the size of what was replaced, until it is read from bytes.
  return plain === text ? text : new TextDecoder().decode(new TextEncoder().encode(plain))
}

function numbered(character: string): string {
  return `\\u${character.charCodeAt(0).toString(16).padStart(4, '0')}`
}
