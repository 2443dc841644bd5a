import type { Logged } from '../model/applyEdit'
import { type LogIndex, progressOfStep } from './logIndex'

/** What is logged of a build's steps, as an edit asks it. */
export function loggedIn(log: LogIndex, build: string): Logged {
  return (step, part) => {
    const known = progressOfStep(log, { build, part, step })
    return known ? { status: known.status, coats: known.coatEnds.length } : null
  }
}
