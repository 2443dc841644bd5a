import { actRow } from '../knowledge/acts'
import type { Stage } from '../knowledge/stages'
import type { TechniqueStep } from '../knowledge/techniques/technique'
import { loggedIn } from '../log/logged'
import { applyEdit, patchBetween } from '../model/applyEdit'
import type { Build, BuildStep } from '../model/build'
import type { Edit } from '../model/edit'
import { isAct } from '../model/isAct'
import type { ActStep, Step } from '../model/sequence'
import { stageFor } from '../stack/remedies/remedies'
import type { SequenceEdit } from '../stack/rules/finding'
import { RULESET } from '../stack/rules/rules'
import type { Drafted } from '../stack/simulate/simulation'
import type { BenchState } from './benchState'
import { placeFor } from './orderOfWork'
import { simulatePart } from './partSimulation'
import { buildEditOf } from './remedyEdit'
import type { PartSimulation } from './simulatedPart'

/** A step that a technique brings: its own, or a stage that it needs, with the reason. */
export type AddedStep = { id: string; parts: string[]; step: ActStep; because: string | null }

/** What choosing a technique would do to a build, and the edit that does it. */
export type Proposal = { build: Build; added: AddedStep[]; edit: Edit }

/** More stages than this one technique never needs: the search ends. */
const MOST_STAGES = 8

/** The technique as it is chosen: from the library, or the modeller's own. */
export type Chosen = { stage: Stage; steps: readonly TechniqueStep[] }

/**
 * Adds the steps of a technique to parts of a build, each at its place in the order of work and never before what is done,
 * and the stages that they need there. Parts with the same place share the steps.
 *
 * @param id gives a new id each time
 * @throws RangeError if the project has no such build or part
 */
export function addTechnique(
  state: BenchState,
  buildId: string,
  parts: readonly string[],
  chosen: Chosen,
  now: number,
  id: () => string,
): Proposal {
  const start = state.project.builds?.find((build) => build.id === buildId)
  if (!start) throw new RangeError(`addTechnique: no build "${buildId}"`)
  let build = start
  const because = new Map<string, string | null>()
  for (const part of parts) build = addToPart(state, build, part, chosen, now, id, because)
  const merged = mergeShared(build, because)
  const added = merged.steps.flatMap((step): AddedStep[] =>
    because.has(step.id) && isAct(step)
      ? [{ id: step.id, parts: step.parts, step, because: because.get(step.id) ?? null }]
      : [],
  )
  return { build: merged, added, edit: patchBetween(start, merged) }
}

function simulationOf(
  state: BenchState,
  build: Build,
  partId: string,
  now: number,
): PartSimulation {
  const part = build.parts.find((part) => part.id === partId)
  if (!part) throw new RangeError(`addTechnique: no part "${partId}" of "${build.id}"`)
  return simulatePart(state, build, part, now)
}

function addToPart(
  state: BenchState,
  before: Build,
  part: string,
  chosen: Chosen,
  now: number,
  id: () => string,
  because: Map<string, string | null>,
): Build {
  let build = before
  const own = new Set<string>()
  let last: string | null = null
  for (const step of chosen.steps) {
    const simulated = simulationOf(state, build, part, now)
    const at = placeOf(step, chosen.stage, simulated, last)
    const steps: Step[] = step.wait ? [{ wait: step.wait }, step.step] : [step.step]
    const made = insert(state, build, simulated, at, steps, id)
    build = made.build
    for (const added of made.ids) {
      own.add(added)
      because.set(added, null)
      last = added
    }
  }
  return addStages(state, build, part, own, now, id, because)
}

function orderOf(simulated: PartSimulation): string[] {
  return simulated.entries.map((entry) => entry.step.id)
}

function firstFree(simulated: PartSimulation): number {
  return simulated.entries.findLastIndex((entry) => entry.fact) + 1
}

/** A step goes behind the one before it, the first one where its stage belongs. */
function placeOf(
  techniqueStep: TechniqueStep,
  stage: Stage,
  simulated: PartSimulation,
  last: string | null,
): number {
  const order = orderOf(simulated)
  const steps = simulated.entries.map((entry) => entry.step as Step)
  const colour = steps.findLastIndex((step) => isAct(step) && isColour(step))
  const first = firstFree(simulated)
  if (techniqueStep.at === 'under-colour' && colour >= 0) return Math.max(first, colour)
  const behind = last === null ? -1 : order.indexOf(last)
  if (techniqueStep.at === 'over-colour' && colour >= 0)
    return Math.max(first, behind + 1, colour + 1)
  if (behind >= 0) return Math.max(first, behind + 1)
  return placeFor(stage, steps, first)
}

