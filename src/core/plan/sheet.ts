import type { Bottle, BuildStep, Project } from '../model/project'
import { isAct, type Step } from '../model/sequence'
import type { Family } from '../model/vocabulary'
import { bare } from './bare'
import { bottlesFor } from './paintFor'

/** Families of a shelf of which a bottle carries figures of its own sheet. */
const familiesKnown = new WeakMap<readonly Bottle[], ReadonlySet<Family>>()

function hasSheet({ product, reworkHours }: Bottle): boolean {
  return product !== undefined || reworkHours !== undefined
}

function familiesWithSheets(shelf: readonly Bottle[]): ReadonlySet<Family> {
  const known = familiesKnown.get(shelf)
  if (known) return known
  const families = new Set(shelf.filter(hasSheet).map((one) => one.family))
  familiesKnown.set(shelf, families)
  return families
}

/** The step as it was last painted, so that the same step stays the same object. */
const paintedOf = new WeakMap<BuildStep, { bottle: Bottle; step: Step }>()

const plainOf = new WeakMap<Step, Step>()

/** The step of the build again, of one that `asPainted` made. */
export function unpainted(step: Step): Step {
  return plainOf.get(step) ?? step
}

/**
 * A step of a build as it is walked: without what ties it to the build and, where it names no product, with the sheet of the
 * bottle that it would be painted from.
 *
 * Source: handbook 2, "the maker's data sheet wins".
 */
export function asPainted(project: Project, step: BuildStep): Step {
  const plain = bare(step)
  if (!isAct(plain) || plain.product !== undefined || !plain.family) return plain
  if (!familiesWithSheets(project.shelf ?? []).has(plain.family)) return plain
  const bottle = bottlesFor(project, plain)[0]
  if (!bottle || !hasSheet(bottle)) return plain
  const known = paintedOf.get(step)
  if (known?.bottle === bottle) return known.step
  const { product, reworkHours } = bottle
  const painted: Step = {
    ...plain,
    ...(product ? { product } : {}),
    ...(reworkHours === undefined || plain.reworkHours !== undefined ? {} : { reworkHours }),
  }
  paintedOf.set(step, { bottle, step: painted })
  plainOf.set(painted, plain)
  return painted
}
