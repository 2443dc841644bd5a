import type { BuildLog, LogIndex } from '../log/logIndex'
import type { Build } from '../model/build'
import { isAct } from '../model/isAct'
import type { Project } from '../model/project'
import type { Step } from '../model/sequence'
import { pairsOf } from './testedOn'

/** A log of fewer finished steps than this has no experience to ask. */
const YOUNG = 10

type OfBuild = { build: Build; log: BuildLog; pairs: ReadonlySet<string>; finished: number }

/** Pairs that were used, build by build, so that only a build that changed is read again. */
export type PairsKnown = {
  builds: ReadonlyMap<string, OfBuild>
  /** undefined while the log is too young to ask; the same object while it says the same. */
  used: ReadonlySet<string> | undefined
}

/**
 * Pairs of film and solvent that have been put together before, by the log: every solvent with the films that lay open
 * when it came.
 *
 * @param before the last answer
 * Source: handbook 2.6, scrap-test-first; N88.
 */
export function pairsKnown(project: Project, log: LogIndex, before?: PairsKnown): PairsKnown {
  const builds = new Map<string, OfBuild>()
  for (const build of project.builds ?? []) {
    const own = log.builds.get(build.id)
    if (!own) continue
    const known = before?.builds.get(build.id)
    builds.set(
      build.id,
      known && known.build === build && known.log === own ? known : pairsOfBuild(build, own),
    )
  }
  const all = [...builds.values()]
  if (before && sameBuilds(before.builds, builds)) return before
  if (all.reduce((sum, { finished }) => sum + finished, 0) < YOUNG)
    return { builds, used: undefined }
  const used = new Set(all.flatMap(({ pairs }) => [...pairs]))
  const same = before?.used && sameSet(before.used, used)
  return { builds, used: same ? before.used : used }
}

function sameBuilds(a: ReadonlyMap<string, OfBuild>, b: ReadonlyMap<string, OfBuild>): boolean {
  return a.size === b.size && [...b].every(([id, own]) => a.get(id) === own)
}

function sameSet(a: ReadonlySet<string>, b: ReadonlySet<string>): boolean {
  return a.size === b.size && [...b].every((pair) => a.has(pair))
}

function pairsOfBuild(build: Build, log: BuildLog): OfBuild {
  const pairs = new Set<string>()
  let finished = 0
  for (const part of build.parts) {
    const steps = log.parts.get(part.id)?.steps
    const done: Step[] = []
    for (const step of build.steps) {
      if (!step.parts.includes(part.id) || !isAct(step)) continue
      if (steps?.get(step.id)?.status === 'done') done.push(step)
    }
    finished += done.length
    for (const pair of pairsOf(done)) pairs.add(pair)
  }
  return { build, log, pairs, finished }
}
