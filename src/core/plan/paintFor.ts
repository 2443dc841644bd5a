import type { Bottle, Project } from '../model/project'
import type { ActStep } from '../model/sequence'

/** Bottles that a step would be painted from: same family, and the same colour or, for a clear, the same sheen; fullest first. */
export function bottlesFor(project: Project, step: ActStep): Bottle[] {
  const suits = (project.shelf ?? []).filter(
    (bottle) =>
      bottle.family === step.family &&
      bottle.role !== 'thinner' &&
      (step.do === 'clear'
        ? bottle.role === 'clear' && bottle.sheen === step.sheen
        : step.colour !== undefined && bottle.colour?.toLowerCase() === step.colour.toLowerCase()),
  )
  return suits.sort((a, b) => b.leftMl - a.leftMl)
}
