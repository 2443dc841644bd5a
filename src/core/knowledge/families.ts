import type { Family, Sheen, Solvent } from '../model/vocabulary'

/** What governs how fast a milestone is reached. Source: handbook 3.2. */
export type DryingProcess = 'evaporation' | 'chemical' | 'coalescence'

/** What a family is by nature. Source: handbook 2.1. */
export type Nature =
  | 'paint'
  | 'wash'
  | 'oil'
  | 'metal'
  | 'iron'
  | 'powder'
  | 'paste'
  | 'release'
  | 'decal'
  | 'mark'
  | 'tape'
  | 'liquid-mask'
  | 'grain'

/**
 * All that is known of a family by itself: its words, solvent, sheen and what its films suffer. Source: handbook
 * 2.1.
 */
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
  /** What it is by nature: what acts lay it (acts.ts, `takes`). Source: handbook 2.1. */
  nature: Nature
  /** It sets with a hardener: pot life, polishing by the clock of its sheet, moisture that it reacts with. Source: handbook 3.1, 3.3. */
  twoPart?: boolean
  /** A dry powder: clear wets it darker, and it wants something to hold on to. Source: handbook 2.5, 2.6. */
  powder?: boolean
  /** Rubbed on: its gleam is lost under any clear. Source: handbook 2.1. */
  rubbed?: boolean
  /** It shines as metal does: `mirror` shows all that is under it, and wants gloss black there. Source: handbook 2.6, 6. */
  shine?: 'mirror' | 'bright'
  /** In light coats a clear of it leaves such a shine. Source: handbook 2.6, clear-kills-metal. */
  sparesShine?: boolean
  /** Acrylic: rubbing takes it off before the spirit of a wash does. Source: handbook 8, colour wiped away. */
  acrylic?: boolean
  /** Laid wet it wrinkles decals, and it dulls a shine for certain. Source: handbook 2.6. */
  bites?: boolean
  /** Over a release coat water doesn't enter it: never, or not in more than two light coats. Source: handbook 2.6. */
  watertight?: 'always' | 'thick'
  /** From some hours on it is too hard to chip without a start. Source: handbook 3.4. */
  hardToChip?: boolean
  /** Once activated it rusts, and goes on until it is sealed. Source: handbook 3.4. */
  rusts?: boolean
  /** It lies on a glue that water loosens for ever. Source: handbook 2.3, water over water. */
  onGlue?: boolean
  /** In the cold it makes no proper film. Source: handbook 3.3. */
  coldShy?: boolean
  /** A primer of it is cut wet with a soft sponge from so many minutes on. Source: handbook 6, clean-up. */
  wetSandedFrom?: number
  /** In damp air it turns white. Source: handbook 3.3. */
  blushes?: boolean
  /** A brush leaves streaks in it unless it is retarded. Source: handbook 4.5. */
  streaksBrushed?: boolean
  /** It wants flow aid in an airbrush. Source: handbook 4.5. */
  wantsFlowAid?: boolean
  /** What cleans it out of an airbrush, where the last of its thinners doesn't. Source: handbook 4.5. */
  cleanedWith?: Solvent
  /**
   * What it behaves as where it is laid as a wash or a filter, or is thinned so far (share of the mix), and how long it can
   * then be worked, hours. Source: handbook 2.3, below the matrix; 3.1.
   */
  asWash?: { as: Family; from?: number; reworkHours?: number }
  /** The row of the matrix that it reads when it is thinned with spirit; it isn't water-borne then. Source: handbook 2.3. */
  withSpirit?: Family
  /** Dried on a palette, its thinner makes it liquid again. Source: handbook 2.3, N77. */
  rewets?: boolean
  /** When a streak of it can be dragged, minutes after it was laid. Source: handbook 3.4. */
  dragged?: { from: number; to: number }
  /** A line of it that is wiped before so many minutes is dragged out. Source: handbook 3.1, 3.4. */
  wipedFrom?: number
  /** What warm air saves: minutes of the reference air for every 20 s of it, at most this share of the time to `recoat`. Source: handbook 3.3, warm air. */
  warmed?: { minutes: number; most: number }
  /** Processes of recoat, sand, tape and cured; flash and touch are always evaporation. */
  processes: {
    recoat: DryingProcess
    sand: DryingProcess
    tape: DryingProcess
    cured: DryingProcess
  }
}

