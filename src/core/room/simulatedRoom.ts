import { DateTime } from 'luxon'

/** A made-up room: heated in the evening, cold at night, damp every fifth day. Temperatures in °C, humidity in percent. */
const EVENING = { from: 17, to: 23, celsius: 20.5 }
const NIGHT = 11.5
const DAYTIME = 16
/** Every fifth day from midnight on it rains for so many hours. */
const DAMP = { every: 5, hours: 30, humidity: 27 }
/** Every third night the sensor says nothing between these hours. */
const SILENT = { every: 3, from: 1, to: 5 }
const DAY = 86_400_000

function dayOf(at: number, zone: string): number {
  const local = DateTime.fromMillis(at, { zone })
  return Math.floor((at + local.offset * 60_000) / DAY)
}

/** Smooth from 0 to 1 between two hours. */
function ramp(hour: number, from: number, over: number): number {
  const share = Math.min(1, Math.max(0, (hour - from) / over))
  return share * share * (3 - 2 * share)
}

/**
 * The air of the made-up room. The same instant and zone give the same air.
 *
 * @param at epoch milliseconds
 * @param zone IANA time zone of the room
 * @returns °C and percent relative humidity, to a tenth
 */
export function roomAt(at: number, zone: string): { celsius: number; humidity: number } {
  const local = DateTime.fromMillis(at, { zone })
  const hour = local.hour + local.minute / 60
  const day = dayOf(at, zone)
  const heated = ramp(hour, EVENING.from, 1) - ramp(hour, EVENING.to - 1, 1)
  const light = ramp(hour, 8, 3) - ramp(hour, 16, 2)
  const wobble = Math.sin(day * 1.7) * 0.8 + Math.sin(hour * 0.9 + day) * 0.3
  const celsius =
    NIGHT +
    (DAYTIME - NIGHT) * light +
    (EVENING.celsius - NIGHT) * heated * (1 - light * 0.5) +
    wobble
  const sinceRain = (((day % DAMP.every) + DAMP.every) % DAMP.every) * 24 + hour
  const damp = sinceRain < DAMP.hours ? DAMP.humidity * (1 - ramp(sinceRain, DAMP.hours - 4, 4)) : 0
  // Warm air holds more: the same water reads as less.
  const humidity = Math.min(97, 62 - (celsius - 14) * 1.6 + damp + Math.sin(day + hour) * 1.5)
  return { celsius: tenth(celsius), humidity: tenth(humidity) }
}

/** Is the sensor silent then: out of reach, or its battery low. */
export function silentAt(at: number, zone: string): boolean {
  const { hour } = DateTime.fromMillis(at, { zone })
  return dayOf(at, zone) % SILENT.every === 0 && hour >= SILENT.from && hour < SILENT.to
}

function tenth(value: number): number {
  return Math.round(value * 10) / 10
}
