import { familyRow } from '../../knowledge/families'
import { GLOSS_UNITS } from '../../knowledge/sheens'
import type { Sheen } from '../../model/vocabulary'
import type { Film } from './film'
/** An effect in a sentence, and what becomes of it. */
export type Lost = { what: string; how: string }

/** Is this sheen duller than that of the effect? */
export function duller(coat: Sheen, effect: Sheen): boolean {
  return GLOSS_UNITS[coat] < GLOSS_UNITS[effect]
}

/**
 * What a clear of this sheen takes from an effect that is seen through it; null when the effect survives.
 * Source: handbook 2.1 (graphite, pencil), 2.5 (a final matt), 2.6 (matt-hides-effect).
 */
export function lostUnder(film: Film, coat: Sheen): Lost | null {
  const { rubbed, shine, name } = familyRow(film.family)
  if (rubbed) return { what: name, how: 'the gleam of rubbed metal is lost under a clear' }
  if (!duller(coat, film.sheen)) return null
  if (shine !== undefined) return { what: 'the mirror', how: 'a mirror under matt is plain grey' }
  if (film.role === 'metal')
    return { what: 'bright metal', how: 'metal under matt loses its shine' }
  if (film.role === 'clear-colour' && coat === 'matt')
    return { what: 'a lens or clear colour', how: 'a lens under matt is dull glass' }
  const wet = film.weathering || (film.role === 'clear' && film.coverage === 'patchy')
  if (wet && GLOSS_UNITS[film.sheen] >= GLOSS_UNITS['semi-gloss'])
    return { what: 'a wet or gloss effect', how: 'wet and oily marks dry up under matt' }
  return null
}
