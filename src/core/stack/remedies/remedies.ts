import { sayDuration, writeDuration } from '../../model/duration'
import { isAct } from '../../model/isAct'
import type { Sequence } from '../../model/sequence'
import { type Finding, REMEDY_KINDS, type Remedy, type SequenceEdit } from '../rules/finding'
import { RULESET } from '../rules/rules'
import { laterMinutes } from '../simulate/laterMinutes'
import { judge } from '../simulate/ruleset'
import { resume, simulate } from '../simulate/simulate'
import type { Drafted, SimulateOptions, Simulation } from '../simulate/simulation'
import { atMinute, type StepContext } from '../state/stepContext'
import { editSequence } from './sequenceEdit'

/** How many ways out one finding offers at most. */
const MOST_REMEDIES = 4

/** A wait up to this long falls into the night and takes no further session, minutes. */
const OVERNIGHT = 24 * 60

/**
 * The ways out of one finding that really are, cheapest first: each was applied, and the sequence judged again has that
 * finding no more and no new stop. Leaving something out is offered only where nothing else helps.
 */
export function remediesFor(
  sequence: Sequence,
  before: Simulation,
  drafted: Drafted,
  options: SimulateOptions = {},
): Remedy[] {
  const { draft, context } = drafted
  const candidates = draft.candidates?.() ?? []
  if (draft.certain) return candidates
  const tried = firstThatHelp(
    byCost([...waitCandidates(drafted), ...candidates]),
    (way) => helps(sequence, before, drafted, way, options),
    MOST_REMEDIES,
  )
  if (tried.length > 0) return tried
  const last = context ? lastResorts(sequence, context) : []
  const one = last.find((way) => helps(sequence, before, drafted, way, options))
  return one ? [one] : []
}

function firstThatHelp(
  candidates: readonly Remedy[],
  isGood: (way: Remedy) => boolean,
  most: number,
): Remedy[] {
  const good: Remedy[] = []
  for (const way of candidates) {
    if (good.length >= most) break
    if (isGood(way)) good.push(way)
  }
  return good
}

/** The first way out that lays or changes something first instead of waiting, a step of its own before a change; tried. */
export function stageFor(
  sequence: Sequence,
  before: Simulation,
  drafted: Drafted,
  options: SimulateOptions = {},
): Remedy | null {
  const candidates = (drafted.draft.candidates?.() ?? []).filter(
    ({ kind, edit }) => kind !== 'leave-out' && ('insert' in edit || 'replace' in edit),
  )
  const laid = candidates.filter(({ edit }) => 'insert' in edit)
  const rest = candidates.filter(({ edit }) => 'replace' in edit)
  const good = (way: Remedy) => helps(sequence, before, drafted, way, options)
  return firstThatHelp([...laid, ...rest], good, 1)[0] ?? null
}

/** Cheapest first; among equals as the rule named them. */
function byCost(candidates: readonly Remedy[]): Remedy[] {
  return [...candidates].sort((a, b) => REMEDY_KINDS.indexOf(a.kind) - REMEDY_KINDS.indexOf(b.kind))
}

/** A longer wait before the step, where waiting ends the finding. */
function waitCandidates({ rule, context }: Drafted): Remedy[] {
  const asked = RULESET.byName.get(rule)
  if (!asked?.timing || !context || context.setting.sequence.waits === 'auto') return []
  const clean = laterMinutes(context).filter(
    ({ at }) => judge(atMinute(context, at), [asked]).length === 0,
  )
  return clean.slice(0, 2).map(({ at }) => waitWay(context, at - context.at))
}

function waitWay({ index, setting }: StepContext, more: number): Remedy {
  const previous = setting.steps[index - 1]
  const longer = previous !== undefined && !isAct(previous)
  return {
    kind: more <= OVERNIGHT ? 'wait' : 'long-wait',
    say: `Wait ${sayDuration(more)} ${longer ? 'longer' : 'first'}`,
    edit: { insert: { before: index, step: { wait: writeDuration(more) } } },
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

/** Does this edit end the finding, leave fewer of its kind, and bring no new stop? What was done can't be edited. */
function helps(
  sequence: Sequence,
  before: Simulation,
  drafted: Drafted,
  way: Remedy,
  options: SimulateOptions,
): boolean {
  if (touchesFacts(sequence, way.edit, options)) return false
  const edited = editSequence(sequence, way.edit)
  const from = firstChange(sequence, edited.sequence)
  const after =
    from === null
      ? simulate(edited.sequence, options)
      : resume(before, edited.sequence, from, options)
  const place = edited.moved[drafted.step] ?? null
  const still = after.drafts.some((draft) => draft.rule === drafted.rule && draft.step === place)
  if (still || count(after, drafted.rule) >= count(before, drafted.rule)) return false
  const known = new Set(
    before.drafts
      .filter((draft) => draft.draft.severity === 'stop')
      .map((draft) => `${draft.rule} ${edited.moved[draft.step]}`),
  )
  return after.drafts.every(
    (draft) => draft.draft.severity !== 'stop' || known.has(`${draft.rule} ${draft.step}`),
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

function count(simulated: Simulation, rule: Finding['rule']): number {
  return simulated.drafts.filter((draft) => draft.rule === rule).length
}
