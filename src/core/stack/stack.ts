import type { ClimateSeries } from '../drying'
import { reaction } from '../materials'
import type { Act, Sheen, Solvent, Substrate } from '../model/vocabulary'
import { type Film, filmState } from './film'

/** A mask on the part. */
export type Mask = { step: number; act: Act; at: number }

/** What lies on one part at a moment, bottom first. A value: every change makes a new one. */
export type Stack = {
  substrate: Substrate
  films: readonly Film[]
  masks: readonly Mask[]
  /** Sheen of the face; null on the bare part. */
  sheen: Sheen | null
  /** Washed or degreased since the beginning. */
  cleaned: boolean
  /** Coats of clear since the last levelling. */
  clearCoats: number
}

export function bareStack(substrate: Substrate): Stack {
  return { substrate, films: [], masks: [], sheen: null, cleaned: false, clearCoats: 0 }
}

/**
 * The films that lie open: the top one and, where it is broken, what is under it, down to and including the first whole
 * film. Top first. Source: handbook 2.3, what the solvent reaches.
 *
 * @param skip films that are judged as if they were not there: the target of a clean-up
 */
export function openFilms(stack: Stack, skip: ReadonlySet<Film> = NOTHING): Film[] {
  const open: Film[] = []
  for (let i = stack.films.length - 1; i >= 0; i--) {
    const film = stack.films[i] as Film
    if (skip.has(film)) continue
    open.push(film)
    if (film.coverage === 'whole') break
  }
  return open
}

const NOTHING: ReadonlySet<Film> = new Set()

/**
 * The films that a solvent comes to: the open ones and, where the whole film at the bottom of them is itself dissolved,
 * the next. Top first. Source: handbook 2.3.
 */
export function reachedFilms(
  stack: Stack,
  solvent: Solvent,
  at: number,
  series: ClimateSeries,
  skip: ReadonlySet<Film> = NOTHING,
): Film[] {
  const reached: Film[] = []
  for (let i = stack.films.length - 1; i >= 0; i--) {
    const film = stack.films[i] as Film
    if (skip.has(film)) continue
    reached.push(film)
    if (film.coverage === 'patchy') continue
    if (reaction(film.reads, filmState(film, at, series), solvent) !== 'd') break
  }
  return reached
}

/** Is the substrate open to what comes next: no whole film with more than mist on it? Source: handbook 2.6. */
export function isBare(stack: Stack): boolean {
  return !stack.films.some(
    (film) => film.coverage === 'whole' && film.coats.some((coat) => coat !== 'mist'),
  )
}

/** The newest release coat, and its place in the stack; null when there is none. */
export function newestRelease(stack: Stack): { film: Film; at: number } | null {
  for (let i = stack.films.length - 1; i >= 0; i--) {
    const film = stack.films[i] as Film
    if (film.role === 'release') return { film, at: i }
  }
  return null
}
