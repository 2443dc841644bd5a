import { EFFECT_WORDS, type Effect } from '../../materials'
import type { Severity } from '../../model/vocabulary'
import { effectsOn, type FilmEffect } from '../effect'
import { type Film, filmState } from '../film'
import { type Draft, type Rule, worstDraft } from '../finding'
import type { Moment } from '../moment'
import {
  gentlerToolWays,
  lighterCoatWays,
  milderSolventWays,
  otherFamilyWays,
  shieldWays,
} from '../ways'
import { age, capital, theFilm, theSolvent } from '../words'
import { suitsFilm } from './clearKillsMetal'

/** Severity by effect after energy. Source: handbook 2.6, by effect. */
const SEVERITY = {
  '-': null,
  s: null,
  r: 'risk',
  l: 'stop',
  d: 'stop',
} as const satisfies Record<Effect, Severity | null>

/**
 * A solvent moves, lifts or dissolves a film that is not meant to move. Laying weathering over colour is `seal-first`'s
 * and over weathering `lock-first`'s; a release coat is meant to be entered. Source: handbook 2.3, 2.6.
 */
export const solventAttacksFilm: Rule = {
  name: 'solvent-attacks-film',
  timing: true,
  judge: (moment) => {
    if (moment.work.row.kind === 'open') return null
    return worstDraft(effectsOn(moment).map((hit) => draft(moment, hit)))
  },
}

/** Is this film another rule's to speak of? */
function spokenOf(moment: Moment, film: Film): boolean {
  const { work } = moment
  if (suitsFilm(moment, film)) return true
  if (film.role === 'release' && work.row.kind !== 'clean') return true
  if (work.row.weathering && film.weathering) return true
  if (film.family === 'pigment' && work.role === 'clear') return true
  return work.row.weathering && work.row.kind === 'film' && film.role !== 'clear'
}

function draft(moment: Moment, { film, effect }: FilmEffect): Draft | null {
  const severity = SEVERITY[effect]
  if (!severity || spokenOf(moment, film)) return null
  const state = filmState(film, moment.at, moment.series)
  return {
    severity: moment.step.intent === 'attack' ? 'note' : severity,
    because: `${capital(theSolvent(moment))}, meets ${theFilm(film)} that is ${state} after ${age(film, moment)} and ${EFFECT_WORDS[effect]}.`,
    on: { film: film.family, state },
    ways: () => [
      ...gentlerToolWays(moment),
      ...milderSolventWays(moment),
      ...lighterCoatWays(moment),
      ...shieldWays(moment),
      ...(moment.work.row.kind === 'film' ? otherFamilyWays(moment) : []),
    ],
  }
}
