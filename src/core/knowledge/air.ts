import type { Climate } from '../model/climate'
import type { Family, Role, Severity, Tool } from '../model/vocabulary'
import { familyRow } from './families'

/** Rules that the limits of the air speak by. Source: handbook 2.6. */
export type AirRule = 'too-cold' | 'too-damp' | 'too-hot'

/** What is done in the air, as far as the limits ask. */
export type WorkInAir = { family: Family; role: Role | null; tool: Tool; retarder: number }

/** A limit of the air: whose, and how bad it is beyond. */
export type AirLimit = {
  rule: AirRule
  applies: (work: WorkInAir) => boolean
  /** Worst first; the first that is passed speaks. */
  grades: readonly { severity: Severity; passed: (climate: Climate) => boolean; say: string }[]
  measure: 'celsius' | 'humidity'
}

/** Retarder from which hot air is provided for, percent. Source: handbook 4.5, temperature. */
export const HOT_AIR_RETARDER = 2

/** The limits, one row each. Source: handbook 3.3. */
export const AIR_LIMITS: readonly AirLimit[] = [
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
    applies: () => true,
    grades: [
      {
        severity: 'stop',
        passed: (c) => c.celsius > 45 && c.air !== 'forced',
        say: 'no room is above 45 °C, and plastic warps: if warm air is meant, say so, and when',
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
