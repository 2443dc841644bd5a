import type { BuildAct, BuildStep } from './build'

/** How many coats a step lays where nothing was changed under way; 1 for everything else. */
export function coatsOf(step: unknown): number {
  const coats = (step as { coats?: readonly unknown[] }).coats
  return coats?.length ?? 1
}

/** How many coats of a step are meant for a part; 0: what was left of it was changed before the first. */
export function coatsMeant(step: BuildStep, part: string): number {
  return Math.min(coatsOf(step), (step as BuildAct).endsAfter?.[part] ?? Number.POSITIVE_INFINITY)
}
