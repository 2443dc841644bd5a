import type { PanelState } from '../films'

/** Streaks: how many, the middle of their real lengths, mm, and their mean way, degrees clockwise from +x. Source: handbook 10.4. */
export type StreakMeasures = { count: number; medianMmReal: number; direction: number }

/** @returns null without any */
export function streakMeasures({ streaks }: PanelState, scale: number): StreakMeasures | null {
  if (streaks.length === 0) return null
  const lengths = streaks.map(({ length }) => length * scale).sort((a, b) => a - b)
  // The mean of ways, not of angles: 359 and 1 come to 0; a long one tells more of it than one that a pipe held up.
  const [x, y] = streaks.reduce<[number, number]>(
    ([sx, sy], { dx, dy }) => [sx + dx, sy + dy],
    [0, 0],
  )
  const turn = (Math.atan2(y, x) * 180) / Math.PI
  return {
    count: streaks.length,
    medianMmReal: lengths[lengths.length >> 1] as number,
    direction: (turn + 360) % 360,
  }
}
