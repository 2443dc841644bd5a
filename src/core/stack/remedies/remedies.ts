import { actRow } from '../../knowledge/acts'
import { sayDuration, writeDuration } from '../../model/duration'
import { isAct } from '../../model/isAct'
import type { Sequence, Step } from '../../model/sequence'
import type { Severity } from '../../model/vocabulary'
import { REMEDY_KINDS, type Remedy, type SequenceEdit, worse } from '../rules/finding'
import { RULESET } from '../rules/rules'
import { laterMinutes } from '../simulate/laterMinutes'
import { judge } from '../simulate/ruleset'
import { resume, simulate } from '../simulate/simulate'
import type { Drafted, SimulateOptions, Simulation } from '../simulate/simulation'
import type { Film } from '../state/film'
import { atMinute, type StepContext } from '../state/stepContext'
import { firstTarget } from './candidates'
import { editSequence } from './sequenceEdit'

/** How many ways out one finding offers at most. */
const MOST_REMEDIES = 4

/** A wait up to this long falls into the night and takes no further session, minutes. */
const OVERNIGHT = 24 * 60

/** Rather than wait longer than this one lays another clear, minutes. */
const MOST_EVENINGS = 3 * 24 * 60

/** How well a way out serves, best first: it leaves the step clean, brings nothing new, brings a risk elsewhere. */
const GRADES = ['clean', 'no-worse', 'brings-risk'] as const
type Grade = (typeof GRADES)[number]

/**
 * The ways out of one finding that really are: each was applied, and the sequence judged again has that finding no more and no new
 * stop. First those that leave nothing but notes at the step, then those that bring nothing new, then those that bring a risk;
 * cheapest first among their like. Leaving something out is offered only where nothing else helps.
 */
export function remediesFor(
  sequence: Sequence,
  before: Simulation,
  drafted: Drafted,
  options: SimulateOptions = {},
): Remedy[] {
  const { draft, context } = drafted
  const candidates = (draft.candidates?.() ?? []).map((way) => inZones(way, sequence, context))
  if (draft.certain) return candidates
  const grade = (way: Remedy) => gradeOf(sequence, before, drafted, way, options)
  const { soon, late } = waitCandidates(drafted)
  const tried = bestOf([...byCost([...soon, ...candidates]), ...late], grade, MOST_REMEDIES)
  if (tried.length > 0) return tried
  return bestOf(context ? lastResorts(sequence, context) : [], grade, 1)
}

/** What a way out lays is for the zones of the step that it helps, unless it says otherwise. */
function inZones(way: Remedy, sequence: Sequence, context: StepContext | null): Remedy {
  const zones = context?.step.zones
  if (!zones) return way
  const known = new Set<Step>(sequence.steps)
  const here = (step: Step): Step =>
    isAct(step) && !step.zones && !known.has(step) ? { ...step, zones } : step
  const { edit } = way
  if ('insert' in edit) {
    const { before } = edit.insert
    const steps = 'steps' in edit.insert ? edit.insert.steps : [edit.insert.step]
    return { ...way, edit: { insert: { before, steps: steps.map(here) } } }
  }
  if (!('set' in edit) || !edit.set.steps) return way
  return { ...way, edit: { set: { ...edit.set, steps: edit.set.steps.map(here) } } }
}

/** The best ways of some that are tried in turn: no more are tried once there are enough of the best. */
function bestOf(
  candidates: readonly Remedy[],
  gradeIt: (way: Remedy) => Grade | null,
  most: number,
): Remedy[] {
  const found = new Map<Grade, Remedy[]>(GRADES.map((grade) => [grade, []]))
  for (const way of candidates) {
    const grade = gradeIt(way)
    if (grade) found.get(grade)?.push(way)
    if (found.get('clean')?.length === most) break
  }
  return [...found.values()].flat().slice(0, most)
}

/** The first way out that lays or changes something first instead of waiting, a step of its own before a change; tried. */
export function stageFor(
  sequence: Sequence,
  before: Simulation,
  drafted: Drafted,
  options: SimulateOptions = {},
): Remedy | null {
  const candidates = (drafted.draft.candidates?.() ?? [])
    .filter(({ kind, edit }) => kind !== 'leave-out' && ('insert' in edit || 'replace' in edit))
    .map((way) => inZones(way, sequence, drafted.context))
  const laid = candidates.filter(({ edit }) => 'insert' in edit)
  const rest = candidates.filter(({ edit }) => 'replace' in edit)
  const grade = (way: Remedy) => gradeOf(sequence, before, drafted, way, options)
  return bestOf([...laid, ...rest], grade, 1)[0] ?? null
}

/** Cheapest first; among equals as the rule named them. */
function byCost(candidates: readonly Remedy[]): Remedy[] {
  return [...candidates].sort((a, b) => REMEDY_KINDS.indexOf(a.kind) - REMEDY_KINDS.indexOf(b.kind))
}

