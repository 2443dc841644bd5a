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

/** How long ago a film's last coat was, in words. */
export function age(film: Film, context: StepContext): string {
  return sayDuration(Math.max(0, context.at - film.end))
}

/** The solvent and how it is applied: "mild spirit, wiped with a damp swab". */
export function theSolvent(context: StepContext): string {
  const { resolved } = context
  return resolved.solvent
    ? `${solventRow(resolved.solvent).name}, ${TOOL_ENERGY[resolved.tool].word}`
    : 'no solvent'
}

/** A text with its first letter large. */
export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1)
}
