import { mergeIntervals, nextIn, subtractIntervals } from './intervals'
import type { BenchLink, BenchProblem, BenchTask, Interval } from './problem'

/** What holds a task where it is: it can't begin a minute sooner because of this. Source: handbook 7.4. */
export type Hold =
  /** A link: it comes so many minutes after another at the earliest. */
  | { kind: 'wait'; from: string; minutes: number }
  /** A latest gap: what follows can't begin sooner, and it may be so many minutes before that at the most. */
  | { kind: 'window'; before: string; minutes: number }
  | { kind: 'hands'; from: string }
  | { kind: 'clean-out'; from: string; minutes: number }
  /** Every place to dry is taken until then. Source: handbook 12.7, no-place-to-dry. */
  | { kind: 'place' }
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
  const laid = layOut(problem, starts)
  if (!laid.tasks.has(task)) throw new RangeError(`whyNotEarlier: no task "${task}"`)
  const chain: ChainLink[] = []
  const seen = new Set<string>()
  let at: string | null = task
  while (at !== null && !seen.has(at) && chain.length < most) {
    seen.add(at)
    const link = linkOf(laid, laid.tasks.get(at) as Laid)
    chain.push(link)
    at = heldBy(link.hold)
  }
  return chain
}

/** A task where the plan puts it, with the links from and to it. */
type Laid = { task: BenchTask; start: number; end: number; before: BenchLink[]; after: BenchLink[] }
type Layout = {
  problem: BenchProblem
  tasks: ReadonlyMap<string, Laid>
  /** The ones that end last first. */
  byEnd: readonly Laid[]
}

function layOut(problem: BenchProblem, starts: Readonly<Record<string, number>>): Layout {
  const tasks = new Map(
    (problem.tasks ?? []).map((task): [string, Laid] => {
      const start = starts[task.id] as number
      return [task.id, { task, start, end: start + task.minutes, before: [], after: [] }]
    }),
  )
  for (const link of problem.links ?? []) {
    tasks.get(link.to)?.before.push(link)
    tasks.get(link.from)?.after.push(link)
  }
  return { problem, tasks, byEnd: [...tasks.values()].sort((a, b) => b.end - a.end) }
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

function linkOf(laid: Layout, otherLaid: Laid): ChainLink {
  const { task, start } = otherLaid
  const held = holdsOf(laid, otherLaid).reduce((a, b) =>
    b.at > a.at || (b.at === a.at && b.rank < a.rank) ? b : a,
  )
  const could = nextIn(allowedStarts(laid.problem, task, held.at, start), held.at)
  // Something else stood where it could have gone: the hands, at the latest.
  const hold: Hold = could < start ? { kind: 'choice', from: could } : held.hold
  const wantedAt = hold.kind !== 'choice' && held.at < start ? held.at : null
  return { task: task.id, start, hold, wantedAt }
}

/** Where a task may begin from one minute to another, by what is open. */
function allowedStarts(problem: BenchProblem, task: BenchTask, a: number, b: number): Interval[] {
  const near = (spans: readonly Interval[] = []) =>
    spans.filter(([from, to]) => to > a && from < b + task.minutes)
  const shut = [...near(task.noisy ? problem.quiet : []), ...near(task.closed)]
  const ranges = subtractIntervals(mergeIntervals(near(problem.availability)), mergeIntervals(shut))
  return ranges.flatMap(([from, to]): Interval[] =>
    to - task.minutes >= from ? [[from, to - task.minutes]] : [],
  )
}

/** Everything that keeps a task from an earlier minute, with the minute it is kept from. */
function holdsOf(laid: Layout, { task, before, after, ...one }: Laid): Candidate[] {
  const holds: Candidate[] = [{ at: 0, hold: { kind: 'now' }, rank: 4 }]
  if (task.earliest) holds.push({ at: task.earliest, hold: { kind: 'facts' }, rank: 1 })
  if (task.place) holds.push({ at: task.place, hold: { kind: 'place' }, rank: 0 })
  for (const { from, minGap: minutes = 0 } of before) {
    const at = (laid.tasks.get(from)?.end ?? 0) + minutes
    holds.push({ at, hold: { kind: 'wait', from, minutes }, rank: 0 })
  }
  for (const { to, maxGap: minutes } of after) {
    if (minutes === undefined || minutes === null) continue
    const at = (laid.tasks.get(to)?.start ?? 0) - minutes - task.minutes
    holds.push({ at, hold: { kind: 'window', before: to, minutes }, rank: 3 })
  }
  return [...holds, ...handsBefore(laid, task, one.start)]
}

/** The tasks right before it: the hands were busy, or the airbrush had to be cleaned. */
function handsBefore({ problem, byEnd }: Layout, task: BenchTask, own: number): Candidate[] {
  const shared = problem.changeover?.resource
  const clean = problem.changeover?.minutes ?? 0
  const uses = (benchTask: BenchTask) =>
    shared !== undefined && benchTask.needs?.includes(shared) === true
  const holds: Candidate[] = []
  for (const { task: before, start, end } of byEnd) {
    if (before.id === task.id || start > own || end > own) continue
    const hands = holds[0]
    // What ended before that, cleaned up after, holds nothing up any more.
    if (hands && end + clean <= hands.at) break
    if (!hands) holds.push({ at: end, hold: { kind: 'hands', from: before.id }, rank: 2 })
    if (clean <= 0 || end + clean > own || before.setup === task.setup) continue
    if (!uses(before) || !uses(task) || (before.gun ?? 0) !== (task.gun ?? 0)) continue
    const hold: Hold = { kind: 'clean-out', from: before.id, minutes: clean }
    holds.push({ at: end + clean, hold, rank: 2 })
  }
  return holds
}
