/** One area as it stands in the address: its name, a bottle, its paint in percent, passes, cm². */
export type ToneDraft = {
  name: string
  bottle: string
  percent: string
  passes: string
  area: string
}

/** So many areas. */
export const MOST_TONES = 24
const FIELDS = ['name', 'bottle', 'percent', 'passes', 'area'] as const

/** Areas as text: fields joined by "~", areas by commas; a name has neither, and a decimal comma becomes a point. */
export function writeTones(tones: readonly ToneDraft[]): string {
  const written = (tone: ToneDraft, field: (typeof FIELDS)[number]) =>
    tone[field].replaceAll(/[~,]/g, field === 'name' ? ' ' : '.')
  return tones.map((tone) => FIELDS.map((field) => written(tone, field)).join('~')).join(',')
}

/** What has not all of the fields is left out: the address may have been typed. */
export function readTones(text: string): ToneDraft[] {
  return text
    .split(',')
    .slice(0, MOST_TONES)
    .flatMap((text): ToneDraft[] => {
      const found = text.split('~')
      if (found.length !== FIELDS.length) return []
      const [name = '', bottle = '', percent = '', passes = '', area = ''] = found
      return [{ name, bottle, percent, passes, area }]
    })
}
