import { loggedIn } from '../log/logged'
import { applyEdit } from '../model/applyEdit'
import type { Build } from '../model/build'
import type { Edit } from '../model/edit'
import type { SectionStep } from '../model/section'
import type { PartRef } from '../model/stepRef'
import { type LastCoat, lastCoat } from '../stack/questions/lastCoat'
import { remediesFor } from '../stack/remedies/remedies'
import type { Remedy } from '../stack/rules/finding'
import type { Drafted } from '../stack/simulate/simulation'
import { type CoatsToCover, coatsToCover } from '../stack/state/coatsToCover'
import type { BenchState } from './benchState'
import type { PartFinding, PartPlan } from './partPlan'
import { simulatePart } from './partSimulation'
import { planPart } from './planParts'
import { buildEditOf, forEveryPart } from './remedyEdit'
import type { PartRule } from './rules/partRule'
import { PART_RULE_LIST } from './rules/partRules'
import { sectionOf } from './section'
import type { PartSimulation } from './simulatedPart'

/** One part judged for its screen: its plan, every finding with its ways out, its clears. */
export type JudgedPart = {
  plan: PartPlan
  findings: JudgedFinding[]
  /** Ids of its steps in the order in which they were and will be done. */
  order: string[]
  /** What each planned clear does to what is under it, by step of the build. */
  coats: Map<string, LastCoat>
  /** Its films in section, in order of work. */
  section: SectionStep[]
}
/** A way out as an edit of the build. */
export type PartRemedy = {
  say: string
  kind: Remedy['kind']
  /** For this part alone. */
  edit: Edit
  /** For every part that shares the step; null: no other does, or it can't be said of them. */
  every: Edit | null
}
/** A finding with its ways out, cheapest first. */
export type JudgedFinding = PartFinding & { remedies: PartRemedy[] }

/**
 * Judges one part of a build with its ways out, each tried against the facts.
 *
 * @param newId gives a new id each time, for steps that a way out lays
 * @param zone where its films are cut through; left out: the largest region stands for the part
 * @throws RangeError if the project has no such part
 */
export function judgePart(
  state: BenchState,
  ref: PartRef,
  now: number,
  newId: () => string,
  zone?: string,
): JudgedPart {
  const { plan, simulated } = planPart(state, ref, now)
  const coats = simulated.simulation.simulated.flatMap((otherEntry): [string, LastCoat][] => {
    const coat = lastCoat(otherEntry)
    const entry = simulated.entries[otherEntry.index]
    return coat && entry && !entry.fact ? [[entry.step.id, coat]] : []
  })
  return {
    plan,
    coats: new Map(coats),
    section: sectionOf(simulated, zone),
    order: [...new Set(simulated.entries.map((entry) => entry.step.id))],
    findings: plan.findings.map((finding) => ({
      ...finding,
      remedies: remediesOf(state, simulated, finding, now, newId),
    })),
  }
}

/**
 * How many coats a planned colour takes to cover what lies under it.
 *
 * @returns null for a step that is done, or lays no opaque colour
 * @throws RangeError if the project has no such part
 */
export function coverOfStep(
  state: BenchState,
  ref: PartRef,
  step: string,
  now: number,
): CoatsToCover | null {
  const { simulated } = planPart(state, ref, now)
  const planned = simulated.simulation.simulated.find(({ index }) => {
    const entry = simulated.entries[index]
    return entry?.step.id === step && !entry.fact
  })
  return planned ? coatsToCover(planned.context) : null
}

/** The ways out of one finding; none for what only follows from another, or is taken as it is. */
function remediesOf(
  state: BenchState,
  simulated: PartSimulation,
  finding: PartFinding,
  now: number,
  newId: () => string,
): PartRemedy[] {
  if (finding.follows || finding.accepted !== null) return []
  const ofPart = PART_RULE_LIST.find(({ name }) => name === finding.rule)
  if (ofPart) return waysOfPart(state, simulated, finding, ofPart, now, newId)
  const { simulation, sequence, options, build } = simulated
  const drafted = simulation.drafts.find(
    (draft) => draft.rule === finding.rule && draft.step === finding.index,
  )
  const found = drafted ? remediesFor(sequence, simulation, drafted, options) : []
  const logged = loggedIn(state.log, build.id)
  return found.flatMap(({ say, kind, edit: sequenceEdit }): PartRemedy[] => {
    const edit = buildEditOf(simulated, sequenceEdit, newId)
    const applied = applyEdit(build, edit, logged, newId)
    if (!applied.ok) return []
    const helps = () =>
      endsIt(simulated, simulateAgain(state, applied.build, simulated, now), finding)
    // What is left of a step under way is moved, not only changed: it is looked at as it then stands.
    if (isUnderWay(simulated) && !helps()) return []
    return [{ say, kind, edit, every: forEveryPart(build, edit, finding.step) }]
  })
}

/** Ways out of what a rule of the part told, each tried: it is told no more there, or of fewer zones. */
function waysOfPart(
  state: BenchState,
  simulated: PartSimulation,
  { step, zones }: PartFinding,
  rule: PartRule,
  now: number,
  newId: () => string,
): PartRemedy[] {
  const { build, part } = simulated
  const logged = loggedIn(state.log, build.id)
  return rule.ways(build, part, step, newId).filter(({ edit }) => {
    const applied = applyEdit(build, edit, logged, newId)
    if (!applied.ok) return false
    const after = rule
      .judge(simulateAgain(state, applied.build, simulated, now))
      .find((told) => told.step === step)
    return !after || after.zones.length < zones.length
  })
}

function isUnderWay({ entries }: PartSimulation): boolean {
  return entries.some((entry) => entry.coatsBefore > 0)
}

function simulateAgain(
  state: BenchState,
  build: Build,
  { part }: PartSimulation,
  now: number,
): PartSimulation {
  const edited = build.parts.find(({ id }) => id === part.id) ?? part
  return simulatePart(state, build, edited, now)
}

/** Are there fewer findings of the rule after an edit, and no more stops? */
function endsIt(before: PartSimulation, after: PartSimulation, { rule }: PartFinding): boolean {
  const count = (simulated: PartSimulation, which: (drafted: Drafted) => boolean) =>
    simulated.simulation.drafts.filter(which).length
  const own = (drafted: Drafted) => drafted.rule === rule
  const stops = (drafted: Drafted) => drafted.draft.severity === 'stop'
  return count(after, own) < count(before, own) && count(after, stops) <= count(before, stops)
}
