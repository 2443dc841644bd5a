import { actRow } from '../../knowledge/acts'
import type { Act, Role, Sheen, Substrate } from '../../model/vocabulary'
import type { Film } from './film'

/** A mask on the part; grains with the minutes from which they may be painted over at all, and from which they are dry for sure. */
export type Mask = {
  step: number
  act: Act
  at: number
  dries?: { from: number; to: number; wet: boolean }
  /** It covers the whole region: nothing is laid there until it comes off. */
  covers?: true
  /** The newest film that was laid beside it, and on its edge. */
  over?: Film
}

/** What lies on one part at a moment, bottom first. A value: every change makes a new one. */
export type Stack = {
  substrate: Substrate
  films: readonly Film[]
  masks: readonly Mask[]
  /** Sheen of the face; null on the bare part. */
  sheen: Sheen | null
  /** When it was last washed or degreased; null: never. */
  cleanedAt: number | null
  /** When it was sanded, cut or handled since then; null: not since. */
  touchedAt: number | null
  /** Coats of clear since the last levelling. */
  clearCoats: number
  /** Cut or polished, and no clear since: a further pass is the same levelling. */
  levelled: boolean
  /** Clear cut away since the last coat of it, µm on a face. */
  cutMicrons: number
  /** Grit of the last sanding on this face; null: none, or painted since. */
  grit: number | null
  /** Filler or strong glue that no paint covers yet, and how long it shrinks, minutes. */
  filled: (Since & { what: 'filler' | 'glue'; cures: number }) | null
  /** Rubs and passes on the face since it was last covered. */
  rubs: readonly Rub[]
  /** When it was chipped over release, or cleared of salt on release, with nothing whole on it since. */
  chippedAt: number | null
  /** A rinse has left salt on the face. */
  salty: boolean
}

/** Passes of a swab or brush over one place. Source: handbook 2.6, wear-through. */
export type Rub = Since & { passes: number }

/** A minute, and the step at whose end it came. */
export type Since = { step: number; at: number }

/** A part with nothing on it. */
export function bareStack(substrate: Substrate): Stack {
  return {
    substrate,
    films: [],
    masks: [],
    sheen: null,
    cleanedAt: null,
    touchedAt: null,
    clearCoats: 0,
    levelled: false,
    cutMicrons: 0,
    grit: null,
    filled: null,
    rubs: [],
    chippedAt: null,
    salty: false,
  }
}

/**
 * The films that lie open: the top one and, where it is broken, what is under it, down to and including the first whole
 * film. Top first. Source: handbook 2.3, what the solvent reaches.
 */
export function openFilms(stack: Stack): readonly Film[] {
  if (lastAsked?.stack === stack) return lastAsked.open
  const open: Film[] = []
  for (let i = stack.films.length - 1; i >= 0; i--) {
    const film = stack.films[i] as Film
    open.push(film)
    if (film.coverage === 'whole') break
  }
  lastAsked = { stack, open }
  return open
}

/** Many rules ask the same of one stack in a row, and a stack never changes. */
let lastAsked: { stack: Stack; open: readonly Film[] } | null = null

/**
 * The films that are seen: the open ones, and through clears and transparent colour what lies under them, down to and
 * including the first whole film that hides. Top first.
 */
export function seenFilms(stack: Stack): Film[] {
  const seen: Film[] = []
  for (let i = stack.films.length - 1; i >= 0; i--) {
    const film = stack.films[i] as Film
    seen.push(film)
    if (film.coverage === 'whole' && !isTransparent(film)) break
  }
  return seen
}

/** What lets show what is under it, however much of the face it covers. */
const TRANSPARENT: readonly Role[] = ['clear', 'clear-colour', 'release', 'wash', 'filter']

/** Does it let what is under it show? */
export function isTransparent(film: Pick<Film, 'role'>): boolean {
  return TRANSPARENT.includes(film.role)
}

/** The film that gives the face its colour; undefined: nobody has said one. */
export function facing(stack: Stack): Film | undefined {
  return seenFilms(stack).find((film) => film.coverage === 'whole' && film.colour)
}

/** Do grains lie on it that hold paint off? */
export function hasGrains({ masks }: Stack): boolean {
  return masks.some(({ dries }) => dries !== undefined)
}

/** The newest film that covers the whole face; null on a bare part. */
export function newestWhole(stack: Stack): Film | null {
  return stack.films.findLast((film) => film.coverage === 'whole') ?? null
}

/** Is the substrate open to what comes next: no whole film with more than mist on it? Source: handbook 2.6. */
export function isBare(stack: Stack): boolean {
  return !stack.films.some(seals)
}

/** Does this film keep from what is under it what comes over it: is it whole, and more than mist? */
export function seals(film: Film): boolean {
  return film.coverage === 'whole' && film.coats.some((coat) => coat !== 'mist')
}

/** The newest release coat, and its place in the stack; null when there is none. */
export function newestRelease(stack: Stack): { film: Film; at: number } | null {
  for (let i = stack.films.length - 1; i >= 0; i--) {
    const film = stack.films[i] as Film
    if (film.role === 'release') return { film, at: i }
  }
  return null
}

/** The newest film that was laid while a mask was on; null: none was. */
export function filmOver(stack: Stack, mask: Mask): Film | null {
  return mask.over ?? stack.films.findLast((film) => film.step > mask.step) ?? null
}

/** The first mask that was pressed on and is still there; null: there is none. */
export function sheetMask(stack: Stack): Stack['masks'][number] | null {
  return stack.masks.find(({ act }) => actRow(act, undefined).mask === 'sheet') ?? null
}
