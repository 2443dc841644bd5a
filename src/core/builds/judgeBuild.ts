import type { Build } from '../model/build'
import { sameValue } from '../model/sameValue'
import type { Sequence } from '../model/sequence'
import { firstChange } from '../stack/remedies/remedies'
import { resume, simulate } from '../stack/simulate/simulate'
import type { Simulation } from '../stack/simulate/simulation'
import type { BenchState } from './benchState'
import { findingsOf, type PartFinding } from './partPlan'
import { simulatePart } from './partSimulation'
import type { PartSimulation } from './simulatedPart'

/** A build judged for an edit under way: every part's simulation, to be taken up again at the next change. */
export type JudgedBuild = { now: number; parts: ReadonlyMap<string, PartSimulation> }

/**
 * Judges every part of a build without ways out, fast enough to answer during a drag: what comes before the first change is
 * taken from the judgement before, and parts that read the same are simulated once.
 *
 * @param now epoch milliseconds
 * @param before a judgement of the same build at the same instant; left out: everything is simulated
 */
export function judgeBuild(
  state: BenchState,
  build: Build,
  now: number,
  before?: JudgedBuild,
): JudgedBuild {
  const shared: Twin[] = []
  const parts = new Map<string, PartSimulation>()
  for (const part of build.parts) {
    const old = before?.parts.get(part.id)
    parts.set(part.id, simulatePart(state, build, part, now, simulateOnce(shared, old)))
  }
  return { now, parts }
}

/** What is said of every part, by its id. */
export function findingsOfBuild(judged: JudgedBuild): Map<string, PartFinding[]> {
  return new Map([...judged.parts].map(([part, simulated]) => [part, findingsOf(simulated)]))
}

type Twin = { sequence: Sequence; pattern: string; simulated: Simulation }

/** Simulates a part's sequence, or takes the simulation of a part that reads the same, or goes on from the one before. */
function simulateOnce(shared: Twin[], old: PartSimulation | undefined): typeof simulate {
  return (sequence, options = {}) => {
    const untouched = options.facts?.size === 0
    const pattern = options.regions?.pattern ?? ''
    const twin = untouched
      ? shared.find((part) => part.pattern === pattern && readsAlike(part.sequence, sequence))
      : undefined
    if (twin) return twin.simulated
    const from = old && sameFacts(old, options) ? firstChange(old.sequence, sequence) : null
    const simulated =
      old && from !== null
        ? resume(old.simulation, sequence, from, options)
        : simulate(sequence, options)
    if (untouched) shared.push({ sequence, pattern, simulated })
    return simulated
  }
}

/** The same settings and the very same steps: a step of a build is one object on every part. */
function readsAlike(sequence: Sequence, other: Sequence): boolean {
  return (
    sequence.steps.length === other.steps.length &&
    firstChange(sequence, other) === sequence.steps.length
  )
}

/** Is everything but the steps what it was? */
function sameFacts({ options: old }: PartSimulation, options: PartSimulation['options']): boolean {
  const same = (field: keyof PartSimulation['options']) => old[field] === options[field]
  return (
    same('notBefore') &&
    same('from') &&
    same('series') &&
    same('correction') &&
    same('shelf') &&
    same('usedPairs') &&
    same('testPieces') &&
    same('newAt') &&
    same('areaCm2') &&
    old.regions?.key === options.regions?.key &&
    old.facts?.size === options.facts?.size &&
    sameValue([...(old.facts ?? [])], [...(options.facts ?? [])]) &&
    sameValue([...(old.paces ?? [])], [...(options.paces ?? [])])
  )
}
