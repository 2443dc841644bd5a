import { deltaE00, labOf } from '../colour'
import type { Bottle, Project } from '../model/project'
import type { PartPlan } from './partPlan'
import { usesOf } from './uses'

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
export function shortages(project: Project, plans: readonly PartPlan[]): Shortage[] {
  const planned = new Map<string, { ml: number; builds: Set<string> }>()
  for (const { bottle, ml, build } of usesOf(project, plans)) {
    const one = planned.get(bottle.id) ?? { ml: 0, builds: new Set<string>() }
    one.ml += ml
    one.builds.add(build.id)
    planned.set(bottle.id, one)
  }
  return (project.shelf ?? [])
    .flatMap((bottle): Shortage[] => {
      const use = planned.get(bottle.id)
      const shortMl = (use?.ml ?? 0) - bottle.leftMl
      return use && shortMl > 1e-9
        ? [{ bottle, plannedMl: use.ml, shortMl, builds: [...use.builds] }]
        : []
    })
    .sort((a, b) => b.shortMl - a.shortMl)
}

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
      (one) =>
        one.id !== bottle.id &&
        one.family === bottle.family &&
        one.role === bottle.role &&
        one.leftMl > 0,
    )
    .map((one) => ({
      bottle: one,
      deltaE00:
        one.colour && bottle.colour ? deltaE00(labOf(one.colour), labOf(bottle.colour)) : null,
      sameSheen: one.sheen === bottle.sheen,
    }))
    .sort(
      (a, b) =>
        Number(b.sameSheen) - Number(a.sameSheen) || (a.deltaE00 ?? far) - (b.deltaE00 ?? far),
    )
}
