import type { Family, Sheen, Solvent } from '../model/vocabulary'

/** What governs how fast a milestone is reached. Source: handbook 3.2. */
export type DryingProcess = 'evaporation' | 'chemical' | 'coalescence'

export type FamilyRow = {
  /** The family's name on screen. */
  name: string
  /** Water leaves: drying slows with humidity (f_H). Source: handbook 3.2. */
  waterBorne: boolean
  /** Thinners, mildest first; the first is the default solvent. Empty: laid dry. Source: handbook 4.5. */
  thinners: readonly Solvent[]
  /** Sheen of a colour coat where the product doesn't say. Source: handbook 2.1. */
  sheen: Sheen
  /** A fast, hard film: may crack over one that still moves. Source: handbook 2.3, hard over soft. */
  hard: boolean
  /** A slow film that goes on moving until it is cured. Source: handbook 2.3, hard over soft. */
  slow: boolean
  /** Severity over a slow whole film between `recoat` and `cured`. Source: handbook 2.3. */
  overSlow: 'stop' | 'risk'
  /** A temporary mask or dry mark: no film that solvents are judged against. */
  film: boolean
  /** Processes of recoat, sand, tape and cured; flash and touch are always evaporation. */
  processes: {
    recoat: DryingProcess
    sand: DryingProcess
    tape: DryingProcess
    cured: DryingProcess
  }
}

const EVAPORATION = {
  recoat: 'evaporation',
  sand: 'evaporation',
  tape: 'evaporation',
  cured: 'evaporation',
} as const
const CHEMICAL = {
  recoat: 'chemical',
  sand: 'chemical',
  tape: 'chemical',
  cured: 'chemical',
} as const
const COALESCENCE = {
  recoat: 'coalescence',
  sand: 'coalescence',
  tape: 'coalescence',
  cured: 'coalescence',
} as const

const SOLVENT_FILM = {
  waterBorne: false,
  hard: false,
  slow: false,
  overSlow: 'risk',
  film: true,
} as const
const WATER_FILM = { ...SOLVENT_FILM, waterBorne: true } as const
const MASK = { ...WATER_FILM, film: false, sheen: 'matt', processes: EVAPORATION } as const

/** One row a family. Source: handbook 2.1, 2.3 (hard over soft), 3.2 (processes), 4.5 (thinners). */
export const FAMILY_TABLE = {
  lacquer: {
    ...SOLVENT_FILM,
    name: 'lacquer',
    thinners: ['lacquer-mild', 'lacquer-hot'],
    sheen: 'satin',
    hard: true,
    overSlow: 'stop',
    processes: EVAPORATION,
  },
  'alcohol-acrylic': {
    ...SOLVENT_FILM,
    name: 'alcohol acrylic',
    thinners: ['alcohol', 'lacquer-mild'],
    sheen: 'satin',
    hard: true,
    processes: COALESCENCE,
  },
  'water-acrylic': {
    ...WATER_FILM,
    name: 'water acrylic',
    thinners: ['water'],
    sheen: 'matt',
    hard: true,
    processes: COALESCENCE,
  },
  'acrylic-pu': {
    ...WATER_FILM,
    name: 'acrylic-PU',
    thinners: ['water'],
    sheen: 'satin',
    hard: true,
    processes: { ...CHEMICAL, recoat: 'coalescence' },
  },
  enamel: {
    ...SOLVENT_FILM,
    name: 'enamel',
    thinners: ['spirit-mild', 'spirit-hot'],
    sheen: 'semi-gloss',
    slow: true,
    processes: CHEMICAL,
  },
  'enamel-wash': {
    ...SOLVENT_FILM,
    name: 'enamel wash',
    thinners: ['spirit-mild', 'spirit-hot'],
    sheen: 'matt',
    slow: true,
    processes: CHEMICAL,
  },
  oil: {
    ...SOLVENT_FILM,
    name: 'oil',
    thinners: ['spirit-mild'],
    sheen: 'satin',
    slow: true,
    processes: CHEMICAL,
  },
  'urethane-2k': {
    ...SOLVENT_FILM,
    name: 'two-part urethane',
    thinners: ['reducer-2k'],
    sheen: 'gloss',
    hard: true,
    overSlow: 'stop',
    processes: CHEMICAL,
  },
  'water-wash': {
    ...WATER_FILM,
    name: 'water wash',
    thinners: ['water'],
    sheen: 'matt',
    processes: EVAPORATION,
  },
  watercolour: {
    ...WATER_FILM,
    name: 'watercolour',
    thinners: ['water'],
    sheen: 'matt',
    processes: EVAPORATION,
  },
  release: {
    ...WATER_FILM,
    name: 'release coat',
    thinners: ['water'],
    sheen: 'satin',
    processes: EVAPORATION,
  },
  pigment: {
    ...SOLVENT_FILM,
    name: 'powder',
    thinners: ['spirit-mild', 'alcohol'],
    sheen: 'matt',
    processes: EVAPORATION,
  },
  'mirror-metal': {
    ...SOLVENT_FILM,
    name: 'mirror metal',
    thinners: ['lacquer-mild'],
    sheen: 'gloss',
    processes: EVAPORATION,
  },
  'chrome-ink': {
    ...SOLVENT_FILM,
    name: 'chrome ink',
    thinners: ['alcohol'],
    sheen: 'gloss',
    processes: EVAPORATION,
  },
  'metal-enamel': {
    ...SOLVENT_FILM,
    name: 'metal enamel',
    thinners: ['spirit-mild', 'spirit-hot'],
    sheen: 'semi-gloss',
    slow: true,
    processes: CHEMICAL,
  },
  'reactive-iron': {
    ...WATER_FILM,
    name: 'reactive iron',
    thinners: ['water'],
    sheen: 'matt',
    processes: EVAPORATION,
  },
  decal: {
    ...WATER_FILM,
    name: 'decal',
    thinners: ['water'],
    sheen: 'satin',
    processes: COALESCENCE,
  },
  texture: {
    ...WATER_FILM,
    name: 'texture',
    thinners: ['water'],
    sheen: 'matt',
    processes: EVAPORATION,
  },
  graphite: { ...MASK, name: 'graphite', waterBorne: false, thinners: [] },
  pencil: { ...MASK, name: 'pencil', waterBorne: false, thinners: [] },
  latex: { ...MASK, name: 'latex mask', thinners: ['water'] },
  tape: { ...MASK, name: 'tape', waterBorne: false, thinners: [] },
  salt: { ...MASK, name: 'salt', thinners: ['water'] },
  'putty-mask': { ...MASK, name: 'putty mask', waterBorne: false, thinners: [] },
} as const satisfies Record<Family, FamilyRow>

/** The row of a family. */
export function familyRow(family: Family): FamilyRow {
  return FAMILY_TABLE[family]
}
