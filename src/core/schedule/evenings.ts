import type { Session } from '../bench/calendar'
import { key, partOf } from '../model/stepRef'
import type { BenchPlan } from './planBench'
import { type CardAct, cardActs } from './sessionCard'
import { tasksIn } from './tasksIn'
import { type WaitBefore, waitsBefore } from './waitsBefore'

/** What is done in one go: an act, or the same work on several parts in a run. */
export type EveningBlock = {
  /** Of the first of its tasks. */
  id: string
  acts: readonly CardAct[]
  from: number
  to: number
  /** When it may begin at the earliest, and at the latest; null: no window is kept. */
  window: { opens: number; closes: number } | null
}

/** A session with what is planned for it, and what lies between it and the one before. */
export type Evening = {
  session: Session
  blocks: readonly EveningBlock[]
  handsOnMinutes: number
  /** Before its first act, since the last act of the evening before; null for the first evening. */
  before: EveningBreak | null
}

/** What passes between two evenings at the bench: how long, how many parts dry, and the sessions in which nothing is done. */
export type EveningBreak = { minutes: number; drying: number; free: readonly Session[] }

const MINUTE = 60_000

/** The plan evening by evening, without those in which nothing is done. Source: handbook 7.2, 7.4. */
export function eveningsOf(plan: Pick<BenchPlan, 'tasks' | 'problem' | 'sessions'>): Evening[] {
  const waits = waitsBefore(plan)
  const busy = plan.sessions.flatMap((session) => {
    const tasks = tasksIn(plan, session)
    return tasks.length > 0 ? [{ session, tasks }] : []
  })
  const evenings: Evening[] = []
  for (const { session, tasks } of busy) {
    const blocks = blocksOf(cardActs(tasks), waits)
    const last = evenings.at(-1)
    evenings.push({
      session,
      blocks,
      handsOnMinutes: tasks.reduce((sum, { minutes }) => sum + minutes, 0),
      before: last
        ? breakBetween(plan, waits, last, session, blocks[0]?.from ?? session.from)
        : null,
    })
  }
  return evenings
}

/** Acts of one run that follow one another are one block. */
function blocksOf(
  acts: readonly CardAct[],
  waits: ReadonlyMap<string, WaitBefore>,
): EveningBlock[] {
  const blocks: { acts: CardAct[] }[] = []
  for (const act of acts) {
    const last = blocks.at(-1)
    if (last && act.batch !== null && last.acts[0]?.batch === act.batch) last.acts.push(act)
    else blocks.push({ acts: [act] })
  }
  return blocks.map(({ acts }) => {
    const windows = acts.flatMap(({ tasks }) => {
      const wait = waits.get(tasks[0] ?? '')
      return wait && wait.until !== null ? [{ opens: wait.to, closes: wait.until }] : []
    })
    return {
      id: acts[0]?.tasks[0] ?? '',
      acts,
      from: Math.min(...acts.map(({ from }) => from)),
      to: Math.max(...acts.map(({ to }) => to)),
      window:
        windows.length === 0
          ? null
          : {
              opens: Math.max(...windows.map(({ opens }) => opens)),
              closes: Math.min(...windows.map(({ closes }) => closes)),
            },
    }
  })
}

function breakBetween(
  plan: Pick<BenchPlan, 'tasks' | 'sessions'>,
  waits: ReadonlyMap<string, WaitBefore>,
  last: Evening,
  { from: begins }: Session,
  first: number,
): EveningBreak {
  const ended = Math.max(...last.blocks.map(({ to }) => to))
  const dries = plan.tasks.filter(({ id }) => {
    const wait = waits.get(id)
    return wait && wait.to > wait.from && wait.from < first && wait.to > ended
  })
  return {
    minutes: Math.round((first - ended) / MINUTE),
    drying: new Set(dries.map((task) => key(partOf(task)))).size,
    free: plan.sessions.filter(({ from }) => from > last.session.from && from < begins),
  }
}
