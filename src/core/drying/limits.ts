import { familyRow } from '../knowledge/families'
import type { Climate } from '../model/climate'
import type { Family, Role, Severity, Tool } from '../model/vocabulary'
import { dewPoint } from './dewPoint'

/** A condition outside what a family bears. */
export type LimitBreach = {
  rule: 'too-cold' | 'too-damp' | 'too-hot'
  severity: Severity
  /** What happens, with the numbers. */
  because: string
}

type Work = { family: Family; role: Role | null; tool: Tool; retarder: number }

type Limit = {
  rule: LimitBreach['rule']
  applies: (work: Work) => boolean
  /** Worst first; the first that is passed speaks. */
  grades: readonly { severity: Severity; passed: (climate: Climate) => boolean; say: string }[]
  measure: 'celsius' | 'humidity'
}

/** Retarder from which hot air is provided for, percent. Source: handbook 4.5, temperature. */
export const HOT_AIR_RETARDER = 2

/** The limits, one row each. Source: handbook 3.3. */
const LIMITS: readonly Limit[] = [
  {
    rule: 'too-cold',
    measure: 'celsius',
    applies: ({ family }) => familyRow(family).coldShy === true,
    grades: [
      {
        severity: 'stop',
        passed: (c) => c.celsius < 8,
        say: 'below 8 °C it makes no proper film',
      },
      {
        severity: 'risk',
        passed: (c) => c.celsius < 10,
        say: 'below 10 °C it may make no proper film',
      },
      {
        severity: 'note',
        passed: (c) => c.celsius < 12,
        say: 'below 12 °C it comes near to making no proper film',
      },
    ],
  },
  {
    rule: 'too-cold',
    measure: 'celsius',
    applies: ({ family, tool }) => tool === 'spray-can' || familyRow(family).twoPart === true,
    grades: [
      {
        severity: 'risk',
        passed: (c) => c.celsius < 15,
        say: 'below 15 °C it sprays coarse and cures slowly',
      },
    ],
  },
  {
    rule: 'too-hot',
    measure: 'celsius',
    applies: ({ tool, retarder }) => tool === 'airbrush' && retarder < HOT_AIR_RETARDER,
    grades: [
      {
        severity: 'risk',
        passed: (c) => c.celsius > 30,
        say: 'above 30 °C paint dries in the air: dusty spray, a dry tip',
      },
    ],
  },
  {
    rule: 'too-damp',
    measure: 'humidity',
    applies: ({ family }) => familyRow(family).blushes === true,
    grades: [
      { severity: 'stop', passed: (c) => c.humidity > 85, say: 'over 85 % it turns white' },
      { severity: 'risk', passed: (c) => c.humidity > 75, say: 'over 75 % it may turn white' },
    ],
  },
  {
    rule: 'too-damp',
    measure: 'humidity',
    applies: ({ family }) => familyRow(family).waterBorne && familyRow(family).film,
    grades: [
      {
        severity: 'risk',
        passed: (c) => c.humidity > 80,
        say: 'over 80 % it takes twice as long and more',
      },
    ],
  },
  {
    rule: 'too-damp',
    measure: 'humidity',
    applies: ({ family }) => familyRow(family).twoPart === true,
    grades: [
      {
        severity: 'risk',
        passed: (c) => c.humidity > 70,
        say: 'over 70 % the hardener reacts with the moisture and bubbles',
      },
    ],
  },
]

/** How near the dew point may come to the part's own temperature, °C. Source: handbook 3.3. */
const DEW_MARGIN = 3

/** Air that no family minds: between the outermost limits of the table. */
function isMild({ celsius, humidity, partCelsius }: Climate): boolean {
  return celsius >= 15 && celsius <= 30 && humidity <= 70 && partCelsius === undefined
}

/** Everything about the air that this work does not bear; empty when all is well. Source: handbook 3.3. */
export function limitBreaches(work: Work, climate: Climate): LimitBreach[] {
  if (isMild(climate)) return []
  const breaches = LIMITS.flatMap((limit): LimitBreach[] => {
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
