import type { Sheen } from '../model/vocabulary'
import { faceColour } from '../stack/state/faceColour'
import { filmMicrons } from '../stack/state/filmBuild'
import { stackOf } from '../stack/state/regions'
import type { Stack } from '../stack/state/stack'
import type { PartSimulation } from './simulatedPart'
import { regionOf } from './simulatedPart'
import { zonesOf } from './zoneRegions'

/** What a face looks like from a step on. */
export type FaceFrom = {
  step: string
  /** #RRGGBB; null: nobody has said the colour of what hides. */
  colour: string | null
  /** Of its newest film over the whole face; null: nothing has one. */
  sheen: Sheen | null
}

/** How thick the paint is in the end, µm: on faces, and on edges, where it draws back. Source: handbook 12.6. */
export type FilmBudget = { face: number; edges: number }

/** What stays of a film on an edge. Source: handbook 12.6. */
const ON_EDGES = 0.65

/** A part's faces along its steps. */
export type FacesAlong = {
  /** The steps in order of work, each once. */
  steps: string[]
  /** By zone, what changes its face and from which step on; a part without zones has one row without a zone. */
  zones: { zone: string | null; faces: FaceFrom[]; microns: FilmBudget }[]
}

/**
 * What every zone of a part looks like after each of its steps.
 *
 * Source: handbook 5.2 (what is seen through films), 12.2 (steps by zone).
 */
export function facesAlong(part: PartSimulation): FacesAlong {
  const { simulation, entries, build } = part
  const byRegion = new Map<string, FaceFrom[]>()
  for (const { index, region, after, context } of simulation.simulated) {
    const step = entries[index]?.step.id
    if (!step) continue
    const faces = byRegion.get(region) ?? []
    const newest = after.films.findLast(({ coverage, sheen }) => coverage === 'whole' && sheen)
    const colour = faceColour(after.films, context.setting.steps)
    byRegion.set(region, [...faces, { step, colour, sheen: newest?.sheen ?? null }])
  }
  const zones = zonesOf(build, part.part.id).map(({ id }) => id)
  return {
    steps: [...new Set(entries.map(({ step }) => step.id))],
    zones: (zones.length > 0 ? zones : [null]).map((zone) => ({
      zone,
      faces: (byRegion.get(regionOf(part, zone ?? undefined)) ?? []).filter(isNew),
      microns: budgetOf(stackOf(simulation.stacks, regionOf(part, zone ?? undefined))),
    })),
  }
}

function budgetOf({ films }: Stack): FilmBudget {
  const face = films.reduce((sum, film) => sum + filmMicrons(film), 0)
  return { face, edges: face * ON_EDGES }
}

/** Does it look other than before? */
function isNew({ colour, sheen }: FaceFrom, i: number, faces: readonly FaceFrom[]): boolean {
  const before = faces[i - 1]
  return !before || before.colour !== colour || before.sheen !== sheen
}

/** What a face looks like after so many of the steps; null: bare. */
export function faceAfter(
  steps: readonly string[],
  faces: readonly FaceFrom[],
  count: number,
): FaceFrom | null {
  const done = new Set(steps.slice(0, count))
  return faces.findLast(({ step }) => done.has(step)) ?? null
}
