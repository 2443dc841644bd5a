import { mixColour } from './mixture'
import type { Paint } from './optics'
import type { Lab } from './spectrum'

/** Share of light neutral that a colour is mixed with at a scale. Source: handbook 5.5. */
export const SCALE_EFFECT: readonly (readonly [scale: number, share: number])[] = [
  [24, 0],
  [35, 0.07],
  [48, 0.1],
  [72, 0.15],
  [144, 0.2],
  [350, 0.23],
]

/** The share at any scale: on a logarithm of the scale between the rows, the last row beyond them. Source: handbook 5.5. */
export function scaleEffectShare(scale: number): number {
  const rows = SCALE_EFFECT
  const above = rows.findIndex(([row]) => row >= scale)
  if (above === 0) return rows[0]?.[1] ?? 0
  if (above < 0) return rows.at(-1)?.[1] ?? 0
  const [s0, p0] = rows[above - 1] as readonly [number, number]
  const [s1, p1] = rows[above] as readonly [number, number]
  return p0 + ((p1 - p0) * Math.log(scale / s0)) / Math.log(s1 / s0)
}

/** The light neutral that distance is mixed with. Source: handbook 5.5. */
export const LIGHT_NEUTRAL: Paint = { masstone: '#D9D9D6', hiding: 4 }

/** A paint with a share of light neutral in it. @param share 0 to 1. Source: handbook 5.5. */
export function lightened(paint: Paint, share: number): Lab {
  return mixColour([
    { paint, amount: 1 - share },
    { paint: LIGHT_NEUTRAL, amount: share },
  ])
}

/** Shares of grey that break a white. Source: handbook 5.5. */
export const OFF_WHITE_SHARES = [0.05, 0.1, 0.15, 0.2] as const

/** A white broken with a little grey: share of white, 0 to 1, and the colour it comes to. */
export type OffWhite = { share: number; lab: Lab }

/** A white broken with a little grey, by share, with what it comes to. Source: handbook 5.5. */
export function offWhites(white: Paint, grey: Paint): OffWhite[] {
  return OFF_WHITE_SHARES.map((share) => ({
    share,
    lab: mixColour([
      { paint: white, amount: 1 - share },
      { paint: grey, amount: share },
    ]),
  }))
}
