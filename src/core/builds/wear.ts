import { deltaE00, labOf } from '../colour/spectrum'
import { WEAR_TABLE } from '../knowledge/wearMap'
import type { Build, BuildAct } from '../model/build'
import type { Edit } from '../model/edit'
import { isAct } from '../model/isAct'
import type { Picture } from '../model/picture'
import type { Zone } from '../model/zone'
import { type WearMap, type WornEffect, wearMap } from '../places/wearMap'
import { resolveStep } from '../stack/state/resolvedStep'
import { pinnedWear } from './pins'
import { edgesOfZone } from './zoneEdges'
import { isFor, zoneArea, zonesOf } from './zoneRegions'

export type { WearMap }

/** How far an edge reaches into a face, mm on the model. */
const EDGE_BAND = 1

/** The same story wears it the same way. */
const SEED = 1

/**
 * Where wear goes on a build: what each of its zones gets of every effect, as its pictures have it where something is pinned.
 *
 * @returns null: it has no zones
 * Source: handbook 12.8, 13.1.
 */
export function wearOf(build: Build, pictures: readonly Picture[] = []): WearMap | null {
  const zones = build.parts.flatMap((part) => {
    const own = zonesOf(build, part.id)
    return own.map((zone) => ({ zone, areaCm2: zoneArea(zone, part, own) }))
  })
  const sized = zones.filter(({ areaCm2 }) => areaCm2 > 0)
  if (sized.length === 0) return null
  return wearMap({
    scale: build.scale ?? 72,
    seed: SEED,
    wear: build.school?.wear,
    chipContrast: chipContrast(build),
    pins: pinnedWear(build, pictures),
    zones: sized.map(({ zone, areaCm2 }) => ({
      id: zone.id,
      areaCm2,
      facing: zone.facing ?? 'side',
      height: zone.height ?? 0.5,
      edgeShare: edgeShare(zone, build.zones ?? [], areaCm2),
      wear: zone.wear ?? [],
      iron: true,
      diameters: 1,
      turned: 0,
    })),
    story: (build.events ?? []).map(({ event, zone = null, strength = 1 }) => ({
      event,
      zone,
      strength,
    })),
  })
}

/** How much of a zone is edge: a band along what it meets. */
function edgeShare(zone: Zone, zones: readonly Zone[], areaCm2: number): number {
  const mm = edgesOfZone(zone, zones).reduce((sum, edge) => sum + edge.mm, 0)
  return Math.min(1, (mm * EDGE_BAND) / (areaCm2 * 100))
}

/** A step that leaves wear, and what the map makes of it. */
export type WornStep = {
  step: BuildAct
  fields: Pick<BuildAct, 'amount' | 'where' | 'markMm' | 'direction' | 'cause'>
}

/**
 * What the map says of each step that leaves wear: how much of the zones that it is for, where, its marks, their way, and why.
 *
 * @param isOpen is a step still to do?
 */
export function wornSteps(
  build: Build,
  map: WearMap,
  isOpen: (step: string) => boolean,
): WornStep[] {
  const { zones = [] } = build
  return build.steps.flatMap((step): WornStep[] => {
    if (!isAct(step) || !isOpen(step.id)) return []
    const rows = map.zones.flatMap(({ zone: id, effects }) => {
      const zone = zones.find((one) => one.id === id)
      if (!zone || !isFor(step as BuildAct, zone, zones)) return []
      const found = effects.find(({ effect }) => WEAR_TABLE[effect].made.includes(step.do))
      return found ? [{ found, zone }] : []
    })
    const areas = rows.map(({ zone }) => {
      const part = build.parts.find(({ id }) => id === zone.part)
      return part ? zoneArea(zone, part, zonesOf(build, part.id)) : 0
    })
    const area = areas.reduce((sum, one) => sum + one, 0)
    const amount = rows.reduce((sum, { found }, i) => sum + found.share * (areas[i] ?? 0), 0) / area
    const most = rows.reduce<WornEffect | null>(
      (best, { found }) => (best && best.share >= found.share ? best : found),
      null,
    )
    return most && amount > 0 ? [{ step: step as BuildAct, fields: fieldsOf(most, amount) }] : []
  })
}

function fieldsOf(most: WornEffect, amount: number): WornStep['fields'] {
  const { effect, medianMm, direction, cause } = most
  return {
    amount: rounded(amount, 4),
    where: WEAR_TABLE[effect].lies,
    direction,
    cause,
    ...(medianMm === null ? {} : { markMm: rounded(medianMm, 2) }),
  }
}

/** Puts what the map says into the steps. */
export function wearEdit(steps: readonly WornStep[]): Edit {
  return {
    do: 'all',
    edits: steps.map(({ step, fields }) => ({
      do: 'change',
      targets: [{ step: step.id }],
      on: 'every',
      fields,
    })),
  }
}

function rounded(value: number, digits: number): number {
  return Math.max(10 ** -digits, Math.round(value * 10 ** digits) / 10 ** digits)
}

/** How much the first chips of a build stand out from the face that they are in, ΔE00; null: nobody says in which colours. Source: handbook 12.8, 5.3. */
export function chipContrast(build: Build): number | null {
  for (const step of build.steps) {
    if (!isAct(step) || !WEAR_TABLE.chips.made.includes(step.do)) continue
    for (const part of step.parts) {
      const before = build.steps
        .slice(0, build.steps.indexOf(step))
        .filter((one): one is BuildAct => isAct(one) && one.parts.includes(part))
      const colours = before.flatMap((one) => {
        const { row, role, coverage } = resolveStep(one, null)
        const shows = role === 'colour' || role === 'metal' || role === 'primer'
        return one.colour && row.kind === 'film' && shows && coverage === 'whole'
          ? [one.colour]
          : []
      })
      const face = colours.at(-1)
      // What is opened shows what lies under the face; what is painted on shows itself.
      const chip = step.colour ?? colours.at(-2)
      if (face && chip) return deltaE00(labOf(face), labOf(chip))
    }
  }
  return null
}
