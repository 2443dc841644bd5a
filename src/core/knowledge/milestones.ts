import type { Milestone } from '../model/vocabulary'

/** What a milestone means on a clock. */
export const MILESTONE_WORDS = {
  flash: 'next coat',
  touch: 'touch-dry',
  recoat: 'next product',
  sand: 'sands',
  tape: 'bears tape',
  cured: 'cured',
} as const satisfies Record<Milestone, string>

/** What can be seen of a film that dries. */
export const SEEN_WORDS = {
  'not-yet': 'still tacky',
  just: 'dry just now',
  reached: 'dry already',
} as const
