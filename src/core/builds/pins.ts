import { WEAR_TABLE, type WearEffect, wearLeftBy } from '../knowledge/wearMap'
import type { Build, BuildAct } from '../model/build'
import { isAct } from '../model/isAct'
import type { PhotoPin, Picture, PinEffect } from '../model/picture'
import type { WornStep } from './wear'
import { isFor } from './zoneRegions'

/** A pin with the picture that it is in. */
export type PinSeen = { picture: Picture; pin: PhotoPin }

/** What a pin stands for: wear of the map, or a place for a decal. Source: handbook 13.1, 12.8. */
const PIN_TABLE: Record<PinEffect, { worn?: WearEffect; place?: true }> = {
  rust: { worn: 'rust' },
  chip: { worn: 'chips' },
  streak: { worn: 'streaks' },
  stain: { worn: 'streaks' },
  soot: { worn: 'soot' },
  chalk: { worn: 'fading' },
  decal: { place: true },
  missing: {},
}

/** Does a pin ask for a decal? */
export function wantsDecal({ effect }: PhotoPin): boolean {
  return PIN_TABLE[effect].place === true
}

/** The pins of a build's pictures by zone, those of no zone last; zones in the build's order. Source: handbook 13.1. */
export function pinsByZone(
  build: Build,
  pictures: readonly Picture[],
): { zone: string | null; pins: PinSeen[] }[] {
  const all = pictures
    .filter((picture) => picture.build === build.id)
    .flatMap((picture) => (picture.pins ?? []).map((pin): PinSeen => ({ picture, pin })))
  const zones = (build.zones ?? []).map(({ id }) => id)
  const rows = [...zones, null].map((zone) => ({
    zone,
    pins: all.filter(({ pin }) =>
      zone === null ? !zones.includes(pin.zone ?? '') : pin.zone === zone,
    ),
  }))
  return rows.filter(({ pins }) => pins.length > 0)
}

/**
 * What the pins of pictures say of the steps that leave such wear: marks as large and going as they were seen, and as strong.
 * A pin counts for the steps of its zone that are still to do; an arrow in a picture beats the way that things fall.
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
  const wanted = pinsByZone(build, pictures)
    .flatMap(({ pins }) => pins)
    .filter(({ pin }) => pin.state === 'wanted')
  return build.steps.flatMap((step): WornStep[] => {
    if (!isAct(step) || !isOpen(step.id)) return []
    const act = step as BuildAct
    const effect = wearLeftBy(act.do)
    const own = wanted.flatMap(({ pin }) => {
      const zone = zones.find(({ id }) => id === pin.zone)
      return effect && zone && PIN_TABLE[pin.effect].worn === effect && isFor(act, zone, zones)
        ? [pin]
        : []
    })
    return effect && own.length > 0
      ? [{ step: act, fields: fieldsOf(own, WEAR_TABLE[effect].most) }]
      : []
  })
}

/** @param most the share of a face that there may be of it */
function fieldsOf(pins: readonly PhotoPin[], most: number): WornStep['fields'] {
  const told = (of: (pin: PhotoPin) => number | undefined) =>
    pins.flatMap((pin) => of(pin) ?? []).sort((a, b) => a - b)
  const [sizes, strengths] = [told(({ mm }) => mm), told(({ strength }) => strength)]
  const ways = told(({ direction }) => direction)
  return {
    cause: 'as in the picture',
    ...(sizes.length > 0 ? { markMm: within(middle(sizes), 0.01, 100, 2) } : {}),
    ...(strengths.length > 0 ? { amount: within(middle(strengths) * most, 0.001, 1, 3) } : {}),
    ...(ways.length > 0 ? { direction: within(meanWay(ways), 0, 359, 0) } : {}),
  }
}

function middle(sorted: readonly number[]): number {
  return sorted[Math.floor((sorted.length - 1) / 2)] as number
}

/** The mean of directions, degrees: 350 and 10 come to 0. */
function meanWay(ways: readonly number[]): number {
  const turn = Math.PI / 180
  const x = ways.reduce((sum, way) => sum + Math.cos(way * turn), 0)
  const y = ways.reduce((sum, way) => sum + Math.sin(way * turn), 0)
  return (Math.atan2(y, x) / turn + 360) % 360
}

function within(value: number, least: number, most: number, digits: number): number {
  const held = Math.min(most, Math.max(least, value))
  return Math.round(held * 10 ** digits) / 10 ** digits
}
