import { EFFECT_WORDS, type Effect } from '../../materials'
import type { Severity } from '../../model/vocabulary'
import { effectsOn } from '../effect'
import { filmState } from '../film'
import { type Draft, type Rule, worstDraft } from '../finding'
import { milderSolventWays, otherFamilyWays, shieldWays } from '../ways'
import { age, theFilm, theSolvent } from '../words'

/** Severity by effect after energy. Source: handbook 2.6, by effect. */
const SEVERITY = {
  '-': null,
  s: 'note',
  r: 'risk',
  l: 'stop',
  d: 'stop',
} as const satisfies Record<Effect, Severity | null>

/** Weathering laid over colour or decals with no whole clear between, and the film is not inert. Source: handbook 2.6. */
export const sealFirst: Rule = {
  name: 'seal-first',
  timing: true,
  judge: (moment) => {
    const { work } = moment
    if (!work.row.weathering || work.row.kind !== 'film') return null
    const hits = effectsOn(moment).filter(
      ({ film }) => !film.weathering && film.role !== 'clear' && film.role !== 'release',
    )
    return worstDraft(
      hits.map(({ film, effect }): Draft | null => {
        const severity = SEVERITY[effect]
        if (!severity) return null
        const state = filmState(film, moment.at, moment.series)
        return {
          severity: moment.step.intent === 'attack' ? 'note' : severity,
          because: `No whole clear lies between: ${theSolvent(moment)}, comes to ${theFilm(film)} that is ${state} after ${age(film, moment)} and ${EFFECT_WORDS[effect]}.`,
          on: { film: film.family, state },
          ways: () => [
            ...shieldWays(moment),
            ...milderSolventWays(moment),
            ...otherFamilyWays(moment, ['enamel-wash', 'water-wash']),
          ],
        }
      }),
    )
  },
}
