import type { Build, BuildAct, Part } from '../model/build'
import { isAct } from '../model/isAct'
import type { Zone } from '../model/zone'
import { coatsByCover } from '../places/coatsByCover'
import {
  type ColouredZone,
  type MaskPlan,
  type MaskProblem,
  MOST_COLOURS,
  maskOrder,
  minutesOfOrder,
  type ZoneEdge,
} from '../places/maskOrder'
import { PRIMER } from '../stack/state/filmColours'
import { resolveStep } from '../stack/state/resolvedStep'
import { isFor, zoneArea, zonesOf } from './zoneRegions'

/** The colours of a part in the order of least minutes, with their masks, and what the planned order takes. */
export type ColourOrderOf = {
  /** By the places that the plan speaks of. */
  colours: string[]
  zones: { zone: Zone; colour: number }[]
  plan: MaskPlan
  /** As it is meant now. */
  planned: { order: number[]; minutes: number }
}

/**
 * Which colour of a part goes on when, so that masks, coats and flushes take the least minutes.
 *
 * @returns null where the part has no zones of two colours that meet, or more colours than are put in order
 * Source: handbook 12.3.
 */
export function colourOrder(build: Build, part: Part): ColourOrderOf | null {
  const all = zonesOf(build, part.id)
  const ends = endColours(build, part)
  const planned = [
    ...new Set(colourSteps(build, part).flatMap(({ colour }) => colour ?? [])),
  ].filter((hex) => ends.some((end) => end.hex === hex))
  const zones = ends.map(({ zone, hex }) => ({ zone, colour: planned.indexOf(hex) }))
  const edges = edgesOf(zones.map(({ zone }) => zone))
  if (planned.length < 2 || planned.length > MOST_COLOURS || edges.length === 0) return null
  const coloured = zones.map(
    ({ zone, colour }): ColouredZone => ({
      id: zone.id,
      colour,
      areaCm2: zoneArea(zone, part, all),
    }),
  )
  const problem: MaskProblem = {
    colours: planned.length,
    zones: coloured,
    edges,
    coatsOver: coatsByCover(
      planned.map((masstone) => ({ masstone })),
      baseOf(build, part),
    ),
  }
  const order = planned.map((_, i) => i)
  return {
    colours: planned,
    zones,
    plan: maskOrder(problem),
    planned: { order, minutes: minutesOfOrder(problem, order) },
  }
}

/** The colour that each zone of a part ends in: the last whole one that it gets. Zones without one are left out. */
export function endColours(build: Build, part: Part): { zone: Zone; hex: string }[] {
  const all = zonesOf(build, part.id)
  const steps = colourSteps(build, part)
  return all.flatMap((zone) => {
    const last = steps.findLast((step) => isFor(step, zone, all))
    return last ? [{ zone, hex: last.colour as string }] : []
  })
}

/** Acts that lay a colour over all of their zones, in order of work. */
function colourSteps(build: Build, part: Part): BuildAct[] {
  return build.steps.flatMap((step) => {
    if (!isAct(step) || !step.parts.includes(part.id) || !step.colour) return []
    const { row, role, coverage } = resolveStep(step, null)
    const lays = row.kind === 'film' && (role === 'colour' || role === 'metal')
    return lays && coverage === 'whole' ? [step as BuildAct] : []
  })
}

/** What lies under all of it: its primer, by its colour where that is said. */
function baseOf(build: Build, part: Part): string {
  const primer = build.steps.findLast(
    (step) =>
      isAct(step) && step.parts.includes(part.id) && resolveStep(step, null).role === 'primer',
  )
  return (primer && isAct(primer) ? primer.colour : undefined) ?? PRIMER
}

/** Where zones meet, by their places: said by either of the two, once. */
function edgesOf(zones: readonly Zone[]): ZoneEdge[] {
  const place = new Map(zones.map(({ id }, i) => [id, i]))
  const known = new Map<string, ZoneEdge>()
  zones.forEach(({ edges = [] }, a) => {
    for (const { zone, mm, soft = false } of edges) {
      const b = place.get(zone)
      if (b === undefined || b === a) continue
      const pair = [Math.min(a, b), Math.max(a, b)].join(' ')
      if (!known.has(pair)) known.set(pair, { a, b, mm, soft })
    }
  })
  return [...known.values()]
}
