import { progressOf } from '../journal'
import type { Build, Project } from '../model/project'
import type { Sequence } from '../model/sequence'
import { firstChange, rewalk, type Walk, walk } from '../stack'
import type { PartFinding } from './partPlan'
import { findingsOf } from './partPlan'
import { type PartWalk, walkPart } from './partWalk'

/** A build judged for an edit under way: every part's walk, to be taken up again at the next change. */
export type JudgedBuild = { now: number; parts: Map<string, PartWalk> }

/**
 * Judges every part of a build without ways out, fast enough to answer during a drag: what comes before the first change is
 * taken from the judgement before, and parts that read the same are walked once.
 *
 * @param before the last judgement of the same build with the same facts; left out: everything is walked
 */
export function judgeBuild(project: Project, build: Build, before?: JudgedBuild): JudgedBuild {
  const now = before?.now ?? 0
  const progress = progressOf(project.acts ?? [])
  const shared: Walked[] = []
  const parts = new Map<string, PartWalk>()
  for (const part of build.parts) {
    const old = before?.parts.get(part.id)
    parts.set(part.id, walkPart(project, build, part, progress, now, walkOnce(shared, old)))
  }
  return { now, parts }
}

/** Judges a build at an instant, for the first time. */
export function judgeBuildAt(project: Project, build: Build, now: number): JudgedBuild {
  return judgeBuild(project, build, { now, parts: new Map() })
}

/** What is said of every part, by its id. */
export function findingsOfBuild(judged: JudgedBuild): Map<string, PartFinding[]> {
  return new Map([...judged.parts].map(([part, walked]) => [part, findingsOf(walked)]))
}

type Walked = { sequence: Sequence; walked: Walk }

/** Walks a part's sequence, or takes the walk of a part that reads the same, or goes on from the one before. */
function walkOnce(shared: Walked[], old: PartWalk | undefined): typeof walk {
  return (sequence, options = {}) => {
    const untouched = options.facts?.size === 0
    const twin = untouched ? shared.find((one) => readsAlike(one.sequence, sequence)) : undefined
    if (twin) return twin.walked
    const from = old && sameFacts(old, options) ? firstChange(old.sequence, sequence) : null
    const walked =
      old && from !== null ? rewalk(old.walk, sequence, from, options) : walk(sequence, options)
    if (untouched) shared.push({ sequence, walked })
    return walked
  }
}

/** The same settings and the very same steps: a step of a build is one object on every part. */
function readsAlike(one: Sequence, other: Sequence): boolean {
  return one.steps.length === other.steps.length && firstChange(one, other) === one.steps.length
}

function sameFacts(old: PartWalk, options: PartWalk['options']): boolean {
  const [a, b] = [old.options.facts, options.facts]
  if (old.options.notBefore !== options.notBefore || a?.size !== b?.size) return false
  if (JSON.stringify(old.options.series) !== JSON.stringify(options.series)) return false
  return JSON.stringify([...(a ?? [])]) === JSON.stringify([...(b ?? [])])
}
