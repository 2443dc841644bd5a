import { CHIPPING } from './chipping'
import { CLEAR } from './clear'
import { COLOUR } from './colour'
import { FINISH } from './finish'
import { LINING } from './lining'
import { PREPARATION } from './preparation'
import { RUST } from './rust'
import { STREAKS } from './streaks'
import type { Technique } from './technique'

/** The library, in the order of the handbook. Source: handbook 6. */
export const TECHNIQUES: readonly Technique[] = [
  ...PREPARATION,
  ...COLOUR,
  ...CLEAR,
  ...LINING,
  ...CHIPPING,
  ...RUST,
  ...STREAKS,
  ...FINISH,
]

/** An entry by its id. @throws RangeError if there is none */
export function technique(id: string): Technique {
  const found = TECHNIQUES.find((technique) => technique.id === id)
  if (!found) throw new RangeError(`technique: no entry "${id}"`)
  return found
}
