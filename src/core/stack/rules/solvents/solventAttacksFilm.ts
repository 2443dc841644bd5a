import { familyRow } from '../../../knowledge/families'
import { EFFECT_WORDS, type Effect } from '../../../knowledge/reactions'
import { solventRow } from '../../../knowledge/solvents'
import { capital } from '../../../model/capital'
import type { Severity } from '../../../model/vocabulary'
import {
  cleanUpFirstCandidates,
  gentlerToolCandidates,
  lighterCoatCandidates,
  milderSolventCandidates,
  otherFamilyCandidates,
  otherUnderCandidates,
  shieldCandidates,
  sprayCandidates,
} from '../../remedies/candidates'
import { type Film, filmState } from '../../state/film'
import { theFilm } from '../../state/filmName'
import { ripeness } from '../../state/ripeness'
import { effectsOn, type FilmEffect } from '../../state/solventEffects'
import type { StepContext } from '../../state/stepContext'
import { theSolvent } from '../../state/words'
import { type Draft, type Rule, worstDraft } from '../finding'
import { suitsFilm } from '../metals/clearKillsMetal'

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
  asksStage: true,
  causes: { unsettled: 1, 'metal-clear': 1, 'decal-clear': 1, 'open-chips': 1 },
  followsAtCleanUp: 'seal-first',
  judge: (context) => {
    if (context.resolved.row.kind === 'open') return null
    return worstDraft(effectsOn(context).map((hit) => draft(context, hit)))
  },
}

/** Is this film another rule's to speak of? */
function spokenOf(context: StepContext, film: Film): boolean {
  const { resolved } = context
  if (suitsFilm(context, film)) return true
  if (resolved.solvent && solventRow(resolved.solvent).dissolvesPlastic) return true
  if (film.role === 'release' && resolved.row.kind !== 'clean') return true
  if (resolved.row.weathering && film.weathering) return true
  if (familyRow(film.family).powder && resolved.role === 'clear') return true
  return resolved.row.weathering && resolved.row.kind === 'film' && film.role !== 'clear'
}

function draft(context: StepContext, { film, effect }: FilmEffect): Draft | null {
  const severity = SEVERITY[effect]
  if (!severity || spokenOf(context, film)) return null
  const state = filmState(film, context.at, context.series)
  return {
    severity: context.step.intent === 'attack' ? 'note' : severity,
    because: `${capital(theSolvent(context))}, meets ${theFilm(film)}, ${ripeness(film, context)}, and ${EFFECT_WORDS[effect]}.`,
    on: { film: film.family, state },
    candidates: () => [
      ...gentlerToolCandidates(context),
      ...milderSolventCandidates(context),
      ...sprayCandidates(context),
      ...lighterCoatCandidates(context),
      ...cleanUpFirstCandidates(context, film),
      ...shieldCandidates(context),
      ...otherUnderCandidates(context, film),
      ...otherFamilyCandidates(context),
    ],
  }
}
