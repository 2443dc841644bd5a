import type { Timer } from '@/core/model/bench'

/** What a clock is of. */
export const KIND_WORDS: Record<Timer['kind'], string> = {
  'pot-life': 'Pot life',
  'gassing-off': 'Gassing off',
  decal: 'Decal softens',
  release: 'Release coat',
  'warm-air': 'Warm air',
  shaking: 'Shaking a bottle',
  warming: 'Warming a bottle',
  other: 'Timer',
}
