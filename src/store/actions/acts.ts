import { isJoint } from '@/core/builds'
import { type BenchAct, type LogIndex, progressOfStep, record, type StepProgress } from '@/core/log'
import type { BuildStep } from '@/core/model/build'
import { coatsMeant } from '@/core/model/coats'
import type { LoggedAct } from '@/core/model/loggedAct'
import type { PartRef, StepRef } from '@/core/model/stepRef'
import type { Store } from '../store'
import { type Decision, type Reading, transact, type Written } from '../transact'
import { put } from './rows'

/** What the person who logs an act takes for so: which coat comes next, from 1; null: the act has none, or it doesn't matter. */
export type Believed = {
  coat: number | null
  /** When it was done, epoch milliseconds; left out: now. */
  at?: number
}

/** The same observation or note again within this time is the same press of a key, ms. */
const ECHO = 10_000

/**
 * Writes an act at the bench into the log. It carries what was believed when it was pressed: a second one like it, from a held
 * key, a double click or another tab, is told and dropped.
 *
 * A joint act is logged for all its parts at once, and a run for those of it that are named; of these what doesn't follow from the log
 * any more is left out.
 *
 * @param say what is told, as "Hull: prime, coat 2 done"
 * @param along the same work on other parts, done with it
 */
export function logAct(
  store: Store,
  ref: StepRef,
  act: BenchAct,
  believed: Believed,
  say: string,
  along: readonly StepRef[] = [],
): Promise<Written> {
  return transact(store, async (read): Promise<Decision> => {
    const step = await stepOf(read, ref)
    if (!step) return { refused: `${say}: that step isn’t there any more. Nothing was logged.` }
    if ((believed.at ?? 0) > store.now())
      return { refused: `${say}: that is still to come. Nothing was logged.` }
    const own = await actsOf(store, read, ref, act, believed)
    if ('refused' in own) return own
    const acts = [...own.acts]
    for (const other of ofWork(act) ? [...alongOf(step, ref), ...along] : []) {
      const more = await actsOf(store, read, other, act, believed)
      if ('acts' in more) acts.push(...more.acts)
    }
    return { label: say, writes: acts.map((act) => put('acts', act)) }
  })
}

/** Is it done with the hands, and so to all the parts of a run? What is seen or noted is of one. */
function ofWork({ kind }: BenchAct): boolean {
  return kind !== 'observed' && kind !== 'noted'
}

/** The other parts of a joint act. */
function alongOf(step: BuildStep, { build, part }: StepRef): StepRef[] {
  if (!isJoint(step)) return []
  return step.parts
    .filter((other) => other !== part)
    .map((other) => ({ build, part: other, step: step.id }))
}

/** The acts to write for one part, or why there are none. */
async function actsOf(
  store: Store,
  read: Reading,
  ref: StepRef,
  act: BenchAct,
  believed: Believed,
): Promise<{ acts: LoggedAct[] } | { refused: string }> {
  const step = await stepOf(read, ref)
  if (!step) return { refused: 'That step isn’t there any more. Nothing was logged.' }
  const log = await read.log(ref)
  const progress = progressOfStep(log, ref)
  const coats = coatsMeant(step, ref.part)
  const why = againstProgress(act, believed, progress, coats) ?? echoOf(log, act, store.now())
  if (why !== null) return { refused: why }
  return { acts: record(ref, act, progress, coats, believed.at ?? store.now(), store.newId) }
}

async function stepOf(read: Reading, ref: StepRef): Promise<BuildStep | undefined> {
  const build = await read.get('builds', ref.build)
  return build?.steps.find(({ id, parts }) => id === ref.step && parts.includes(ref.part))
}

