import { familyRow } from '../../../knowledge/families'
import { EFFECT_WORDS, type Effect, reaction } from '../../../knowledge/reactions'
import { capital } from '../../../model/capital'
import { isAct } from '../../../model/isAct'
import type { Step } from '../../../model/sequence'
import type { Severity } from '../../../model/vocabulary'
import { type Film, filmState } from '../../state/film'
import { theFilm } from '../../state/filmName'
import { effectsOn } from '../../state/solventEffects'
import { newestRelease } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import { theSolvent } from '../../state/words'
import { type Draft, type Remedy, type Rule, worstDraft } from '../finding'

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
  asksStage: true,
  judge: (context) => {
    if (context.resolved.row.kind !== 'open') return null
    const release = newestRelease(context.stack)
    if (!release) return null
    return worstDraft(
      effectsOn(context).map(({ film, effect }): Draft | null => {
        const severity = SEVERITY[effect]
        if (!severity || isShielded(context, film, release.at)) return null
        const state = filmState(film, context.at, context.series)
        return {
          severity,
          because: `${capital(theFilm(film))} under the release coat is only ${state}: ${theSolvent(context)}, ${EFFECT_WORDS[effect]}.`,
          on: { film: film.family, state },
          candidates: (): Remedy[] => [
            {
              kind: 'tool',
              say: 'Open it with a damp brush instead of scrubbing',
              edit: {
                replace: { step: context.index, with: { ...context.step, tool: 'damp-brush' } },
              },
            },
            ...lacquerUnder(context.setting.steps, film.step),
          ],
        }
      }),
    )
  },
}

/** Does a clear or an oily wash that water doesn't move lie between it and the release coat? */
function isShielded(context: StepContext, film: Film, release: number): boolean {
  const { stack, at, series, resolved } = context
  const { solvent } = resolved
  if (!solvent) return false
  return stack.films
    .slice(stack.films.indexOf(film) + 1, release)
    .some(
      (between) =>
        (between.role === 'clear' || familyRow(between.family).slow) &&
        reaction(between.reads, filmState(between, at, series), solvent) === '-',
    )
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
