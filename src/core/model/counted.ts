/** So many of something, in words: "1 step", "3 steps". @param one its name for a single one, which takes an s for more */
export function counted(count: number, one: string): string {
  return `${count} ${count === 1 ? one : `${one}s`}`
}

/** So many coats, in words: "one coat", "3 coats". */
export function coatsWord(count: number): string {
  return count === 1 ? 'one coat' : `${count} coats`
}
