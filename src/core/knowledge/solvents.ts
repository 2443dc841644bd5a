import type { Solvent } from '../model/vocabulary'

/** Solvents as they are called on screen. Source: handbook 2.2. */
export const SOLVENT_WORDS = {
  water: 'water',
  alcohol: 'alcohol',
  'spirit-mild': 'mild spirit',
  'spirit-hot': 'hot spirit',
  'lacquer-mild': 'levelling lacquer thinner',
  'lacquer-hot': 'hot lacquer thinner',
  'reducer-2k': 'urethane reducer',
  'plastic-solvent': 'plastic solvent',
} as const satisfies Record<Solvent, string>
