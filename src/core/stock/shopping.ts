import { deltaE00, labOf } from '../colour/spectrum'
import { actRow } from '../knowledge/acts'
import { LANDS, WET_FILM_UM } from '../knowledge/mixing'
import type { Bottle } from '../model/bottle'
import type { Project } from '../model/project'
import type { BenchTool } from '../model/tool'
import type { Tool } from '../model/vocabulary'
import type { PartToPaint } from './partToPaint'
import type { StockState } from './stockState'
import { openSteps, usesOf } from './uses'

/** A bottle that doesn't last for what is planned. */
export type Shortage = {
  bottle: Bottle
  /** For everything that is planned of it, ml. */
  plannedMl: number
  shortMl: number
  /** Builds that use it. */
  builds: string[]
}

/** Bottles that run out over all builds on the bench, the shortest first. Source: N76. */
export function shortages(state: StockState, plans: readonly PartToPaint[]): Shortage[] {
  const planned = new Map<string, { ml: number; short: number; builds: Set<string> }>()
  for (const { bottle, ml, shortMl, build } of usesOf(state, plans)) {
    const own = planned.get(bottle.id) ?? { ml: 0, short: 0, builds: new Set<string>() }
    own.ml += ml
    own.short += shortMl
    own.builds.add(build.id)
    planned.set(bottle.id, own)
  }
  return (state.project.shelf ?? [])
    .flatMap((bottle): Shortage[] => {
      const use = planned.get(bottle.id)
      if (!use || use.short <= LEAST) return []
      return [{ bottle, plannedMl: use.ml, shortMl: use.short, builds: [...use.builds] }]
    })
    .sort((a, b) => b.shortMl - a.shortMl)
}

/** Less than this is a matter of rounding, ml. */
const LEAST = 1e-9

/** Another bottle in place of one. */
export type Substitute = {
  bottle: Bottle
  /** How far its colour is from the one it stands for; null where one of them has none. */
  deltaE00: number | null
  sameSheen: boolean
}

/** Bottles of the same family and role with something in them: the same sheen first, then the nearest colour. Source: N76. */
export function substitutesFor(bottle: Bottle, shelf: readonly Bottle[]): Substitute[] {
  const far = Number.POSITIVE_INFINITY
  return shelf
    .filter(
      (otherBottle) =>
        otherBottle.id !== bottle.id &&
        otherBottle.family === bottle.family &&
        otherBottle.role === bottle.role &&
        otherBottle.leftMl > 0,
    )
    .map((otherBottle) => ({
      bottle: otherBottle,
      deltaE00:
        otherBottle.colour && bottle.colour
          ? deltaE00(labOf(otherBottle.colour), labOf(bottle.colour))
          : null,
      sameSheen: otherBottle.sheen === bottle.sheen,
    }))
    .sort(
      (a, b) =>
        Number(b.sameSheen) - Number(a.sameSheen) || (a.deltaE00 ?? far) - (b.deltaE00 ?? far),
    )
}

/** A kind of tool that planned steps need and the shelf has none of, and what may be laid with instead. */
export type MissingTool = {
  kind: BenchTool['kind']
  /** How many steps need it. */
  steps: number
  builds: string[]
  instead: string | null
}

/** What a step's tool is on the shelf, and what stands in for it. Source: handbook 4.4, N76. */
const ON_SHELF: Partial<Record<Tool, { kind: BenchTool['kind']; instead: string | null }>> = {
  airbrush: {
    kind: 'needle',
    instead: insteadOf(LANDS.airbrush.large / LANDS['spray-can'].large),
  },
  brush: { kind: 'brush', instead: null },
  'flat-brush': { kind: 'brush', instead: null },
  sponge: { kind: 'sponge', instead: 'A stiff brush, nearly dry, makes marks like it.' },
}

/** Spray lands worse out of a can; a brush wastes nothing and lays four films in one. */
function insteadOf(more: number): string {
  const thicker = WET_FILM_UM.brush / WET_FILM_UM.light
  return `A spray can takes ${Math.round((more - 1) * 100)} % more paint for the same coat; a brush wastes hardly any, and lays ${thicker} times the film in one coat.`
}

/** Tools that planned steps need and the shelf has none of; none while no tool was ever put there. Source: N76. */
export function missingTools(project: Project, plans: readonly PartToPaint[]): MissingTool[] {
  const owned = new Set((project.tools ?? []).map((tool) => tool.kind))
  if (owned.size === 0) return []
  const missing = new Map<BenchTool['kind'], { steps: Set<string>; builds: Set<string> }>()
  for (const { build, step } of openSteps(project, plans)) {
    const kind = ON_SHELF[step.tool ?? actRow(step.do, step.family).tool]?.kind
    if (!kind || owned.has(kind)) continue
    const known = missing.get(kind) ?? { steps: new Set(), builds: new Set() }
    known.steps.add(`${build.id} ${step.id}`)
    known.builds.add(build.id)
    missing.set(kind, known)
  }
  return [...missing].map(([kind, { steps, builds }]) => ({
    kind,
    steps: steps.size,
    builds: [...builds],
    instead: Object.values(ON_SHELF).find((bottle) => bottle.kind === kind)?.instead ?? null,
  }))
}
