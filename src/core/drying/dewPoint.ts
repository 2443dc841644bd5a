/**
 * The temperature at which the air's moisture condenses, by the Magnus formula.
 *
 * @param celsius air temperature, °C
 * @param humidity relative humidity, percent, above 0
 * @returns °C; -Infinity in perfectly dry air
 * Source: handbook 3.3.
 */
export function dewPoint(celsius: number, humidity: number): number {
  if (humidity <= 0) return Number.NEGATIVE_INFINITY
  const gamma = Math.log(humidity / 100) + (17.62 * celsius) / (243.12 + celsius)
  return (243.12 * gamma) / (17.62 - gamma)
}
