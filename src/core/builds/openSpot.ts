import type { Spot } from '../model/spot'

/** Is it still to be mended or looked at? */
export function isOpen({ state }: Spot): boolean {
  return state !== 'good'
}
