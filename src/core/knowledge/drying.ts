import type { Coat, Family, Milestone, Role } from '../model/vocabulary'

/**
 * Reference minutes to each milestone at 20 °C and 50 % humidity, one light coat, air moving indoors.
 * null: the handbook's dash, which falls back to `cured`, else to `recoat` (see drying/clock.ts).
 */
export type ClockRow = Record<Milestone, number | null> & {
  /** Latest minute at which another paint may go on without a scuff; null: never closes. */
  latest: number | null
  /** Minutes after which a wash may be cleaned, a streak dragged, oils blended; null: no such window. */
  workFrom: number | null
  /** Minutes until which it may; Infinity: for ever. */
  workTo: number | null
  /** Polished from here on where that is sooner than cured; null: once it is cured. */
  polish: number | null
  /** Its windows are clock time: no air stretches them. Source: handbook 3.2. */
  flat: boolean
}

const MIN = 1
const H = 60
const D = 1440
/** The handbook's dash. */
const _ = null

type Window = Pick<ClockRow, 'latest' | 'workFrom' | 'workTo' | 'polish' | 'flat'>

/** Milestones in the handbook's order, so that a row reads like the handbook's; windows where the row has them. */
function row(
  flash: number | null,
  touch: number,
  recoat: number | null,
  sand: number | null,
  tape: number | null,
  cured: number | null,
  window: Partial<Window> = {},
): ClockRow {
  const none = { latest: null, workFrom: null, workTo: null, polish: null, flat: false }
  return { flash, touch, recoat, sand, tape, cured, ...none, ...window }
}

const FOR_EVER = Number.POSITIVE_INFINITY
const DRY_MARK = row(0, 0, 0, 0, 0, 0)

/** Every row of the table of milestones, under the name findings and screens use. Source: handbook 3.1. */
export const DRYING = {
  'lacquer-primer': row(10 * MIN, 20 * MIN, 1 * H, 3 * H, 6 * H, 24 * H),
  'lacquer-colour': row(10 * MIN, 15 * MIN, 1 * H, 6 * H, 12 * H, 48 * H),
  'lacquer-clear': row(15 * MIN, 30 * MIN, 2 * H, 24 * H, 24 * H, 72 * H),
  'alcohol-acrylic': row(10 * MIN, 20 * MIN, 1 * H, 24 * H, 12 * H, 48 * H),
  'water-acrylic-airbrushed': row(10 * MIN, 20 * MIN, 1 * H, 24 * H, 24 * H, 72 * H),
  'water-acrylic-brushed': row(20 * MIN, 30 * MIN, 90 * MIN, 24 * H, 24 * H, 72 * H),
  'acrylic-pu': row(15 * MIN, 30 * MIN, 2 * H, 24 * H, 24 * H, 72 * H),
  enamel: row(45 * MIN, 6 * H, 24 * H, 48 * H, 48 * H, 7 * D, { workFrom: 0, workTo: 12 * H }),
  'metal-enamel': row(15 * MIN, 1 * H, 12 * H, _, 24 * H, 72 * H),
  'enamel-wash': row(_, 40 * MIN, 24 * H, _, _, 5 * D, { workFrom: 30 * MIN, workTo: 24 * H }),
  'oil-thin': row(_, 24 * H, 72 * H, _, _, 14 * D, { workFrom: 0, workTo: 8 * H }),
  'oil-wash': row(_, 6 * H, 48 * H, _, _, 7 * D, { workFrom: 30 * MIN, workTo: 24 * H }),
  'oil-fast': row(_, 8 * H, 24 * H, _, _, 7 * D, { workFrom: 0, workTo: 3 * H }),
  'urethane-2k': row(15 * MIN, 4 * H, 6 * H, 24 * H, 24 * H, 7 * D, {
    latest: 24 * H,
    polish: 48 * H,
  }),
  'water-wash': row(5 * MIN, 15 * MIN, 30 * MIN, _, _, 24 * H, { workFrom: 0, workTo: 5 * MIN }),
  watercolour: row(_, 10 * MIN, _, _, _, _, { workFrom: 0, workTo: FOR_EVER }),
  release: row(10 * MIN, 15 * MIN, 20 * MIN, _, _, _, { latest: 12 * H, flat: true }),
  'mirror-metal': row(5 * MIN, 15 * MIN, 24 * H, _, 48 * H, 48 * H),
  'chrome-ink': row(10 * MIN, 30 * MIN, 48 * H, _, 72 * H, 72 * H),
  'reactive-iron': row(20 * MIN, 1 * H, 2 * H, _, _, _),
  decal: row(_, 30 * MIN, 12 * H, _, 24 * H, 24 * H),
  'pigment-loose': DRY_MARK,
  'pigment-fixed': row(_, 1 * H, 12 * H, _, _, 24 * H),
  'texture-thin': row(_, 2 * H, 12 * H, _, _, 72 * H, { workFrom: 0, workTo: 15 * MIN }),
  'texture-thick': row(_, 8 * H, 24 * H, _, _, 72 * H, { workFrom: 0, workTo: 15 * MIN }),
  latex: row(_, 15 * MIN, 20 * MIN, _, _, _, { workFrom: 15 * MIN, workTo: 24 * H, flat: true }),
  salt: row(_, 30 * MIN, 1 * H, _, _, _),
  'dry-mark': DRY_MARK,
} as const satisfies Record<string, ClockRow>

