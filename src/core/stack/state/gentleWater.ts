import { TOOL_ENERGY } from '../../knowledge/energies'
import { familyRow } from '../../knowledge/families'
import { type FilmState, reaction } from '../../knowledge/reactions'
import type { Coat, Solvent } from '../../model/vocabulary'
import type { Film } from './film'
import type { StepContext } from './stepContext'

/** Coats that lay little water. */
const LIGHT: readonly Coat[] = ['mist', 'light']

/** Does this work put so little water on a film that it stays: sprayed light, or small marks from a brush that is nearly dry? */
function barelyWets({ resolved }: StepContext, coat: Coat): boolean {
  const { row, family, tool } = resolved
  const paste = family !== null && familyRow(family).nature === 'paste'
  const sprayed = TOOL_ENERGY[tool].sprayed
  return LIGHT.includes(coat) && (sprayed || paste || row.dryMarks === true || tool === 'sponge')
}

/**
 * How gently water-borne work reads the matrix on water-borne paint that is dry: null as it stands. Once that is touch-dry, light
 * sprayed coats and small dry marks read it as if it were set; from `recoat` on whatever isn't wet, flooded or scrubbed reads one
 * step weaker. What water moves for ever stays as it is.
 *
 * Source: handbook 2.3, water over water.
 */
export function gentleReading(
  context: StepContext,
  film: Film,
  state: FilmState,
  coat: Coat,
): 'as-set' | 'as-set-once-touch-dry' | 'weaker' | null {
  const { solvent, row, family, tool } = context.resolved
  if (row.kind !== 'film' || !family || !solvent || !familyRow(family).waterBorne) return null
  if (TOOL_ENERGY[tool].shift > 0 || !dries(film, solvent)) return null
  if (state !== 'fresh') return LIGHT.includes(coat) ? 'weaker' : null
  if (!barelyWets(context, coat)) return null
  // Marks from a brush that is nearly dry, beside others: the places differ.
  return row.dryMarks && film.coverage === 'patchy' ? 'as-set' : 'as-set-once-touch-dry'
}

/** Is it water-borne paint that comes to be inert to its own water? */
function dries(film: Film, solvent: Solvent): boolean {
  const { waterBorne, onGlue } = familyRow(film.family)
  return waterBorne && !onGlue && reaction(film.reads, 'cured', solvent) === '-'
}

/** Is all of this work so gentle, over a film that is touch-dry, that it may go on before its recoat? */
export function goesOnTouchDry(context: StepContext, film: Film): boolean {
  const { resolved } = context
  const { solvent } = resolved
  if (!solvent || !resolved.family || !familyRow(resolved.family).waterBorne) return false
  return dries(film, solvent) && resolved.coats.every((coat) => barelyWets(context, coat))
}
