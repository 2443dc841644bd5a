import { stepProblems } from '@/core/formats/stepProblems'
import { type BuildAct, type BuildStep, buildStepSchema } from '@/core/model/build'
import { isAct } from '@/core/model/isAct'
import { errorsByField, numberOf, readForm } from '../shared/forms'

/** The fields of a step as they are typed. */
export type StepFields = Record<
  | 'wait'
  | 'family'
  | 'tool'
  | 'coats'
  | 'sheen'
  | 'solvent'
  | 'colour'
  | 'gap'
  | 'minutes'
  | 'thinning'
  | 'grit'
  | 'mix'
  | 'bottle'
  | 'thinner'
  | 'together'
  | 'split'
  | 'wetted',
  string
>

/** What is typed into a step: its fields, and the parts that it is for. */
export type StepDraft = { fields: StepFields; parts: string[] }

/** A step as it is typed. */
export function draftOf(step: BuildStep): StepFields {
  const act: Partial<BuildAct> = isAct(step) ? step : {}
  const text = (value: unknown) => (value === undefined ? '' : String(value))
  return {
    wait: isAct(step) ? '' : step.wait,
    family: text(act.family),
    tool: text(act.tool),
    coats: act.coats?.join(', ') ?? '',
    sheen: text(act.sheen),
    solvent: text(act.solvent),
    colour: text(act.colour),
    gap: text(act.gap),
    minutes: text(act.minutes),
    thinning: act.thinning === undefined ? '' : String(Math.round(act.thinning * 1000) / 10),
    grit: text(act.grit),
    mix: text(act.mix),
    bottle: text(act.bottle),
    thinner: text(act.thinner),
    together: yesNo(act.together),
    split: yesNo(act.split),
    wetted: text(act.wetted),
  }
}

/** What is said either way, or not at all. */
function yesNo(value: boolean | undefined): string {
  return value === undefined ? '' : value ? 'yes' : 'no'
}

function saidOf(text: string): boolean | undefined {
  return text === '' ? undefined : text === 'yes'
}

const orNothing = (text: string) => (text.trim() === '' ? undefined : text.trim())

/** The step that a draft means, as it comes from the form: not judged yet. */
function stepOf(step: BuildStep, draft: StepFields, parts: string[]): unknown {
  if (!isAct(step)) return { ...step, parts, wait: draft.wait }
  const thinning = numberOf(draft.thinning)
  const coats = draft.coats.split(/[\s,]+/).filter(Boolean)
  const next = {
    ...step,
    parts,
    family: orNothing(draft.family),
    tool: orNothing(draft.tool),
    coats: coats.length > 0 ? coats : undefined,
    sheen: orNothing(draft.sheen),
    solvent: orNothing(draft.solvent),
    colour: orNothing(draft.colour),
    gap: orNothing(draft.gap),
    minutes: numberOf(draft.minutes),
    thinning: typeof thinning === 'number' ? thinning / 100 : thinning,
    grit: numberOf(draft.grit),
    mix: orNothing(draft.mix),
    bottle: orNothing(draft.bottle),
    thinner: orNothing(draft.thinner),
    together: saidOf(draft.together),
    split: saidOf(draft.split),
    wetted: orNothing(draft.wetted),
  }
  return Object.fromEntries(Object.entries(next).filter(([, value]) => value !== undefined))
}

/** Reads what is typed: the step, or what is wrong with which field. */
export function readStep(
  step: BuildStep,
  { fields, parts }: StepDraft,
): { step: BuildStep | null; errors: Record<string, string> } {
  const read = readForm(buildStepSchema, stepOf(step, fields, parts))
  const errors = read.ok ? errorsByField(senseless(read.value)) : { ...read.errors }
  if (parts.length === 0) errors.parts = 'Found nothing, expected at least one part'
  return { step: read.ok && Object.keys(errors).length === 0 ? read.value : null, errors }
}

function senseless(step: BuildStep) {
  return stepProblems([step], '').map((problem) => ({
    ...problem,
    path: problem.path.replace('[0].', ''),
  }))
}
