import type { StepProgress } from '../log/progress'
import { isAct } from '../model/isAct'
import type { Project } from '../model/project'
import { key } from '../model/stepRef'
import type { Family } from '../model/vocabulary'
import { resolveStep } from '../stack/state/resolvedStep'
import { pairKey } from '../stack/state/stepContext'

/** A log of fewer finished steps than this has no experience to ask. */
const YOUNG = 10

/**
 * Pairs of film and solvent that have been put together before, by the log: every solvent with the films that lay open
 * when it came.
 *
 * @param progress by `key`, derived from the log
 * @returns undefined while the log is too young to ask. Source: handbook 2.6, scrap-test-first; N88.
 */
export function usedPairs(
  project: Project,
  progress: ReadonlyMap<string, StepProgress>,
): ReadonlySet<string> | undefined {
  const finished = [...progress.values()].filter((one) => one.status === 'done').length
  if (finished < YOUNG) return undefined
  const pairs = new Set<string>()
  for (const build of project.builds ?? [])
    for (const part of build.parts) {
      let open: Family[] = []
      for (const step of build.steps) {
        if (!step.parts.includes(part.id) || !isAct(step)) continue
        if (progress.get(key({ build: build.id, part: part.id, step: step.id }))?.status !== 'done')
          continue
        const { solvent, family, row, coverage } = resolveStep(step, null)
        if (solvent) for (const film of open) pairs.add(pairKey(film, solvent))
        if (row.kind !== 'film' || !family) continue
        open = coverage === 'whole' ? [family] : [...open, family]
      }
    }
  return pairs
}
