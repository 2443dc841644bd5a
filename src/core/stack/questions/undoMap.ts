import type { ClimateSeries } from '../../drying/series'
import { applyEnergy } from '../../knowledge/energies'
import { familyRow } from '../../knowledge/families'
import { RUBS_AN_HOUR } from '../../knowledge/limits'
import { type Effect, reaction, worseEffect } from '../../knowledge/reactions'
import { solventRow } from '../../knowledge/solvents'
import { SOLVENTS, type Solvent, type Tool } from '../../model/vocabulary'
import { EPSILON, type Film, filmReaches, filmState } from '../state/film'
import { newestWhole, openFilms, type Stack } from '../state/stack'

/** How a solvent is touched to a film that is to come off, gentlest first. Source: handbook 2.3, energy of application. */
export const UNDO_TOUCHES = [
  'damp-brush',
  'swab',
  'wet-swab',
  'stiff-brush',
] as const satisfies readonly Tool[]

/** How hard the touch is that takes a film off again. */
export type UndoTouch = (typeof UNDO_TOUCHES)[number]

/** One way to take the top film off again. Minutes as in the walk. */
export type UndoWay = {
  solvent: Solvent
  touch: UndoTouch
  /** What it does to the film that comes off. */
  effect: Effect
  /** The worst that it does to what is under it: nothing, or a softening that bears a light pass. */
  under: '-' | 's'
  /** Until when; null: as long as you like. */
  until: number | null
}

/** How the top film of a part comes off, and what it leaves. */
export type UndoMap = {
  film: Film
  /** Films that are bared and must stay. */
  leaves: Film[]
  /** Best first: what leaves everything alone, the gentlest touch, the film's own thinner, the mildest solvent. Empty: only cutting takes it off. */
  ways: UndoWay[]
  /** Rubs an hour that the face under it bears. Source: handbook 2.6, wear-through. */
  rubs: number
}

/** The ways that leave everything else alone; where there is none, those that bear one light pass. At most so many. */
export function gentlest<W extends Pick<UndoWay, 'under'>>(ways: readonly W[], most: number): W[] {
  const clean = ways.filter((way) => way.under === '-')
  return (clean.length > 0 ? clean : ways).slice(0, most)
}

const POINTS = ['touch', 'recoat', 'cured', 'workTo'] as const

/**
 * Which solvent and touch takes the top film off and leaves what is under it, and until when.
 *
 * @param at minute at which it is asked
 * @returns null on a bare part
 * Source: handbook 2.3; needs N91, N92.
 */
export function undoMap(stack: Stack, at: number, series: ClimateSeries): UndoMap | null {
  const film = stack.films.at(-1)
  if (!film || !familyRow(film.family).film) return null
  const leaves = openFilms({ ...stack, films: stack.films.slice(0, -1) }).filter(
    (film) => familyRow(film.family).film,
  )
  const changes = laterPoints([film, ...leaves], at, series)
  const ways = SOLVENTS.flatMap((solvent): UndoWay[] => {
    if (!isCleaner(solvent, leaves)) return []
    const touch = UNDO_TOUCHES.find((touch) => works(film, leaves, solvent, touch, at, series))
    if (!touch) return []
    const until = changes.find((time) => !works(film, leaves, solvent, touch, time, series)) ?? null
    return [
      {
        solvent,
        touch,
        effect: effectOf(film, solvent, touch, at, series),
        under: worstOf(leaves, solvent, touch, at, series) as '-' | 's',
        until,
      },
    ]
  })
  const whole = newestWhole({ ...stack, films: stack.films.slice(0, -1) })
  return {
    film,
    leaves,
    ways: ways.sort((a, b) => better(a, b, familyRow(film.family).thinners)),
    rubs: whole?.role === 'clear' ? RUBS_AN_HOUR.clear : RUBS_AN_HOUR.colour,
  }
}

function better(a: UndoWay, b: UndoWay, own: readonly Solvent[]): number {
  if (a.under !== b.under) return a.under === '-' ? -1 : 1
  const touch = UNDO_TOUCHES.indexOf(a.touch) - UNDO_TOUCHES.indexOf(b.touch)
  const usual = Number(own.includes(b.solvent)) - Number(own.includes(a.solvent))
  return touch || usual || SOLVENTS.indexOf(a.solvent) - SOLVENTS.indexOf(b.solvent)
}

/** Is this cleaned up with at all: nothing that sets or melts, and not what the films that stay are thinned with, unless they never move for it? */
function isCleaner(solvent: Solvent, leaves: readonly Film[]): boolean {
  if (solventRow(solvent).noCleaner) return false
  return leaves.every(({ family, reads }) => {
    const set = reaction(reads, 'set', solvent)
    return !familyRow(family).thinners.includes(solvent) || set === '-' || set === 's'
  })
}

/** Minutes after now at which a film among these changes, soonest first. */
function laterPoints(films: readonly Film[], at: number, series: ClimateSeries): number[] {
  const times = films.flatMap((film) => POINTS.map((point) => filmReaches(film, point, series)))
  return times
    .filter((time): time is number => time !== null && Number.isFinite(time) && time > at + EPSILON)
    .sort((a, b) => a - b)
}

function effectOf(film: Film, solvent: Solvent, touch: Tool, at: number, series: ClimateSeries) {
  const effect = reaction(film.reads, filmState(film, at, series), solvent)
  return applyEnergy(effect, touch, 'light', solvent, false)
}

function worstOf(
  films: readonly Film[],
  solvent: Solvent,
  touch: Tool,
  at: number,
  series: ClimateSeries,
): Effect {
  return films
    .map((film) => effectOf(film, solvent, touch, at, series))
    .reduce<Effect>((worst, effect) => (worseEffect(effect, worst) ? effect : worst), '-')
}

/** Does it move the film, and leave what is under it: softened at most where the touch is a light pass? */
function works(
  film: Film,
  leaves: readonly Film[],
  solvent: Solvent,
  touch: UndoTouch,
  at: number,
  series: ClimateSeries,
): boolean {
  const moves = effectOf(film, solvent, touch, at, series)
  if (moves === '-' || moves === 's') return false
  const under = worstOf(leaves, solvent, touch, at, series)
  return under === '-' || (under === 's' && touch === 'damp-brush')
}
