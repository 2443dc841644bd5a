import type { Interval } from '../problem'
import { Domain } from './domain'
import type { Arc, Model } from './model'

/**
 * A model with its time turned round: a plan of the one is a plan of the other from the end.
 *
 * @param end minute that becomes 0; what would lie behind it is out
 * @returns null where a task fits nowhere before it
 */
export function mirrored(model: Model, end: number): Model | null {
  const { minutes } = model
  const made = new Map<string, Domain | null>()
  const domains = model.domains.map((domain, task) => {
    if (domain === null) return null
    const length = minutes[task] as number
    const name = `${numberOf(domain)} ${length}`
    const known = made.get(name)
    if (known !== undefined) return known
    const ranges = domain
      .ranges()
      .map(([a, b]): Interval => [Math.max(0, end - b - length), end - a - length])
      .filter(([a, b]) => b >= a)
      .reverse()
    const turned = ranges.length > 0 ? new Domain(ranges) : null
    made.set(name, turned)
    return turned
  })
  if (domains.some((domain) => domain === null)) return null
  const arcsFrom: Arc[][] = minutes.map(() => [])
  for (const arcs of model.arcsFrom)
    for (const { from, to, gap, link, window } of arcs)
      arcsFrom[to]?.push({
        from: to,
        to: from,
        // start(to) ≥ start(from) + gap, told from the end.
        gap: gap - (minutes[from] as number) + (minutes[to] as number),
        link,
        window,
      })
  return {
    ...model,
    domains,
    arcsFrom,
    availability: model.availability
      .filter(([from]) => from < end)
      .map(([from, to]): Interval => [Math.max(0, end - to), end - from])
      .reverse(),
  }
}

const numbers = new WeakMap<Domain, number>()
let last = 0

/** Tasks share their domains: each is turned once. */
function numberOf(domain: Domain): number {
  const known = numbers.get(domain)
  if (known !== undefined) return known
  last += 1
  numbers.set(domain, last)
  return last
}
