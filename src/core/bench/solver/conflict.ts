import { mergeIntervals } from '../intervals'
import type { BenchLink, BenchProblem, BenchTask, Interval } from '../problem'
import { feasibility } from './driver'
import { modelOf } from './model'
import type { Budget } from './search'

/** Tasks and windows that can't all be kept, none of which could be left out; and what would help. Source: handbook 7.2. */
export type Clash = {
  tasks: string[]
  /** Latest gaps among them, minutes; where one is dropped, the rest can be kept. */
  windows: { from: string; to: string; maxGap: number }[]
  /** Whether quiet hours are part of it. */
  quiet: boolean
  /** Single changes with which everything can be done. */
  helps: Help[]
}

/** A change that makes a plan possible. */
export type Help =
  | { change: 'window'; from: string; to: string; maxGap: number; needs: number }
  | { change: 'quiet' }
  | { change: 'session'; between: Interval }
  | { change: 'without'; task: string }

/** Conflicts that one question of "is there a plan without this?" may take. */
const QUESTION_CONFLICTS = 1500
/** Questions asked while looking for the smallest clash, and for what helps. */
const MOST_QUESTIONS = 160
/** Gaps between sessions that another session is tried in. */
const MOST_GAPS = 10
/** A window is tried up to so many minutes wide. */
const WIDEST = 60 * 24 * 60

type Ask = (problem: BenchProblem) => 'yes' | 'no' | 'open'

/** Why a problem that was proved infeasible is so. Source: handbook 7.2, 7.3. */
export function clashOf(problem: BenchProblem, budget: Budget): Clash {
  let asked = 0
  const ask: Ask = (one) => {
    asked += 1
    if (asked > MOST_QUESTIONS || !budget.left()) return 'open'
    return feasibility(modelOf(one), QUESTION_CONFLICTS, budget)
  }
  const core = smallest(problem, ask)
  return { ...core.clash, helps: helpsOf(problem, core, ask) }
}

type Core = { problem: BenchProblem; clash: Omit<Clash, 'helps'> }

/** Only some tasks, with the links between them. */
export function only(problem: BenchProblem, ids: ReadonlySet<string>): BenchProblem {
  return {
    ...problem,
    tasks: (problem.tasks ?? []).filter((task) => ids.has(task.id)),
    links: (problem.links ?? []).filter((link) => ids.has(link.from) && ids.has(link.to)),
    sittings: (problem.sittings ?? [])
      .map((sitting) => sitting.filter((id) => ids.has(id)))
      .filter((sitting) => sitting.length > 1),
  }
}

function smallest(problem: BenchProblem, ask: Ask): Core {
  const tasks = smallestSet(
    startingSet(problem, ask),
    (ids) => ask(only(problem, new Set(ids))) === 'no',
  )
  let core = only(problem, new Set(tasks))
  for (const link of core.links ?? []) {
    if (!hasWindow(link)) continue
    const without = withMaxGap(core, link, null)
    if (ask(without) === 'no') core = without
  }
  const loud = (core.tasks ?? []).some((task) => task.noisy)
  const quiet = loud && ask({ ...core, quiet: [] }) === 'yes'
  const windows = (core.links ?? []).flatMap((link) =>
    hasWindow(link) ? [{ from: link.from, to: link.to, maxGap: link.maxGap as number }] : [],
  )
  return { problem: core, clash: { tasks, windows, quiet } }
}

/** The tasks of one chain where a chain alone can't be done, else all. */
function startingSet(problem: BenchProblem, ask: Ask): string[] {
  const all = (problem.tasks ?? []).map((task) => task.id)
  const chains = chainsOf(problem)
  if (chains.length < 2 || chains.length > MOST_QUESTIONS) return all
  return chains.find((ids) => ask(only(problem, new Set(ids))) === 'no') ?? all
}

/** Tasks that links tie together, directly or not. */
function chainsOf({ tasks = [], links = [] }: BenchProblem): string[][] {
  const head = new Map(tasks.map((task) => [task.id, task.id]))
  const find = (id: string): string => {
    const above = head.get(id) ?? id
    return above === id ? id : find(above)
  }
  for (const link of links) head.set(find(link.from), find(link.to))
  const chains = new Map<string, string[]>()
  for (const { id } of tasks) chains.set(find(id), [...(chains.get(find(id)) ?? []), id])
  return [...chains.values()]
}

/** Leaves out what can be left out, in ever smaller pieces. */
function smallestSet(items: string[], clashes: (items: string[]) => boolean): string[] {
  let kept = items
  for (let size = kept.length >> 1; size >= 1; size >>= 1)
    for (let at = 0; at < kept.length && kept.length > 1; ) {
      const rest = [...kept.slice(0, at), ...kept.slice(at + size)]
      if (rest.length > 0 && clashes(rest)) kept = rest
      else at += size
    }
  return kept
}

function hasWindow(link: BenchLink): boolean {
  return link.maxGap !== undefined && link.maxGap !== null
}

/** A link by its ends and its latest gap. */
type Window = Pick<BenchLink, 'from' | 'to' | 'maxGap'>

function sameWindow(a: Window, b: Window): boolean {
  return a.from === b.from && a.to === b.to && a.maxGap === b.maxGap
}

/** The same problem with another latest gap, or none, for a window. */
export function withMaxGap(
  problem: BenchProblem,
  window: Window,
  maxGap: number | null,
): BenchProblem {
  return {
    ...problem,
    links: (problem.links ?? []).map((link) =>
      sameWindow(link, window) ? { ...link, maxGap } : link,
    ),
  }
}

