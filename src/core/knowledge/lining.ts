import type { SCHOOLS } from '../model/vocabulary'

type Look = (typeof SCHOOLS.liningLook)[number]
/** From … to, ΔE00. */
export type Band = { from: number; to: number }

/** Target ΔE00 between a lined recess and the face, by look, for 1:20–1:48, 1:60–1:100 and 1:144 on. Source: handbook 5.3. */
export const LINE_BANDS = {
  restrained: [
    { from: 10, to: 28 },
    { from: 9, to: 25 },
    { from: 7, to: 20 },
  ],
  normal: [
    { from: 20, to: 55 },
    { from: 18, to: 50 },
    { from: 14, to: 40 },
  ],
  graphic: [
    { from: 48, to: 80 },
    { from: 45, to: 75 },
    { from: 35, to: 60 },
  ],
} as const satisfies Record<Look, readonly [Band, Band, Band]>

/** The look that is meant where a build doesn't say. Source: handbook 5.3. */
export const USUAL_LOOK: Look = 'normal'

/** On saturated red and blue a line reads from this share of the floor on. Source: handbook 5.3. */
const SATURATED_FLOOR = 0.5

/** The band of a look at a scale on a kind of face; between the columns of the handbook the nearer one. */
export function lineBand(look: Look, scale: number, face: FaceKind): Band {
  const { from, to } = LINE_BANDS[look][columnOf(scale)]
  return { from: face === 'red-or-blue' ? from * SATURATED_FLOOR : from, to }
}

/** Above the graphic band a line is harsh at its scale, ΔE00. Source: handbook 5.3. */
export function harshFrom(scale: number): number {
  return LINE_BANDS.graphic[columnOf(scale)].to
}

function columnOf(scale: number): 0 | 1 | 2 {
  return scale <= 54 ? 0 : scale <= 120 ? 1 : 2
}

/** Liquid that stays in a recess as a share of its depth. Source: handbook 5.3. */
export const LEFT_IN_RECESS = 0.4

/** Dilutions that are tried, paint share of the wash. Source: handbook 4.5. */
export const WASH_SHARES = [
  0.005, 0.0075, 0.01, 0.015, 0.02, 0.03, 0.05, 0.08, 0.1, 0.12, 0.15, 0.2, 0.25, 0.3,
] as const

/** Depth of a panel line where nobody has said it, mm. */
export const LINE_DEPTH_MM = 0.2
/** Shares of paint that a recess wash is mixed to where the step doesn't say: the modeller takes the one that reads best. Source: handbook 4.5. */
export const USUAL_WASH_SHARES = [0.1, 0.05, 0.15] as const

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

/** A wash of each kind, where the shelf has none of it; pale ones for faces on which no shadow reads. Source: handbook 5.3. */
export const WASH_TONES: readonly { kind: WashKind; say: string; colour: string }[] = [
  { kind: 'brown', say: 'brown', colour: '#4A3626' },
  { kind: 'warm-grey', say: 'warm grey', colour: '#57504A' },
  { kind: 'blue-grey', say: 'bluish grey', colour: '#454D57' },
  { kind: 'green-grey', say: 'green-grey', colour: '#3A4238' },
  { kind: 'grey', say: 'dark grey', colour: '#4B4B4B' },
  { kind: 'black-brown', say: 'black-brown', colour: '#261C16' },
  { kind: 'black', say: 'black', colour: '#161617' },
  { kind: 'other', say: 'mid grey', colour: '#77736C' },
  { kind: 'other', say: 'pale grey', colour: '#A9A59D' },
]

/** Washes that go with each kind of face. Source: handbook 5.3. */
export const WASHES_FOR: Record<FaceKind, readonly WashKind[]> = {
  white: ['brown', 'warm-grey'],
  warm: ['brown', 'warm-grey'],
  'red-or-blue': ['black-brown', 'black'],
  green: ['green-grey', 'black'],
  'cool-grey': ['blue-grey'],
  grey: ['grey', 'warm-grey', 'black'],
}
