import { BUILT_STARTERS } from './built'
import { PLAIN_STARTERS } from './plain'
import { SCHOOL_STARTERS } from './schools'
import type { Starter } from './starter'

/** Every starting sequence. Source: handbook 1, 6. */
export const STARTERS: readonly Starter[] = [
  ...PLAIN_STARTERS,
  ...BUILT_STARTERS,
  ...SCHOOL_STARTERS,
]
