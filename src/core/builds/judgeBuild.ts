import { progressOf } from '../log/progress'
import type { Build } from '../model/build'
import type { Project } from '../model/project'
import type { Sequence } from '../model/sequence'
import { firstChange } from '../stack/remedies/remedies'
import { resume, simulate } from '../stack/simulate/simulate'
import type { Simulation } from '../stack/simulate/simulation'
import { findingsOf, type PartFinding } from './partPlan'
import { type PartSimulation, simulatePart } from './partSimulation'

/** A build judged for an edit under way: every part's walk, to be taken up again at the next change. */
export type JudgedBuild = { now: number; parts: Map<string, PartSimulation> }

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
  const parts = new Map<string, PartSimulation>()
  for (const part of build.parts) {
    const old = before?.parts.get(part.id)
    parts.set(part.id, simulatePart(project, build, part, progress, now, simulateOnce(shared, old)))
  }
  return { now, parts }
}

/** Judges a build at an instant, for the first time. */
export function judgeBuildAt(project: Project, build: Build, now: number): JudgedBuild {
  return judgeBuild(project, build, { now, parts: new Map() })
}

/** What is said of every part, by its id. */
export function findingsOfBuild(judged: JudgedBuild): Map<string, PartFinding[]> {
  return new Map([...judged.parts].map(([part, simulated]) => [part, findingsOf(simulated)]))
}

type Walked = { sequence: Sequence; simulated: Simulation }

/** Walks a part's sequence, or takes the walk of a part that reads the same, or goes on from the one before. */
function simulateOnce(shared: Walked[], old: PartSimulation | undefined): typeof simulate {
  return (sequence, options = {}) => {
    const untouched = options.facts?.size === 0
    const twin = untouched ? shared.find((one) => readsAlike(one.sequence, sequence)) : undefined
    if (twin) return twin.simulated
    const from = old && sameFacts(old, options) ? firstChange(old.sequence, sequence) : null
    const simulated =
      old && from !== null
        ? resume(old.simulation, sequence, from, options)
        : simulate(sequence, options)
    if (untouched) shared.push({ sequence, simulated })
    return simulated
  }
}

/** The same settings and the very same steps: a step of a build is one object on every part. */
function readsAlike(one: Sequence, other: Sequence): boolean {
  return one.steps.length === other.steps.length && firstChange(one, other) === one.steps.length
}

function sameFacts(old: PartSimulation, options: PartSimulation['options']): boolean {
  const [a, b] = [old.options.facts, options.facts]
  if (old.options.notBefore !== options.notBefore || a?.size !== b?.size) return false
  if (JSON.stringify(old.options.series) !== JSON.stringify(options.series)) return false
  return JSON.stringify([...(a ?? [])]) === JSON.stringify([...(b ?? [])])
}
