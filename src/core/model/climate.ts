import type { ClimateChange } from './climateSchema'
import type { Air } from './vocabulary'

/** The air a film dries in. */
export type Climate = {
  /** Air temperature, °C. */
  celsius: number
  /** Relative humidity, percent. */
  humidity: number
  /** How the air moves; `forced` means that `celsius` is the warm air's own temperature. */
  air: Air
  /** The part's own temperature where it is known (brought in from the cold), °C. */
  partCelsius?: number | undefined
}

/** The conditions at which every drying time is given. Source: handbook 3.1. */
export const REFERENCE_CLIMATE: Climate = { celsius: 20, humidity: 50, air: 'room' }

/** The climate after a change. */
export function changeClimate(now: Climate, change: ClimateChange | undefined): Climate {
  if (!change) return now
  return {
    celsius: change.celsius ?? now.celsius,
    humidity: change.humidity ?? now.humidity,
    air: change.air ?? now.air,
    partCelsius: change.partCelsius,
  }
}
