import { bare } from '../model/bare'
import type { Bottle } from '../model/bottle'
import type { BuildStep } from '../model/build'
import { isAct } from '../model/isAct'
import type { Project } from '../model/project'
import type { ActStep, Step } from '../model/sequence'
import type { Family } from '../model/vocabulary'
import { bottlesFor } from './paintFor'

/** Families of a shelf of which a bottle carries figures of its own: of its sheet, or of a swatch. */
const familiesKnown = new WeakMap<readonly Bottle[], ReadonlySet<Family>>()

function hasSheet({ product, reworkHours, hiding }: Bottle): boolean {
  return product !== undefined || reworkHours !== undefined || hiding !== undefined
}

function familiesWithSheets(shelf: readonly Bottle[]): ReadonlySet<Family> {
  const known = familiesKnown.get(shelf)
  if (known) return known
  const families = new Set(shelf.filter(hasSheet).map((bottle) => bottle.family))
  familiesKnown.set(shelf, families)
  return families
}

/** The step as it was last painted from a shelf, so that the same step stays the same object, and is looked for once. */
const paintedOf = new WeakMap<BuildStep, { shelf: readonly Bottle[]; step: Step }>()

const plainOf = new WeakMap<Step, Step>()

/** The step of the build again, of one that `asPainted` made. */
export function unpainted(step: Step): Step {
  return plainOf.get(step) ?? step
}

/**
 * A step of a build as it is walked: without what ties it to the build and, where it names no product, with the sheet of the
 * bottle that it would be painted from and with how well that hides by its swatch.
 *
 * Source: handbook 2, "the maker's data sheet wins".
 */
export function asPainted(project: Project, step: BuildStep): Step {
  const plain = bare(step)
  const shelf = project.shelf ?? NONE
  if (!isAct(plain) || !plain.family) return plain
  if (!familiesWithSheets(shelf).has(plain.family)) return plain
  const known = paintedOf.get(step)
  if (known?.shelf === shelf) return known.step
  const painted = withSheet(plain, bottlesFor(project, plain)[0])
  // A shelf that changed elsewhere leaves the step the object it was.
  const same = known && JSON.stringify(known.step) === JSON.stringify(painted)
  const kept = same ? known.step : painted
  paintedOf.set(step, { shelf, step: kept })
  plainOf.set(kept, plain)
  return kept
}

const saidOf = new WeakMap<Step, Map<string, Step>>()

/** A step that is walked with more than it says itself; the same object for the same, and `unpainted` knows the step it was. */
export function saidBeside(step: ActStep, fields: Partial<ActStep>): Step {
  const known = saidOf.get(step) ?? new Map<string, Step>()
  saidOf.set(step, known)
  const key = JSON.stringify(fields)
  const made = known.get(key) ?? madeOf(step, { ...step, ...fields })
  known.set(key, made)
  return made
}

/** A step that was made of another one: `unpainted` knows the one of the build. */
export function madeOf(step: ActStep, made: ActStep): Step {
  plainOf.set(made, unpainted(step))
  return made
}

const NONE: readonly Bottle[] = []

/** What a bottle says of a step that doesn't say it itself: of one with a product of its own only how the paint hides. */
function withSheet(step: ActStep, bottle: Bottle | undefined): Step {
  if (!bottle || !hasSheet(bottle)) return step
  const { product, reworkHours, hiding } = bottle
  const sheet = step.product === undefined ? { product, reworkHours } : {}
  const said = Object.entries({ ...sheet, hiding }).filter(
    ([field, value]) => value !== undefined && step[field as keyof ActStep] === undefined,
  )
  return said.length > 0 ? { ...step, ...Object.fromEntries(said) } : step
}
