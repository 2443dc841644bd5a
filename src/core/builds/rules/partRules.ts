import { heldOnWet } from './heldOnWet'
import { mountTooWeak } from './mountTooWeak'
import { openDefects } from './openDefects'
import { outOfReach } from './outOfReach'
import type { PartRule } from './partRule'
import { zoneForgotten } from './zoneForgotten'

/** Every rule that looks at a part as a thing. */
export const PART_RULE_LIST: readonly PartRule[] = [
  zoneForgotten,
  openDefects,
  outOfReach,
  mountTooWeak,
  heldOnWet,
]
