import { EFFECT_WORDS, type Effect } from '../../materials'
import type { Severity } from '../../model/vocabulary'
import { effectsOn, type FilmEffect } from '../effect'
import { type Film, filmState } from '../film'
import { type Draft, type Rule, worstDraft } from '../finding'
import type { Moment } from '../moment'
import { sameSitting } from '../targets'
import { milderSolventWays, otherFamilyWays, shieldWays } from '../ways'
import { age, capital, theFilm, theSolvent } from '../words'

/**
 * Weathering, or its clean-up, over earlier unsealed weathering that its solvent moves. Layers of one effect in one
 * sitting are meant to mix. Source: handbook 2.6, lock-first.
 */
export const lockFirst: Rule = {
  name: 'lock-first',
  timing: true,
  judge: (moment) => {
    if (!moment.work.row.weathering) return null
    const hits = effectsOn(moment).filter(({ film }) => film.weathering && !mixes(moment, film))
    return worstDraft(hits.map((hit) => draft(moment, hit)))
  },
}

/** Were they laid for one effect in one sitting? */
function mixes(moment: Moment, film: Film): boolean {
  const { effect } = moment.work.row
  return effect !== null && effect === film.effect && sameSitting(film, moment.at)
}

function severityOf(effect: Effect, fresh: boolean): Severity | null {
  if (effect === '-' || effect === 's') return null
  return effect === 'r' && !fresh ? 'note' : 'risk'
}

function draft(moment: Moment, { film, effect }: FilmEffect): Draft | null {
  const state = filmState(film, moment.at, moment.series)
  const severity = severityOf(effect, state === 'fresh')
  if (!severity) return null
  if (severity === 'note' && moment.setting.school.betweenLayers === 'set') return null
  return {
    severity: moment.step.intent === 'attack' ? 'note' : severity,
    because: `${capital(theSolvent(moment))}, comes to ${theFilm(film)} laid ${age(film, moment)} ago, still ${state} and unsealed, and ${EFFECT_WORDS[effect]}.`,
    on: { film: film.family, state },
    ways: () => [
      ...shieldWays(moment, 'matt'),
      ...milderSolventWays(moment),
      ...(moment.work.row.kind === 'film'
        ? otherFamilyWays(moment, ['water-wash', 'enamel-wash'])
        : []),
    ],
  }
}
