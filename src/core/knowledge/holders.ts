import type { Holder, HolderKind } from '../model/holder'
import type { Substrate } from '../model/vocabulary'

/** What holders are called. Source: handbook 12.7. */
export const HOLDER_WORDS: Record<HolderKind, string> = {
  stick: 'stick in a hole',
  clip: 'clip',
  tape: 'tape on card',
  stand: 'stand',
  hand: 'hand',
}

/** What a stick in a hole bears by its thickness, g. Source: handbook 12.7. */
const STICK_BEARS = [
  { mm: 3, g: 40 },
  { mm: 6, g: 120 },
] as const

/** How thick a stick is where nobody says, mm. */
export const USUAL_STICK = 3

/** What a holder bears, g; null: it is told by nothing but trying. A thicker stick bears in proportion to what is said of it. */
export function bears({ kind, mm = USUAL_STICK, count = 1 }: Holder): number | null {
  if (kind !== 'stick') return null
  const [thin, thick] = STICK_BEARS
  const at = (mm - thin.mm) / (thick.mm - thin.mm)
  const each = mm <= thin.mm ? (thin.g * mm) / thin.mm : thin.g + at * (thick.g - thin.g)
  return each * count
}

/** What a cubic centimetre of a substrate weighs, g; others aren't said. Source: handbook 12.7. */
export const CM3_WEIGHS: Partial<Record<Substrate, number>> = {
  polystyrene: 1.05,
  abs: 1.05,
  'clear-styrene': 1.05,
  'resin-printed': 1.15,
  'resin-cast': 1.1,
  metal: 7.3,
}
