import { wearLeftBy } from '../knowledge/wearMap'
import type { Accident } from '../model/accident'
import type { Build, BuildStep } from '../model/build'
import type { Edit } from '../model/edit'
import { isAct } from '../model/isAct'
import type { Picture } from '../model/picture'
import { sameValue } from '../model/sameValue'
import type { Zone } from '../model/zone'
import { wearOf } from './wear'

/** Where an accident may come up again, why there, and whether that is the mirror image of where it was. */
export type AgainAt = { zone: Zone; why: string; mirrored: boolean }

/** So many places are offered. Source: handbook 13.5. */
const OFFERED = 3

/** What being alike weighs: facing as it did, as high, worn alike, and what the wear map gives its effect there. */
const WEIGHS = { facing: 1, height: 0.6, wear: 0.8, map: 1.2 } as const

/** The places of a build that an accident fits best, the best first; where it was laid already is left out. Source: handbook 13.5, 12.8. */
export function placesAgain(
  build: Build,
  accident: Accident,
  pictures: readonly Picture[] = [],
): AgainAt[] {
  const { zones = [] } = build
  const own = zones.find(({ id }) => id === accident.zone)
  const scores = scoresOf(build, accident, pictures)
  return zones
    .filter((zone) => zone.id !== accident.zone && !isLaid(build, accident, zone))
    .map((zone) => ({ zone, score: likeness(zone, own) + WEIGHS.map * (scores.get(zone.id) ?? 0) }))
    .sort((a, b) => b.score - a.score || a.zone.id.localeCompare(b.zone.id))
    .slice(0, OFFERED)
    .map(({ zone }) => ({
      zone,
      why: whyThere(zone, own),
      mirrored: own !== undefined && (zone.mirror === own.id || own.mirror === zone.id),
    }))
}

/** What the wear map gives the accident's effect on each zone, 0 to 1. */
function scoresOf(
  build: Build,
  { steps }: Accident,
  pictures: readonly Picture[],
): ReadonlyMap<string, number> {
  const effect = steps.map((step) => wearLeftBy(step.do)).find((one) => one !== undefined)
  const map = effect && wearOf(build, pictures)
  if (!map) return new Map()
  return new Map(
    map.zones.map(({ zone, effects }) => [
      zone,
      effects.find((row) => row.effect === effect)?.score ?? 0,
    ]),
  )
}

function likeness(zone: Zone, own: Zone | undefined): number {
  if (!own) return 0
  const high = 1 - Math.abs((zone.height ?? 0.5) - (own.height ?? 0.5))
  const both = (zone.wear ?? []).filter((one) => own.wear?.includes(one)).length
  return (
    (zone.facing === own.facing ? WEIGHS.facing : 0) +
    WEIGHS.height * high +
    WEIGHS.wear * (both / Math.max(1, own.wear?.length ?? 0))
  )
}

function whyThere(zone: Zone, own: Zone | undefined): string {
  const both = (zone.wear ?? []).filter((one) => own?.wear?.includes(one))
  if (both.length > 0) return `worn alike: ${both.join(', ').replaceAll('-', ' ')}`
  if (own && zone.facing === own.facing) return 'it faces the same way'
  return 'wear comes there too'
}

/** Was it laid there already? */
function isLaid({ steps }: Build, accident: Accident, zone: Zone): boolean {
  return steps.some(
    (step) =>
      isAct(step) &&
      step.zones?.includes(zone.id) === true &&
      accident.steps.some((own) => sameValue(actOf(step), own)),
  )
}

/**
 * Lays an accident's acts once more on a zone, behind everything that is done there.
 *
 * @param isDone is a step done on the zone's part?
 */
export function againEdit(
  build: Build,
  { name, steps }: Accident,
  zone: Zone,
  isDone: (step: string) => boolean,
  newId: () => string,
): Edit {
  const own = build.steps.filter((step) => step.parts.includes(zone.part))
  const next = own[own.findLastIndex(({ id }) => isDone(id)) + 1]
  return {
    do: 'insert',
    before: next ? { step: next.id } : null,
    steps: steps.map(
      (step): BuildStep => ({
        ...step,
        id: newId(),
        parts: [zone.part],
        zones: [zone.id],
        cause: name,
      }),
    ),
  }
}

/** Of a step of a build what makes it again. */
export function actOf(step: BuildStep): Accident['steps'][number] {
  const own = Object.entries(step).filter(([field]) => AGAIN.has(field))
  return Object.fromEntries(own) as Accident['steps'][number]
}

/** What an accident is made of again: what was done, with what, and how much of it. */
const AGAIN: ReadonlySet<string> = new Set([
  ...[
    'do',
    'family',
    'role',
    'tool',
    'coats',
    'sheen',
    'solvent',
    'colour',
    'retarder',
    'thinning',
  ],
  ...['intent', 'over', 'grit', 'product', 'passes', 'warmAir', 'flowAid', 'fall', 'hiding'],
  ...['amount', 'where', 'markMm', 'direction', 'from', 'wipe'],
] satisfies (keyof Accident['steps'][number])[])
