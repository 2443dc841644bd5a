import { holesOf, sittingSteps } from './domain'
import { energyCheck, Hands } from './energeticReasoning'
import { ALWAYS, Engine, STEPWISE } from './engine'
import type { Model } from './model'

/** Two tasks that could come in either order: `flag` is 1 where `a` comes first. */
export type Pair = { a: number; b: number; flag: number }

/** A model as the engine reads it: a variable a task, one for the end of everything, one for each open order. */
export type Network = {
  model: Model
  engine: Engine
  /** Variable of the latest end. */
  end: number
  pairs: Pair[]
  /** Number of the pair of two tasks, −1 where their order is settled. */
  pairOf: (a: number, b: number) => number
  /** Lets the engine know of a pair's two orders. @returns false: it does already */
  pose: (pair: number) => boolean
}

/** Up to so many tasks the hands are counted at every node, beyond only at the root. */
const MOST_COUNTED = 40
/** Up to so many tasks latest gaps are followed along paths too when orders are settled beforehand. */
const MOST_CLOSED = 150

/** Up to so many tasks every pair is posed from the start, beyond only those that clash. */
const MOST_POSED = 64

const NONE = Number.NEGATIVE_INFINITY

/** Minutes from the start of one task to the start of another at the least, by links alone; −Infinity: nothing says. */
function distances(model: Model): Float64Array {
  const count = model.ids.length
  const closed = count <= MOST_CLOSED
  const all = new Float64Array(count * count).fill(NONE)
  for (let source = 0; source < count; source++) {
    const row = all.subarray(source * count, (source + 1) * count)
    row[source] = 0
    const queue = [source]
    // A cycle that only grows is caught by the bounds; here it must only end.
    for (let head = 0, most = count * 40; head < queue.length && head < most; head++) {
      const task = queue[head] as number
      for (const arc of model.arcsFrom[task] ?? []) {
        if (!closed && arc.gap < 0) continue
        const reached = (row[task] as number) + arc.gap
        if (reached <= (row[arc.to] as number) || reached > model.horizon) continue
        row[arc.to] = reached
        queue.push(arc.to)
      }
    }
  }
  return all
}

/** Is the airbrush cleaned between two tasks: sprayed with one, in different paints? */
export function isCleaned({ setup, gun }: Model, a: number, b: number): boolean {
  return setup[a] !== null && setup[b] !== null && setup[a] !== setup[b] && gun[a] === gun[b]
}

/** Minutes between the starts of two tasks where the first comes first. */
export function spacing(model: Model, first: number, second: number): number {
  return (model.minutes[first] as number) + (isCleaned(model, first, second) ? model.changeover : 0)
}

/** Tasks that nothing tells apart may as well come in the order they are listed. */
function alike(model: Model, a: number, b: number): boolean {
  const bare = (task: number) =>
    (model.arcsFrom[task]?.length ?? 0) === 0 && model.arcsInto[task] === 0
  return (
    bare(a) &&
    bare(b) &&
    model.minutes[a] === model.minutes[b] &&
    model.setup[a] === model.setup[b] &&
    model.gun[a] === model.gun[b] &&
    model.domains[a] === model.domains[b]
  )
}

/** The pairs whose order is open, those whose order the links settle, and the number of the pair of two tasks. */
function ordersOf(model: Model): { pairs: Pair[]; settled: [number, number][]; index: Int32Array } {
  const count = model.ids.length
  const least = distances(model)
  const pairs: Pair[] = []
  const settled: [number, number][] = []
  const index = new Int32Array(count * count).fill(-1)
  for (let a = 0; a < count; a++)
    for (let b = a + 1; b < count; b++) {
      const there = least[a * count + b] as number
      const back = least[b * count + a] as number
      const aFirst = spacing(model, a, b)
      const bFirst = spacing(model, b, a)
      if (there >= aFirst || back >= bFirst) continue
      // One order is out when the links hold the other's pair too far apart.
      if (there + bFirst > 0 || alike(model, a, b)) settled.push([a, b])
      else if (back + aFirst > 0) settled.push([b, a])
      else {
        const flag = count + 1 + pairs.length
        index[a * count + b] = pairs.length
        index[b * count + a] = pairs.length
        pairs.push({ a, b, flag })
      }
    }
  return { pairs, settled, index }
}

/** Builds the network of a model in which every task has an allowed start. */
export function networkOf(model: Model): Network {
  const count = model.ids.length
  const domains = model.domains.filter((domain) => domain !== null)
  if (domains.length < count) throw new RangeError('networkOf: a task has no allowed start')
  const end = count
  const { pairs, settled, index } = ordersOf(model)
  const variables = count + 1 + pairs.length
  const initial = new Int32Array(2 * variables)
  domains.forEach((domain, task) => {
    initial[2 * task] = domain.first
    initial[2 * task + 1] = -domain.last
  })
  initial[2 * end + 1] = -model.horizon
  for (const { flag } of pairs) initial[2 * flag + 1] = -1
  const check = energyCheck(model, new Hands(model.availability, model.minutes))
  const counts = count <= MOST_COUNTED
  const engine = new Engine(
    variables,
    initial,
    2 * (end + 1),
    holesOf(domains),
    sittingSteps(model.availability),
    (one) => (counts || one.level <= 1 ? check(one) : null),
  )
  const both = (a: number, b: number, gap: number, when: number) => {
    engine.addArc(2 * a, 2 * b, gap, when)
    engine.addArc(2 * b + 1, 2 * a + 1, gap, when)
  }
  for (const list of model.arcsFrom) for (const arc of list) both(arc.from, arc.to, arc.gap, ALWAYS)
  for (let task = 0; task < count; task++) both(task, end, model.minutes[task] as number, ALWAYS)
  for (const [a, b] of settled) both(a, b, spacing(model, a, b), ALWAYS)
  for (const [a, b] of model.sittings)
    for (const bound of [0, 1]) {
      engine.addArc(2 * a + bound, 2 * b + bound, 0, STEPWISE)
      engine.addArc(2 * b + bound, 2 * a + bound, 0, STEPWISE)
    }
  const posed = new Uint8Array(pairs.length)
  const pose = (number: number): boolean => {
    const { a, b, flag } = pairs[number] as Pair
    if (posed[number]) return false
    posed[number] = 1
    both(a, b, spacing(model, a, b), 2 * flag)
    both(b, a, spacing(model, b, a), 2 * flag + 1)
    return true
  }
  if (count <= MOST_POSED) pairs.forEach((_, number) => void pose(number))
  return { model, engine, end, pairs, pairOf: (a, b) => index[a * count + b] as number, pose }
}
