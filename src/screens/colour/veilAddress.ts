import { COATS_LAID } from './coats'

/** A veil as it stands in the address: a bottle, how it is laid, its paint in percent, how often. */
export type VeilDraft = { bottle: string; coat: string; percent: string; passes: number }

/** So many veils, and so many passes of one. */
export const MOST_VEILS = 6
export const MOST_PASSES = 8

/** Veils as text: bottle~coat~percent~passes, joined by commas; a decimal comma becomes a point. */
export function writeVeils(veils: readonly VeilDraft[]): string {
  return veils
    .map(({ bottle, coat, percent, passes }) =>
      [bottle, coat, percent.replaceAll(/[~,]/g, '.'), passes].join('~'),
    )
    .join(',')
}

/** What is no veil is left out: the address may have been typed. */
export function readVeils(text: string): VeilDraft[] {
  return text
    .split(',')
    .slice(0, MOST_VEILS)
    .flatMap((text): VeilDraft[] => {
      const [bottle = '', coat = '', percent = '', passes = ''] = text.split('~')
      const count = Number(passes)
      const known = COATS_LAID.some(({ value }) => value === coat)
      if (bottle === '' || !known || !Number.isInteger(count)) return []
      if (count < 1 || count > MOST_PASSES) return []
      return [{ bottle, coat, percent, passes: count }]
    })
}
