import type { Act, Family, Role, Tool } from '../model/vocabulary'

/**
 * What kind of act it is for the walk over a sequence:
 * `prep` prepares the face · `film` lays a film · `mask` lays a mask, `unmask` takes one off · `clean` moves or takes away
 * the film it works on · `open` breaks a release coat · `level` cuts or polishes · `handle` touches the part.
 */
export type ActKind = 'prep' | 'film' | 'mask' | 'unmask' | 'clean' | 'open' | 'level' | 'handle'

export type ActRow = {
  /** The act in a sentence: "Prime", "Clean up the lining". */
  name: string
  kind: ActKind
  role: Role | null
  /** Family when the step doesn't say: `must` has to be said, null has none. */
  family: Family | 'must' | null
  tool: Tool
  /** What a film covers unless `over` says otherwise. */
  leaves: 'whole' | 'patchy'
  /** Weathering: laid over sealed colour, seal-first and lock-first speak of it. Source: handbook 2.6. */
  weathering: boolean
  /** Acts of one effect mix with one another in one sitting, and a clean-up works on its own effect. */
  effect: string | null
  /** Acts whose film this one works on; null: the newest film of any kind. */
  target?: readonly Act[] | null
  /** It rubs the face: counted against what the film there bears. Source: handbook 2.6, wear-through. */
  rubs?: boolean
}

