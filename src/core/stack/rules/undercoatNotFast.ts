import { EFFECT_WORDS, type Effect } from '../../materials'
import { isAct, type Step } from '../../model/sequence'
import type { Severity } from '../../model/vocabulary'
import { effectsOn } from '../effect'
import { filmState } from '../film'
import { type Draft, type Remedy, type Rule, worstDraft } from '../finding'
import { newestRelease } from '../stack'
import { capital, theFilm, theSolvent } from '../words'

/** Severity by effect after energy. Source: handbook 2.6, by effect. */
const SEVERITY = {
  '-': null,
  s: 'risk',
  r: 'risk',
  l: 'stop',
  d: 'stop',
} as const satisfies Record<Effect, Severity | null>

/** The film under the release coat is not fast to the scrubbing. Source: handbook 2.6. */
export const undercoatNotFast: Rule = {
  name: 'undercoat-not-fast',
  timing: true,
  judge: (moment) => {
    if (moment.step.do !== 'chip-wet' || !newestRelease(moment.stack)) return null
    return worstDraft(
      effectsOn(moment).map(({ film, effect }): Draft | null => {
        const severity = SEVERITY[effect]
        if (!severity) return null
        const state = filmState(film, moment.at, moment.series)
        return {
          severity,
          because: `${capital(theFilm(film))} under the release coat is only ${state}: ${theSolvent(moment)}, ${EFFECT_WORDS[effect]}.`,
          on: { film: film.family, state },
          ways: (): Remedy[] => [
            {
              kind: 'tool',
              say: 'Open it with a damp brush instead of scrubbing',
              edit: {
                replace: { step: moment.index, with: { ...moment.step, tool: 'damp-brush' } },
              },
            },
            ...lacquerUnder(moment.setting.steps, film.step),
          ],
        }
      }),
    )
  },
}

/** The same undercoat in lacquer, which water never moves. */
function lacquerUnder(steps: readonly Step[], index: number): Remedy[] {
  const laid = steps[index]
  if (!laid || !isAct(laid)) return []
  return [
    {
      kind: 'bottle',
      say: 'Lay the undercoat in lacquer',
      edit: {
        replace: { step: index, with: { ...laid, family: 'lacquer', solvent: undefined } },
      },
    },
  ]
}
