import type { Act, Tool } from '../model/vocabulary'

/**
 * How long the hands take for an act or a coat: `base` minutes, and one more for so much of what is worked on. Starting points; the
 * modeller's own log corrects them. Source: handbook 7.5.
 */
export type HandsOn = {
  /** Getting ready and putting down, minutes. */
  base: number
  /** cm² of the part done in a minute. */
  cm2?: number
  /** mm of edge masked, or of line drawn or cleaned, in a minute. */
  mm?: { of: 'edge' | 'line'; aMinute: number }
  /** Minutes for each of its pieces: decals, spots. */
  each?: number
  /** Close work with a fine tool: the eyes want a break. */
  fine?: true
}

const SPRAYED = { base: 3, cm2: 60 }
const BRUSHED = { base: 0, cm2: 12, fine: true } as const
const BROAD = { base: 0, cm2: 25 }
const DABBED = { base: 0, cm2: 15 }
const RUBBED = { base: 0, cm2: 20 }
const MARKS = { base: 0, cm2: 8, fine: true } as const

/** A coat laid with a tool, where the act itself says nothing. Source: handbook 7.5. */
export const TOOL_HANDS = {
  airbrush: SPRAYED,
  stencil: SPRAYED,
  'spray-can': { base: 1, cm2: 150 },
  brush: BRUSHED,
  'flat-brush': BROAD,
  'damp-brush': BRUSHED,
  'stiff-brush': DABBED,
  sponge: DABBED,
  swab: DABBED,
  'wet-swab': DABBED,
  pen: BRUSHED,
  needle: MARKS,
  flood: BROAD,
  soak: BROAD,
  hand: BROAD,
} as const satisfies Record<Tool, HandsOn>

/** Acts that take their own time whatever they are done with. Source: handbook 7.5. */
export const ACT_HANDS: Partial<Record<Act, HandsOn>> = {
  wash: { base: 5 },
  degrease: { base: 3, cm2: 100 },
  scribe: { base: 2, mm: { of: 'line', aMinute: 50 }, fine: true },
  fill: { base: 10 },
  drill: { base: 5 },
  sand: RUBBED,
  scuff: RUBBED,
  tape: { base: 2, mm: { of: 'edge', aMinute: 60 }, fine: true },
  untape: { base: 1, mm: { of: 'edge', aMinute: 150 } },
  latex: { base: 2, cm2: 15 },
  unlatex: { base: 1, cm2: 25 },
  salt: { base: 2, cm2: 25 },
  unsalt: { base: 1, cm2: 25 },
  'chip-wet': { base: 2, cm2: 8, fine: true },
  decal: { base: 10, each: 4, fine: true },
  'decal-soften': { base: 2, each: 1 },
  line: { base: 0, mm: { of: 'line', aMinute: 50 }, fine: true },
  'line-clean': { base: 0, mm: { of: 'line', aMinute: 80 }, fine: true },
  'wash-clean': { base: 0, cm2: 15 },
  'oil-dots': MARKS,
  blend: MARKS,
  streak: MARKS,
  'streak-drag': MARKS,
  'chip-sponge': MARKS,
  'chip-brush': MARKS,
  scratch: MARKS,
  pencil: MARKS,
  'cut-polish': { base: 0, cm2: 6 },
  compound: { base: 0, cm2: 6 },
  'glue-clear': { base: 10, fine: true },
  assemble: { base: 10 },
  handle: { base: 5 },
}

/** What a part of so many cm² has, where nobody measured it: mm of lines on a cm², and cm² that one decal stands for. */
export const USUAL_PART = { lineMmPerCm2: 6, cm2PerDecal: 40 } as const

/** Patchy paint reaches so much of a part. */
export const PATCH_SHARE = 0.15

/** After so many minutes of close work the eyes want so many minutes off. */
export const BREAK = { after: 45, minutes: 5 } as const
