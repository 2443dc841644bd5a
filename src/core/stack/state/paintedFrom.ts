import { ACT_TABLE } from '../../knowledge/acts'
import type { ActStep } from '../../model/sequence'
import type { BottleAtHand } from './stepContext'

/**
 * Is a step painted from a bottle like this: the one that it names or, where it names none, one of its family and its colour
 * or, for a clear, its sheen?
 */
export function isPaintedFrom(
  step: Pick<ActStep, 'do' | 'family' | 'colour' | 'sheen'> & { bottle?: unknown },
  bottle: BottleAtHand,
): boolean {
  if (step.bottle !== undefined) return bottle.id === step.bottle
  const { do: act, family, colour, sheen } = step
  if (bottle.family !== family || bottle.role === 'thinner') return false
  if (ACT_TABLE[act].role === 'clear') return bottle.role === 'clear' && bottle.sheen === sheen
  return colour !== undefined && bottle.colour?.toLowerCase() === colour.toLowerCase()
}
