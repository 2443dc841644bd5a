import type { Coat, Family, Milestone } from '../model/vocabulary'

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
}

const MIN = 1
const H = 60
const D = 1440
/** The handbook's dash. */
const _ = null

type Window = Pick<ClockRow, 'latest' | 'workFrom' | 'workTo'>

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
  const none = { latest: null, workFrom: null, workTo: null }
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
  'urethane-2k': row(15 * MIN, 4 * H, 6 * H, 24 * H, 24 * H, 7 * D, { latest: 24 * H }),
  'water-wash': row(5 * MIN, 15 * MIN, 30 * MIN, _, _, 24 * H, { workFrom: 0, workTo: 5 * MIN }),
  watercolour: row(_, 10 * MIN, _, _, _, _, { workFrom: 0, workTo: FOR_EVER }),
  release: row(10 * MIN, 15 * MIN, 20 * MIN, _, _, _, { latest: 12 * H }),
  'mirror-metal': row(5 * MIN, 15 * MIN, 24 * H, _, 48 * H, 48 * H),
  'chrome-ink': row(10 * MIN, 30 * MIN, 48 * H, _, 72 * H, 72 * H),
  'reactive-iron': row(20 * MIN, 1 * H, 2 * H, _, _, _),
  decal: row(_, 30 * MIN, 12 * H, _, 24 * H, 24 * H),
  'pigment-loose': DRY_MARK,
  'pigment-fixed': row(_, 1 * H, 12 * H, _, _, 24 * H),
  'texture-thin': row(_, 2 * H, 12 * H, _, _, 72 * H, { workFrom: 0, workTo: 15 * MIN }),
  'texture-thick': row(_, 8 * H, 24 * H, _, _, 72 * H, { workFrom: 0, workTo: 15 * MIN }),
  latex: row(_, 15 * MIN, 20 * MIN, _, _, _),
  salt: row(_, 30 * MIN, 1 * H, _, _, _),
  'dry-mark': DRY_MARK,
} as const satisfies Record<string, ClockRow>
export type ClockKey = keyof typeof DRYING

/** Which row a family reads when nothing more is known. Source: handbook 3.1. */
export const FAMILY_CLOCK = {
  lacquer: 'lacquer-colour',
  'alcohol-acrylic': 'alcohol-acrylic',
  'water-acrylic': 'water-acrylic-airbrushed',
  'acrylic-pu': 'acrylic-pu',
  enamel: 'enamel',
  'enamel-wash': 'enamel-wash',
  oil: 'oil-thin',
  'urethane-2k': 'urethane-2k',
  'water-wash': 'water-wash',
  watercolour: 'watercolour',
  release: 'release',
  pigment: 'pigment-fixed',
  'mirror-metal': 'mirror-metal',
  'chrome-ink': 'chrome-ink',
  'metal-enamel': 'metal-enamel',
  'reactive-iron': 'reactive-iron',
  decal: 'decal',
  texture: 'texture-thin',
  graphite: 'dry-mark',
  pencil: 'dry-mark',
  latex: 'latex',
  tape: 'dry-mark',
  salt: 'salt',
  'putty-mask': 'latex',
} as const satisfies Record<Family, ClockKey>

/** f_W of one coat for flash and touch. Source: handbook 3.2. */
export const WETNESS = { mist: 0.5, light: 1, wet: 1.7, flood: 3 } as const satisfies Record<
  Coat,
  number
>

/** f_W for recoat and later: drying through depth is diffusion. Source: handbook 3.2. */
export const DEPTH_WETNESS = { ...WETNESS, flood: 9 } as const satisfies Record<Coat, number>

/** Streaks are dragged sooner than washes are cleaned. Minutes. Source: handbook 3.4. */
export const DRAG_FROM = 3
export const DRAG_TO = { enamel: 60, oil: 8 * 60 } as const

/** Windows with an end that belong to pairs of acts, minutes. Source: handbook 3.4 and 2.6. */
export const RELEASE_TO_TOP = { latest: 12 * H } as const
export const CHIP_WINDOW = { latest: 24 * H, lacquerHardFrom: 3 * H } as const
