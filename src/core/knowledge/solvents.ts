import type { Solvent } from '../model/vocabulary'

/** What a solvent is beside what it does to films (reactions.ts). */
export type SolventRow = {
  /** The solvent as it is called on screen. */
  name: string
  /** Of the spirits: it creeps into stressed joints, and thins paste to a wash. Source: handbook 2.4. */
  spirit?: boolean
  /** Of the lacquer thinners. Source: handbook 2.4. */
  lacquer?: boolean
  /** It crazes or melts bare plastic. Source: handbook 2.4. */
  hot?: boolean
  /** It dissolves every plastic. Source: handbook 2.4. */
  dissolvesPlastic?: boolean
  /** Nobody cleans up with it: it sets, or melts the part. Source: handbook 2.2, 4.5. */
  noCleaner?: boolean
  /** Its vapour fogs clear plastic. Source: handbook 2.4, 2.6. */
  fogsGlass?: boolean
  /** Standing in it, plastic under stress cracks. Source: handbook 2.4. */
  stresses?: boolean
  /** It gets under the edges of chips that no clear holds. Source: handbook 2.6, unsealed-chips. */
  opensChips?: boolean
  /** A wash with it dries from its edge and leaves rings. Source: handbook 2.6, tide-mark-risk. */
  rings?: boolean
  /** Much of it, and paint dries before it lands. Source: handbook 8, dusty spray. */
  driesInFlight?: boolean
  /** It hangs in a room: nothing to sleep in. Source: handbook 7.1, 9. */
  smells?: boolean
  /** g/ml as a thinner. Source: handbook 4.2. */
  density: number
}

const LACQUER = { lacquer: true, smells: true, density: 0.87 } as const
const SPIRIT = { spirit: true, smells: true, density: 0.78 } as const

/** One row a solvent. Source: handbook 2.2, 2.4, 4.2. */
export const SOLVENT_TABLE = {
  water: { name: 'water', opensChips: true, rings: true, density: 1 },
  alcohol: { name: 'alcohol', opensChips: true, stresses: true, driesInFlight: true, density: 0.8 },
  'spirit-mild': { ...SPIRIT, name: 'mild spirit' },
  'spirit-hot': { ...SPIRIT, name: 'hot spirit' },
  'lacquer-mild': { ...LACQUER, name: 'levelling lacquer thinner' },
  'lacquer-hot': { ...LACQUER, name: 'hot lacquer thinner', hot: true, fogsGlass: true },
  'reducer-2k': {
    noCleaner: true,
    name: 'urethane reducer',
    fogsGlass: true,
    smells: true,
    density: 0.87,
  },
  'plastic-solvent': {
    noCleaner: true,
    name: 'plastic solvent',
    dissolvesPlastic: true,
    fogsGlass: true,
    smells: true,
    density: 0.87,
  },
} as const satisfies Record<Solvent, SolventRow>

/** The row of a solvent. */
export function solventRow(solvent: Solvent): SolventRow {
  return SOLVENT_TABLE[solvent]
}
