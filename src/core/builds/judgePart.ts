import { progressOf } from '../log/progress'
import type { Project } from '../model/project'
import { type CoatsToCover, coatsToCover } from '../stack/questions/coatsToCover'
import { type LastCoat, lastCoat } from '../stack/questions/lastCoat'
import { remediesFor } from '../stack/remedies/remedies'
import type { Remedy } from '../stack/rules/finding'
import type { PartFinding, PartPlan } from './partPlan'
import type { PartSimulation } from './partSimulation'
import { planPart } from './planParts'

/** One part judged for its screen: its plan, every finding with its ways out, the order the edits speak of, its clears. */
export type JudgedPart = {
  plan: PartPlan
  findings: JudgedFinding[]
  order: string[]
  /** What each planned clear does to what is under it, by step of the build. */
  coats: Map<string, LastCoat>
  /** How many coats a planned colour takes: reckoned when a step of the build is asked for. */
  cover: (step: string) => CoatsToCover | null
}
export type JudgedFinding = PartFinding & { remedies: Remedy[] }

/**
 * Judges one part of a build with its ways out, each tried against the facts.
 *
 * @throws RangeError if the project has no such part
 */
export function judgePart(project: Project, build: string, part: string, now: number): JudgedPart {
  const progress = progressOf(project.acts ?? [])
  const { plan, simulated } = planPart(project, build, part, progress, now)
  const coats = simulated.simulation.simulated.flatMap((one): [string, LastCoat][] => {
    const coat = lastCoat(one)
    const entry = simulated.entries[one.index]
    return coat && entry && !entry.fact ? [[entry.step.id, coat]] : []
  })
  const cover = (step: string) => {
    const one = simulated.simulation.simulated.find(({ index }) => {
      const entry = simulated.entries[index]
      return entry?.step.id === step && !entry.fact
    })
    return one ? coatsToCover(one) : null
  }
  return {
    plan,
    cover,
    coats: new Map(coats),
    order: simulated.entries.map((entry) => entry.step.id),
    findings: plan.findings.map((finding) => ({
      ...finding,
      remedies: waysOut(simulated, finding),
    })),
  }
}

/** The ways out of one finding; none for what only follows from another, or is taken as it is. */
function waysOut(
  { simulation, sequence, options }: PartSimulation,
  finding: PartFinding,
): Remedy[] {
  if (finding.follows || finding.accepted !== null) return []
  const drafted = simulation.drafts.find(
    (one) => one.rule === finding.rule && one.step === finding.index,
  )
  return drafted ? remediesFor(sequence, simulation, drafted, options) : []
}