function helpsOf(problem: BenchProblem, core: Core, ask: Ask): Help[] {
  const helps: Help[] = []
  for (const window of core.clash.windows) {
    const needs = widened(problem, window, ask)
    if (needs !== null) helps.push({ change: 'window', ...window, needs })
  }
  if (core.clash.quiet && ask({ ...problem, quiet: [] }) === 'yes') helps.push({ change: 'quiet' })
  const session = anotherSession(problem, ask)
  if (session) helps.push({ change: 'session', between: session })
  if (helps.length === 0)
    for (const task of core.clash.tasks.slice(0, 12)) {
      const rest = (problem.tasks ?? [])
        .filter((otherTask) => otherTask.id !== task)
        .map((task) => task.id)
      if (ask(only(problem, new Set(rest))) === 'yes') helps.push({ change: 'without', task })
    }
  return helps
}

/** The least latest gap with which everything can be done; null: no width would do. */
function widened(
  problem: BenchProblem,
  window: { from: string; to: string; maxGap: number },
  ask: Ask,
): number | null {
  let high = Math.max(window.maxGap, WIDEST)
  if (ask(withMaxGap(problem, window, high)) !== 'yes') return null
  let low = window.maxGap
  while (high - low > 1) {
    const mid = Math.floor((low + high) / 2)
    if (ask(withMaxGap(problem, window, mid)) === 'yes') high = mid
    else low = mid
  }
  return high
}

/** The first gap between sessions in which another one would do. */
function anotherSession(problem: BenchProblem, ask: Ask): Interval | null {
  const open = mergeIntervals(problem.availability ?? [])
  const edges = [[0, 0], ...open, [problem.horizonMinutes, problem.horizonMinutes]] as Interval[]
  const gaps = edges
    .slice(1)
    .map((next, i): Interval => [(edges[i] as Interval)[1], next[0]])
    .filter(([from, to]) => to > from)
  for (const gap of gaps.slice(0, MOST_GAPS))
    if (ask({ ...problem, availability: [...open, gap] }) === 'yes') return gap
  return null
}

/** A clash in words: the tasks, the windows or openings between them, and what would help. */
export function sayClash(problem: BenchProblem, clash: Clash): string {
  const tasks = (problem.tasks ?? []).filter((task) => clash.tasks.includes(task.id))
  const first = tasks[0]
  const parts =
    tasks.length === 1 && first
      ? [sayAlone(problem, first)]
      : [
          `${list(tasks.map((task) => `"${task.id}" (${task.minutes} min)`))} can't all be kept`,
          ...sayLinks(problem, clash),
        ]
  if (tasks.length > 1)
    parts.push(
      `the availability (${openings(problem)})${clash.quiet ? ', less the quiet hours,' : ''} leaves no room for that`,
    )
  const helps = clash.helps.map(sayHelp)
  return `${parts.join('; ')}.${helps.length > 0 ? ` What would help: ${helps.join('; or ')}.` : ''}`
}

function list(words: readonly string[]): string {
  const shown = words.slice(0, 8)
  if (words.length > 8) shown.push(`${words.length - 8} more`)
  return shown.length < 2
    ? (shown[0] ?? '')
    : `${shown.slice(0, -1).join(', ')} and ${shown.at(-1)}`
}

/** The openings of the availability, the first few by name. */
function openings(problem: BenchProblem): string {
  const horizon = problem.horizonMinutes
  const open = mergeIntervals(problem.availability ?? []).filter(([from]) => from < horizon)
  const shown = open.slice(0, 4).map(([from, to]) => `[${from}, ${Math.min(to, horizon)}]`)
  const more = open.length - shown.length
  return `${shown.length > 0 ? shown.join(', ') : 'none'}${more > 0 ? ` and ${more} more` : ''} up to minute ${horizon}`
}

function sayAlone(problem: BenchProblem, task: BenchTask): string {
  const { id, minutes, earliest, latest, noisy } = task
  const missing = (task.needs ?? []).find((need) => problem.resources?.[need] === 0)
  if (missing) return `"${id}" needs "${missing}", a resource of which there is none`
  const window = [
    ...(earliest ? [`not before minute ${earliest}`] : []),
    ...(latest !== undefined ? [`by minute ${latest} at the latest`] : []),
  ]
  return `"${id}" (${minutes} min${noisy ? ', noisy' : ''}${window.length > 0 ? `, to begin ${window.join(' and ')}` : ''}) fits into no interval of availability before minute ${problem.horizonMinutes}`
}

function sayLinks(problem: BenchProblem, clash: Clash): string[] {
  const ids = new Set(clash.tasks)
  return (problem.links ?? [])
    .filter((link) => ids.has(link.from) && ids.has(link.to))
    .flatMap((link) => {
      const window = clash.windows.some((window) => sameWindow(window, link))
      const least = link.minGap ?? 0
      return [
        ...(least > 0
          ? [`"${link.to}" comes ${least} min after "${link.from}" at the earliest`]
          : []),
        ...(window
          ? [`"${link.to}" has to begin within ${link.maxGap} min after "${link.from}"`]
          : []),
        ...(least === 0 && !window ? [`"${link.to}" comes after "${link.from}"`] : []),
      ]
    })
    .slice(0, 8)
}

function sayHelp(help: Help): string {
  switch (help.change) {
    case 'window':
      return `a window of ${help.needs} min instead of ${help.maxGap} from "${help.from}" to "${help.to}"`
    case 'quiet':
      return 'no quiet hours'
    case 'session':
      return `another session between minute ${help.between[0]} and ${help.between[1]}`
    case 'without':
      return `leaving out "${help.task}"`
  }
}
