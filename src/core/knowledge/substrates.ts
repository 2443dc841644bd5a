import type { Family, Substrate } from '../model/vocabulary'

/** Who minds a missing primer: everyone but primers and self-priming products, or only some families. */
export type PrimerNeed =
  | { for: 'none' }
  | {
      for: 'all' | 'water-borne' | 'not-water-borne' | 'spirit'
      severity: 'risk' | 'note'
      because: string
    }

/** All that is known of what a part is made of. Source: handbook 2.4. */
export type SubstrateRow = {
  name: string
  /** Mould release, residue or grease that must be washed off before anything else. */
  degrease: string | null
  primer: PrimerNeed
  /** Only a primer that bites metal holds. */
  etch: boolean
  /** Families that never dry on it bare. */
  neverCures: readonly Family[]
  /** It is looked through. */
  clear?: true
  /** Warm air above this spoils the part, °C; null: the general care is enough. Source: handbook 3.2, f_A. */
  forcedAirLimit: number | null
}

const PLAIN = {
  degrease: null,
  primer: { for: 'none' },
  etch: false,
  neverCures: [],
  forcedAirLimit: null,
} as const

/** One row a substrate. Source: handbook 2.4; what solvents do to it bare is in stack/substrateAttack.ts. */
export const SUBSTRATE_TABLE = {
  polystyrene: {
    ...PLAIN,
    name: 'polystyrene',
    primer: {
      for: 'water-borne',
      severity: 'note',
      because: 'Water-borne colour grips bare polystyrene poorly',
    },
    forcedAirLimit: 45,
  },
  abs: {
    ...PLAIN,
    name: 'ABS',
    primer: {
      for: 'spirit',
      severity: 'risk',
      because:
        'Spirit creeps into the joints of bare ABS and cracks it; it wants a full primer before enamel or oil',
    },
  },
  polycarbonate: {
    ...PLAIN,
    name: 'polycarbonate',
    primer: {
      for: 'all',
      severity: 'risk',
      because: 'Ordinary paint flakes off polycarbonate when it flexes',
    },
  },
  'pvc-vinyl': {
    ...PLAIN,
    name: 'vinyl',
    primer: {
      for: 'not-water-borne',
      severity: 'risk',
      because: 'Vinyl wants a water-borne or vinyl-safe primer first',
    },
    neverCures: ['enamel', 'oil', 'enamel-wash', 'metal-enamel'],
  },
  'resin-cast': {
    ...PLAIN,
    name: 'cast resin',
    degrease: 'mould release is still on it',
    primer: { for: 'all', severity: 'risk', because: 'Colour peels off unprimed cast resin' },
    forcedAirLimit: 45,
  },
  'resin-printed': {
    ...PLAIN,
    name: 'printed resin',
    degrease: 'uncured residue keeps paint soft',
    primer: {
      for: 'all',
      severity: 'risk',
      because: 'Colour needs a filling primer on printed resin',
    },
    forcedAirLimit: 40,
  },
  metal: {
    ...PLAIN,
    name: 'metal',
    degrease: 'grease from handling keeps paint off it',
    primer: { for: 'all', severity: 'risk', because: 'Ordinary paint flakes off bare metal' },
    etch: true,
  },
  'clear-styrene': { ...PLAIN, name: 'clear styrene', clear: true, forcedAirLimit: 45 },
  'wood-mdf': {
    ...PLAIN,
    name: 'wood',
    primer: {
      for: 'all',
      severity: 'risk',
      because: 'Bare wood drinks paint and its grain lifts with water',
    },
  },
  foam: { ...PLAIN, name: 'foam' },
} as const satisfies Record<Substrate, SubstrateRow>

/** The row of a substrate. */
export function substrateRow(substrate: Substrate): SubstrateRow {
  return SUBSTRATE_TABLE[substrate]
}
