import type { SCHOOLS } from '../model/vocabulary'

type Look = (typeof SCHOOLS.liningLook)[number]
type Band = { from: number; to: number }

/** Target ΔE00 between a lined recess and the face, by look, for 1:20–1:48, 1:60–1:100 and 1:144 on. Source: handbook 5.3. */
export const LINE_BANDS = {
  restrained: [
    { from: 8, to: 14 },
    { from: 6, to: 11 },
    { from: 4, to: 8 },
  ],
  normal: [
    { from: 14, to: 24 },
    { from: 11, to: 18 },
    { from: 8, to: 14 },
  ],
  graphic: [
    { from: 24, to: 45 },
    { from: 18, to: 45 },
    { from: 14, to: 45 },
  ],
} as const satisfies Record<Look, readonly [Band, Band, Band]>

/** Above this a line is harsh, ΔE00. Source: handbook 5.3. */
export const HARSH = 45

/** The band of a look at a scale; between the columns of the handbook the nearer one. */
export function lineBand(look: Look, scale: number): Band {
  const column = scale <= 54 ? 0 : scale <= 120 ? 1 : 2
  return LINE_BANDS[look][column]
}

/** Liquid that stays in a recess as a share of its depth. Source: handbook 5.3. */
export const LEFT_IN_RECESS = 0.4

/** Dilutions that are tried, paint share of the wash. Source: handbook 4.5. */
export const WASH_SHARES = [
  0.005, 0.0075, 0.01, 0.015, 0.02, 0.03, 0.05, 0.08, 0.1, 0.12, 0.15, 0.2, 0.25, 0.3,
] as const

/** Depth of a panel line where nobody has said it, mm. */
export const LINE_DEPTH_MM = 0.2
/** Share of paint in a recess wash where the step doesn't say. Source: handbook 4.5. */
export const WASH_SHARE = 0.1

/** The gap between two plates that a line stands for, mm in reality. Source: handbook 10.1. */
export const PLATE_GAP_MM = 15
/** Lines are cut no finer and no broader than this, mm on the model. */
export const CUT_LINE_MM = [0.1, 0.6] as const

/** A filter has up to so much paint in it, percent. Source: handbook 4.5. */
export const FILTER_MOST = 5

/** What a wash is like; `other`: too light or too bright for a shadow. */
export type WashKind =
  | 'black'
  | 'black-brown'
  | 'brown'
  | 'warm-grey'
  | 'green-grey'
  | 'blue-grey'
  | 'grey'
  | 'other'
/** What a face is like, as far as the washes ask. */
export type FaceKind = 'white' | 'warm' | 'red-or-blue' | 'green' | 'cool-grey' | 'grey'

/** Washes that go with each kind of face. Source: handbook 5.3. */
export const WASHES_FOR: Record<FaceKind, readonly WashKind[]> = {
  white: ['brown', 'warm-grey'],
  warm: ['brown', 'warm-grey'],
  'red-or-blue': ['black-brown', 'black'],
  green: ['green-grey', 'black'],
  'cool-grey': ['blue-grey'],
  grey: ['grey', 'warm-grey', 'black'],
}
