import { TOOL_ENERGY } from '../knowledge/energies'
import type { FaultId } from '../knowledge/faults'
import { solventRow } from '../knowledge/solvents'
import { writeDuration } from '../model/duration'
import type { ActStep, Step } from '../model/sequence'
import type { Role } from '../model/vocabulary'
import { gentlest, undoMap } from '../stack/questions/undoMap'
import type { SequenceEdit } from '../stack/rules/finding'
import { simulate } from '../stack/simulate/simulate'
import type { SimulateOptions } from '../stack/simulate/simulation'
import type { Diagnosis } from './diagnose'
import { type History, newest } from './history'
import { MENDS, type Mend, type MendLike, type MendStep } from './mends'

/** A way to mend what went wrong; the edit that does it, null: nothing that a plan can say, or that may be done on it. */
export type Mending = { say: string; edit: SequenceEdit | null }

/**
 * Ways to mend a fault now, those of its likeliest cause first. Each was tried: what would be stopped is told without steps.
 *
 * @param options with which the history was simulated
 * Source: handbook 8, 13.4.
 */
export function mendings(
  fault: FaultId,
  history: History,
  { causes }: Pick<Diagnosis, 'causes'>,
  options: SimulateOptions = {},
): Mending[] {
  const rank = ({ of }: Mend) => {
    if (!of) return causes.length
    return Math.min(...of.map((id) => causes.findIndex((cause) => cause.id === id)))
  }
  return [...MENDS[fault]]
    .sort((a, b) => rank(a) - rank(b))
    .map(({ say, steps }) => {
      const laid = steps && stepsOf(steps, history)
      const how = laid && steps.includes('take-off') ? `${say}: ${wayOf(laid)}` : say
      return { say: how, edit: laid ? tried(laid, history, options) : null }
    })
}

/** Next time: what keeps the likely causes away. */
export function nextTimes({ causes }: Pick<Diagnosis, 'causes'>): string[] {
  const likely = causes.filter(({ probability }, i) => i === 0 || probability >= LIKELY)
  return [...new Set(likely.map(({ next }) => next))]
}

/** A cause of this share is worth keeping away too. */
const LIKELY = 0.2

function stepsOf(steps: readonly MendStep[], history: History): ActStep[] | null {
  const laid: ActStep[] = []
  for (const step of steps) {
    const own = stepOf(step, history)
    if (!own) return null
    laid.push(own)
  }
  return laid
}

/** What belongs to the step that is repeated, and not to its repetition. */
const OWN = ['minutes', 'climate', 'note', 'protection', 'checked', 'tested', 'intent'] as const

function stepOf(step: MendStep, history: History): ActStep | null {
  if (step === 'take-off') return takeOff(history)
  if (!isLike(step)) return step
  const before = newest(history, step.like)
  if (!before) return null
  const given = history.sequence.steps[before.index] as ActStep
  const same = Object.fromEntries(
    Object.entries(given).filter(([field]) => !OWN.some((own) => own === field)),
  ) as ActStep
  return { ...same, ...step.but }
}

function isLike(step: Exclude<MendStep, 'take-off'>): step is MendLike {
  return 'like' in step
}

/** What is thin enough to be taken off again. */
const THIN_FILMS: readonly Role[] = ['wash', 'filter', 'oil', 'pigment']

/** What takes a wash off that lies on top, and leaves what is under it; null: none does. Source: handbook 2.3. */
function takeOff({ stack, at, simulation: { series } }: History): ActStep | null {
  const top = stack.films.at(-1)
  if (!top || !THIN_FILMS.includes(top.role)) return null
  const map = undoMap(stack, at, series)
  const [way] = map ? gentlest(map.ways, 1) : []
  return way ? { do: 'wipe-back', tool: way.touch, solvent: way.solvent } : null
}

function wayOf([step]: readonly ActStep[]): string {
  if (!step?.solvent || !step.tool) return ''
  return `${solventRow(step.solvent).name}, ${TOOL_ENERGY[step.tool].word}`
}

/** Steps after what was done, each when it may come; null: something would be stopped. */
function tried(
  laid: readonly ActStep[],
  history: History,
  options: SimulateOptions,
): SequenceEdit | null {
  const { sequence, upTo, done, at } = history
  const facts = new Map(
    done.map(({ index, context, ends }) => [index, { start: context.at, ends }] as const),
  )
  const later = { ...options, facts, notBefore: Math.max(at, options.notBefore ?? 0) }
  const before = sequence.steps.slice(0, upTo)
  const simulated = simulate({ ...sequence, waits: 'auto', steps: [...before, ...laid] }, later)
  const stopped = simulated.drafts.some(
    ({ step, draft }) => step >= upTo && draft.severity === 'stop',
  )
  if (stopped) return null
  const steps = laid.flatMap((step, i): Step[] => {
    const wait = simulated.waits.find(({ before: index }) => index === upTo + i)
    return sequence.waits !== 'auto' && wait
      ? [{ wait: writeDuration(Math.ceil(wait.minutes)) }, step]
      : [step]
  })
  return { insert: { before: upTo, steps } }
}
