import type { Sheen } from '../model/vocabulary'

/** A sheen before "clear". */
export function theSheen(sheen: Sheen): string {
  return sheen === 'semi-gloss' ? 'half-gloss' : sheen
}

/** A share as whole percent. */
export function percent(share: number): string {
  return `${Math.round(share * 100)} %`
}
