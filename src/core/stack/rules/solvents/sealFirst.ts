import { EFFECT_WORDS, type Effect } from '../../../knowledge/reactions'
import type { Severity } from '../../../model/vocabulary'
import {
  milderSolventCandidates,
  otherFamilyCandidates,
  shieldCandidates,
} from '../../remedies/candidates'
import { filmState } from '../../state/film'
import { theFilm } from '../../state/filmName'
import { ripeness } from '../../state/ripeness'
import { effectsOn } from '../../state/solventEffects'
import { worksInto } from '../../state/targets'
import { theSolvent } from '../../state/words'
import { type Draft, type Rule, worstDraft } from '../finding'

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
  ofFace: true,
  asksStage: true,
  causes: { unsettled: 3 },
  judge: (context) => {
    const { resolved } = context
    if (!resolved.row.weathering || resolved.row.kind !== 'film') return null
    const hits = effectsOn(context).filter(
      ({ film }) =>
        !film.weathering &&
        film.role !== 'clear' &&
        film.role !== 'release' &&
        // Soot in oil of this evening is worked into what comes over it.
        !worksInto(context, film),
    )
    return worstDraft(
      hits.map(({ film, effect }): Draft | null => {
        const severity = SEVERITY[effect]
        if (!severity) return null
        const state = filmState(film, context.at, context.series)
        return {
          severity: context.step.intent === 'attack' ? 'note' : severity,
          because: `No whole clear lies between: ${theSolvent(context)}, comes to ${theFilm(film)}, ${ripeness(film, context)}, and ${EFFECT_WORDS[effect]}.`,
          on: { film: film.family, state },
          candidates: () => [
            ...shieldCandidates(context),
            ...milderSolventCandidates(context),
            ...otherFamilyCandidates(context, ['enamel-wash', 'water-wash']),
          ],
        }
      }),
    )
  },
}
