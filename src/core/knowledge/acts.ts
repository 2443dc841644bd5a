import type { Act, Family, Role, Solvent, Tool } from '../model/vocabulary'
import type { Nature } from './families'

/**
 * What kind of act it is for the walk over a sequence:
 * `prep` prepares the face · `film` lays a film · `mask` lays a mask, `unmask` takes one off · `clean` moves or takes away
 * the film it works on · `open` breaks a release coat · `level` cuts or polishes · `handle` touches the part.
 */
export type ActKind = 'prep' | 'film' | 'mask' | 'unmask' | 'clean' | 'open' | 'level' | 'handle'

/**
 * What a mask is: `sheet` is pressed on and torn off, `film` is peeled off with what lies over it, `grain` is brushed off with
 * what lies over it, and opens a release coat.
 */
export type MaskKind = 'sheet' | 'film' | 'grain'

export type ActRow = {
  /** The act in a sentence: "Prime", "Clean up the lining". */
  name: string
  kind: ActKind
  role: Role | null
  /** Family when the step doesn't say: `must` has to be said, null has none. */
  family: Family | 'must' | null
  tool: Tool
  /** What it can be laid from or worked with; empty: nothing is laid. Left out: whatever is there. Source: handbook 2.1, 6. */
  takes?: readonly Nature[]
  /** Tools that it can't be done with. */
  notWith?: readonly Tool[]
  /** It is laid in coats, or can be. */
  inCoats?: boolean
  /** What a film covers unless `over` says otherwise. */
  leaves: 'whole' | 'patchy'
  /** Weathering: laid over sealed colour, seal-first and lock-first speak of it. Source: handbook 2.6. */
  weathering: boolean
  /** Acts of one effect mix with one another in one sitting, and a clean-up works on its own effect. */
  effect: string | null
  /** Acts whose film this one works on; null: the newest film of any kind. */
  target?: readonly Act[] | null
  /** What it is laid or worked with unless the step says; null: dry. Left out: the family's own thinner. */
  solvent?: Solvent | null
  /** It wipes or washes a face clean. Source: handbook 2.6, degrease-expired. */
  cleansFace?: boolean
  /** It lays filler. Source: handbook 6, clean-up. */
  fills?: boolean
  /** It makes holes. Source: handbook 2.6, drill-after-paint. */
  pierces?: boolean
  /** It cuts into what lies there, so that the next paint keys: `face` into the newest film, `clear` levels it. Source: handbook 2.6, 6. */
  cuts?: 'face' | 'scuff' | 'clear'
  /** It polishes: gloss, and less comes off. Source: handbook 2.1, 2.6. */
  polishes?: boolean
  /** Parts are joined by it. Source: handbook 2.6, tight-fit. */
  joins?: boolean
  /** Fingers hold painted faces. Source: handbook 2.6, powder-loose. */
  grips?: boolean
  /** Glass is fitted by it. Source: handbook 6. */
  fitsGlass?: boolean
  /** It touches or wets chips that no clear holds. Source: handbook 2.6, unsealed-chips. */
  liftsChips?: boolean
  /** A mask that is pressed on and torn off again; or one that what lies over it comes off with, in grains or not. */
  mask?: MaskKind
  /** The colour of a part as it is meant to be seen. Source: handbook 1. */
  hides?: boolean
  /** Shading that the colour over it is to show. Source: handbook 2.6, buried-preshade. */
  shades?: boolean
  /** It runs along recesses, and so wants gloss. Source: handbook 2.5, 2.6. */
  runs?: boolean
  /** It covers a whole face and dries from its edge. Source: handbook 2.6, tide-mark-risk. */
  pools?: boolean
  /** It slides on gloss: it wants something to grip. Source: handbook 2.5, 2.6. */
  wantsTooth?: boolean
  /** Its marks count as mist however they are loaded. Source: handbook 3.2, f_W. */
  dryLoad?: boolean
  /** It is dragged soon after it is laid. Source: handbook 3.4. */
  dragged?: boolean
  /** Laid loose: it comes off on the fingers until it is fixed. Source: handbook 2.6, powder-loose. */
  loose?: boolean
  /** It fixes what lies loose. Source: handbook 3.1. */
  fixes?: boolean
  /** It starts the rust. Source: handbook 3.4. */
  activates?: boolean
  /** What its marks stand for. Source: handbook 10.1. */
  marks?: 'chip' | 'scratch'
  /** How hard it is sprayed. Source: handbook 4.5, pressure and nozzle. */
  sprayed?: 'close' | 'primer-and-clear'
  /** It rubs the face: counted against what the film there bears. Source: handbook 2.6, wear-through. */
  rubs?: boolean
}