function isColour(step: ActStep): boolean {
  return actRow(step.do, step.family).hides === true && step.over !== 'patch'
}

function insert(
  state: BenchState,
  build: Build,
  simulated: PartSimulation,
  before: number,
  steps: readonly Step[],
  id: () => string,
): { build: Build; ids: string[] } {
  const ids: string[] = []
  const named = () => {
    const made = id()
    ids.push(made)
    return made
  }
  const edit: SequenceEdit = { insert: { before, steps: [...steps] } }
  return { build: edited(state, build, simulated, edit, named), ids }
}

/** The build with an edit of one part's sequence in it; as it was where what is logged stands against it. */
function edited(
  state: BenchState,
  build: Build,
  simulated: PartSimulation,
  edit: SequenceEdit,
  id: () => string,
): Build {
  const logged = loggedIn(state.log, build.id)
  const result = applyEdit(build, buildEditOf(simulated, edit, id), logged, id)
  return result.ok ? result.build : build
}

/** Lays the stages that the added steps ask for, one after the other, as their findings' own ways out. */
function addStages(
  state: BenchState,
  start: Build,
  part: string,
  own: ReadonlySet<string>,
  now: number,
  id: () => string,
  because: Map<string, string | null>,
): Build {
  let build = start
  const given = new Set<string>()
  for (let round = 0; round < MOST_STAGES; round++) {
    const simulated = simulationOf(state, build, part, now)
    const order = orderOf(simulated)
    const wanting = simulated.simulation.drafts.find(
      (draft) =>
        RULESET.byName.get(draft.rule)?.asksStage &&
        own.has(order[draft.step] ?? '') &&
        !given.has(`${draft.rule} ${order[draft.step]}`),
    )
    if (!wanting) return build
    given.add(`${wanting.rule} ${order[wanting.step]}`)
    const edit = stageEdit(simulated, wanting)
    if (!edit) continue
    const before = new Set(build.steps.map((step) => step.id))
    build = edited(state, build, simulated, edit, id)
    for (const step of build.steps)
      if (!before.has(step.id)) because.set(step.id, wanting.draft.because)
  }
  return build
}

/** The way out that lays something first, without the waits that the plan fills in by itself. */
function stageEdit(simulated: PartSimulation, wanting: Drafted): SequenceEdit | null {
  const found = stageFor(simulated.sequence, simulated.simulation, wanting, simulated.options)
  if (!found) return null
  const { edit } = found
  if (!('insert' in edit)) return edit
  const steps = 'steps' in edit.insert ? edit.insert.steps : [edit.insert.step]
  return { insert: { before: edit.insert.before, steps: steps.filter(isAct) } }
}

/** Neighbours that were added for different parts and read the same become one shared step. */
function mergeShared(build: Build, because: ReadonlyMap<string, string | null>): Build {
  const kept: BuildStep[] = []
  for (const step of build.steps) {
    const twin = because.has(step.id)
      ? kept.findLast((otherStep) => isTwin(otherStep, step, because))
      : undefined
    if (twin && mayJoin(kept, twin, step)) kept[kept.indexOf(twin)] = joined(twin, step)
    else kept.push(step)
  }
  return { ...build, steps: kept }
}

function isTwin(
  buildStep: BuildStep,
  other: BuildStep,
  because: ReadonlyMap<string, string | null>,
): boolean {
  if (!because.has(buildStep.id) || buildStep.parts.some((part) => other.parts.includes(part)))
    return false
  return (
    JSON.stringify({ ...buildStep, id: '', parts: [] }) ===
    JSON.stringify({ ...other, id: '', parts: [] })
  )
}

/** May the later one move up to its twin: nothing of its parts lies between? */
function mayJoin(kept: readonly BuildStep[], twin: BuildStep, step: BuildStep): boolean {
  const between = kept.slice(kept.indexOf(twin) + 1)
  return between.every((otherStep) => !otherStep.parts.some((part) => step.parts.includes(part)))
}

function joined(twin: BuildStep, step: BuildStep): BuildStep {
  return { ...twin, parts: [...twin.parts, ...step.parts] }
}
