import { type Optics, opticsOf } from '../colour/optics'
import type { Act, Role } from '../model/vocabulary'

/** The paint of a film, and what became of its scattering: 1 as it is laid, half once powder is wetted for good. */
export type Ink = { colour: string; hiding?: number | undefined; scatter?: number | undefined }

/**
 * One film on a panel: how thick each sample has it, X in normal light coats; 0 where it isn't. Source: handbook 10.3.
 */
export type PanelFilm = {
  /** Index of the step that laid it. */
  step: number
  act: Act
  role: Role | null
  /** Null: nothing is seen of it, it lies there. */
  ink: Ink | null
  x: Float32Array
  /** Share of a sample that it covers, 0 to 255; null: all of it wherever it lies. */
  cover: Uint8Array | null
  /** What it is of, where measures ask: a liquid that runs, a mark on top, what lies loose or dusty. */
  kind: 'coat' | 'liquid' | 'mark' | 'dust' | 'release'
  /** Coats over all, however much of it they reached. */
  whole: boolean
  /** A line or a wash: what a face is stained by. */
  stains: boolean
}

/** A mask that lies: where, 0 to 255, and the act that laid it. */
export type PanelMask = { act: Act; step: number; over: Uint8Array }

/** A streak as it was laid: head to foot, mm on the model. */
export type LaidStreak = { length: number; dx: number; dy: number; dz: number }

/** A sample's share that something is seen to have gone wrong on. */
export type PanelAccident = {
  step: number
  kind: 'lifted' | 'dissolved' | 'crazed' | 'silvered' | 'wiped'
  over: Uint8Array
}

/**
 * What lies on a surface after a step. Never changed: what changes is a new one, and shares what stayed; so undoing gives the old
 * bytes.
 */
export type PanelState = {
  films: readonly PanelFilm[]
  masks: readonly PanelMask[]
  /** 60° gloss units of what is on top, and of the newest whole coloured film, sample by sample. */
  gloss: Uint8Array
  own: Uint8Array
  /** Where wet chipping laid bare what is under the release, 0 to 255. */
  opened: Uint8Array
  streaks: readonly LaidStreak[]
  accidents: readonly PanelAccident[]
}

/** Bare plastic. */
export const BARE_GLOSS = 25

/** A surface that nothing was done to. */
export function bareState(count: number): PanelState {
  return {
    films: [],
    masks: [],
    gloss: new Uint8Array(count).fill(BARE_GLOSS),
    own: new Uint8Array(count).fill(BARE_GLOSS),
    opened: new Uint8Array(count),
    streaks: [],
    accidents: [],
  }
}

/** Optics of a film's paint. @throws RangeError if its colour is none */
export function inkOptics({ colour, hiding, scatter = 1 }: Ink): Optics {
  const { k, s } = opticsOf({ masstone: colour, hiding })
  return scatter === 1 ? { k, s } : { k, s: s.map((one) => one * scatter) }
}

/** µm dry of a film of X = 1. Source: handbook 10.3. */
export const MICRONS_OF_X = 5

/** All films' µm dry at a sample; release and marks that are touched on don't count. Source: handbook 10.4. */
export function micronsAt({ films }: PanelState, i: number): number {
  let sum = 0
  for (const { kind, x, cover } of films) {
    if (kind === 'release' || kind === 'mark') continue
    sum += (x[i] as number) * (cover ? (cover[i] as number) / 255 : 1)
  }
  return sum * MICRONS_OF_X
}

/** The share, 0 to 1, of each sample that no mask covers. */
export function unmasked(state: PanelState, i: number): number {
  let left = 1
  for (const { over } of state.masks) left *= 1 - (over[i] as number) / 255
  return left
}

/** A film made thinner: each sample's X times a share of its own. */
export function thinned(film: PanelFilm, share: (i: number) => number): PanelFilm {
  return { ...film, x: film.x.map((x, i) => (x === 0 ? 0 : x * share(i))) }
}

/** Films changed by what a step takes away; untouched ones stay the same. */
export function withFilms(
  state: PanelState,
  change: (film: PanelFilm, at: number) => PanelFilm,
): PanelState {
  return { ...state, films: state.films.map(change) }
}
