import { familyRow } from '../../knowledge/families'
import type { SimulatedStep } from '../../stack/simulate/simulation'
import { type History, theStep } from '../history'
import { type Lookup, type Seen, UNKNOWN } from '../look'

/** Relative humidity from which a family suffers, percent. Source: handbook 3.3. */
function dampLimit({ context }: SimulatedStep): number {
  const { family } = context.resolved
  const row = family && familyRow(family)
  if (row?.twoPart) return 70
  return row?.waterBorne ? 80 : 75
}

/** Air that is warm enough to dry paint on its way, that slows cures, that makes a can spray coarse, °C; and dry air, percent. */
const WARM = 27
const COLD = 15
const DRY = 35
const DAMP_FOR_DRYING = 75

/** A step and the air of it, rounded as it is told. */
type Aired = { step: SimulatedStep; celsius: number; humidity: number }

function inAir(look: (aired: Aired) => Seen): Lookup {
  return {
    from: 'climate',
    see: (history: History, subject) => {
      const air = subject && history.airOf(subject)
      if (!air) return UNKNOWN
      return look({
        step: subject,
        celsius: Math.round(air.celsius * 10) / 10,
        humidity: Math.round(air.humidity),
      })
    },
  }
}

/** What the air was like when a step was done. Source: handbook 3.3. */
export const AIR_LOOKS = {
  'was-damp': inAir(({ step, humidity }) => {
    const limit = dampLimit(step)
    return {
      is: humidity > limit,
      say: `${humidity} % humidity when ${theStep(step)} went on; its limit is ${limit} %`,
    }
  }),
  'was-dry': inAir(({ step, humidity }) => ({
    is: humidity < DRY,
    say: `${humidity} % humidity when ${theStep(step)} went on; paint dries in the air below ${DRY} %`,
  })),
  'was-hot': inAir(({ step, celsius }) => ({
    is: celsius >= WARM,
    say: `${celsius} °C when ${theStep(step)} went on; from ${WARM} °C paint dries on its way`,
  })),
  'was-cold': inAir(({ step, celsius }) => ({
    is: celsius < COLD,
    say: `${celsius} °C when ${theStep(step)} went on; it wants ${COLD} °C`,
  })),
  'room-was-slow': inAir(({ celsius, humidity }) => ({
    is: celsius < COLD || humidity > DAMP_FOR_DRYING,
    say: `${celsius} °C and ${humidity} % while it dried: slow from below ${COLD} °C or over ${DAMP_FOR_DRYING} %`,
  })),
  'can-in-the-cold': inAir(({ step, celsius }) => ({
    is: step.context.resolved.tool === 'spray-can' && celsius < COLD + 3,
    say:
      step.context.resolved.tool === 'spray-can'
        ? `A can at ${celsius} °C; below ${COLD + 3} °C it sprays cold and coarse`
        : 'It was no spray can',
  })),
} as const satisfies Record<string, Lookup>
