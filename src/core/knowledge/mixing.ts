import { WET_MICRONS } from './limits'

/** Coat weights a mix is measured for; `clear-wet` is the wet coat of a clear. */
export const MIX_COATS = ['mist', 'light', 'wet', 'clear-wet', 'flood', 'brush'] as const

/** What a coat is for, as far as the thickness of its wet film asks. */
export type MixCoat = (typeof MIX_COATS)[number]

/** Wet film of the thinned mix, micrometres. Source: handbook 4.4. */
export const WET_FILM_UM = {
  ...WET_MICRONS,
  'clear-wet': 40,
  brush: 60,
} as const satisfies Record<MixCoat, number>

/** Tools that a mix is measured for, by nozzle where it matters. */
export const MIX_TOOLS = [
  'airbrush',
  'airbrush-fine',
  'airbrush-broad',
  'spray-can',
  'brush',
  'flat-brush',
] as const

/** What a mix is laid on with, as far as its loss asks. */
export type MixTool = (typeof MIX_TOOLS)[number]

/** Share of the mix that lands, on large faces and on small or open parts. Source: handbook 4.4. */
export const LANDS = {
  airbrush: { large: 0.65, open: 0.35 },
  'airbrush-fine': { large: 0.65, open: 0.35 },
  'airbrush-broad': { large: 0.6, open: 0.3 },
  'spray-can': { large: 0.45, open: 0.2 },
  brush: { large: 0.95, open: 0.9 },
  'flat-brush': { large: 0.95, open: 0.9 },
} as const satisfies Record<MixTool, { large: number; open: number }>

/** Left in the cup and on the needle at each fill, ml. Source: handbook 4.4. */
export const LOSS_PER_FILL = 0.4

/** Spare on top, share. Source: handbook 4.4. */
export const MARGIN = 0.15

/** Drops to the millilitre of each kind of dispenser until it is calibrated. Source: handbook 4.2. */
export const DROPS_PER_ML = { paint: 28, thinner: 36, flowAid: 25 } as const

/** Up to this error a rounded mix is as good as the ratio, percent. Source: handbook 4.2. */
export const GOOD_ERROR = 2

/** Densities, g/ml, where a bottle doesn't say. Source: handbook 4.2. */
export const DENSITY = {
  waterBorne: 1.2,
  solventBorne: 1,
  metal: 1.3,
  twoPartClear: 1,
  thinner: 0.87,
} as const

/** Trace additives, drops to 10 ml of the mix, from … to. Source: handbook 4.2. */
export const ADDITIVE_DROPS = { flowAid: [2, 4], retarder: [2, 6] } as const

/** What is added by the drop. Source: handbook 4.2. */
export type Additive = keyof typeof ADDITIVE_DROPS

/** Complexity of a surface, factor on the area of its plain shape. Source: handbook 4.4. */
export const COMPLEXITY = { smooth: 1, panelled: 1.1, greebled: 1.4, figure: 1.6 } as const

/** More than this off its ratio is a finding, percent. Source: handbook 4.2. */
export const TWO_PART_TOLERANCE = 5

/** Cups that are usual. Source: handbook 4.2. */
export const CUPS = [2, 5, 7, 9] as const

/** Minutes of a flush between two fills. */
export const FLUSH_MINUTES = 2
