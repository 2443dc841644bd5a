import { familyRow } from '../knowledge/families'
import {
  BROAD_NOZZLE,
  COARSE_NOZZLE,
  DECANTED_THINNING,
  DEGREES_A_POINT,
  GUIDE_CELSIUS,
  HOT_CELSIUS,
  HOT_RETARDER,
  PARTICLE_SHARE,
  PRESSURE_BAR,
  PSI_PER_BAR,
  type ShareRange,
  THICKER_A_DEGREE,
  THINNING,
  type ThinningRow,
} from '../knowledge/thinning'
import type { Family } from '../model/vocabulary'

/** What a mix is for. */
export const JOBS = ['brush', 'colour', 'primer', 'detail', 'clear', 'metal', 'mottle'] as const

/** What a mix is thinned for: a brush, or an airbrush with colour, clear or primer. */
export type MixJob = (typeof JOBS)[number]

/** How thin a paint goes on, with which needle and pressure, and why. Source: handbook 4.1, 4.2. */
export type ThinningAdvice = {
  /** Thinner as share of the mix, from … to, at this warmth; null: it isn't laid on that way. */
  share: ShareRange | null
  thinnedWith: string
  /** Retarder, percent of the mix, from … to; null: none. */
  retarder: readonly [number, number] | null
  flowAid: boolean
  because: string[]
}

/** How much thicker paint is than at 20 °C, factor. Source: handbook 4.5. */
export function viscosityFactor(family: Family, celsius: number): number {
  const rate = THICKER_A_DEGREE[familyRow(family).waterBorne ? 'waterBorne' : 'solventBorne']
  return (1 + rate) ** (GUIDE_CELSIUS - celsius)
}

/**
 * How far to thin, with what, and what else goes in. A starting point; a product's sheet overrides.
 *
 * @param decanted lacquer from a spray can is thin already
 * Source: handbook 4.5.
 */
export function thinningAdvice(
  family: Family,
  job: MixJob,
  celsius: number,
  decanted = false,
): ThinningAdvice {
  const { streaksBrushed, wantsFlowAid } = familyRow(family)
  const row = (decanted && DECANTED_THINNING[family]) || THINNING[family]
  const range = rangeOf(row, job)
  const because: string[] = []
  const points = Math.max(0, GUIDE_CELSIUS - celsius) / DEGREES_A_POINT / 100
  const more = Math.round(points * 100)
  if (range && more > 0)
    because.push(
      `At ${Number(celsius.toFixed(1))} °C it is ${Math.round((viscosityFactor(family, celsius) - 1) * 100)} % thicker than at ${GUIDE_CELSIUS} °C: ${more === 1 ? 'a point' : `${more} points`} more thinner, or warm the bottle in warm water.`,
    )
  const hot = celsius > HOT_CELSIUS
  if (range && hot)
    because.push(`Above ${HOT_CELSIUS} °C it dries in the air: retarder instead of more thinner.`)
  const brushed = job === 'brush' && streaksBrushed === true
  if (range && brushed) because.push('For the brush a little retarder lets the strokes level.')
  return {
    share: range && [Math.min(0.99, range[0] + points), Math.min(0.99, range[1] + points)],
    thinnedWith: row.thinnedWith,
    retarder: range && (hot || brushed) ? HOT_RETARDER : null,
    flowAid: range !== null && job !== 'brush' && wantsFlowAid === true,
    because,
  }
}

function rangeOf(row: ThinningRow, job: MixJob) {
  switch (job) {
    case 'brush':
      return row.brush
    case 'detail':
    case 'mottle':
      return row.detail ?? row.airbrush
    case 'clear':
      return row.clear
    default:
      return row.airbrush
  }
}

/** Pressure of the airbrush in bar and psi, from … to. */
export type Pressure = { bar: readonly [number, number]; psi: readonly [number, number] }

/** Pressure for a nozzle and a job; null: nothing is sprayed. Source: handbook 4.5. */
export function pressureFor(nozzleMm: number, job: MixJob): Pressure | null {
  if (job === 'brush') return null
  const bar = barFor(nozzleMm, job)
  return { bar, psi: [psiOf(bar[0]), psiOf(bar[1])] }
}

function barFor(nozzleMm: number, job: MixJob): readonly [number, number] {
  if (job === 'mottle') return PRESSURE_BAR.mottleAndSoot
  if (job === 'primer' || job === 'clear') return PRESSURE_BAR.primerAndClear
  return nozzleMm >= BROAD_NOZZLE ? PRESSURE_BAR.broad : PRESSURE_BAR.fine
}

/** Source: handbook 4.5. */
export function psiOf(bar: number): number {
  return bar * PSI_PER_BAR
}

/** Source: handbook 4.5. */
export function barOf(psi: number): number {
  return psi / PSI_PER_BAR
}

/** The largest particle that a nozzle passes, µm. Source: handbook 4.5. */
export function largestParticle(nozzleMm: number): number {
  return nozzleMm * 1000 * PARTICLE_SHARE
}

/** Does a nozzle clog with this? null: no. Source: handbook 4.5. */
export function nozzleWarning(nozzleMm: number, job: MixJob): string | null {
  return (job === 'metal' || job === 'primer') && nozzleMm < COARSE_NOZZLE
    ? `Metals and primers want a nozzle of ${COARSE_NOZZLE} mm or more: ${nozzleMm} mm passes particles up to ${largestParticle(nozzleMm).toFixed(0)} µm.`
    : null
}
