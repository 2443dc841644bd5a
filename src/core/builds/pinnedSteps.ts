import { wearLeftBy } from '../knowledge/wearMap'
import type { Build, BuildAct } from '../model/build'
import { isAct } from '../model/isAct'
import type { Picture } from '../model/picture'
import { AS_PINNED, type PinnedWear, wearBudget } from '../places/wearMap'
import { meanWay, middle, pinnedWear } from './pins'
import { chipContrast, type WornStep, wearOf, wornSteps } from './wear'
import { isFor } from './zoneRegions'

/**
 * What the pins of pictures say of the steps that leave such wear: marks as large and going as they were seen, and as strong; as
 * the wear map has it with its pins, where it knows how large the zones are. A pin counts for the steps of its zone that are still to do.
 *
 * @param isOpen is a step still to do?
 * Source: handbook 13.1.
 */
export function pinnedSteps(
  build: Build,
  pictures: readonly Picture[],
  isOpen: (step: string) => boolean,
): WornStep[] {
  const { zones = [] } = build
  const pinned = pinnedWear(build, pictures)
  const map = wearOf(build, pictures)
  const worn = map ? wornSteps(build, map, isOpen) : []
  return build.steps.flatMap((step): WornStep[] => {
    if (!isAct(step) || !isOpen(step.id)) return []
    const act = step as BuildAct
    const effect = wearLeftBy(act.do)
    const own = pinned.filter((pin) => {
      const zone = zones.find(({ id }) => id === pin.zone)
      return pin.effect === effect && zone && isFor(act, zone, zones)
    })
    if (own.length === 0) return []
    return [
      worn.find((one) => one.step.id === act.id) ?? { step: act, fields: fieldsOf(build, own) },
    ]
  })
}

function fieldsOf(build: Build, own: readonly PinnedWear[]): WornStep['fields'] {
  const told = (of: (pin: PinnedWear) => number | null) => own.flatMap((pin) => of(pin) ?? [])
  const mm = middle(told((pin) => pin.mm))
  const ways = told((pin) => pin.direction)
  const limits = { chipContrast: chipContrast(build), wear: build.school?.wear }
  const amount = middle(
    told(({ strength, effect }) => strength && strength * wearBudget(effect, limits)),
  )
  return {
    cause: AS_PINNED,
    ...(mm === null ? {} : { markMm: within(mm, 0.01, 100, 2) }),
    ...(amount === null ? {} : { amount: within(amount, 0.001, 1, 3) }),
    ...(ways.length > 0 ? { direction: within(meanWay(ways), 0, 359, 0) } : {}),
  }
}

function within(value: number, least: number, most: number, digits: number): number {
  const held = Math.min(most, Math.max(least, value))
  return Math.round(held * 10 ** digits) / 10 ** digits
}
