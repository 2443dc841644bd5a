import { useMemo, useState } from 'react'
import { type FacesAlong, faceAfter, type WearMap, wearOf } from '@/core/builds'
import { WEAR_EFFECT_TABLE, type WearEffect } from '@/core/knowledge'
import type { Build } from '@/core/model/build'
import { isAct } from '@/core/model/isAct'
import type { Picture } from '@/core/model/picture'
import type { ActStep } from '@/core/model/sequence'
import type { Zone } from '@/core/model/zone'
import { stepName } from '../../shared/words'
import { BARE, type Looks, type ZoneLook } from './paintPart'

/** From nothing to the most that any zone of the build has of it. */
const LITTLE = [222, 222, 222] as const
const MUCH = [112, 52, 18] as const

/** What the zones of a part are shown by, as it is chosen. */
export function useLooks(
  build: Build,
  pictures: readonly Picture[] | undefined,
  zones: readonly Zone[],
  along: FacesAlong | null,
): Looks {
  const steps = along?.steps ?? []
  const [upTo, setCount] = useState<number | null>(null)
  const [wear, setWear] = useState<WearEffect | ''>('')
  const count = Math.min(upTo ?? steps.length, steps.length)
  const looks = useMemo(
    () =>
      wear
        ? wornLooks(wearOf(build, pictures), build, zones, wear)
        : zones.map(({ id }) => lookOf(along, id, count)),
    [build, pictures, zones, along, count, wear],
  )
  const said = wear ? `where ${WEAR_EFFECT_TABLE[wear].say} goes` : saidAfter(build, steps, count)
  return { looks, said, steps, count, setCount, wear, setWear }
}

/** What a zone looks like after so many steps. */
function lookOf(along: FacesAlong | null, zone: string, count: number): ZoneLook {
  const row = along?.zones.find((one) => one.zone === zone)
  const face = row && along ? faceAfter(along.steps, row.faces, count) : null
  return face ? { colour: face.colour ?? BARE.colour, sheen: face.sheen } : BARE
}

/** The darker a zone, the more of it. */
function wornLooks(
  map: WearMap | null,
  build: Build,
  zones: readonly Zone[],
  effect: WearEffect,
): ZoneLook[] {
  const shareOf = (id: string) =>
    map?.zones.find(({ zone }) => zone === id)?.effects.find((one) => one.effect === effect)
      ?.share ?? 0
  const most = Math.max(...(build.zones ?? []).map(({ id }) => shareOf(id)), 1e-9)
  return zones.map(({ id }) => {
    const share = shareOf(id) / most
    const mixed = LITTLE.map((from, c) => Math.round(from + share * ((MUCH[c] as number) - from)))
    const colour = `#${mixed.map((one) => one.toString(16).padStart(2, '0')).join('')}`
    return { colour, sheen: null }
  })
}

function saidAfter(build: Build, steps: readonly string[], count: number): string {
  const step = build.steps.find(({ id }) => id === steps[count - 1])
  if (!step) return 'bare'
  const name = isAct(step) ? stepName(step as ActStep).toLowerCase() : 'a wait'
  return count === steps.length ? `after all of it: ${name}` : `after ${name}`
}
