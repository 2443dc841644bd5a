import type { Arc, Model } from './model'
import { nextStart } from './model'
import { propagate } from './propagate'

/** How the next task is chosen among those that may come next; smaller goes first. */
export type Preference = (candidate: Candidate) => number

export type Candidate = { task: number; start: number; tail: number; latest: number }

/** Counts the work done, and says when to stop. */
export type Budget = { nodes: number; left: () => boolean }

export type Found = { starts: number[]; makespan: number }

export type SearchResult = {
  best: Found | null
  /** Every order was tried or proved no better. */
  exhausted: boolean
}

type Node = {
  starts: number[]
  order: Map<number, Arc[]>
  placed: boolean[]
  count: number
  lastEnd: number
  last: number | null
  /** Last task on the changeover resource. */
  lastShared: number | null
}

/**
 * Depth-first over the order of the tasks: with the order fixed, the least solution of propagation is the best there is, so
 * trying every order is exact. Each branch puts one task next; bounds cut what can't be better than the best.
 *
 * @param root earliest starts with every link propagated
 * @param tails minutes that must still pass from each task's start to the end of everything
 * @param better solutions must end before this
 */
export function searchOrders(
  model: Model,
  root: readonly number[],
  tails: readonly number[],
  prefer: Preference,
  budget: Budget,
  better: number,
  onBest: (found: Found) => void,
): SearchResult {
  let bound = better
  let best: Found | null = null
  let exhausted = true
  const total = model.ids.length
  const limit = (task: number) =>
    Math.min(model.latest[task] as number, bound - 1 - (tails[task] as number))

  const visit = (node: Node): void => {
    budget.nodes += 1
    if (!budget.left()) {
      exhausted = false
      return
    }
    if (node.count === total) {
      const makespan = Math.max(0, ...node.starts.map((s, i) => s + (model.minutes[i] as number)))
      if (makespan < bound) {
        best = { starts: node.starts, makespan }
        bound = makespan
        onBest(best)
      }
      return
    }
    if (remainingWorkEnd(model, node) >= bound) return
    const nexts = candidates(model, node, tails, limit)
    nexts.sort((a, b) => prefer(a) - prefer(b) || a.task - b.task)
    for (const next of nexts) {
      if (!exhausted && !budget.left()) return
      const child = place(model, node, next.task, limit)
      if (child) visit(child)
    }
  }
  visit({
    starts: [...root],
    order: new Map(),
    placed: model.ids.map(() => false),
    count: 0,
    lastEnd: 0,
    last: null,
    lastShared: null,
  })
  return { best, exhausted }
}

/** When the hands are free for the last of what is left, at the earliest. */
function remainingWorkEnd(model: Model, node: Node): number {
  let left = 0
  let from = Number.POSITIVE_INFINITY
  node.placed.forEach((placed, task) => {
    if (placed) return
    left += model.minutes[task] as number
    from = Math.min(from, node.starts[task] as number)
  })
  let at = Math.max(node.lastEnd, from)
  for (const [a, b] of model.availability) {
    if (b <= at) continue
    at = Math.max(at, a)
    if (left <= b - at) return at + left
    left -= b - at
    at = b
  }
  return left > 0 ? Number.POSITIVE_INFINITY : at
}

function candidates(
  model: Model,
  node: Node,
  tails: readonly number[],
  limit: (task: number) => number,
): Candidate[] {
  const out: Candidate[] = []
  for (let task = 0; task < model.ids.length; task++) {
    if (node.placed[task]) continue
    if ((model.before[task] as number[]).some((one) => !node.placed[one])) continue
    const start = nextStart(model, task, earliestNext(model, node, task))
    out.push({ task, start, tail: tails[task] as number, latest: limit(task) })
  }
  return out
}

function changeoverGap(model: Model, from: number, to: number): number {
  const a = model.setup[from]
  const b = model.setup[to]
  return a !== null && b !== null && a !== b ? model.changeover : 0
}

function earliestNext(model: Model, node: Node, task: number): number {
  let at = Math.max(node.starts[task] as number, node.lastEnd)
  if (node.lastShared !== null) {
    const end =
      (node.starts[node.lastShared] as number) + (model.minutes[node.lastShared] as number)
    at = Math.max(at, end + changeoverGap(model, node.lastShared, task))
  }
  return at
}

/** The node with one more task in the order; null when that can't be, or can't be better. */
function place(
  model: Model,
  node: Node,
  task: number,
  limit: (task: number) => number,
): Node | null {
  const starts = [...node.starts]
  const order = new Map(node.order)
  const follow = (from: number, gap: number) => {
    const arc: Arc = {
      from,
      to: task,
      gap: (model.minutes[from] as number) + gap,
      link: null,
      window: false,
    }
    order.set(from, [...(order.get(from) ?? []), arc])
  }
  if (node.last !== null) follow(node.last, 0)
  if (node.lastShared !== null && model.setup[task] !== null)
    follow(node.lastShared, changeoverGap(model, node.lastShared, task))
  const start = nextStart(model, task, earliestNext(model, node, task))
  if (start > limit(task)) return null
  starts[task] = start
  const placed = [...node.placed]
  placed[task] = true
  if (propagate(model, starts, [task], order, limit)) return null
  const end = (starts[task] as number) + (model.minutes[task] as number)
  const raised: number[] = []
  for (let other = 0; other < placed.length; other++) {
    if (placed[other] || (starts[other] as number) >= end) continue
    starts[other] = nextStart(model, other, end)
    if ((starts[other] as number) > limit(other)) return null
    raised.push(other)
  }
  if (raised.length > 0 && propagate(model, starts, raised, order, limit)) return null
  return {
    starts,
    order,
    placed,
    count: node.count + 1,
    lastEnd: (starts[task] as number) + (model.minutes[task] as number),
    last: task,
    lastShared: model.setup[task] === null ? node.lastShared : task,
  }
}