const PREP = {
  takes: [],
  kind: 'prep',
  role: null,
  family: null,
  tool: 'hand',
  leaves: 'patchy',
  weathering: false,
  effect: null,
} as const
const WIPES = ['swab', 'wet-swab', 'soak', 'needle', 'hand'] as const
const SPRAYS = ['airbrush', 'spray-can', 'stencil', 'soak'] as const
const COLOURS = ['paint', 'wash', 'oil', 'metal', 'iron', 'paste'] as const

const COAT = {
  takes: COLOURS,
  notWith: WIPES,
  inCoats: true,
  kind: 'film',
  role: 'colour',
  family: 'must',
  tool: 'airbrush',
  leaves: 'whole',
  weathering: false,
  effect: null,
} as const
const RUBBED_ON = ['wet-swab', 'soak', 'needle'] as const
const DRY_MARKS = ['mark', 'powder'] as const
const METALS = ['paint', 'metal', 'powder', 'mark'] as const
const PATCH = { ...COAT, notWith: ['wet-swab', 'soak'], leaves: 'patchy' } as const
const WEATHER = {
  takes: [...COLOURS, 'powder', 'mark'],
  inCoats: true,
  kind: 'film',
  role: 'wash',
  family: 'enamel-wash',
  tool: 'brush',
  leaves: 'patchy',
  weathering: true,
} as const
const CHIP = {
  ...PATCH,
  takes: [...COLOURS, 'powder', 'mark'],
  family: 'water-acrylic',
  tool: 'brush',
  effect: 'chips',
} as const
const CLEAN = {
  takes: [...COLOURS, 'powder', 'decal'],
  inCoats: true,
  kind: 'clean',
  role: null,
  family: null,
  tool: 'damp-brush',
  leaves: 'patchy',
  weathering: true,
} as const
const RUB = { ...CLEAN, rubs: true } as const
const MASK = {
  notWith: SPRAYS,
  kind: 'mask',
  role: 'mask',
  tool: 'hand',
  leaves: 'patchy',
  weathering: false,
  effect: null,
} as const
const UNMASK = {
  takes: [],
  kind: 'unmask',
  role: 'mask',
  family: null,
  tool: 'hand',
  leaves: 'patchy',
  weathering: false,
  effect: null,
} as const
const LEVEL = { ...PREP, kind: 'level' } as const
const HANDLE = { ...PREP, kind: 'handle' } as const

