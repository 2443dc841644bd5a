import type { Bottle } from '../model/bottle'
import type { LoggedAct } from '../model/loggedAct'
import type { LogIndex } from './logIndex'

/** What is in a bottle: ml, and the paint share of it, 1 for neat paint. */
export type BottleLevel = { ml: number; share: number }

/** A hundredth of a millilitre: nothing on a bench is poured more exactly. */
const EXACT = 100
/** Shares are kept to this many places. */
const PLACES = 6

/** @param ml @returns ml to a hundredth */
export function hundredths(ml: number): number {
  return Math.round(ml * EXACT) / EXACT
}

/**
 * What an act of the log makes of a bottle: filled, poured into, weighed, drawn from.
 *
 * @returns the level after it; none goes below empty
 */
export function levelAfter(before: BottleLevel, act: LoggedAct, bottle: string): BottleLevel {
  const drawn = (act.drawn ?? [])
    .filter((portion) => portion.bottle === bottle)
    .reduce((sum, portion) => sum + portion.ml, 0)
  const left = drawn > 0 ? { ...before, ml: Math.max(0, hundredths(before.ml - drawn)) } : before
  if (act.bottle !== bottle || act.ml === undefined) return left
  switch (act.kind) {
    case 'filled':
      return { ml: hundredths(act.ml), share: act.share ?? 1 }
    case 'weighed':
      return { ml: hundredths(act.ml), share: act.share ?? left.share }
    case 'poured':
      return poured(left, act.ml, act.share ?? 1)
    default:
      return left
  }
}

/**
 * A level after something was poured in.
 *
 * @param ml of what was poured
 * @param share paint share of it: 0 thinner
 * Source: handbook 4.3.
 */
export function poured(before: BottleLevel, ml: number, share: number): BottleLevel {
  const all = before.ml + ml
  const paint = before.ml * before.share + ml * share
  const after = all > 0 ? Number((paint / all).toFixed(PLACES)) : before.share
  return { ml: hundredths(all), share: after }
}

/**
 * Since when the log says what is in bottles whose rows hold what was left after all of it: just behind its last act.
 *
 * @param now epoch milliseconds, for an empty log
 * @returns an instant for `leftSince`
 */
export function levelsHoldFrom(acts: readonly Pick<LoggedAct, 'at'>[], now: number): string {
  const last = acts.reduce((latest, { at }) => {
    const time = Date.parse(at)
    return Number.isFinite(time) ? Math.max(latest, time) : latest
  }, Number.NEGATIVE_INFINITY)
  return new Date(Number.isFinite(last) ? last + 1 : now).toISOString()
}

/** The acts that a bottle's level still has to be reckoned with: those since its row was written. */
function since(bottle: Bottle, log: LogIndex): readonly LoggedAct[] {
  const acts = log.bottles.get(bottle.id)
  if (!acts || bottle.leftSince === undefined) return NONE
  const from = Date.parse(bottle.leftSince)
  return acts.filter((act) => Date.parse(act.at) >= from)
}

const NONE: readonly LoggedAct[] = []

/** The level of a bottle by its row and the log. */
export function levelOf(bottle: Bottle, log: LogIndex): BottleLevel {
  return since(bottle, log).reduce<BottleLevel>((level, act) => levelAfter(level, act, bottle.id), {
    ml: bottle.leftMl,
    share: bottle.share ?? 1,
  })
}

/**
 * A bottle as it stands: its level, its share and every dilution by the log. The very same object where the log says nothing
 * of it.
 */
export function bottleNow(bottle: Bottle, log: LogIndex): Bottle {
  const acts = since(bottle, log)
  if (acts.length === 0) return bottle
  let level: BottleLevel = { ml: bottle.leftMl, share: bottle.share ?? 1 }
  const thinnings = [...(bottle.thinnings ?? [])]
  for (const act of acts) {
    level = levelAfter(level, act, bottle.id)
    if (act.kind !== 'poured' || act.ml === undefined) continue
    thinnings.push({
      at: act.at,
      addedMl: act.ml,
      addedShare: act.share ?? 1,
      ...(act.text ? { with: act.text } : {}),
      shareAfter: level.share,
    })
  }
  return {
    ...bottle,
    leftMl: level.ml,
    ...(level.share === 1 && bottle.share === undefined ? {} : { share: level.share }),
    ...(thinnings.length > 0 ? { thinnings } : {}),
  }
}

/**
 * The shelf as it stands, bottle by bottle; bottles and the shelf stay the same objects where nothing changed.
 *
 * @param before the last answer, with what it was reckoned from
 */
export function shelfNow(shelf: readonly Bottle[], log: LogIndex, before?: ShelfNow): ShelfNow {
  const rows = shelf.map((bottle) => {
    const acts = log.bottles.get(bottle.id)
    const known = before?.known.get(bottle.id)
    if (known && known.row === bottle && known.acts === acts) return known
    return { row: bottle, acts, now: bottleNow(bottle, log) }
  })
  const same =
    before !== undefined &&
    before.bottles.length === rows.length &&
    rows.every((row, i) => row.now === before.bottles[i])
  return {
    bottles: same ? before.bottles : rows.map(({ now }) => now),
    known: new Map(rows.map((row) => [row.row.id, row])),
  }
}

/** The shelf as it stands, and what each bottle was reckoned from. */
export type ShelfNow = {
  bottles: readonly Bottle[]
  known: ReadonlyMap<string, { row: Bottle; acts: readonly LoggedAct[] | undefined; now: Bottle }>
}
