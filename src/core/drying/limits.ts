import { AIR_LIMITS, type AirRule, type WorkInAir } from '../knowledge/air'
import { familyRow } from '../knowledge/families'
import type { Climate } from '../model/climate'
import type { Severity } from '../model/vocabulary'
import { dewPoint } from './dewPoint'

/** A condition outside what a family bears. */
export type LimitBreach = {
  rule: AirRule
  severity: Severity
  /** What happens, with the numbers. */
  because: string
}

/** How near the dew point may come to the part's own temperature, °C. Source: handbook 3.3. */
const DEW_MARGIN = 3

/** Air that no family minds: between the outermost limits of the table. */
function isMild({ celsius, humidity, partCelsius }: Climate): boolean {
  return celsius >= 15 && celsius <= 30 && humidity <= 70 && partCelsius === undefined
}

/** Everything about the air that this work does not bear; empty when all is well. Source: handbook 3.3. */
export function limitBreaches(work: WorkInAir, climate: Climate): LimitBreach[] {
  if (isMild(climate)) return []
  const breaches = AIR_LIMITS.flatMap((limit): LimitBreach[] => {
    if (!limit.applies(work)) return []
    const grade = limit.grades.find((g) => g.passed(climate))
    if (!grade) return []
    const value =
      limit.measure === 'celsius'
        ? `${climate.celsius} °C`
        : `${climate.humidity} % relative humidity`
    const because = `It is ${value}: ${familyRow(work.family).name} — ${grade.say}.`
    return [{ rule: limit.rule, severity: grade.severity, because }]
  })
  return breaches.concat(condensation(climate))
}

function condensation(climate: Climate): LimitBreach[] {
  if (climate.partCelsius === undefined) return []
  const dew = dewPoint(climate.celsius, climate.humidity)
  if (climate.partCelsius - dew > DEW_MARGIN) return []
  return [
    {
      rule: 'too-damp',
      severity: 'stop',
      because: `The part is at ${climate.partCelsius} °C and the dew point at ${dew.toFixed(1)} °C: less than 3 °C apart, water condenses on it.`,
    },
  ]
}
