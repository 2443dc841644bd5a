/** What marks stand for in reality, mm. Source: handbook 10.1. */
export const REAL_SIZES = {
  chip: { say: 'paint chips', from: 5, to: 40 },
  scratch: { say: 'scratches', from: 1, to: 5 },
  rust: { say: 'rust spots', from: 10, to: 60 },
  /** How wide; and how long. */
  streak: { say: 'rain streaks', from: 5, to: 30, long: { from: 100, to: 1500 } },
} as const

/** What a mark stands for. */
export type RealMark = keyof typeof REAL_SIZES

/** The eye resolves an arc minute: so much of the distance it looks from. Source: handbook 10.1. */
const ARC_MINUTE = 1 / 3438

/** What is finer than this is tone, not shape, mm. @param away how far the eye is, mm. Source: handbook 10.1. */
export function eyeLimit(away: number): number {
  return away * ARC_MINUTE
}