/** From this share of thinner on, paint is a wash. Source: handbook 2.3. */
export const WASH_THINNING = 0.8

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
  nature: 'paint',
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
    bites: true,
    wetSandedFrom: 120,
    watertight: 'thick',
    hardToChip: true,
    blushes: true,
    streaksBrushed: true,
    processes: EVAPORATION,
  },
  'alcohol-acrylic': {
    ...SOLVENT_FILM,
    warmed: { minutes: 15, most: 0.5 },
    name: 'alcohol acrylic',
    acrylic: true,
    thinners: ['alcohol', 'lacquer-mild'],
    sheen: 'satin',
    hard: true,
    streaksBrushed: true,
    processes: COALESCENCE,
  },
  'water-acrylic': {
    ...WATER_FILM,
    warmed: { minutes: 30, most: 2 / 3 },
    name: 'water acrylic',
    acrylic: true,
    thinners: ['water'],
    sheen: 'matt',
    hard: true,
    coldShy: true,
    wantsFlowAid: true,
    cleanedWith: 'alcohol',
    asWash: { as: 'water-wash' },
    processes: COALESCENCE,
  },
  'acrylic-pu': {
    ...WATER_FILM,
    warmed: { minutes: 30, most: 0.5 },
    name: 'acrylic-PU',
    acrylic: true,
    thinners: ['water'],
    sheen: 'satin',
    hard: true,
    sparesShine: true,
    coldShy: true,
    wantsFlowAid: true,
    cleanedWith: 'alcohol',
    processes: { ...CHEMICAL, recoat: 'coalescence' },
  },
  enamel: {
    ...SOLVENT_FILM,
    name: 'enamel',
    thinners: ['spirit-mild', 'spirit-hot'],
    sheen: 'semi-gloss',
    slow: true,
    watertight: 'always',
    asWash: { as: 'enamel-wash', from: WASH_THINNING, reworkHours: 12 },
    processes: CHEMICAL,
  },
  'enamel-wash': {
    ...SOLVENT_FILM,
    nature: 'wash',
    name: 'enamel wash',
    thinners: ['spirit-mild', 'spirit-hot'],
    sheen: 'matt',
    slow: true,
    rewets: true,
    dragged: { from: 3, to: 60 },
    processes: CHEMICAL,
  },
  oil: {
    ...SOLVENT_FILM,
    nature: 'oil',
    name: 'oil',
    thinners: ['spirit-mild'],
    sheen: 'satin',
    slow: true,
    watertight: 'always',
    rewets: true,
    dragged: { from: 0, to: 8 * 60 },
    processes: CHEMICAL,
  },
  'urethane-2k': {
    ...SOLVENT_FILM,
    name: 'two-part urethane',
    thinners: ['reducer-2k'],
    sheen: 'gloss',
    hard: true,
    overSlow: 'stop',
    twoPart: true,
    bites: true,
    watertight: 'always',
    cleanedWith: 'lacquer-hot',
    processes: CHEMICAL,
  },
  'water-wash': {
    ...WATER_FILM,
    warmed: { minutes: 30, most: 0.9 },
    nature: 'wash',
    name: 'water wash',
    wipedFrom: 2,
    thinners: ['water'],
    sheen: 'matt',
    coldShy: true,
    processes: EVAPORATION,
  },
  watercolour: {
    ...WATER_FILM,
    warmed: { minutes: 10, most: 0.9 },
    nature: 'wash',
    name: 'watercolour',
    wipedFrom: 2,
    rewets: true,
    thinners: ['water'],
    sheen: 'matt',
    processes: EVAPORATION,
  },
  release: {
    ...WATER_FILM,
    warmed: { minutes: 10, most: 0.5 },
    nature: 'release',
    name: 'release coat',
    thinners: ['water'],
    sheen: 'satin',
    processes: EVAPORATION,
  },
  pigment: {
    ...SOLVENT_FILM,
    nature: 'powder',
    name: 'powder',
    powder: true,
    thinners: ['spirit-mild', 'alcohol'],
    sheen: 'matt',
    processes: EVAPORATION,
  },
  'mirror-metal': {
    ...SOLVENT_FILM,
    nature: 'metal',
    name: 'mirror metal',
    shine: 'mirror',
    blushes: true,
    thinners: ['lacquer-mild'],
    sheen: 'gloss',
    processes: EVAPORATION,
  },
  'chrome-ink': {
    ...SOLVENT_FILM,
    nature: 'metal',
    name: 'chrome ink',
    shine: 'bright',
    thinners: ['alcohol'],
    sheen: 'gloss',
    processes: EVAPORATION,
  },
  'metal-enamel': {
    ...SOLVENT_FILM,
    nature: 'metal',
    name: 'metal enamel',
    watertight: 'always',
    thinners: ['spirit-mild', 'spirit-hot'],
    sheen: 'semi-gloss',
    slow: true,
    processes: CHEMICAL,
  },
  'reactive-iron': {
    ...WATER_FILM,
    warmed: { minutes: 30, most: 0.5 },
    nature: 'iron',
    name: 'reactive iron',
    rusts: true,
    thinners: ['water'],
    sheen: 'matt',
    processes: EVAPORATION,
  },
  decal: {
    ...WATER_FILM,
    warmed: { minutes: 120, most: 0.75 },
    nature: 'decal',
    name: 'decal',
    onGlue: true,
    coldShy: true,
    thinners: ['water'],
    sheen: 'satin',
    processes: COALESCENCE,
  },
  texture: {
    ...WATER_FILM,
    warmed: { minutes: 60, most: 0.25 },
    nature: 'paste',
    name: 'texture',
    withSpirit: 'enamel-wash',
    thinners: ['water'],
    sheen: 'matt',
    processes: EVAPORATION,
  },
  graphite: {
    ...MASK,
    nature: 'mark',
    name: 'graphite',
    rubbed: true,
    waterBorne: false,
    thinners: [],
  },
  pencil: {
    ...MASK,
    nature: 'mark',
    name: 'pencil',
    rubbed: true,
    waterBorne: false,
    thinners: [],
  },
  latex: { ...MASK, nature: 'liquid-mask', name: 'latex mask', thinners: ['water'] },
  tape: { ...MASK, nature: 'tape', name: 'tape', waterBorne: false, thinners: [] },
  salt: { ...MASK, nature: 'grain', name: 'salt', thinners: ['water'] },
  'putty-mask': {
    ...MASK,
    nature: 'liquid-mask',
    name: 'putty mask',
    waterBorne: false,
    thinners: [],
  },
} as const satisfies Record<Family, FamilyRow>

/** The row of a family. */
export function familyRow(family: Family): FamilyRow {
  return FAMILY_TABLE[family]
}
