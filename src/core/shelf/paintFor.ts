import type { Bottle } from '../model/bottle'
import type { StoredMix } from '../model/mix'
import type { Project } from '../model/project'
import type { ActStep } from '../model/sequence'
import { isPaintedFrom } from '../stack/state/paintedFrom'
import { bottleAsPaint, type Paint } from './stepCard'

/** Bottles that a step would be painted from: same family, and the same colour or, for a clear, the same sheen; fullest first. */
export function bottlesFor(project: Project, step: ActStep): Bottle[] {
  return (project.shelf ?? [])
    .filter((bottle) => isPaintedFrom(step, bottle))
    .sort((a, b) => b.leftMl - a.leftMl)
}

/** The kept mix that a step is painted from; null: none, or it isn't kept any more. */
export function mixOfStep(project: Project, step: ActStep): StoredMix | null {
  const { mix } = step as { mix?: unknown }
  return project.mixes?.find((one) => one.id === mix) ?? null
}

/** What a step would be painted from: the kept mix that it names, else a bottle; null when none suits. */
export function paintFor(project: Project, step: ActStep): Paint | null {
  const kept = mixOfStep(project, step)
  if (kept) return { name: kept.name, share: 1, recipe: kept.ingredients }
  const bottle = bottlesFor(project, step)[0]
  return bottle ? bottleAsPaint(bottle) : null
}
