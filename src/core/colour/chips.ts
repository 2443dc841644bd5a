import { hexOf, type Lab, labOf } from './spectrum'

/** How much lighter chips are than their face, ΔL*, by how dense they lie. Source: handbook 5.3. */
export const CHIP_LIGHTER = { dense: [6, 15], few: [15, 30] } as const
/** What lies in the middle of a chip, by what is under the paint. Source: handbook 5.3. */
export const CHIP_DEEP = {
  'bare metal': '#9A9C9E',
  primer: '#8B8C8B',
  iron: '#5C2E1C',
  composite: '#3A3B3C',
} as const
/** Share of a chip that its deep part covers, from … to. Source: handbook 5.3. */
export const CHIP_DEEP_SHARE = [0.3, 0.6] as const

/** A lighter colour of the same hue for chips, from … to. Source: handbook 5.3. */
export function chipColours(face: string, density: keyof typeof CHIP_LIGHTER): [string, string] {
  const lab = labOf(face)
  return CHIP_LIGHTER[density].map((more) => lighter(lab, more)) as [string, string]
}

function lighter({ l, a, b }: Lab, more: number): string {
  return hexOf({ l: Math.min(100, l + more), a, b })
}
