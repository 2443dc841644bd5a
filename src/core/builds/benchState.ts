import type { ClimateSeries } from '../drying/series'
import type { Project } from '../model/project'
import { sameValue } from '../model/sameValue'
import type { TestPiece } from '../model/testPiece'
import type { Act } from '../model/vocabulary'
import { airAsRead, differFrom } from '../room/climateSeries'
import { correctionOf, learntFrom, type Observed, ratiosOf } from '../room/corrections'
import type { Room } from '../room/room'
import type { Corrections } from '../stack/simulate/simulation'
import type { TestPieces } from '../stack/state/testPieces'
import { type StockState, stockStateOf } from '../stock/stockState'
import { type HandsMinutes, handsLearnt, handsMinutes } from './handsOn'
import { testedOn } from './testedOn'
import { type PairsKnown, pairsKnown } from './usedPairs'

const MINUTE = 60_000
const NO_TESTS: readonly TestPiece[] = []

/**
 * A project with what follows from all of it and is asked by every part: its log sorted, its shelf as it stands, its room, what
 * was learnt of its paints. Derived and never stored; carried on from the state before, so that what a change doesn't touch
 * stays the very same object.
 */
export type BenchState = StockState & {
  correction: Corrections
  /** Pairs of film and solvent that were put together before; undefined while the log is too young to ask. */
  usedPairs: ReadonlySet<string> | undefined
  /** What came out well on test pieces. */
  tested: TestPieces
  /** Acts that the modeller is new at. */
  newAt: ReadonlySet<Act>
  /** How long the hands take for an act on a part. */
  hands: HandsMinutes
  known: { learnt: string; hands: string; pairs: PairsKnown; asRead: ClimateSeries }
}

/**
 * What follows from a project.
 *
 * @param given the documents as they are stored
 * @param before the state before the last change; left out: everything is reckoned
 */
export function stateOf(given: Project, before?: BenchState): BenchState {
  const stock = stockStateOf(given, before)
  const { correction, learnt } = corrected(stock, before)
  const pairs = pairsKnown(stock.project, stock.log, before?.known.pairs)
  const ownPace = handsLearnt(stock.project, stock.log)
  const pace = JSON.stringify(ownPace.map(({ act, tool, factor }) => [act, tool, factor]))
  const hands = before?.known.hands === pace ? before.hands : handsMinutes(ownPace)
  const known = { learnt, hands: pace, pairs, asRead: airAsRead(stock.room) }
  const { tests = NO_TESTS } = stock.project
  const tested =
    before && (before.project.tests ?? NO_TESTS) === tests ? before.tested : testedOn(tests)
  const newAt =
    before && sameNew(before.project, stock.project) ? before.newAt : newTo(stock.project)
  return { ...stock, correction, usedPairs: pairs.used, tested, newAt, hands, known }
}

function newTo({ sessions }: Project): ReadonlySet<Act> {
  return new Set(sessions?.newAt)
}

function sameNew(before: Project, now: Project): boolean {
  return sameValue(before.sessions?.newAt, now.sessions?.newAt)
}

/** Was the air of what was observed the same before? */
function sameAirUntil(instant: number, before: BenchState, room: Room): boolean {
  if (before.room.reads === room.reads) return true
  return differFrom(before.known.asRead, airAsRead(room)) > instant / MINUTE
}

function lastOf(observations: readonly { at: number }[]): number {
  return observations.reduce((last, { at }) => Math.max(last, at), Number.NEGATIVE_INFINITY)
}

/** The correction of before where it would say the same. */
function corrected(observed: Observed, before: BenchState | undefined) {
  const { project, log, room } = observed
  if (
    before &&
    before.log.observations === log.observations &&
    sameAirUntil(lastOf(log.observations), before, room) &&
    before.project.corrections === project.corrections &&
    before.project.shelf === project.shelf &&
    (log.observations.length === 0 || before.project.builds === project.builds)
  )
    return { correction: before.correction, learnt: before.known.learnt }
  const learnt = JSON.stringify([
    learntFrom(ratiosOf(observed)).map(({ family, bottle, factor }) => [family, bottle, factor]),
    project.corrections ?? [],
  ])
  const same =
    before !== undefined && learnt === before.known.learnt && before.project.shelf === project.shelf
  return { correction: same ? before.correction : correctionOf(observed), learnt }
}
