import { EFFECT_WORDS, type Effect } from '../../../knowledge/reactions'
import { capital } from '../../../model/capital'
import type { Severity } from '../../../model/vocabulary'
import {
  milderSolventCandidates,
  otherFamilyCandidates,
  shieldCandidates,
} from '../../remedies/candidates'
import { type Film, filmState } from '../../state/film'
import { theFilm } from '../../state/filmName'
import { ripeness } from '../../state/ripeness'
import { effectsOn, type FilmEffect } from '../../state/solventEffects'
import type { StepContext } from '../../state/stepContext'
import { sameSitting, stillFeathers, worksInto } from '../../state/targets'
import { theSolvent } from '../../state/words'
import { type Draft, type Rule, worstDraft } from '../finding'

/**
 * Weathering, or its clean-up, over earlier unsealed weathering that its solvent moves. Layers of one effect in one
 * sitting are meant to mix. Source: handbook 2.6, lock-first.
 */
export const lockFirst: Rule = {
  name: 'lock-first',
  timing: true,
  asksStage: true,
  causes: { 'open-chips': 2 },
  followsAtCleanUp: 'lock-first',
  judge: (context) => {
    if (!context.resolved.row.weathering) return null
    const hits = effectsOn(context).filter(({ film }) => film.weathering && !mixes(context, film))
    return worstDraft(hits.map((hit) => draft(context, hit)))
  },
}

/** Were they laid for one effect in one sitting? */
function mixes(context: StepContext, film: Film): boolean {
  const { effect, feathered, kind } = context.resolved.row
  const feathers = feathered && stillFeathers(film, context.at, context.series)
  if (kind === 'clean' ? feathers : worksInto(context, film)) return true
  return effect !== null && effect === film.effect && sameSitting(film, context.at)
}

function severityOf(effect: Effect, fresh: boolean): Severity | null {
  if (effect === '-' || effect === 's') return null
  return effect === 'r' && !fresh ? 'note' : 'risk'
}

function draft(context: StepContext, { film, effect }: FilmEffect): Draft | null {
  const state = filmState(film, context.at, context.series)
  const severity = severityOf(effect, state === 'fresh')
  if (!severity) return null
  if (severity === 'note' && context.setting.school.betweenLayers === 'set') return null
  return {
    severity: context.step.intent === 'attack' ? 'note' : severity,
    because: `${capital(theSolvent(context))}, comes to ${theFilm(film)} that no clear seals, ${ripeness(film, context)}, and ${EFFECT_WORDS[effect]}.`,
    on: { film: film.family, state },
    candidates: () => [
      ...shieldCandidates(context, 'matt'),
      ...milderSolventCandidates(context),
      ...otherFamilyCandidates(context, ['water-wash', 'enamel-wash']),
    ],
  }
}
