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

const H = 60
const D = 1440
const NO_WINDOW = { latest: null, workFrom: null, workTo: null } as const
const AT_ONCE = {
  flash: 0,
  touch: 0,
  recoat: 0,
  sand: 0,
  tape: 0,
  cured: 0,
  ...NO_WINDOW,
} as const

/** Every row of the table of milestones, under the name findings and screens use. Source: handbook 3.1. */
export const DRYING = {
  'lacquer-primer': {
    flash: 10,
    touch: 20,
    recoat: H,
    sand: 3 * H,
    tape: 6 * H,
    cured: 24 * H,
    ...NO_WINDOW,
  },
  'lacquer-colour': {
    flash: 10,
    touch: 15,
    recoat: H,
    sand: 6 * H,
    tape: 12 * H,
    cured: 48 * H,
    ...NO_WINDOW,
  },
  'lacquer-clear': {
    flash: 15,
    touch: 30,
    recoat: 2 * H,
    sand: 24 * H,
    tape: 24 * H,
    cured: 72 * H,
    ...NO_WINDOW,
  },
  'alcohol-acrylic': {
    flash: 10,
    touch: 20,
    recoat: H,
    sand: 24 * H,
    tape: 12 * H,
    cured: 48 * H,
    ...NO_WINDOW,
  },
  'water-acrylic-airbrushed': {
    flash: 10,
    touch: 20,
    recoat: H,
    sand: 24 * H,
    tape: 24 * H,
    cured: 72 * H,
    ...NO_WINDOW,
  },
  'water-acrylic-brushed': {
    flash: 20,
    touch: 30,
    recoat: 90,
    sand: 24 * H,
    tape: 24 * H,
    cured: 72 * H,
    ...NO_WINDOW,
  },
  'acrylic-pu': {
    flash: 15,
    touch: 30,
    recoat: 2 * H,
    sand: 24 * H,
    tape: 24 * H,
    cured: 72 * H,
    ...NO_WINDOW,
  },
  enamel: {
    flash: 45,
    touch: 6 * H,
    recoat: 24 * H,
    sand: 48 * H,
    tape: 48 * H,
    cured: 7 * D,
    latest: null,
    workFrom: 0,
    workTo: 12 * H,
  },
  'metal-enamel': {
    flash: 15,
    touch: H,
    recoat: 12 * H,
    sand: null,
    tape: 24 * H,
    cured: 72 * H,
    ...NO_WINDOW,
  },
  'enamel-wash': {
    flash: null,
    touch: 40,
    recoat: 24 * H,
    sand: null,
    tape: null,
    cured: 5 * D,
    latest: null,
    workFrom: 30,
    workTo: 24 * H,
  },
  'oil-thin': {
    flash: null,
    touch: 24 * H,
    recoat: 72 * H,
    sand: null,
    tape: null,
    cured: 14 * D,
    latest: null,
    workFrom: 0,
    workTo: 8 * H,
  },
  'oil-wash': {
    flash: null,
    touch: 6 * H,
    recoat: 48 * H,
    sand: null,
    tape: null,
    cured: 7 * D,
    latest: null,
    workFrom: 30,
    workTo: 24 * H,
  },
  'oil-fast': {
    flash: null,
    touch: 8 * H,
    recoat: 24 * H,
    sand: null,
    tape: null,
    cured: 7 * D,
    latest: null,
    workFrom: 0,
    workTo: 3 * H,
  },
  'urethane-2k': {
    flash: 15,
    touch: 4 * H,
    recoat: 6 * H,
    sand: 24 * H,
    tape: 24 * H,
    cured: 7 * D,
    latest: 24 * H,
    workFrom: null,
    workTo: null,
  },
  'water-wash': {
    flash: 5,
    touch: 15,
    recoat: 30,
    sand: null,
    tape: null,
    cured: 24 * H,
    latest: null,
    workFrom: 0,
    workTo: 5,
  },
  watercolour: {
    flash: null,
    touch: 10,
    recoat: null,
    sand: null,
    tape: null,
    cured: null,
    latest: null,
    workFrom: 0,
    workTo: Number.POSITIVE_INFINITY,
  },
  release: {
    flash: 10,
    touch: 15,
    recoat: 20,
    sand: null,
    tape: null,
    cured: null,
    latest: 12 * H,
    workFrom: null,
    workTo: null,
  },
  'mirror-metal': {
    flash: 5,
    touch: 15,
    recoat: 24 * H,
    sand: null,
    tape: 48 * H,
    cured: 48 * H,
    ...NO_WINDOW,
  },
  'chrome-ink': {
    flash: 10,
    touch: 30,
    recoat: 48 * H,
    sand: null,
    tape: 72 * H,
    cured: 72 * H,
    ...NO_WINDOW,
  },
  'reactive-iron': {
    flash: 20,
    touch: H,
    recoat: 2 * H,
    sand: null,
    tape: null,
    cured: null,
    ...NO_WINDOW,
  },
  decal: {
    flash: null,
    touch: 30,
    recoat: 12 * H,
    sand: null,
    tape: 24 * H,
    cured: 24 * H,
    ...NO_WINDOW,
  },
  'pigment-loose': AT_ONCE,
  'pigment-fixed': {
    flash: null,
    touch: H,
    recoat: 12 * H,
    sand: null,
    tape: null,
    cured: 24 * H,
    ...NO_WINDOW,
  },
  'texture-thin': {
    flash: null,
    touch: 2 * H,
    recoat: 12 * H,
    sand: null,
    tape: null,
    cured: 72 * H,
    latest: null,
    workFrom: 0,
    workTo: 15,
  },
  'texture-thick': {
    flash: null,
    touch: 8 * H,
    recoat: 24 * H,
    sand: null,
    tape: null,
    cured: 72 * H,
    latest: null,
    workFrom: 0,
    workTo: 15,
  },
  latex: {
    flash: null,
    touch: 15,
    recoat: 20,
    sand: null,
    tape: null,
    cured: null,
    ...NO_WINDOW,
  },
  salt: {
    flash: null,
    touch: 30,
    recoat: H,
    sand: null,
    tape: null,
    cured: null,
    ...NO_WINDOW,
  },
  'dry-mark': AT_ONCE,
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
/** A liquid or latex mask comes off by then, counted from the paint's last coat, minutes. */
export const LATEX_OFF_LATEST = 24 * H
