import {
  type Answers,
  type Diagnosis,
  diagnose,
  historyOf,
  learntFrom,
  mendings,
  nextTimes,
} from '../faults'
import type { FaultId } from '../knowledge/faults'
import { loggedIn } from '../log/logged'
import { applyEdit } from '../model/applyEdit'
import type { Build, Part } from '../model/build'
import type { Edit } from '../model/edit'
import type { Sequence } from '../model/sequence'
import type { PartRef } from '../model/stepRef'
import { simulate } from '../stack/simulate/simulate'
import type { BenchState } from './benchState'
import { partHistory } from './partHistory'
import type { PartFinding } from './partPlan'
import { planPart } from './planParts'
import { buildEditOf } from './remedyEdit'

/** A way to mend a part: the edit of its build that does it, and what the check then says of what it brings. */
export type PartMending = { say: string; edit: Edit | null; findings: PartFinding[] }

/** Why something went wrong on a part, how it is mended, how it is kept from coming back. */
export type PartFault = Diagnosis & { mend: PartMending[]; nextTime: string[] }

const NO_STEPS: Sequence = {
  format: 'tectoria-sequence',
  version: 1,
  substrate: 'polystyrene',
  waits: 'auto',
  steps: [],
}
const NOTHING_DONE = historyOf(
  NO_STEPS,
  simulate(NO_STEPS),
  { upTo: 0, airOf: () => null, findings: [] },
  0,
)

/** What was done to a part, what a fault on it came from by that and by what this bench learnt, and ways to mend it that were tried. */
export function diagnosedPart(
  state: BenchState,
  { build, part }: { build: Build; part: Part },
  fault: FaultId,
  answers: Answers | undefined,
  now: number,
) {
  const { history, simulated } = partHistory(state, build, part, now)
  const found = diagnose(fault, history, answers, learntFrom(state.log, fault))
  return { history, simulated, found, mend: mendings(fault, history, found, simulated.options) }
}

/**
 * Looks for what went wrong on a part, by its plan and its log.
 *
 * @param ref null: on none of them; then nothing is known but what was answered
 * @param newId gives a new id each time, for steps that a mending lays
 * @returns null where there is no such part
 * Source: handbook 13.4.
 */
export function faultOfPart(
  state: BenchState,
  ref: PartRef | null,
  fault: FaultId,
  answers: Answers,
  now: number,
  newId: () => string,
): PartFault | null {
  if (!ref) {
    const found = diagnose(fault, NOTHING_DONE, answers, learntFrom(state.log, fault))
    const mend = mendings(fault, NOTHING_DONE, found)
    return {
      ...found,
      mend: mend.map(({ say }) => ({ say, edit: null, findings: [] })),
      nextTime: nextTimes(found),
    }
  }
  const build = state.project.builds?.find(({ id }) => id === ref.build)
  const part = build?.parts.find(({ id }) => id === ref.part)
  if (!build || !part) return null
  const {
    simulated,
    found,
    mend: tried,
  } = diagnosedPart(state, { build, part }, fault, answers, now)
  const logged = loggedIn(state.log, build.id)
  const mend = tried.map(({ say, edit: sequenceEdit }): PartMending => {
    const edit = sequenceEdit && buildEditOf(simulated, sequenceEdit, newId)
    const applied = edit && applyEdit(build, edit, logged, newId)
    if (!edit || !applied?.ok) return { say, edit: null, findings: [] }
    const brought = new Set(
      applied.build.steps
        .map(({ id }) => id)
        .filter((id) => !build.steps.some((one) => one.id === id)),
    )
    const builds = (state.project.builds ?? []).map((one) =>
      one.id === build.id ? applied.build : one,
    )
    const { plan } = planPart({ ...state, project: { ...state.project, builds } }, ref, now)
    return {
      say,
      edit,
      findings: plan.findings.filter(({ step, follows }) => brought.has(step) && !follows),
    }
  })
  return { ...found, mend, nextTime: nextTimes(found) }
}
