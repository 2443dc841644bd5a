import { stateOf } from '../builds/benchState'
import { diagnosedPart } from '../builds/faultOfPart'
import { partIn } from '../builds/planParts'
import {
  type Answers,
  type Diagnosis,
  diagnose,
  type History,
  historyOf,
  type Mending,
  mendings,
  nextTimes,
} from '../faults'
import type { FaultId } from '../knowledge/faults'
import type { Build } from '../model/build'
import type { Project } from '../model/project'
import { findingsOfSimulation } from '../stack/findings'
import type { SequenceEdit } from '../stack/rules/finding'
import { simulate } from '../stack/simulate/simulate'
import type { SimulatedStep } from '../stack/simulate/simulation'
import type { DiagnoseRequest } from './diagnoseRequest'
import { round } from './round'

/** Why something went wrong, how it is mended, how it is kept from coming back. Source: docs/formats.md; handbook 13.4. */
export function diagnoseAnswer(request: DiagnoseRequest, now: number) {
  const { symptom, answers } = request
  if ('project' in request) return ofPart(request, symptom, answers, now)
  const { sequence, knowsAir } = request
  const simulation = simulate(sequence)
  const upTo = sequence.steps.length
  const airOf = ({ index, context }: SimulatedStep) => (knowsAir(index) ? context.climate : null)
  const history = historyOf(
    sequence,
    simulation,
    { upTo, airOf, findings: findingsOfSimulation(simulation) },
    simulation.total,
  )
  const found = diagnose(symptom, history, answers)
  return said(found, mendings(symptom, history, found))
}

function ofPart(
  { project, build: id, part: partId }: { project: Project; build: string; part: string },
  symptom: FaultId,
  answers: Answers | undefined,
  now: number,
) {
  const state = stateOf(project)
  const own = partIn(state, { build: id, part: partId })
  const { history, simulated, found, mend } = diagnosedPart(state, own, symptom, answers, now)
  return said(
    found,
    mend.map(({ say, edit }) => ({
      say,
      edit: edit && inBuild(edit, own.build, partId, history, simulated.entries),
    })),
  )
}

/** An edit of a part's own steps as one of its build's: after the last of them that was done. */
function inBuild(
  edit: SequenceEdit,
  build: Build,
  part: string,
  { done }: History,
  entries: readonly { step: { id: string } }[],
): SequenceEdit {
  if (!('insert' in edit)) return edit
  const places = done.map(({ index }) =>
    build.steps.findIndex(({ id }) => id === entries[index]?.step.id),
  )
  const steps = 'steps' in edit.insert ? edit.insert.steps : [edit.insert.step]
  const taken = new Set(build.steps.map(({ id }) => id))
  let count = 0
  const newId = () => {
    do count++
    while (taken.has(`mend-${count}`))
    return `mend-${count}`
  }
  return {
    insert: {
      before: Math.max(-1, ...places) + 1,
      steps: steps.map((step) => ({ ...step, id: newId(), parts: [part] })),
    },
  }
}

/** Digits of a share: together they are 1. */
const DIGITS = 6

function said(found: Diagnosis, mend: readonly Mending[]) {
  const shares = found.causes.map(({ probability }) => round(probability, DIGITS))
  const rest = shares.slice(1).reduce((sum, one) => sum + one, 0)
  return {
    format: 'tectoria-diagnosis',
    version: 1,
    causes: found.causes.map(({ id, say, evidence }, i) => ({
      id,
      say,
      probability: i === 0 ? round(1 - rest, DIGITS) : (shares[i] as number),
      evidence: evidence.map(({ say, from, ratio }) => ({ say, from, ratio: round(ratio, 4) })),
    })),
    ask: found.ask,
    mend,
    nextTime: nextTimes(found),
    usual: found.usual,
  } as const
}
