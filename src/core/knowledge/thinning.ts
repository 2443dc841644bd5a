import type { Family, Role } from '../model/vocabulary'

/** Thinner as share of the mix, from … to. */
export type ShareRange = readonly [from: number, to: number]

/** How far a family is thinned, share of thinner from … to, by what it is laid on with. Source: handbook 4.1. */
export type ThinningRow = {
  brush: ShareRange | null
  /** Airbrush, primer and colour. */
  airbrush: ShareRange | null
  /** Airbrush, fine detail. */
  detail: ShareRange | null
  clear: ShareRange | null
  /** What else goes into the mix, by way of application. */
  with: string | null
  thinnedWith: string
}

const NONE: ThinningRow = {
  brush: null,
  airbrush: null,
  detail: null,
  clear: null,
  with: null,
  thinnedWith: 'as it comes',
}

/** Starting points; a product's sheet overrides. null: not done that way. Source: handbook 4.5. */
export const THINNING = {
  lacquer: {
    brush: [0.2, 0.3],
    airbrush: [0.5, 0.6],
    detail: [0.65, 0.75],
    clear: [0.5, 0.6],
    with: 'retarder for the brush; last wet clear 60–70 % with levelling thinner',
    thinnedWith: 'levelling thinner for gloss, general lacquer thinner for primer and metal',
  },
  'alcohol-acrylic': {
    brush: [0.1, 0.25],
    airbrush: [0.4, 0.55],
    detail: [0.6, 0.7],
    clear: [0.5, 0.6],
    with: 'retarder for the brush',
    thinnedWith: 'alcohol thinner, or levelling lacquer thinner for a finer finish',
  },
  'water-acrylic': {
    brush: [0.05, 0.25],
    airbrush: [0.2, 0.45],
    detail: [0.5, 0.65],
    clear: [0.2, 0.4],
    with: 'flow aid for the airbrush',
    thinnedWith: 'water-borne thinner',
  },
  'acrylic-pu': {
    brush: [0, 0.1],
    airbrush: [0, 0.2],
    detail: null,
    clear: [0, 0.15],
    with: 'flow aid for the airbrush',
    thinnedWith: 'its own thinner, or water',
  },
  enamel: {
    brush: [0.05, 0.2],
    airbrush: [0.3, 0.5],
    detail: [0.55, 0.65],
    clear: [0.35, 0.5],
    with: null,
    thinnedWith: 'spirit',
  },
  'metal-enamel': {
    brush: [0, 0.1],
    airbrush: [0, 0.1],
    detail: null,
    clear: null,
    with: null,
    thinnedWith: 'its own thinner',
  },
  'urethane-2k': {
    brush: null,
    airbrush: [0, 0.3],
    detail: null,
    clear: [0, 0.3],
    with: 'hardener by its sheet first',
    thinnedWith: 'urethane reducer',
  },
  'enamel-wash': { ...NONE, brush: [0.85, 0.95], thinnedWith: 'mild spirit' },
  oil: { ...NONE, brush: [0.85, 0.95], thinnedWith: 'mild spirit' },
  'water-wash': { ...NONE, brush: [0.95, 0.99], with: 'medium', thinnedWith: 'water' },
  watercolour: { ...NONE, brush: [0.85, 0.95], with: 'flow aid', thinnedWith: 'water' },
  release: NONE,
  pigment: NONE,
  'mirror-metal': NONE,
  'chrome-ink': NONE,
  'reactive-iron': NONE,
  decal: NONE,
  texture: NONE,
  graphite: NONE,
  pencil: NONE,
  latex: NONE,
  tape: NONE,
  salt: NONE,
  'putty-mask': NONE,
} as const satisfies Record<Family, ThinningRow>

/** Paint of a spray can, decanted and gassed off, is thin already. Source: handbook 4.5. */
export const DECANTED_THINNING: Partial<Record<Family, ThinningRow>> = {
  lacquer: {
    brush: null,
    airbrush: [0.1, 0.25],
    detail: [0.3, 0.4],
    clear: [0.15, 0.25],
    with: null,
    thinnedWith: 'levelling lacquer thinner',
  },
}

/** Paint in what is bottled at working strength: `usual` roles are unless their label says otherwise. Source: handbook 4.5, working strength. */
export const WORKING_SHARE: {
  usual: readonly Role[]
  of: Partial<Record<Role, number>>
  others: number
} = {
  usual: ['wash', 'filter'],
  of: { wash: 0.1, filter: 0.03, oil: 0.1 },
  others: 0.5,
}

/** Of a thin wash over all so much of its liquid stays on raised faces: the rest runs into the recesses. Source: handbook 5.2. */
export const LEFT_ON_FACE = 1 / 6

/** Thinning by so many points of share over the guide is overthinned. Source: handbook 2.6, thin-paint-coats. */
export const OVERTHINNED = 0.2

/** Pressure by nozzle and use, bar. Source: handbook 4.5, pressure and nozzle. */
export const PRESSURE_BAR = {
  fine: [0.8, 1.4],
  broad: [1.2, 2.0],
  primerAndClear: [1.2, 1.6],
  mottleAndSoot: [0.5, 0.9],
} as const satisfies Record<string, readonly [number, number]>

/** 1 bar in psi. Source: handbook 4.5. */
export const PSI_PER_BAR = 14.504

/** The bench that the guide is meant for, °C. Source: handbook 4.5. */
export const GUIDE_CELSIUS = 20
/** Above this retarder takes the place of more thinner, °C. Source: handbook 4.5. */
export const HOT_CELSIUS = 26
/** A point of thinner share more for so many degrees of cold. Source: handbook 4.5. */
export const DEGREES_A_POINT = 3
/** Retarder in the heat, percent. Source: handbook 4.5. */
export const HOT_RETARDER = [2, 5] as const
/** Viscosity grows so much for every degree below the reference, share. Source: handbook 4.5. */
export const THICKER_A_DEGREE = { solventBorne: 0.025, waterBorne: 0.02 } as const

/** From this nozzle on it is a broad one, mm. Source: handbook 4.5. */
export const BROAD_NOZZLE = 0.4
/** Metals and pigment-rich primers want at least this nozzle, mm. Source: handbook 4.5. */
export const COARSE_NOZZLE = 0.3
/** The largest particle stays under this share of the nozzle. Source: handbook 4.5. */
export const PARTICLE_SHARE = 0.2