const PREP = {
  kind: 'prep',
  role: null,
  family: null,
  tool: 'hand',
  leaves: 'patchy',
  weathering: false,
  effect: null,
} as const
const COAT = {
  kind: 'film',
  role: 'colour',
  family: 'must',
  tool: 'airbrush',
  leaves: 'whole',
  weathering: false,
  effect: null,
} as const
const PATCH = { ...COAT, leaves: 'patchy' } as const
const WEATHER = {
  kind: 'film',
  role: 'wash',
  family: 'enamel-wash',
  tool: 'brush',
  leaves: 'patchy',
  weathering: true,
} as const
const CHIP = { ...PATCH, family: 'water-acrylic', tool: 'brush', effect: 'chips' } as const
const CLEAN = {
  kind: 'clean',
  role: null,
  family: null,
  tool: 'damp-brush',
  leaves: 'patchy',
  weathering: true,
} as const
const RUB = { ...CLEAN, rubs: true } as const
const MASK = {
  kind: 'mask',
  role: 'mask',
  tool: 'hand',
  leaves: 'patchy',
  weathering: false,
  effect: null,
} as const
const UNMASK = {
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
  wash: { ...PREP, name: 'Wash' },
  degrease: { ...PREP, name: 'Degrease' },
  scribe: { ...PREP, name: 'Rescribe' },
  fill: { ...PREP, name: 'Fill' },
  drill: { ...PREP, name: 'Drill' },
  sand: { ...PREP, name: 'Sand' },
  scuff: { ...PREP, name: 'Scuff' },
  prime: { ...COAT, name: 'Prime', role: 'primer', family: 'lacquer' },
  base: { ...COAT, name: 'Base colour' },
  preshade: { ...PATCH, name: 'Pre-shade' },
  toplight: { ...PATCH, name: 'Top light' },
  mottle: { ...PATCH, name: 'Mottle' },
  glaze: { ...COAT, name: 'Glaze', role: 'clear-colour' },
  'clear-colour': { ...COAT, name: 'Clear colour', role: 'clear-colour' },
  metal: { ...COAT, name: 'Metal', role: 'metal' },
  'mirror-metal': { ...COAT, name: 'Mirror metal', role: 'metal', family: 'mirror-metal' },
  chrome: { ...COAT, name: 'Chrome', role: 'metal', family: 'chrome-ink' },
  detail: { ...PATCH, name: 'Paint details', family: 'water-acrylic', tool: 'brush' },
  tape: { ...MASK, name: 'Tape off', family: 'tape' },
  untape: { ...UNMASK, name: 'Take the tape off', target: ['tape'] },
  latex: { ...MASK, name: 'Dab latex', family: 'latex' },
  unlatex: { ...UNMASK, name: 'Pick the latex off', target: ['latex'] },
  salt: { ...MASK, name: 'Place salt', family: 'salt' },
  unsalt: { ...UNMASK, name: 'Brush the salt off', target: ['salt'] },
  release: { ...COAT, name: 'Release coat', role: 'release', family: 'release' },
  'chip-wet': {
    ...CLEAN,
    name: 'Chip with water',
    kind: 'open',
    role: 'release',
    tool: 'stiff-brush',
    weathering: false,
    effect: 'chips',
  },
  clear: { ...COAT, name: 'Clear', role: 'clear' },
  decal: {
    ...PATCH,
    name: 'Decals',
    role: 'decal',
    family: 'decal',
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
  line: { ...WEATHER, name: 'Panel lining', effect: 'lining' },
  'line-clean': { ...RUB, name: 'Clean up the lining', effect: 'lining', target: ['line'] },
  filter: { ...WEATHER, name: 'Filter', role: 'filter', tool: 'flat-brush', effect: 'wash' },
  'wash-clean': { ...RUB, name: 'Clean up the wash', effect: 'wash', target: ['wash', 'filter'] },
  'wipe-back': {
    ...RUB,
    name: 'Wipe back',
    tool: 'swab',
    weathering: false,
    effect: null,
    target: null,
  },
  'chip-sponge': { ...CHIP, name: 'Sponge chips', tool: 'sponge' },
  'chip-brush': { ...CHIP, name: 'Brush chips' },
  drybrush: { ...CHIP, name: 'Drybrush' },
  scratch: { ...CHIP, name: 'Scratches' },
  pencil: { ...PATCH, name: 'Pencil', family: 'pencil', tool: 'hand' },
  graphite: { ...PATCH, name: 'Graphite', family: 'graphite', tool: 'hand' },
  'oil-dots': { ...WEATHER, name: 'Oil dots', role: 'oil', family: 'oil', effect: 'oils' },
  blend: { ...RUB, name: 'Blend the oils', effect: 'oils', target: ['oil-dots'] },
  streak: { ...WEATHER, name: 'Streaks', effect: 'streaks' },
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
  },
  chalk: { ...PATCH, name: 'Chalking', tool: 'brush', effect: 'chalk' },
  soot: { ...PATCH, name: 'Soot', family: 'lacquer', effect: 'soot' },
  speckle: { ...PATCH, name: 'Speckle', effect: 'speckle' },
  powder: {
    ...WEATHER,
    name: 'Powders',
    role: 'pigment',
    family: 'pigment',
    tool: 'hand',
    effect: 'powders',
  },
  'powder-fix': {
    ...CLEAN,
    name: 'Fix the powders',
    role: 'pigment',
    family: 'pigment',
    tool: 'brush',
    effect: 'powders',
    target: ['powder'],
  },
  mud: { ...WEATHER, name: 'Mud', role: 'texture', family: 'texture', effect: 'mud' },
  splatter: { ...WEATHER, name: 'Splatter', role: 'texture', family: 'texture', effect: 'mud' },
  'cut-polish': { ...LEVEL, name: 'Cut flat' },
  compound: { ...LEVEL, name: 'Polish with compound' },
  'glue-clear': { ...HANDLE, name: 'Fit the glass' },
  assemble: { ...HANDLE, name: 'Assemble' },
  handle: { ...HANDLE, name: 'Handle' },
} as const satisfies Record<Act, ActRow>

/** `wash` with a family is an all-over wash instead of cleaning the part. Source: docs/formats.md. */
export const PAINT_WASH: ActRow = {
  ...WEATHER,
  name: 'Overall wash',
  family: 'water-wash',
  tool: 'flat-brush',
  effect: 'wash',
}

/** The row of an act; a `wash` that names a family is paint. */
export function actRow(act: Act, family: Family | undefined): ActRow {
  return act === 'wash' && family !== undefined ? PAINT_WASH : ACT_TABLE[act]
}