/** A clock of the drying table: a family, or a family in one of its roles. Source: handbook 3.1. */
export type ClockKey = keyof typeof DRYING

/** How a film was laid, as far as its clock asks. */
export type Laid = {
  role: Role
  /** In coats from a nozzle, not by brush. */
  sprayed: boolean
  /** As oil paint, hardly thinned. */
  neat: boolean
  /** Thinned with spirit. */
  spirit: boolean
  flooded: boolean
  /** Strewn on, not fixed. */
  loose: boolean
}

/** A row of milestones, and when a film reads it; left out: always. */
type ClockCase = { clock: ClockKey; when?: Partial<Laid> }

/** Which row a film of a family reads: the first whose case it is. Source: handbook 3.1. */
const FAMILY_CLOCKS = {
  lacquer: [
    { when: { role: 'primer' }, clock: 'lacquer-primer' },
    { when: { role: 'clear' }, clock: 'lacquer-clear' },
    { clock: 'lacquer-colour' },
  ],
  'alcohol-acrylic': [{ clock: 'alcohol-acrylic' }],
  'water-acrylic': [
    { when: { sprayed: true }, clock: 'water-acrylic-airbrushed' },
    { clock: 'water-acrylic-brushed' },
  ],
  'acrylic-pu': [{ clock: 'acrylic-pu' }],
  enamel: [{ clock: 'enamel' }],
  'enamel-wash': [{ clock: 'enamel-wash' }],
  oil: [{ when: { neat: true }, clock: 'oil-thin' }, { clock: 'oil-wash' }],
  'urethane-2k': [{ clock: 'urethane-2k' }],
  'water-wash': [{ clock: 'water-wash' }],
  watercolour: [{ clock: 'watercolour' }],
  release: [{ clock: 'release' }],
  pigment: [{ when: { loose: true }, clock: 'pigment-loose' }, { clock: 'pigment-fixed' }],
  'mirror-metal': [{ clock: 'mirror-metal' }],
  'chrome-ink': [{ clock: 'chrome-ink' }],
  'metal-enamel': [{ clock: 'metal-enamel' }],
  'reactive-iron': [{ clock: 'reactive-iron' }],
  decal: [{ clock: 'decal' }],
  texture: [
    { when: { spirit: true }, clock: 'texture-thin' },
    { when: { flooded: true }, clock: 'texture-thick' },
    { clock: 'texture-thin' },
  ],
  graphite: [{ clock: 'dry-mark' }],
  pencil: [{ clock: 'dry-mark' }],
  latex: [{ clock: 'latex' }],
  tape: [{ clock: 'dry-mark' }],
  salt: [{ clock: 'salt' }],
  'putty-mask': [{ clock: 'latex' }],
} as const satisfies Record<Family, readonly ClockCase[]>

/** The row of milestones that a film reads. Source: handbook 3.1. */
export function clockOfFamily(family: Family, laid: Laid): ClockKey {
  const cases: readonly ClockCase[] = FAMILY_CLOCKS[family]
  const found = cases.find(({ when = {} }) =>
    Object.entries(when).every(([fact, value]) => laid[fact as keyof Laid] === value),
  )
  return (found ?? (cases.at(-1) as ClockCase)).clock
}

/** Liquid latex may be painted over from, and comes off until, so many minutes after it was dabbed on. Source: handbook 3.1, 3.4. */
export const LATEX = {
  dry: DRYING.latex.workFrom ?? 0,
  off: DRYING.latex.workTo ?? Number.POSITIVE_INFINITY,
} as const

/** Warm air over what was just laid is counted by so many seconds. Source: handbook 3.3, warm air. */
export const HEAT_CYCLE = 20

/** Warm air that a way of working puts on everything water-borne, s. Source: handbook 3.3, warm air. */
export const USUAL_WARM_AIR: Partial<Record<string, number>> = {
  'water-and-warm-air': 2 * HEAT_CYCLE,
}

/** f_W of one coat: for flash and touch, and for recoat and later, where drying through depth is diffusion. */
export type Wetness = {
  surface: Record<Coat, number>
  depth: Record<Coat, number>
  layers: boolean
}

const FILM = { mist: 0.5, light: 1, wet: 1.7, flood: 3 } as const

/**
 * How coats count, by how the film lies: over a face; pooled in recesses, where a groove filled to the brim takes twice as long;
 * as a thick paste, whose row knows its depth; misted on, as inks and mirror metals are meant to be. `layers`: more coats take
 * longer. Source: handbook 3.1, 3.2, f_W.
 */
export const WETNESS = {
  face: { surface: FILM, depth: { ...FILM, flood: 9 }, layers: true },
  recess: { surface: { ...FILM, flood: 2 }, depth: { ...FILM, flood: 2 }, layers: true },
  paste: { surface: { ...FILM, flood: 1 }, depth: { ...FILM, flood: 1 }, layers: true },
  misted: { surface: { ...FILM, mist: 1 }, depth: { ...FILM, mist: 1 }, layers: false },
} as const satisfies Record<string, Wetness>

/** How a film lies, as far as its coats' weights count. */
export type Lies = keyof typeof WETNESS

/**
 * When chipping through a release coat works, minutes after the colour over it: at the latest; from when it takes warm water and a
 * stiffer brush; from when lacquer wants a scratch to start. Source: handbook 3.4 and 2.6.
 */
export const CHIP_WINDOW = { latest: 24 * H, warmFrom: 12 * H, hardFrom: 3 * H } as const
