import { EFFECT_WORDS } from '../../materials'
import { effectsOn, type FilmEffect } from '../effect'
import { filmState } from '../film'
import type { Draft, Rule } from '../finding'
import { type Moment, pairKey } from '../moment'
import { changed } from '../ways'
import { capital, theFilm, theSolvent } from '../words'

/** An attack on purpose, or a pair that the log doesn't know and that isn't inert, with no test piece. Note. Source: handbook 2.6. */
export const scrapTestFirst: Rule = {
  name: 'scrap-test-first',
  timing: false,
  judge: (moment) => {
    if (moment.step.tested) return null
    const effects = effectsOn(moment)
    if (moment.step.intent === 'attack') return draft(moment, effects[0] ?? null)
    const { usedPairs } = moment.setting
    const { solvent } = moment.work
    if (!usedPairs || !solvent || moment.work.row.kind === 'open') return null
    const unknown = effects.find(
      ({ film, effect }) =>
        effect !== '-' &&
        effect !== 's' &&
        film.role !== 'release' &&
        film.family !== moment.work.family &&
        !usedPairs.has(pairKey(film.family, solvent)),
    )
    return unknown ? draft(moment, unknown) : null
  },
}

function draft(moment: Moment, hit: FilmEffect | null): Draft {
  const { step, index, at, series } = moment
  const what = hit
    ? `${capital(theSolvent(moment))}, on ${theFilm(hit.film)}: ${EFFECT_WORDS[hit.effect]}`
    : `${capital(theSolvent(moment))}, is meant to eat into it`
  return {
    severity: 'note',
    because: `${what}. ${step.intent === 'attack' ? 'It is meant to' : 'Your log doesn’t know this pair'}: try it on a test piece first.`,
    on: hit ? { film: hit.film.family, state: filmState(hit.film, at, series) } : {},
    ways: () => [
      {
        kind: 'order',
        say: 'It was tried on a test piece',
        edit: { replace: { step: index, with: changed(step, { tested: true }) } },
      },
    ],
  }
}
