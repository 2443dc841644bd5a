/** Scales that kits come in most often. */
export const USUAL_SCALES = [24, 35, 48, 56, 72, 100, 144, 350] as const

/** The scale that a text says: "1/35", "1:35", "35"; null: none that can be. @returns so many times smaller than the thing */
export function saidScale(text: string): number | null {
  const [, times] = /^\s*(?:1\s*[:/]\s*)?(\d+(?:[.,]\d+)?)\s*$/.exec(text) ?? []
  const scale = Number(times?.replace(',', '.'))
  return times !== undefined && scale >= 1 && scale <= 5000 ? scale : null
}
