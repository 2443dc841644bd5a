import type { WearEffect } from '../knowledge/wearMap'
import type { Build } from '../model/build'
import type { PhotoPin, Picture, PinEffect } from '../model/picture'
import type { PinnedWear } from '../places/wearMap'

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
 * What the pins of pictures that are still wanted say of wear: zone by zone and effect by effect, in the middle of all that were
 * set.
 *
 * Source: handbook 13.1, 12.8.
 */
export function pinnedWear(build: Build, pictures: readonly Picture[]): PinnedWear[] {
  return pinsByZone(build, pictures).flatMap(({ zone, pins }) => {
    const wanted = pins.flatMap(({ pin }) => (pin.state === 'wanted' ? [pin] : []))
    const effects = new Set(wanted.flatMap(({ effect }) => PIN_TABLE[effect].worn ?? []))
    if (zone === null) return []
    return [...effects].map((effect): PinnedWear => {
      const own = wanted.filter((pin) => PIN_TABLE[pin.effect].worn === effect)
      const told = (of: (pin: PhotoPin) => number | undefined) =>
        own.flatMap((pin) => of(pin) ?? [])
      const ways = told(({ direction }) => direction)
      return {
        zone,
        effect,
        strength: middle(told(({ strength }) => strength)),
        mm: middle(told(({ mm }) => mm)),
        direction: ways.length > 0 ? Math.round(meanWay(ways)) % 360 : null,
      }
    })
  })
}

/** The middle of numbers, the lower one of two; null: there are none. */
export function middle(of: readonly number[]): number | null {
  const sorted = [...of].sort((a, b) => a - b)
  return sorted[Math.floor((sorted.length - 1) / 2)] ?? null
}

/** The mean of directions, degrees: 350 and 10 come to 0. */
export function meanWay(ways: readonly number[]): number {
  const turn = Math.PI / 180
  const x = ways.reduce((sum, way) => sum + Math.cos(way * turn), 0)
  const y = ways.reduce((sum, way) => sum + Math.sin(way * turn), 0)
  return (Math.atan2(y, x) / turn + 360) % 360
}