/** One row an act: what it means when a step leaves it out. Source: the sequence format, docs/formats.md. */
export const ACT_TABLE = {
  wash: { ...PREP, name: 'Wash', cleansFace: true, liftsChips: true },
  degrease: { ...PREP, name: 'Degrease', cleansFace: true },
  scribe: { ...PREP, name: 'Rescribe' },
  fill: { ...PREP, name: 'Fill', fills: true },
  drill: { ...PREP, name: 'Drill', pierces: true },
  sand: { ...PREP, name: 'Sand', cuts: 'face' },
  scuff: { ...PREP, name: 'Scuff', cuts: 'scuff' },
  prime: {
    ...COAT,
    name: 'Prime',
    role: 'primer',
    family: 'lacquer',
    takes: ['paint', 'metal'],
    sprayed: 'primer-and-clear',
  },
  base: { ...COAT, name: 'Base colour', hides: true },
  preshade: { ...PATCH, name: 'Pre-shade', shades: true },
  toplight: { ...PATCH, name: 'Top light', shades: true },
  mottle: { ...PATCH, name: 'Mottle', shades: true, sprayed: 'close' },
  glaze: { ...COAT, name: 'Glaze', role: 'clear-colour', takes: ['paint', 'wash', 'oil'] },
  'clear-colour': {
    ...COAT,
    name: 'Clear colour',
    role: 'clear-colour',
    takes: ['paint', 'wash', 'oil'],
  },
  metal: { ...COAT, name: 'Metal', role: 'metal', takes: METALS, notWith: RUBBED_ON, hides: true },
  'mirror-metal': {
    ...COAT,
    name: 'Mirror metal',
    role: 'metal',
    family: 'mirror-metal',
    takes: METALS,
    notWith: RUBBED_ON,
  },
  chrome: { ...COAT, name: 'Chrome', role: 'metal', family: 'chrome-ink', takes: METALS },
  detail: { ...PATCH, name: 'Paint details', family: 'water-acrylic', tool: 'brush' },
  tape: {
    ...MASK,
    name: 'Tape off',
    family: 'tape',
    takes: ['tape', 'liquid-mask'],
    mask: 'sheet',
    liftsChips: true,
  },
  untape: { ...UNMASK, name: 'Take the tape off', mask: 'sheet', target: ['tape'] },
  latex: {
    ...MASK,
    name: 'Dab latex',
    family: 'latex',
    takes: ['liquid-mask'],
    inCoats: true,
    mask: 'film',
  },
  unlatex: { ...UNMASK, name: 'Pick the latex off', mask: 'film', target: ['latex'] },
  salt: {
    ...MASK,
    name: 'Place salt',
    family: 'salt',
    takes: ['grain'],
    mask: 'grain',
    liftsChips: true,
    marks: 'chip',
  },
  unsalt: { ...UNMASK, name: 'Brush the salt off', mask: 'grain', target: ['salt'] },
  release: {
    ...COAT,
    name: 'Release coat',
    role: 'release',
    family: 'release',
    takes: ['release'],
  },
  'chip-wet': {
    ...CLEAN,
    name: 'Chip with water',
    kind: 'open',
    takes: [],
    inCoats: false,
    solvent: 'water',
    role: 'release',
    tool: 'stiff-brush',
    weathering: false,
    effect: 'chips',
  },
  clear: { ...COAT, name: 'Clear', role: 'clear', takes: ['paint'], sprayed: 'primer-and-clear' },
  decal: {
    ...PATCH,
    name: 'Decals',
    role: 'decal',
    family: 'decal',
    takes: ['decal'],
    notWith: SPRAYS,
    tool: 'hand',
    effect: 'decals',
  },
  'decal-soften': {
    ...CLEAN,
    name: 'Soften decals',
    role: 'decal',
    family: 'decal',
    tool: 'brush',
    weathering: false,
    effect: 'decals',
    target: ['decal'],
  },
  line: { ...WEATHER, name: 'Panel lining', effect: 'lining', runs: true },
  'line-clean': { ...RUB, name: 'Clean up the lining', effect: 'lining', target: ['line'] },
  filter: {
    ...WEATHER,
    name: 'Filter',
    role: 'filter',
    tool: 'flat-brush',
    effect: 'wash',
    wantsTooth: true,
  },
  'wash-clean': { ...RUB, name: 'Clean up the wash', effect: 'wash', target: ['wash', 'filter'] },
  'wipe-back': {
    ...RUB,
    name: 'Wipe back',
    tool: 'swab',
    weathering: false,
    effect: null,
    target: null,
  },
  'chip-sponge': { ...CHIP, name: 'Sponge chips', tool: 'sponge', marks: 'chip' },
  'chip-brush': { ...CHIP, name: 'Brush chips', marks: 'chip' },
  drybrush: { ...CHIP, name: 'Drybrush', dryLoad: true },
  scratch: { ...CHIP, name: 'Scratches', marks: 'scratch' },
  pencil: {
    ...PATCH,
    name: 'Pencil',
    family: 'pencil',
    takes: DRY_MARKS,
    tool: 'hand',
    marks: 'chip',
  },
  graphite: {
    ...PATCH,
    name: 'Graphite',
    family: 'graphite',
    takes: DRY_MARKS,
    tool: 'hand',
  },
  'oil-dots': {
    ...WEATHER,
    name: 'Oil dots',
    role: 'oil',
    family: 'oil',
    effect: 'oils',
    wantsTooth: true,
  },
  blend: { ...RUB, name: 'Blend the oils', effect: 'oils', target: ['oil-dots'] },
  streak: { ...WEATHER, name: 'Streaks', effect: 'streaks', wantsTooth: true, dragged: true },
  stain: { ...WEATHER, name: 'Stains', effect: 'streaks' },
  dust: { ...WEATHER, name: 'Dust', effect: 'streaks' },
  'streak-drag': {
    ...RUB,
    name: 'Drag the streaks',
    effect: 'streaks',
    target: ['streak', 'stain', 'dust'],
  },
  'rust-wash': { ...WEATHER, name: 'Rust wash', family: 'water-acrylic', effect: 'rust' },
  iron: {
    ...PATCH,
    name: 'Reactive iron',
    family: 'reactive-iron',
    tool: 'brush',
    effect: 'iron',
  },
  'iron-activate': {
    ...CLEAN,
    name: 'Activate the iron',
    family: 'reactive-iron',
    tool: 'brush',
    weathering: false,
    effect: 'iron',
    target: ['iron'],
    activates: true,
  },
  chalk: { ...PATCH, name: 'Chalking', tool: 'brush', effect: 'chalk' },
  soot: { ...PATCH, name: 'Soot', family: 'lacquer', effect: 'soot', sprayed: 'close' },
  speckle: { ...PATCH, name: 'Speckle', effect: 'speckle', sprayed: 'close' },
  powder: {
    ...WEATHER,
    name: 'Powders',
    role: 'pigment',
    family: 'pigment',
    tool: 'hand',
    effect: 'powders',
    solvent: null,
    wantsTooth: true,
    loose: true,
  },
  'powder-fix': {
    ...CLEAN,
    name: 'Fix the powders',
    role: 'pigment',
    family: 'pigment',
    tool: 'brush',
    effect: 'powders',
    target: ['powder'],
    fixes: true,
  },
  mud: { ...WEATHER, name: 'Mud', role: 'texture', family: 'texture', effect: 'mud' },
  splatter: { ...WEATHER, name: 'Splatter', role: 'texture', family: 'texture', effect: 'mud' },
  'cut-polish': { ...LEVEL, name: 'Cut flat', cuts: 'clear' },
  compound: { ...LEVEL, name: 'Polish with compound', polishes: true },
  'glue-clear': { ...HANDLE, name: 'Fit the glass', fitsGlass: true },
  assemble: { ...HANDLE, name: 'Assemble', joins: true, grips: true, liftsChips: true },
  handle: { ...HANDLE, name: 'Handle', grips: true, liftsChips: true },
} as const satisfies Record<Act, ActRow>

/** `wash` with a family is an all-over wash instead of cleaning the part. Source: docs/formats.md. */
export const PAINT_WASH: ActRow = {
  ...WEATHER,
  name: 'Overall wash',
  family: 'water-wash',
  tool: 'flat-brush',
  effect: 'wash',
  pools: true,
  liftsChips: true,
}

/** The row of an act; a `wash` that names a family is paint. */
export function actRow(act: Act, family: Family | undefined): ActRow {
  return act === 'wash' && family !== undefined ? PAINT_WASH : ACT_TABLE[act]
}

/** Does this act lay a clear? */
export function laysClear({ do: act }: { do: Act }): boolean {
  return ACT_TABLE[act].role === 'clear'
}

/** Does this act line recesses? */
export function laysLining({ do: act, family }: { do: Act; family?: Family | undefined }): boolean {
  return actRow(act, family).runs === true
}