/** Why an act doesn't follow from how far the step has come; null: it does. */
function againstProgress(
  act: BenchAct,
  { coat, at }: Believed,
  progress: StepProgress | undefined,
  coats: number,
): string | null {
  const newest = Math.max(progress?.startedAt ?? 0, ...(progress?.coatEnds ?? []))
  if (at !== undefined && act.kind !== 'noted' && at < newest)
    return 'Something of it was logged later than that: correct that first. Nothing was logged.'
  const laid = progress?.coatEnds.length ?? 0
  const status = progress?.status ?? 'open'
  switch (act.kind) {
    case 'started':
      return status === 'open' ? null : 'It was started already: nothing was logged again.'
    case 'coat-done':
      if (status === 'done' || status === 'skipped' || laid >= coats)
        return 'It is done already: no coat was logged again.'
      if (coat !== null && coat <= laid)
        return `Coat ${coat} is logged already: it was not logged again.`
      return coat !== null && coat > laid + 1
        ? `Coat ${laid + 1} isn’t logged yet: nothing was logged.`
        : null
    case 'finished':
    case 'skipped':
      if (status === 'done') return 'It is done already: nothing was logged again.'
      return status === 'skipped' ? 'It was skipped already: nothing was logged again.' : null
    default:
      return null
  }
}

/** An observation or a note that was logged a moment ago; null: it is a new one. */
function echoOf(log: LogIndex, act: BenchAct, now: number): string | null {
  if (act.kind !== 'observed' && act.kind !== 'noted') return null
  const again = log.acts.some(
    (old) =>
      old.kind === act.kind &&
      Math.abs(now - Date.parse(old.at)) < ECHO &&
      (act.kind === 'noted' ? old.text === act.text : sameObservation(old, act)),
  )
  return again ? 'That was logged a moment ago: it was not logged again.' : null
}

function sameObservation(old: LoggedAct, act: Extract<BenchAct, { kind: 'observed' }>): boolean {
  return old.seen === act.seen && old.milestone === act.milestone
}

/**
 * Says when a logged act really was. The log is only added to: the act stays as it was logged, and a new one corrects it.
 *
 * @param say what is told, as "Hull: prime, coat 2 was at 18:30"
 */
export function correctAct(
  store: Store,
  id: string,
  happenedAt: number,
  say: string,
): Promise<Written> {
  return transact(store, async (read) => {
    const act = await read.get('acts', id)
    if (!act) return { refused: `${say}: that act isn’t there any more.` }
    if (happenedAt > store.now()) return { refused: `${say}: that is still to come.` }
    const { build, part, step } = act
    const correction: LoggedAct = {
      id: store.newId(),
      at: new Date(store.now()).toISOString(),
      kind: 'corrected',
      corrects: id,
      happenedAt: new Date(happenedAt).toISOString(),
      ...(build ? { build } : {}),
      ...(part ? { part } : {}),
      ...(step ? { step } : {}),
    }
    return { label: say, writes: [put('acts', correction)] }
  })
}

/** A note that belongs to no step, or to a build or part alone. */
export function note(
  store: Store,
  text: string,
  of: { build?: string; part?: string },
  say: string,
): Promise<Written> {
  return transact(store, async () => ({
    label: say,
    writes: [put('acts', noteAct(store, text, of))],
  }))
}

/**
 * Writes into the log what went wrong, what it came from, and whether a mending helped.
 *
 * @param say what is told, as "Hull: white frost, damp air"
 */
export function logFault(
  store: Store,
  of: Partial<PartRef>,
  found: { fault: string; cause: string; helped?: boolean },
  text: string,
  say: string,
): Promise<Written> {
  return transact(store, async () => ({
    label: say,
    writes: [put('acts', { ...noteAct(store, text, of), ...found })],
  }))
}

/** A note as it stands in the log. */
export function noteAct(store: Store, text: string, of: Partial<StepRef>): LoggedAct {
  return {
    id: store.newId(),
    at: new Date(store.now()).toISOString(),
    kind: 'noted',
    ...of,
    text,
  }
}

/** A use of a tool or a consumable, for a build or for none. */
export function useTool(
  store: Store,
  tool: string,
  name: string,
  of: { build?: string; part?: string },
): Promise<Written> {
  return transact(store, async (read) => {
    if (!(await read.get('tools', tool))) return { refused: `${name} isn’t on the shelf any more.` }
    const act = { ...noteAct(store, `Used ${name}`, of), tool, uses: 1 }
    return { label: `Used ${name} once`, writes: [put('acts', act)] }
  })
}
