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
    if (context.step.intent === 'attack') {
      const [first = null] = effects
      return first && isTested(context, first) ? null : draft(context, first)
    }
    const { usedPairs } = context.setting
    const { solvent } = context.resolved
    if (!usedPairs || !solvent || context.resolved.row.kind === 'open') return null
    const unknown = effects.find(
      ({ film, effect }) =>
        effect !== '-' &&
        effect !== 's' &&
        film.role !== 'release' &&
        film.family !== context.resolved.family &&
        !usedPairs.has(pairKey(film.family, solvent)) &&
        !isTested(context, { film, effect }),
    )
    return unknown ? draft(context, unknown) : null
  },
}

/** How large a surface a test piece is good for, cm²; undefined: none was made that came out well. */
function goodFor({ setting, resolved }: StepContext, { film }: FilmEffect): number | undefined {
  return resolved.solvent
    ? setting.testedPairs.get(pairKey(film.family, resolved.solvent))
    : undefined
}

/** Did it come out well on a test piece that is large enough for this surface? */
function isTested(context: StepContext, hit: FilmEffect): boolean {
  const good = goodFor(context, hit)
  return good !== undefined && (context.setting.areaCm2 ?? 0) <= good
}

/** Why a test piece is wanted, where there is none or too small a one. */
function wanting(context: StepContext, hit: FilmEffect | null): string {
  const good = hit ? goodFor(context, hit) : undefined
  if (good !== undefined)
    return `Your test piece is good for up to ${Math.round(good)} cm², and this has ${Math.round(context.setting.areaCm2 ?? 0)}: try it on a larger one`
  return `${context.step.intent === 'attack' ? 'That is meant' : 'Your log doesn’t know this pair'}: try it on a test piece first`
}

function draft(context: StepContext, hit: FilmEffect | null): Draft {
  const { step, index, at, series } = context
  const what = hit
    ? `${capital(theSolvent(context))}, on ${theFilm(hit.film)}: ${EFFECT_WORDS[hit.effect]}`
    : `${context.resolved.solvent ? capital(theSolvent(context)) : 'This'} is meant to eat into it`
  return {
    severity: 'note',
    because: `${what}. ${wanting(context, hit)}.`,
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
