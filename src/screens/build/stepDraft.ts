import { colourSaid } from '@/core/colour'
import { type StepField, stepFields } from '@/core/formats/stepFields'
import { stepProblems } from '@/core/formats/stepProblems'
import { saidCoats } from '@/core/formats/text/saidCoats'
import { saidDuration } from '@/core/formats/text/saidDuration'
import { actRow } from '@/core/knowledge'
import { type BuildAct, type BuildStep, buildStepSchema } from '@/core/model/build'
import { isAct } from '@/core/model/isAct'
import { numberOf } from '../shared/fieldText'
import { errorsByField, readForm } from '../shared/forms'

/** The fields of a step as they are typed, by their path: "coats", "product.recoat". */
export type StepFields = Readonly<Record<string, string>>

/** What is typed into a step: its fields, and the parts that it is for. */
export type StepDraft = { fields: StepFields; parts: string[] }

/** Fields that no table names: what a step is painted from, and how it goes with others. */
const TIES = ['mix', 'bottle', 'thinner', 'heldBy'] as const
const ZONES = ['zones', 'shuts'] as const
const YES_NO = ['together', 'split'] as const

/** A step as it is typed. */
export function draftOf(step: BuildStep): StepFields {
  const own = step as BuildAct & { wait?: string }
  const fields: Record<string, string> = { wait: own.wait ?? '' }
  for (const field of fieldsOf(step)) fields[field.path] = textOf(field, at(own, field.path))
  for (const tie of TIES) fields[tie] = own[tie] ?? ''
  for (const some of ZONES) fields[some] = (own[some] ?? []).join(', ')
  for (const way of YES_NO) fields[way] = own[way] === undefined ? '' : own[way] ? 'yes' : 'no'
  return fields
}

/** The fields that a step may say. */
function fieldsOf(step: BuildStep): readonly StepField[] {
  return isAct(step) ? stepFields(actRow(step.do, step.family)) : WAIT_FIELDS
}

const WAIT_FIELDS: readonly StepField[] = [
  { path: 'name', label: 'Called', control: { is: 'text' }, usual: false },
  { path: 'note', label: 'Note', control: { is: 'text', long: true }, usual: false },
]

function at(step: object, path: string): unknown {
  return path
    .split('.')
    .reduce<unknown>((value, name) => (value as Record<string, unknown> | undefined)?.[name], step)
}

function textOf({ control }: StepField, value: unknown): string {
  if (value === undefined) return ''
  switch (control.is) {
    case 'yes':
      return value === true ? 'yes' : 'no'
    case 'several':
    case 'coats':
      return (value as string[]).join(', ')
    case 'amount':
      return String(Number((Number(value) / control.times).toPrecision(10)))
    default:
      return String(value)
  }
}

/** What is typed into a field, as the schema is to read it; nonsense stays as it is. Nothing typed: undefined. */
function readField({ control }: StepField, typed: string): unknown {
  const text = typed.trim()
  if (text === '') return undefined
  switch (control.is) {
    case 'yes':
      return text === 'yes'
    case 'several':
      return text.split(', ')
    case 'coats':
      return saidCoats(text)
    case 'amount': {
      const number = numberOf(text)
      return typeof number === 'number' ? Number((number * control.times).toPrecision(10)) : number
    }
    case 'time':
      return saidDuration(text) ?? text
    case 'colour':
      return colourSaid(text) ?? text
    default:
      return text
  }
}

/** The step that a draft means, as it comes from the form: not judged yet. */
function stepOf(step: BuildStep, draft: StepFields, parts: string[]): unknown {
  const next: Record<string, unknown> = { ...step, parts }
  if (!isAct(step)) next.wait = saidDuration(draft.wait ?? '') ?? draft.wait
  const said = draft.family ?? ''
  const family = said === '' ? undefined : (said as BuildAct['family'])
  const fields = isAct(step) ? stepFields(actRow(step.do, family)) : WAIT_FIELDS
  for (const field of fields) put(next, field.path, readField(field, draft[field.path] ?? ''))
  if (isAct(step)) {
    for (const tie of TIES) put(next, tie, draft[tie] || undefined)
    for (const some of ZONES) put(next, some, draft[some] ? draft[some].split(', ') : undefined)
    for (const way of YES_NO) put(next, way, draft[way] ? draft[way] === 'yes' : undefined)
  }
  return next
}

/** Puts a value at a path; undefined takes it away, and an object that is left empty with it. */
function put(step: Record<string, unknown>, path: string, value: unknown): void {
  const [first = '', second] = path.split('.')
  if (second !== undefined) {
    const inner = { ...(step[first] as Record<string, unknown> | undefined) }
    put(inner, second, value)
    if (Object.keys(inner).length > 0) step[first] = inner
    else delete step[first]
  } else if (value === undefined) delete step[first]
  else step[first] = value
}

/** Reads what is typed: the step, or what is wrong with which field. */
export function readStep(
  step: BuildStep,
  { fields, parts }: StepDraft,
): { step: BuildStep | null; errors: Record<string, string> } {
  const read = readForm(buildStepSchema, stepOf(step, fields, parts))
  const errors = read.ok ? errorsByField(senseless(read.value)) : { ...read.errors }
  if (parts.length === 0) errors.parts = 'Enter at least one part'
  return { step: read.ok && Object.keys(errors).length === 0 ? read.value : null, errors }
}

function senseless(step: BuildStep) {
  return stepProblems([step], '').map((problem) => ({
    ...problem,
    path: problem.path.replace('[0].', ''),
  }))
}
