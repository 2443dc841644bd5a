import { TOOL_ENERGY } from '../../knowledge/energies'
import { solventRow } from '../../knowledge/solvents'
import { sayDuration } from '../../model/duration'
import type { Film } from './film'
import { named } from './filmName'
import type { StepContext } from './stepContext'

/** What is being put on, in a sentence. */
export function theWork(context: StepContext): string {
  const { resolved } = context
  if (!resolved.family) return 'this'
  return named(resolved.family, resolved.role)
}

/** Less than this is at once, minutes. */
const AT_ONCE = 0.5

function ageOf(film: Film, { at }: StepContext): number {
  return Math.max(0, at - film.end)
}

/** When something comes to a film, by its last coat: "at once", "after 25 min". */
export function afterAge(film: Film, context: StepContext): string {
  const minutes = ageOf(film, context)
  return minutes < AT_ONCE ? 'at once' : `after ${sayDuration(minutes)}`
}

/** What time a film has had since its last coat: "it has had 25 min", "it was laid just now". */
export function hasHad(film: Film, context: StepContext): string {
  const minutes = ageOf(film, context)
  return minutes < AT_ONCE ? 'it was laid just now' : `it has had ${sayDuration(minutes)}`
}

/** How old a film is: "just laid", "25 min old", "3 days old". */
export function old(film: Film, context: StepContext): string {
  const minutes = ageOf(film, context)
  if (minutes < AT_ONCE) return 'just laid'
  return minutes < 2 * DAY ? `${sayDuration(minutes)} old` : `${Math.round(minutes / DAY)} days old`
}

const DAY = 24 * 60

/** The solvent and how it is applied: "mild spirit, wiped with a damp swab". */
export function theSolvent(context: StepContext): string {
  const { resolved } = context
  return resolved.solvent
    ? `${solventRow(resolved.solvent).name}, ${TOOL_ENERGY[resolved.tool].word}`
    : 'no solvent'
}

/** "a", "a and b", "a, b and c". */
export function listed(words: readonly string[]): string {
  const last = words.at(-1) ?? ''
  return words.length < 2 ? last : `${words.slice(0, -1).join(', ')} and ${last}`
}
