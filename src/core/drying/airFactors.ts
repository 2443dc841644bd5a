import type { DryingProcess } from '../knowledge/families'
import type { Air } from '../model/vocabulary'

/**
 * How a film's drying time changes with the air's temperature.
 *
 * @param celsius air temperature, °C; the limits of handbook 3.3 are findings, not errors
 * @returns factor on the reference time: 1 at 20 °C, above 1 when colder
 * @throws RangeError if `celsius` isn't a finite number
 * Source: handbook 3.2, f_T.
 */
export function temperatureFactor(process: DryingProcess, celsius: number): number {
  if (!Number.isFinite(celsius)) throw new RangeError(`temperatureFactor: celsius is ${celsius}`)
  const evaporation = Math.exp(0.045 * (20 - celsius))
  const chemical = 2 ** ((20 - celsius) / 10)
  switch (process) {
    case 'evaporation':
      return evaporation
    case 'chemical':
      return chemical
    case 'coalescence':
      return (evaporation + chemical) / 2
  }
}

/** However damp, no film takes longer than this many times its reference. Source: handbook 3.2, f_H. */
const DAMP_CAP = 6

/**
 * How a water-borne film's drying time changes with the air's humidity; solvent-borne films don't ask.
 *
 * @param humidity relative humidity, percent, 0 to 100
 * @returns factor on the reference time: 1 at 50 %, at most 6
 * Source: handbook 3.2, f_H.
 */
export function humidityFactor(waterBorne: boolean, humidity: number): number {
  if (!waterBorne) return 1
  const dry = 1 - humidity / 100
  return dry <= 0 ? DAMP_CAP : Math.min(DAMP_CAP, 0.5 / dry)
}

/** Factor by how the air moves; forced warm air counts by its own temperature instead. Source: handbook 3.2, f_A. */
export const AIR_FACTOR = { still: 1.4, room: 1, fan: 0.8, forced: 1 } as const satisfies Record<
  Air,
  number
>
