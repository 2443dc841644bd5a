import { isReadyMade, paintIn } from '../colour/bottled'
import type { Ingredient } from '../mixing/mix'
import type { Bottle } from '../model/bottle'
import type { StoredMix } from '../model/mix'
import type { Project } from '../model/project'
import type { ActStep } from '../model/sequence'
import { isPaintedFrom } from '../stack/state/paintedFrom'

/** What a step is painted from. */
export type PaintSource = {
  name: string
  /** Paint share: 0 thinner, 1 neat. */
  share: number
  /** Bottled at working strength: thinned only to go below that. */
  readyMade?: boolean | undefined
  dropsPerMl?: number | undefined
  /** A kept mix: all of it, thinner and all. */
  recipe?: readonly Ingredient[] | undefined
}

/** A bottle as a mix takes from it. */
function bottleAsPaint(bottle: Bottle): PaintSource {
  const { name, dropsPerMl } = bottle
  return { name, share: paintIn(bottle), readyMade: isReadyMade(bottle), dropsPerMl }
}

/**
 * Bottles that a step would be painted from: the one that it names and other pots of that paint, else those of its family and
 * its colour or, for a clear, its sheen; fullest first.
 */
export function bottlesFor(project: Project, step: ActStep): Bottle[] {
  const shelf = project.shelf ?? []
  const { bottle: id, ...unnamed } = step as ActStep & { bottle?: string }
  const named = id === undefined ? undefined : shelf.find((bottle) => bottle.id === id)
  if (named) return [named, ...potsLike(named, shelf).filter((pot) => pot !== named)]
  return fullestFirst(shelf.filter((bottle) => isPaintedFrom(unnamed, bottle)))
}

/** Every pot of the same paint, this one among them: alike in name, maker, family, role, colour and sheen; fullest first. */
export function potsLike(bottle: Bottle, shelf: readonly Bottle[]): Bottle[] {
  return fullestFirst(shelf.filter((pot) => ALIKE.every((field) => pot[field] === bottle[field])))
}

const ALIKE = ['name', 'maker', 'family', 'role', 'colour', 'sheen'] as const

function fullestFirst(bottles: readonly Bottle[]): Bottle[] {
  return [...bottles].sort((a, b) => b.leftMl - a.leftMl)
}

/** The kept mix that a step is painted from; null: none, or it isn't kept any more. */
export function mixOfStep(project: Project, step: ActStep): StoredMix | null {
  const { mix } = step as { mix?: unknown }
  return project.mixes?.find((otherMix) => otherMix.id === mix) ?? null
}

/** What a step would be painted from: the kept mix that it names, else a bottle; null when none suits. */
export function paintFor(project: Project, step: ActStep): PaintSource | null {
  const kept = mixOfStep(project, step)
  if (kept) return { name: kept.name, share: 1, recipe: kept.ingredients }
  const bottle = bottlesFor(project, step)[0]
  return bottle ? bottleAsPaint(bottle) : null
}
