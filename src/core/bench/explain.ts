import { mergeIntervals, nextIn, subtractIntervals } from './intervals'
import type { BenchProblem, BenchTask, Interval } from './problem'

/** What holds a task where it is: it can't begin a minute sooner because of this. Source: handbook 7.4. */
export type Hold =
  /** A link: it comes so many minutes after another at the earliest. */
  | { kind: 'wait'; from: string; minutes: number }
  /** A latest gap: what follows can't begin sooner, and it may be so many minutes before that at the most. */
  | { kind: 'window'; before: string; minutes: number }
  | { kind: 'hands'; from: string }
  | { kind: 'clean-out'; from: string; minutes: number }
  /** What it waits for has happened already, outside the plan. */
  | { kind: 'facts' }
  /** Nothing: it could begin at `from`, and was put later to save an evening or a clean-out, or to leave slack. */
  | { kind: 'choice'; from: number }
  /** The plan begins now. */
  | { kind: 'now' }

/** One link of the chain: a task, what holds it, and whether it then had to wait for a session. */
export type ChainLink = {
  task: string
  start: number
  hold: Hold
  /** It could go on at this minute, but no session (or only quiet hours) lies there; null: it begins at once. */
  wantedAt: number | null
}

/** Longest chain that is told. */
const LONGEST = 200

/**
 * Why a task doesn't start earlier: the chain of links, windows, hands and sessions that holds it, back to now or to a fact.
 *
 * @param starts a plan of the problem
 * @param most links of the chain at the most
 * @throws RangeError if there is no such task
 * Source: handbook 7.4.
 */
export function whyNotEarlier(
  problem: BenchProblem,
  starts: Readonly<Record<string, number>>,
  task: string,
  most = LONGEST,
): ChainLink[] {
  const tasks = new Map((problem.tasks ?? []).map((one) => [one.id, one]))
  if (!tasks.has(task)) throw new RangeError(`whyNotEarlier: no task "${task}"`)
  const chain: ChainLink[] = []
  const seen = new Set<string>()
  let at: string | null = task
  while (at !== null && !seen.has(at) && chain.length < most) {
    seen.add(at)
    const link = linkOf(problem, tasks, starts, tasks.get(at) as BenchTask)
    chain.push(link)
    at = heldBy(link.hold)
  }
  return chain
}

function heldBy(hold: Hold): string | null {
  switch (hold.kind) {
    case 'wait':
    case 'hands':
    case 'clean-out':
      return hold.from
    case 'window':
      return hold.before
    default:
      return null
  }
}

type Candidate = { at: number; hold: Hold; rank: number }

function linkOf(
  problem: BenchProblem,
  tasks: ReadonlyMap<string, BenchTask>,
  starts: Readonly<Record<string, number>>,
  task: BenchTask,
): ChainLink {
  const start = starts[task.id] as number
  const allowed = allowedStarts(problem, task)
  const candidates = holdsOf(problem, tasks, starts, task).sort(
    (a, b) => b.at - a.at || a.rank - b.rank,
  )
  const held = candidates[0] ?? { at: 0, hold: { kind: 'now' }, rank: 0 }
  const could = nextIn(allowed, held.at)
  // Something else stood where it could have gone: the hands, at the latest.
  const hold: Hold = could < start ? { kind: 'choice', from: could } : held.hold
  const wantedAt = hold.kind !== 'choice' && held.at < start ? held.at : null
  return { task: task.id, start, hold, wantedAt }
}

function allowedStarts(problem: BenchProblem, task: BenchTask): Interval[] {
  const open = mergeIntervals(problem.availability ?? [])
  const quiet = task.noisy ? (problem.quiet ?? []) : []
  const ranges = subtractIntervals(open, mergeIntervals([...quiet, ...(task.closed ?? [])]))
  return ranges.flatMap(([from, to]): Interval[] =>
    to - task.minutes >= from ? [[from, to - task.minutes]] : [],
  )
}

/** Everything that keeps a task from an earlier minute, with the minute it is kept from. */
function holdsOf(
  problem: BenchProblem,
  tasks: ReadonlyMap<string, BenchTask>,
  starts: Readonly<Record<string, number>>,
  task: BenchTask,
): Candidate[] {
  const minutes = (id: string) => tasks.get(id)?.minutes ?? 0
  const start = (id: string) => starts[id] as number
  const own = start(task.id)
  const candidates: Candidate[] = []
  if (task.earliest) candidates.push({ at: task.earliest, hold: { kind: 'facts' }, rank: 1 })
  for (const link of problem.links ?? []) {
    if (link.to === task.id) {
      const least = link.minGap ?? 0
      const at = start(link.from) + minutes(link.from) + least
      candidates.push({ at, hold: { kind: 'wait', from: link.from, minutes: least }, rank: 0 })
    }
    if (link.from === task.id && link.maxGap !== undefined && link.maxGap !== null) {
      const at = start(link.to) - link.maxGap - task.minutes
      const hold: Hold = { kind: 'window', before: link.to, minutes: link.maxGap }
      candidates.push({ at, hold, rank: 3 })
    }
  }
  candidates.push(...handsBefore(problem, tasks, starts, task).filter(({ at }) => at <= own))
  return candidates
}

/** The tasks right before it: the hands were busy, or the airbrush had to be cleaned. */
function handsBefore(
  problem: BenchProblem,
  tasks: ReadonlyMap<string, BenchTask>,
  starts: Readonly<Record<string, number>>,
  task: BenchTask,
): Candidate[] {
  const own = starts[task.id] as number
  const shared = problem.changeover?.resource
  const clean = problem.changeover?.minutes ?? 0
  return [...tasks.values()].flatMap((one): Candidate[] => {
    const end = (starts[one.id] as number) + one.minutes
    if (one.id === task.id || end > own || (starts[one.id] as number) > own) return []
    const both = [one, task].every((each) => shared && each.needs?.includes(shared))
    const hands: Candidate = { at: end, hold: { kind: 'hands', from: one.id }, rank: 2 }
    return both && one.setup !== task.setup && clean > 0
      ? [
          hands,
          { at: end + clean, hold: { kind: 'clean-out', from: one.id, minutes: clean }, rank: 2 },
        ]
      : [hands]
  })
}