/** Longer waits before the step, where waiting ends the finding: some evenings, and more than anybody would wait who has another way. */
function waitCandidates({ rule, context }: Drafted): { soon: Remedy[]; late: Remedy[] } {
  const asked = RULESET.byName.get(rule)
  if (!asked?.timing || !context || context.setting.sequence.waits === 'auto')
    return { soon: [], late: [] }
  const own: number[] = []
  let best: number | null = null
  for (const { at } of laterMinutes(context)) {
    const then = atMinute(context, at)
    if (judge(then, [asked]).length > 0) continue
    if (own.length < 2) own.push(at)
    // What else is too soon there is waited for with it.
    best = judge(then, RULESET.timing).every(({ draft }) => draft.severity === 'note') ? at : null
    if (best !== null) break
  }
  const minutes = [...new Set(best === null ? own : [...own, best])].sort((a, b) => a - b)
  const target = firstTarget(context)
  const ways = (some: readonly number[]) => [
    ...some.map((more) => waitWay(context, more)),
    ...(target ? some.map((more) => waitBefore(target, more)) : []),
  ]
  const more = minutes.map((at) => at - context.at)
  return {
    soon: ways(more.filter((minutes) => minutes <= MOST_EVENINGS)),
    late: ways(more.filter((minutes) => minutes > MOST_EVENINGS)),
  }
}

/** Wait before what a clean-up works on is laid: its own window stays. */
function waitBefore({ act, family, step }: Film, more: number): Remedy {
  const what = actRow(act, family).name.toLowerCase()
  return waiting(step, more, `longer before what it works on: ${what}`)
}

function waitWay({ index, setting }: StepContext, more: number): Remedy {
  const previous = setting.steps[index - 1]
  return waiting(index, more, previous !== undefined && !isAct(previous) ? 'longer' : 'first')
}

function waiting(before: number, more: number, how: string): Remedy {
  return {
    kind: more <= OVERNIGHT ? 'wait' : 'long-wait',
    say: `Wait ${sayDuration(more)} ${how}`,
    edit: { insert: { before, step: { wait: writeDuration(more) } } },
  }
}

function lastResorts(sequence: Sequence, context: StepContext): Remedy[] {
  const kind = 'leave-out' as const
  const { index } = context
  const masks = new Set(context.stack.masks.map((mask) => mask.step))
  const earlier = [...context.targets].map((film) => film.step).sort((a, b) => b - a)
  return [
    { kind, say: 'Leave this step out', edit: { remove: { step: index } } },
    ...earlier.map((step) => ({
      kind,
      say: 'Leave out what it works on',
      edit: { remove: { step } },
    })),
    {
      kind,
      say: 'End the work before this step',
      edit: { set: { steps: sequence.steps.slice(0, index) } },
    },
    ...context.stack.masks.map((mask) => ({
      kind,
      say: 'Leave the mask out',
      edit: { remove: { step: mask.step } },
    })),
    {
      kind,
      say: 'Leave every mask out',
      edit: { set: { steps: sequence.steps.filter((_, i) => !masks.has(i)) } },
    },
  ]
}

/** How an edit serves; null: it leaves the finding, or as many of its kind, or brings a stop. What was done can't be edited. */
function gradeOf(
  sequence: Sequence,
  before: Simulation,
  drafted: Drafted,
  way: Remedy,
  options: SimulateOptions,
): Grade | null {
  if (touchesFacts(sequence, way.edit, options)) return null
  const edited = editSequence(sequence, way.edit)
  const from = firstChange(sequence, edited.sequence)
  const after =
    from === null
      ? simulate(edited.sequence, options)
      : resume(before, edited.sequence, from, options)
  const place = edited.moved[drafted.step] ?? null
  // What was a stop or a risk may stay as a note: worth knowing isn't in the way.
  const counts = ({ rule, draft }: Drafted) =>
    rule === drafted.rule && (draft.severity !== 'note' || drafted.draft.severity === 'note')
  const [now, then] = [before.drafts.filter(counts), after.drafts.filter(counts)]
  if (then.length >= now.length || then.some(({ step }) => step === place)) return null
  const known = new Map(
    before.drafts.map((one) => [`${one.rule} ${edited.moved[one.step]}`, one.draft.severity]),
  )
  const worst = worstSeverity(
    after.drafts.filter(({ rule, step, draft }) => {
      const old = known.get(`${rule} ${step}`)
      return old === undefined || worse(draft.severity, old)
    }),
  )
  if (worst === 'stop') return null
  if (worst === 'risk') return 'brings-risk'
  const left = worstSeverity(after.drafts.filter((draft) => draft.step === place))
  return left === null || left === 'note' ? 'clean' : 'no-worse'
}

function worstSeverity(drafts: readonly Drafted[]): Severity | null {
  return drafts.reduce<Severity | null>(
    (worst, { draft }) => (!worst || worse(draft.severity, worst) ? draft.severity : worst),
    null,
  )
}

/** The first step that an edit changes; null where it changes what holds for all of them. */
export function firstChange(old: Sequence, next: Sequence): number | null {
  for (const field of new Set([...Object.keys(old), ...Object.keys(next)]))
    if (field !== 'steps' && old[field as keyof Sequence] !== next[field as keyof Sequence])
      return null
  const at = next.steps.findIndex((step, i) => step !== old.steps[i])
  return at < 0 ? Math.min(old.steps.length, next.steps.length) : at
}

/** Facts come first in a walk that has them: an edit before the last of them would change the past. */
function touchesFacts(sequence: Sequence, edit: SequenceEdit, options: SimulateOptions): boolean {
  const last = Math.max(-1, ...(options.facts?.keys() ?? []))
  if (last < 0) return false
  if ('set' in edit) {
    const next = edit.set.steps
    return (
      next !== undefined && sequence.steps.slice(0, last + 1).some((step, i) => step !== next[i])
    )
  }
  if ('insert' in edit) return edit.insert.before <= last
  if ('replace' in edit) return edit.replace.step <= last
  if ('remove' in edit) return edit.remove.step <= last
  return edit.move.step <= last || edit.move.before <= last
}
