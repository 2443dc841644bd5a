import type { ActStep } from '../../model/sequence'
import type { ShelfPaint } from './stepContext'

/** Is a step painted from a bottle like this: of its family and its colour or, for a clear, its sheen? */
export function isPaintedFrom(
  { do: act, family, colour, sheen }: Pick<ActStep, 'do' | 'family' | 'colour' | 'sheen'>,
  bottle: ShelfPaint,
): boolean {
  if (bottle.family !== family || bottle.role === 'thinner') return false
  if (act === 'clear') return bottle.role === 'clear' && bottle.sheen === sheen
  return colour !== undefined && bottle.colour?.toLowerCase() === colour.toLowerCase()
}
