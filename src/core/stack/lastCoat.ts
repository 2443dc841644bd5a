import { GLOSS_UNITS } from '../materials'
import type { Family, Sheen } from '../model/vocabulary'
import type { Film } from './film'
import { seenFilms } from './stack'
import type { Walked } from './walk'
import { filmName } from './words'

/** An effect in a sentence, and what becomes of it. */
export type Lost = { what: string; how: string }

const MIRRORS: readonly Family[] = ['mirror-metal', 'chrome-ink']

/** Is this sheen duller than that of the effect? */
function duller(coat: Sheen, effect: Sheen): boolean {
  return GLOSS_UNITS[coat] < GLOSS_UNITS[effect]
}

/**
 * What a clear of this sheen takes from an effect that is seen through it; null when the effect survives.
 * Source: handbook 2.1 (graphite, pencil), 2.5 (a final matt), 2.6 (matt-hides-effect).
 */
export function lostUnder(film: Film, coat: Sheen): Lost | null {
  if (film.family === 'graphite' || film.family === 'pencil')
    return { what: film.family, how: 'the gleam of rubbed metal is lost under a clear' }
  if (!duller(coat, film.sheen)) return null
  if (MIRRORS.includes(film.family))
    return { what: 'the mirror', how: 'a mirror under matt is plain grey' }
  if (film.role === 'metal')
    return { what: 'bright metal', how: 'metal under matt loses its shine' }
  if (film.role === 'clear-colour' && coat === 'matt')
    return { what: 'a lens or clear colour', how: 'a lens under matt is dull glass' }
  const wet = film.weathering || (film.role === 'clear' && film.coverage === 'patchy')
  if (wet && GLOSS_UNITS[film.sheen] >= GLOSS_UNITS['semi-gloss'])
    return { what: 'a wet or gloss effect', how: 'wet and oily marks dry up under matt' }
  return null
}

/** What a clear does to one earlier film that is seen through it. */
export type CoatEffect = {
  film: Film
  name: string
  becomes: 'lost' | 'fewer' | 'paler' | 'duller' | 'brighter' | 'sealed'
  say: string
}

/** What a planned clear does to everything seen through it, and what had better come after it. */
export type LastCoat = {
  /** Step of the clear in the walked sequence. */
  step: number
  sheen: Sheen
  effects: CoatEffect[]
  /** Steps that had better come after the clear, in order. */
  after: number[]
}

/**
 * The effect of a clear on every earlier effect.
 *
 * @param walked a step of a walk that lays a clear
 * @returns null for any other step
 * Source: handbook 2.5, 5.2 (sheen change); need N97.
 */
export function lastCoat(walked: Walked): LastCoat | null {
  const { work, stack } = walked.moment
  if (work.row.kind !== 'film' || work.role !== 'clear' || work.coverage !== 'whole') return null
  const effects = seenFilms(stack).map((film) => coatEffect(film, work.sheen))
  return {
    step: walked.index,
    sheen: work.sheen,
    effects,
    after: effects
      .filter((one) => one.becomes === 'lost')
      .map((one) => one.film.step)
      .sort((a, b) => a - b),
  }
}

function coatEffect(film: Film, sheen: Sheen): CoatEffect {
  const name = filmName(film)
  const lost = lostUnder(film, sheen)
  if (lost) return { film, name, becomes: 'lost', say: lost.how }
  if (film.family === 'pigment')
    return {
      film,
      name,
      becomes: 'fewer',
      say: 'powders come out darker and fewer: build them up more',
    }
  if (film.weathering && sheen === 'matt')
    return {
      film,
      name,
      becomes: 'paler',
      say: 'loses contrast under matt: make it stronger first',
    }
  if (duller(sheen, film.sheen))
    return { film, name, becomes: 'duller', say: `looks ${sheen}, its darks a little lighter` }
  if (film.coverage === 'whole' && duller(film.sheen, sheen))
    return { film, name, becomes: 'brighter', say: `looks ${sheen}, its darks deeper` }
  return { film, name, becomes: 'sealed', say: 'is sealed and looks the same' }
}
