import { familyRow } from '../../knowledge/families'
import type { Act, Sheen } from '../../model/vocabulary'
import type { SimulatedStep } from '../simulate/simulation'
import type { Film } from '../state/film'
import { filmName } from '../state/filmName'
import { duller, lostUnder } from '../state/lostUnder'
import { seenFilms } from '../state/stack'

/** What a clear does to one earlier film that is seen through it. */
export type CoatEffect = {
  step: number
  act: Act
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
export function lastCoat(simulated: SimulatedStep): LastCoat | null {
  const { resolved, stack } = simulated.context
  if (resolved.row.kind !== 'film' || resolved.role !== 'clear' || resolved.coverage !== 'whole')
    return null
  const effects = seenFilms(stack).map((film) => coatEffect(film, resolved.sheen))
  return {
    step: simulated.index,
    sheen: resolved.sheen,
    effects,
    after: effects
      .filter((effect) => effect.becomes === 'lost')
      .map(({ step }) => step)
      .sort((a, b) => a - b),
  }
}

function coatEffect(film: Film, sheen: Sheen): CoatEffect {
  const base = { step: film.step, act: film.act, name: filmName(film) }
  const lost = lostUnder(film, sheen)
  if (lost) return { ...base, becomes: 'lost', say: lost.how }
  if (familyRow(film.family).powder)
    return {
      ...base,
      becomes: 'fewer',
      say: 'powders come out darker and fewer: build them up more',
    }
  if (film.weathering && sheen === 'matt')
    return {
      ...base,
      becomes: 'paler',
      say: 'loses contrast under matt: make it stronger first',
    }
  if (duller(sheen, film.sheen))
    return { ...base, becomes: 'duller', say: `looks ${sheen}, its darks a little lighter` }
  if (film.coverage === 'whole' && duller(film.sheen, sheen))
    return { ...base, becomes: 'brighter', say: `looks ${sheen}, its darks deeper` }
  return { ...base, becomes: 'sealed', say: 'is sealed and looks the same' }
}
