import { coatMinutes, FLUSH, maskMinutes } from './minutes'

/**
 * Which colour goes on when, and what has to be masked for it: the minutes of an order and the order of least minutes.
 * Source: handbook 12.3.
 */

/** A zone to be painted: its colour by place in the list of colours, and its area, cm². */
export type ColouredZone = { id: string; colour: number; areaCm2: number }

/** Where two zones meet, by their places in the list of zones; a soft edge needs no mask, and takes overspray all the same. */
export type ZoneEdge = { a: number; b: number; mm: number; soft: boolean }

/** Colours, zones and edges of one part. */
export type MaskProblem = {
  /** How many colours there are; at most 14. */
  colours: number
  zones: readonly ColouredZone[]
  edges: readonly ZoneEdge[]
  /** Coats that colour c takes over colour g; `null` for g: over the base. */
  coatsOver: (c: number, ground: number | null) => number
}

/** A zone that is masked while a colour goes on. */
export type MaskedZone = {
  colour: number
  zone: number
  mm: number
  minutes: number
  stays: boolean
}

/** An order of the colours, with its minutes. */
export type ColourOrder = { order: number[]; minutes: number }

/** The least order, the masks that it needs, and the best of the others. */
export type MaskPlan = ColourOrder & { masks: MaskedZone[]; second: ColourOrder | null }

/** The most colours that are put in order exactly. */
export const MOST_COLOURS = 14

/** Orders that differ by less than this are equal, minutes. */
const EQUAL = 0.001

/**
 * The order of least minutes; among equals the one that is first by the colours' places.
 *
 * Exact: what is still to come depends on which colours are on, not on their order, so that sets are enough.
 *
 * @throws RangeError for more than 14 colours
 */
export function maskOrder(problem: MaskProblem): MaskPlan {
  const { colours } = problem
  if (colours > MOST_COLOURS) throw new RangeError(`maskOrder: ${colours} colours`)
  const cost = costOf(problem)
  const rest = leastRest(colours, cost)
  const best = finish([], 0, rest, colours, cost)
  return {
    ...best,
    masks: masksOf(problem, best.order),
    second: secondOf(best, rest, colours, cost),
  }
}

/** Minutes of one order, reckoned colour by colour. */
export function minutesOfOrder(problem: MaskProblem, order: readonly number[]): number {
  const cost = costOf(problem)
  let done = 0
  let minutes = 0
  for (const colour of order) {
    minutes += cost(done, colour)
    done |= 1 << colour
  }
  return minutes
}

type Cost = (done: number, colour: number) => number

/** What a colour costs next, by the set of those that are on. */
function costOf({ colours, zones, edges, coatsOver }: MaskProblem): Cost {
  const coats = Array.from({ length: colours }, (_, c) =>
    Array.from({ length: colours }, (_, ground) => (ground === c ? 0 : coatsOver(c, ground))),
  )
  const overBase = Array.from({ length: colours }, (_, c) => coatsOver(c, null))
  // Of each colour: zones of others along it with the length of their hard edges, and its own with who lies beside them.
  const masked: { bit: number; minutes: number }[][] = Array.from({ length: colours }, () => [])
  const own: { perCoat: number; beside: number[] }[][] = Array.from({ length: colours }, () => [])
  const hard = new Map<string, number>()
  const beside = zones.map(() => new Set<number>())
  for (const { a, b, mm, soft } of edges) {
    const [one, other] = [zones[a] as ColouredZone, zones[b] as ColouredZone]
    if (one.colour === other.colour) continue
    beside[a]?.add(other.colour)
    beside[b]?.add(one.colour)
    if (soft) continue
    for (const [zone, colour] of [
      [a, other.colour],
      [b, one.colour],
    ] as const)
      hard.set(`${zone} ${colour}`, (hard.get(`${zone} ${colour}`) ?? 0) + mm)
  }
  for (const [key, mm] of hard) {
    const [zone, colour] = key.split(' ').map(Number) as [number, number]
    masked[colour]?.push({
      bit: 1 << (zones[zone] as ColouredZone).colour,
      minutes: maskMinutes(mm),
    })
  }
  zones.forEach(({ colour, areaCm2 }, i) => {
    own[colour]?.push({
      perCoat: coatMinutes(areaCm2),
      beside: [...(beside[i] ?? [])],
    })
  })
  return (done, colour) => {
    let minutes = done === 0 ? 0 : FLUSH
    for (const { bit, minutes: mask } of masked[colour] ?? []) if (done & bit) minutes += mask
    for (const { perCoat, beside } of own[colour] ?? []) {
      let most: number | null = null
      for (const ground of beside)
        if (done & (1 << ground)) most = Math.max(most ?? 0, coats[colour]?.[ground] ?? 0)
      minutes += (most ?? (overBase[colour] as number)) * perCoat
    }
    return minutes
  }
}

