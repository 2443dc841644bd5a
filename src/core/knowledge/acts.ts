import type { Act, Family, Role, Solvent, Tool } from '../model/vocabulary'
import type { Nature } from './families'
import type { Stage } from './stages'

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

/**
 * All that is known of an act by itself: its stage, words, hands-on minutes and what it does to films. Source:
 * handbook 1.
 */
export type ActRow = {
  /** Where it stands in the order of work by itself; a clear's own depends on what it stands between. Source: handbook 1. */
  stage: Stage
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
  /** Where on the part its patches lie; left out: anywhere. Source: handbook 6. */
  settles?: 'recesses' | 'edges'
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
  /** It tints a whole face, though it seals nothing. Source: handbook 5.2. */
  tints?: boolean
  /** Flooded on, it dries from the edge of its pool. Source: handbook 2.6, tide-mark-risk. */
  ringsFlooded?: boolean
  /** It slides on gloss: it wants something to grip. Source: handbook 2.5, 2.6. */
  wantsTooth?: boolean
  /** Its marks count as mist however they are loaded. Source: handbook 3.2, f_W. */
  dryLoad?: boolean
  /** By brush it is for details, unless it is said to go over all. Source: handbook 2.3, what the solvent reaches. */
  brushedOnDetails?: boolean
  /** It is put on a spot: it touches nothing that lies elsewhere on the part. Source: handbook 2.3. */
  spot?: boolean
  /** Small marks from a brush or sponge that is nearly dry: they wet what is under them hardly at all. Source: handbook 2.3, energy. */
  dryMarks?: boolean
  /** It is dragged soon after it is laid. Source: handbook 3.4. */
  dragged?: boolean
  /** Worked with spirit while it is wet, and into whatever else of the kind is: one effect of one sitting. Source: handbook 2.3, 6. */
  feathered?: boolean
  /** Laid loose: it comes off on the fingers until it is fixed. Source: handbook 2.6, powder-loose. */
  loose?: boolean
  /** While it is wet it holds powder that is dabbed into it. Source: handbook 6, rust and mud. */
  bindsPowder?: boolean
  /** It fixes what lies loose. Source: handbook 3.1. */
  fixes?: boolean
  /** It starts the rust. Source: handbook 3.4. */
  activates?: boolean
  /** What its marks stand for. Source: handbook 10.1. */
  marks?: 'chip' | 'scratch'
  /** How hard it is sprayed. Source: handbook 4.5, pressure and nozzle. */
  sprayed?: 'close' | 'primer-and-clear'
  /** Said of a paint it is another act, laid from this unless it says: "wash" with a colour. Source: docs/formats.md. */
  withPaint?: Family
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
const WIPES = ['swab', 'wet-swab', 'soak', 'hand'] as const
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
  wash: {
    stage: 2,
    ...PREP,
    name: 'Wash the part',
    cleansFace: true,
    liftsChips: true,
    withPaint: 'water-wash',
  },
  degrease: { stage: 2, ...PREP, name: 'Degrease', cleansFace: true },
  scribe: { stage: 2, ...PREP, name: 'Rescribe' },
  fill: { stage: 2, ...PREP, name: 'Fill', fills: true },
  drill: { stage: 2, ...PREP, name: 'Drill', pierces: true },
  sand: { stage: 2, ...PREP, name: 'Sand', cuts: 'face' },
  scuff: { stage: 2, ...PREP, name: 'Scuff', cuts: 'scuff' },
  prime: {
    stage: 3,
    ...COAT,
    name: 'Prime',
    role: 'primer',
    family: 'lacquer',
    takes: ['paint', 'metal'],
    sprayed: 'primer-and-clear',
  },
  base: { stage: 5, ...COAT, name: 'Base colour', hides: true },
  preshade: { stage: 4, ...PATCH, name: 'Pre-shade', shades: true, settles: 'recesses' },
  toplight: { stage: 5, ...PATCH, name: 'Top light', shades: true },
  mottle: { stage: 4, ...PATCH, name: 'Mottle', shades: true, sprayed: 'close' },
  glaze: {
    stage: 5,
    ...COAT,
    name: 'Glaze',
    role: 'clear-colour',
    takes: ['paint', 'wash', 'oil'],
  },
  'clear-colour': {
    stage: 12,
    ...COAT,
    name: 'Clear colour',
    role: 'clear-colour',
    takes: ['paint', 'wash', 'oil'],
    ringsFlooded: true,
  },
  metal: {
    stage: 5,
    ...COAT,
    name: 'Metal',
    brushedOnDetails: true,
    role: 'metal',
    takes: METALS,
    notWith: RUBBED_ON,
    hides: true,
  },
  'mirror-metal': {
    stage: 5,
    ...COAT,
    name: 'Mirror metal',
    role: 'metal',
    family: 'mirror-metal',
    takes: METALS,
    notWith: RUBBED_ON,
  },
  chrome: { stage: 5, ...COAT, name: 'Chrome', role: 'metal', family: 'chrome-ink', takes: METALS },
  detail: {
    stage: 12,
    ...PATCH,
    name: 'Paint details',
    family: 'water-acrylic',
    tool: 'brush',
    dryMarks: true,
    spot: true,
  },
  tape: {
    stage: 5,
    ...MASK,
    name: 'Tape off',
    family: 'tape',
    takes: ['tape', 'liquid-mask'],
    mask: 'sheet',
    liftsChips: true,
  },
  untape: { stage: 5, ...UNMASK, name: 'Take the tape off', mask: 'sheet', target: ['tape'] },
  latex: {
    stage: 6,
    ...MASK,
    name: 'Dab latex',
    family: 'latex',
    takes: ['liquid-mask'],
    inCoats: true,
    mask: 'film',
  },
  unlatex: { stage: 6, ...UNMASK, name: 'Pick the latex off', mask: 'film', target: ['latex'] },
  salt: {
    stage: 6,
    ...MASK,
    name: 'Place salt',
    family: 'salt',
    takes: ['grain'],
    mask: 'grain',
    liftsChips: true,
    marks: 'chip',
  },
  unsalt: { stage: 6, ...UNMASK, name: 'Brush the salt off', mask: 'grain', target: ['salt'] },
  release: {
    stage: 6,
    ...COAT,
    name: 'Release coat',
    role: 'release',
    family: 'release',
    takes: ['release'],
  },
  'chip-wet': {
    stage: 6,
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
    settles: 'edges',
  },
  clear: {
    stage: 10,
    ...COAT,
    name: 'Clear',
    role: 'clear',
    takes: ['paint'],
    sprayed: 'primer-and-clear',
  },
  decal: {
    stage: 8,
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
    stage: 8,
    ...CLEAN,
    name: 'Soften decals',
    role: 'decal',
    family: 'decal',
    tool: 'brush',
    weathering: false,
    effect: 'decals',
    target: ['decal'],
  },
  line: {
    stage: 9,
    ...WEATHER,
    name: 'Panel lining',
    effect: 'lining',
    runs: true,
    settles: 'recesses',
  },
  'line-clean': {
    stage: 9,
    ...RUB,
    name: 'Clean up the lining',
    effect: 'lining',
    target: ['line'],
  },
  filter: {
    stage: 11,
    ...WEATHER,
    name: 'Filter',
    role: 'filter',
    tool: 'flat-brush',
    effect: 'wash',
    wantsTooth: true,
    tints: true,
    feathered: true,
  },
  'wash-clean': {
    stage: 11,
    ...RUB,
    name: 'Clean up the wash',
    effect: 'wash',
    target: ['wash', 'filter', 'rust-wash'],
    feathered: true,
  },
  'wipe-back': {
    stage: 11,
    ...RUB,
    name: 'Wipe back',
    tool: 'swab',
    weathering: false,
    effect: null,
    target: null,
  },
  'chip-sponge': {
    stage: 11,
    ...CHIP,
    name: 'Sponge chips',
    tool: 'sponge',
    marks: 'chip',
    dryMarks: true,
    settles: 'edges',
  },
  'chip-brush': {
    stage: 11,
    ...CHIP,
    name: 'Brush chips',
    marks: 'chip',
    dryMarks: true,
    settles: 'edges',
  },
  drybrush: {
    stage: 11,
    ...CHIP,
    name: 'Drybrush',
    dryLoad: true,
    dryMarks: true,
    settles: 'edges',
  },
  scratch: { stage: 11, ...CHIP, name: 'Scratches', marks: 'scratch', dryMarks: true },
  pencil: {
    stage: 13,
    ...PATCH,
    name: 'Pencil',
    family: 'pencil',
    takes: DRY_MARKS,
    tool: 'hand',
    dryMarks: true,
    settles: 'edges',
  },
  graphite: {
    stage: 13,
    ...PATCH,
    name: 'Graphite',
    family: 'graphite',
    takes: DRY_MARKS,
    tool: 'hand',
    settles: 'edges',
  },
  'oil-dots': {
    stage: 11,
    ...WEATHER,
    name: 'Oil dots',
    role: 'oil',
    family: 'oil',
    effect: 'oils',
    wantsTooth: true,
    feathered: true,
  },
  blend: {
    stage: 11,
    ...RUB,
    name: 'Blend the oils',
    effect: 'oils',
    target: ['oil-dots', 'filter', 'streak', 'stain', 'dust', 'rust-wash', 'soot'],
    feathered: true,
  },
  streak: {
    stage: 11,
    ...WEATHER,
    name: 'Streaks',
    effect: 'streaks',
    wantsTooth: true,
    dragged: true,
    feathered: true,
  },
  stain: { stage: 11, ...WEATHER, name: 'Stains', effect: 'streaks', feathered: true },
  dust: { stage: 11, ...WEATHER, name: 'Dust', effect: 'streaks', feathered: true },
  'streak-drag': {
    stage: 11,
    ...RUB,
    name: 'Drag the streaks',
    effect: 'streaks',
    target: ['oil-dots', 'filter', 'streak', 'stain', 'dust', 'rust-wash', 'soot'],
    feathered: true,
  },
  'rust-wash': {
    stage: 11,
    ...WEATHER,
    name: 'Rust wash',
    family: 'water-acrylic',
    effect: 'rust',
    bindsPowder: true,
    ringsFlooded: true,
    feathered: true,
    settles: 'recesses',
  },
  iron: {
    stage: 11,
    ...PATCH,
    name: 'Reactive iron',
    family: 'reactive-iron',
    tool: 'brush',
    effect: 'iron',
    bindsPowder: true,
  },
  'iron-activate': {
    stage: 11,
    ...CLEAN,
    name: 'Activate the iron',
    family: 'reactive-iron',
    tool: 'brush',
    weathering: false,
    effect: 'iron',
    target: ['iron'],
    activates: true,
  },
  chalk: { stage: 11, ...PATCH, name: 'Chalking', tool: 'brush', effect: 'chalk' },
  soot: {
    stage: 11,
    ...PATCH,
    name: 'Soot',
    family: 'lacquer',
    effect: 'soot',
    sprayed: 'close',
    feathered: true,
  },
  speckle: { stage: 11, ...PATCH, name: 'Speckle', effect: 'speckle', sprayed: 'close' },
  powder: {
    stage: 11,
    ...WEATHER,
    name: 'Powders',
    role: 'pigment',
    family: 'pigment',
    tool: 'hand',
    effect: 'powders',
    solvent: null,
    wantsTooth: true,
    loose: true,
    settles: 'recesses',
  },
  'powder-fix': {
    stage: 11,
    ...CLEAN,
    name: 'Fix the powders',
    role: 'pigment',
    family: 'pigment',
    tool: 'brush',
    effect: 'powders',
    target: ['powder'],
    fixes: true,
  },
  mud: {
    stage: 11,
    ...WEATHER,
    name: 'Mud',
    role: 'texture',
    family: 'texture',
    effect: 'mud',
    bindsPowder: true,
  },
  splatter: {
    stage: 11,
    ...WEATHER,
    name: 'Splatter',
    role: 'texture',
    family: 'texture',
    effect: 'mud',
    bindsPowder: true,
  },
  'cut-polish': { stage: 13, ...LEVEL, name: 'Cut flat', cuts: 'clear' },
  compound: { stage: 13, ...LEVEL, name: 'Polish with compound', polishes: true },
  'glue-clear': { stage: 13, ...HANDLE, name: 'Fit the glass', fitsGlass: true },
  assemble: { stage: 13, ...HANDLE, name: 'Assemble', joins: true, grips: true, liftsChips: true },
  handle: { stage: 13, ...HANDLE, name: 'Handle', grips: true, liftsChips: true },
} as const satisfies Record<Act, ActRow>

/** `wash` with a family is an all-over wash instead of cleaning the part. Source: docs/formats.md. */
export const PAINT_WASH: ActRow = {
  stage: 11,
  ...WEATHER,
  name: 'Wash over all',
  family: 'water-wash',
  tool: 'flat-brush',
  effect: 'wash',
  pools: true,
  tints: true,
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
