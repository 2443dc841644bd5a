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