/** Least minutes of what is still to come, by the set of colours that are on. */
function leastRest(colours: number, cost: Cost): Float64Array {
  const all = (1 << colours) - 1
  const rest = new Float64Array(all + 1)
  for (let done = all - 1; done >= 0; done--) {
    let least = Number.POSITIVE_INFINITY
    for (let c = 0; c < colours; c++)
      if (!(done & (1 << c)))
        least = Math.min(least, cost(done, c) + (rest[done | (1 << c)] as number))
    rest[done] = least
  }
  return rest
}

/** Goes on from some colours in the least minutes; among equals the colour that is first by its place. */
function finish(
  begun: readonly number[],
  spent: number,
  rest: Float64Array,
  colours: number,
  cost: Cost,
): ColourOrder {
  const order = [...begun]
  let done = begun.reduce((set, c) => set | (1 << c), 0)
  let minutes = spent
  const least = spent + (rest[done] as number)
  while (order.length < colours) {
    for (let c = 0; c < colours; c++) {
      if (done & (1 << c)) continue
      const then = minutes + cost(done, c)
      if (then + (rest[done | (1 << c)] as number) > least + EQUAL) continue
      order.push(c)
      minutes = then
      done |= 1 << c
      break
    }
  }
  return { order, minutes }
}

/** The best of the other orders: each of them leaves the least one at some place, and is least from there. */
function secondOf(
  { order }: ColourOrder,
  rest: Float64Array,
  colours: number,
  cost: Cost,
): ColourOrder | null {
  let second: ColourOrder | null = null
  let done = 0
  let spent = 0
  order.forEach((kept, at) => {
    for (let c = 0; c < colours; c++) {
      if (c === kept || done & (1 << c)) continue
      const begun = [...order.slice(0, at), c]
      const other = finish(begun, spent + cost(done, c), rest, colours, cost)
      if (!second || isBefore(other, second)) second = other
    }
    spent += cost(done, kept)
    done |= 1 << kept
  })
  return second
}

function isBefore(one: ColourOrder, other: ColourOrder): boolean {
  if (Math.abs(one.minutes - other.minutes) > EQUAL) return one.minutes < other.minutes
  const at = one.order.findIndex((c, i) => c !== other.order[i])
  return at >= 0 && (one.order[at] as number) < (other.order[at] as number)
}

/** The masks of an order: for each colour the finished zones along it. */
function masksOf({ zones, edges }: MaskProblem, order: readonly number[]): MaskedZone[] {
  const rows = order.flatMap((colour, at) =>
    zones.flatMap((zone, i) => {
      if (order.indexOf(zone.colour) >= at) return []
      const shared = edges.filter(
        ({ a, b, soft }) =>
          !soft && (a === i || b === i) && zones[a === i ? b : a]?.colour === colour,
      )
      if (shared.length === 0) return []
      const mm = shared.reduce((sum, edge) => sum + edge.mm, 0)
      return [{ colour, zone: i, mm, minutes: maskMinutes(mm) }]
    }),
  )
  return rows.map((row) => {
    const next = order[order.indexOf(row.colour) + 1]
    return { ...row, stays: rows.some(({ colour, zone }) => colour === next && zone === row.zone) }
  })
}
