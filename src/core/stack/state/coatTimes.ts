import { clockMinutes } from '../../drying/clock'
import { ACT_MINUTES } from '../../knowledge/limits'
import type { Climate } from '../../model/climate'
import { minutesOf } from '../../model/duration'
import type { ActStep } from '../../model/sequence'
import type { ResolvedStep } from './resolvedStep'

/**
 * When each coat of a step ends, minutes from its beginning: without a `gap` the flash time is kept between coats.
 * An act that lays no coats has the one end.
 */
export function coatEnds(
  step: ActStep,
  resolved: ResolvedStep,
  climate: Climate,
): readonly number[] {
  const known = endsKnown.get(resolved)
  if (known && known.step === step && known.climate === climate) return known.ends
  const ends = endsOf(step, resolved, climate)
  endsKnown.set(resolved, { step, climate, ends })
  return ends
}

const endsKnown = new WeakMap<
  ResolvedStep,
  { step: ActStep; climate: Climate; ends: readonly number[] }
>()

function endsOf(step: ActStep, resolved: ResolvedStep, climate: Climate): number[] {
  const minutes = step.minutes ?? ACT_MINUTES
  if (!resolved.drying || resolved.row.kind !== 'film') return [minutes]
  const ends: number[] = []
  let at = 0
  resolved.coats.forEach((_, i) => {
    if (i > 0) at += gapAfter(step, resolved, climate, i)
    at += minutes
    ends.push(at)
  })
  return ends
}

/** The flash time of the film as it is after so many coats, minutes. */
export function flashAfter(resolved: ResolvedStep, climate: Climate, coats: number): number {
  if (!resolved.drying) return 0
  const film = { ...resolved.drying, coats: resolved.coats.slice(0, coats) }
  return clockMinutes(film, 'flash', climate) ?? 0
}

/** The gap that is kept after so many coats: as written, else the flash time. */
export function gapAfter(
  step: ActStep,
  resolved: ResolvedStep,
  climate: Climate,
  coats: number,
): number {
  return step.gap === undefined ? flashAfter(resolved, climate, coats) : minutesOf(step.gap)
}
