import { SMALLEST_MARK } from '../knowledge/limits'
import { eyeLimit, REAL_SIZES, type RealMark } from '../knowledge/realSizes'
import { isAct } from '../model/isAct'
import type { ActStep, Step } from '../model/sequence'
import type { Act } from '../model/vocabulary'

/** Marks of an act: the real thing, mm, what they stand for, and the smallest on the model, mm, where its tool has none of its own. */
type MarkSize = { real: number; least?: number; stands: RealMark }

/** Source: handbook 10.1, 10.3. */
const MARK_SIZES: Partial<Record<Act, MarkSize>> = {
  'chip-wet': { real: 25, least: 0.2, stands: 'chip' },
  'chip-sponge': { real: 25, stands: 'chip' },
  'chip-brush': { real: 18, stands: 'chip' },
  pencil: { real: 20, stands: 'chip' },
  scratch: { real: 3, stands: 'scratch' },
  streak: { real: 12, least: 0.1, stands: 'streak' },
}
/** Marks that are as large at every scale unless the step says otherwise: grains, drops of latex, spots of rust. */
const SAME_SIZE: Partial<Record<Act, { mm: number; stands: RealMark }>> = {
  latex: { mm: 0.8, stands: 'chip' },
  salt: { mm: 0.4, stands: 'chip' },
  iron: { mm: 0.8, stands: 'rust' },
  stain: { mm: 1.2, stands: 'rust' },
  'rust-wash': { mm: 1.2, stands: 'rust' },
}
const OTHER: MarkSize = { real: 25, least: 0.2, stands: 'chip' }

/** How large a step's marks are, mm on the model: as it says, or the real thing at the scale, as far as its tool can. Source: handbook 10.3. */
export function markMmOf({ do: act, markMm }: ActStep, scale: number): number {
  const same = SAME_SIZE[act]
  if (same) return markMm ?? same.mm
  const { real, least = SMALLEST_MARK[act] ?? 0 } = MARK_SIZES[act] ?? OTHER
  return Math.max(least, markMm ?? real / scale)
}

/** Marks that don't stand for what they should at a scale. */
export type WrongMarks = {
  /** Index of the step. */
  step: number
  stands: RealMark
  /** On the model, and what that is in reality, mm. */
  mm: number
  realMm: number
  /** Larger than the real thing ever is; or too fine for the eye. */
  why: 'coarse' | 'unseen'
}

/**
 * Which steps' marks are too coarse for a scale, or too fine to be seen.
 *
 * @param away how far the eye is, mm
 * Source: handbook 10.1.
 */
export function wrongMarks(steps: readonly Step[], scale: number, away: number): WrongMarks[] {
  const limit = eyeLimit(away)
  return steps.flatMap((step, index): WrongMarks[] => {
    const stands = isAct(step) && (MARK_SIZES[step.do] ?? SAME_SIZE[step.do])?.stands
    if (!stands) return []
    const mm = markMmOf(step, scale)
    const realMm = mm * scale
    const coarse = realMm > REAL_SIZES[stands].to
    if (!coarse && mm >= limit) return []
    return [{ step: index, stands, mm, realMm, why: coarse ? 'coarse' : 'unseen' }]
  })
}
