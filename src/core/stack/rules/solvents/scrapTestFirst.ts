import { EFFECT_WORDS } from '../../../knowledge/reactions'
import { capital } from '../../../model/capital'
import { changed } from '../../remedies/candidates'
import { filmState } from '../../state/film'
import { theFilm } from '../../state/filmName'
import { effectsOn, type FilmEffect } from '../../state/solventEffects'
import { pairKey, type StepContext } from '../../state/stepContext'
import { theSolvent } from '../../state/words'
import type { Draft, Rule } from '../finding'

/** An attack on purpose, or a pair that the log doesn't know and that isn't inert, with no test piece. Note. Source: handbook 2.6. */
export const scrapTestFirst: Rule = {
  name: 'scrap-test-first',
  timing: false,
  subject: 'trial',
  judge: (context) => {
    if (context.step.tested) return null
    const effects = effectsOn(context)
    if (context.step.intent === 'attack') return draft(context, effects[0] ?? null)
    const { usedPairs } = context.setting
    const { solvent } = context.resolved
    if (!usedPairs || !solvent || context.resolved.row.kind === 'open') return null
    const unknown = effects.find(
      ({ film, effect }) =>
        effect !== '-' &&
        effect !== 's' &&
        film.role !== 'release' &&
        film.family !== context.resolved.family &&
        !usedPairs.has(pairKey(film.family, solvent)),
    )
    return unknown ? draft(context, unknown) : null
  },
}

function draft(context: StepContext, hit: FilmEffect | null): Draft {
  const { step, index, at, series } = context
  const what = hit
    ? `${capital(theSolvent(context))}, on ${theFilm(hit.film)}: ${EFFECT_WORDS[hit.effect]}`
    : `${context.resolved.solvent ? capital(theSolvent(context)) : 'This'} is meant to eat into it`
  return {
    severity: 'note',
    because: `${what}. ${step.intent === 'attack' ? 'That is meant' : 'Your log doesn’t know this pair'}: try it on a test piece first.`,
    on: hit ? { film: hit.film.family, state: filmState(hit.film, at, series) } : {},
    candidates: () => [
      {
        kind: 'order',
        say: 'It was tried on a test piece',
        edit: { replace: { step: index, with: changed(step, { tested: true }) } },
      },
    ],
  }
}
