import { type ShelfNow, shelfNow } from '../log/levels'
import { extendLog, indexLog, type LogIndex } from '../log/logIndex'
import type { Bottle } from '../model/bottle'
import type { LoggedAct } from '../model/loggedAct'
import type { Project } from '../model/project'
import { type Room, roomOf } from '../room/room'
/**
 * The documents with what the shelf's questions are asked of: the log sorted, the bottles as they stand by it, the room.
 * Derived and never stored; what a change doesn't touch stays the very same object.
 */
export type StockState = {
  /** The documents; the bottles of its shelf as they stand. */
  project: Project
  log: LogIndex
  room: Room
  memo: { given: Project; shelf: ShelfNow }
}

/**
 * What follows from a project.
 *
 * @param given the documents as they are stored
 * @param before the state before the last change; left out: everything is reckoned
 */
export function stockStateOf(given: Project, before?: StockState): StockState {
  const acts = given.acts ?? NO_ACTS
  const log = before ? extendLog(before.log, acts) : indexLog(acts)
  const room = roomOf(given, before && { of: before.memo.given, room: before.room })
  const shelf = shelfNow(given.shelf ?? NO_BOTTLES, log, before?.memo.shelf)
  return { project: withShelf(given, shelf.bottles), log, room, memo: { given, shelf } }
}

const NO_ACTS: readonly LoggedAct[] = []
const NO_BOTTLES: readonly Bottle[] = []

function withShelf(given: Project, bottles: readonly Bottle[]): Project {
  const same = given.shelf === undefined || given.shelf.every((row, i) => row === bottles[i])
  return same ? given : { ...given, shelf: bottles as Bottle[] }
}
