import * as v from 'valibot'
import { FAULT_TABLE } from '../knowledge/faults'
import { changeClimate, REFERENCE_CLIMATE } from '../model/climate'
import { idField, ranged, wholeRanged } from '../model/fields'
import { formatProblem, type Parsed, type Problem, parse } from '../model/input'
import { isAct } from '../model/isAct'
import { type Project, projectSchema } from '../model/project'
import { type Sequence, type Step, sequenceSchema } from '../model/sequence'
import { readProject } from './projectFile'
import { readSequence } from './sequenceFile'

/** The fault finder's request. Described in docs/formats.md. */
export const DIAGNOSE_FORMAT = 'tectoria-diagnose'

const SYMPTOMS = Object.keys(FAULT_TABLE) as [keyof typeof FAULT_TABLE]

const SHARED = {
  format: v.literal(DIAGNOSE_FORMAT),
  version: v.literal(1),
  /** A row of chapter 8. */
  symptom: v.picklist(SYMPTOMS),
  /** What was answered, by question; questions that this symptom doesn't have are passed over. */
  answers: v.optional(v.record(v.string(), v.boolean())),
}

const factSchema = v.looseObject({
  step: wholeRanged(0, 999, '(index of a step)'),
  celsius: v.optional(ranged(-20, 60, '°C')),
  humidity: v.optional(ranged(1, 100, 'percent')),
})

/** A symptom with what was done: a sequence, or a part of a project. Source: docs/formats.md. */
export const diagnoseSchema = v.union([
  v.looseObject({ ...SHARED, sequence: sequenceSchema, facts: v.optional(v.array(factSchema)) }),
  v.looseObject({ ...SHARED, project: projectSchema, build: idField, part: idField }),
])

const saidSchema = v.looseObject({
  ...SHARED,
  sequence: v.optional(v.unknown()),
  project: v.optional(v.unknown()),
  facts: v.optional(v.array(factSchema)),
  build: v.optional(idField),
  part: v.optional(idField),
})

type Said = v.InferOutput<typeof saidSchema>

/** A request that was read. */
export type DiagnoseRequest = Pick<Said, 'symptom' | 'answers'> &
  (
    | { sequence: Sequence; knowsAir: (index: number) => boolean }
    | { project: Project; build: string; part: string }
  )

/** Reads a symptom with what was done. */
export function readDiagnose(value: unknown): Parsed<DiagnoseRequest> {
  const problem = formatProblem(value, DIAGNOSE_FORMAT, 1)
  if (problem) return { ok: false, problems: [problem] }
  const parsed = parse(saidSchema, value)
  if (!parsed.ok) return parsed
  const said = parsed.value
  if ((said.sequence === undefined) === (said.project === undefined))
    return wrong(
      'sequence',
      said.sequence === undefined ? 'nothing' : 'a sequence and a project',
      'a sequence, or a project with build and part',
    )
  return said.sequence === undefined ? ofProject(said) : ofSequence(said)
}

function wrong(path: string, found: string, expected: string): { ok: false; problems: Problem[] } {
  return { ok: false, problems: [{ path, found, expected }] }
}

function within(path: string, problems: readonly Problem[]): { ok: false; problems: Problem[] } {
  return {
    ok: false,
    problems: problems.map((one) => ({
      ...one,
      path: one.path === '' ? path : `${path}.${one.path}`,
    })),
  }
}

function ofProject({ symptom, answers, project, build, part }: Said): Parsed<DiagnoseRequest> {
  const read = readProject(project)
  if (!read.ok) return within('project', read.problems)
  const builds = read.value.builds ?? []
  const own = builds.find(({ id }) => id === build)
  if (!own) return wrong('build', build ?? 'nothing', `a build of the project: ${idsOf(builds)}`)
  if (!own.parts.some(({ id }) => id === part))
    return wrong('part', part ?? 'nothing', `a part of the build: ${idsOf(own.parts)}`)
  return {
    ok: true,
    value: { symptom, answers, project: read.value, build: own.id, part: part as string },
  }
}

function idsOf(rows: readonly { id: string }[]): string {
  return rows.length === 0 ? 'it has none' : rows.map(({ id }) => id).join(', ')
}

function ofSequence({ symptom, answers, sequence, facts }: Said): Parsed<DiagnoseRequest> {
  const read = readSequence(sequence)
  if (!read.ok) return within('sequence', read.problems)
  const given = read.value
  const known = new Map<number, { celsius?: number | undefined; humidity?: number | undefined }>()
  for (const [i, fact] of (facts ?? []).entries()) {
    if (fact.step >= given.steps.length)
      return wrong(
        `facts[${i}].step`,
        String(fact.step),
        `a step of the sequence, 0 to ${given.steps.length - 1}`,
      )
    known.set(fact.step, fact)
  }
  const first = given.steps.findIndex(({ climate }) => climate !== undefined)
  return {
    ok: true,
    value: {
      symptom,
      answers,
      sequence: inItsAir(given, known),
      knowsAir: (index) =>
        known.has(index) || given.climate !== undefined || (first >= 0 && first <= index),
    },
  }
}

/** A sequence with the air that was read at some of its steps, and its own again after each. */
function inItsAir(
  sequence: Sequence,
  facts: ReadonlyMap<number, { celsius?: number | undefined; humidity?: number | undefined }>,
): Sequence {
  if (facts.size === 0) return sequence
  let own = changeClimate(REFERENCE_CLIMATE, sequence.climate)
  let read = false
  const steps = sequence.steps.map((step, index): Step => {
    own = changeClimate(own, step.climate)
    const fact = isAct(step) ? facts.get(index) : undefined
    const back = read && !fact ? own : step.climate
    read = fact !== undefined
    if (!fact) return back ? { ...step, climate: back } : step
    const { celsius, humidity } = fact
    return {
      ...step,
      climate: {
        ...own,
        ...(celsius === undefined ? {} : { celsius }),
        ...(humidity === undefined ? {} : { humidity }),
      },
    }
  })
  return { ...sequence, steps }
}
