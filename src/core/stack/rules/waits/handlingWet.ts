import { capital } from '../../../model/capital'
import { isAct } from '../../../model/isAct'
import { changed } from '../../remedies/candidates'
import { filmState, hasReached } from '../../state/film'
import { theFilm } from '../../state/filmName'
import { openFilms } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import { takes } from '../../state/takes'
import type { Rule } from '../finding'

/** A face with a thin wash turned or handled before it stops running. Note. Source: handbook 2.6, second table; N34. */
export const turnedWhileWet: Rule = {
  name: 'turned-while-wet',
  timing: true,
  worthWaiting: true,
  judge: (context) => {
    const { resolved, stack, at, series } = context
    if (resolved.row.kind !== 'handle') return null
    const wash = openFilms(stack).find(
      (film) => film.role === 'wash' && !hasReached(film, 'touch', at, series),
    )
    if (!wash) return null
    return {
      severity: 'note',
      because: `${capital(theFilm(wash))} runs until it is touch-dry, after ${takes(wash, 'touch', context)}: keep that face up.`,
      on: { film: wash.family, state: filmState(wash, at, series) },
    }
  },
}

/** Joined after the paint with no trial fit recorded. Note. Source: handbook 2.6, second table. */
export const fitCheckMissing: Rule = {
  name: 'fit-check-missing',
  timing: false,
  looksAhead: ({ resolved }) => resolved.row.joins === true,
  judge: ({ step, resolved, stack, index, setting }) => {
    if (!resolved.row.joins || stack.films.length === 0) return null
    const looked = setting.steps.some((step) => isAct(step) && step.checked?.includes('fit'))
    if (looked) return null
    return {
      severity: 'note',
      because: 'No trial fit is recorded: paint takes up room in a joint that was tight before.',
      on: { substrate: stack.substrate },
      candidates: () => [
        {
          kind: 'order',
          say: 'It was tried dry, and fits',
          edit: {
            replace: {
              step: index,
              with: changed(step, { checked: [...(step.checked ?? []), 'fit'] }),
            },
          },
        },
      ],
    }
  },
}

/** A streak against the fall of water with no cause given. Note. Source: handbook 2.6, second table. */
export const againstGravity: Rule = {
  name: 'against-gravity',
  timing: false,
  judge: ({ step, resolved, index }: StepContext) => {
    const fall = step.fall ?? 'with'
    if (resolved.row.effect !== 'streaks' || fall === 'with' || step.cause) return null
    return {
      severity: 'note',
      because: `A streak ${fall} the fall of water wants a cause: wind, travel, or how the thing stood.`,
      on: resolved.family ? { film: resolved.family } : {},
      candidates: () => [
        {
          kind: 'order',
          say: 'Let it run with the fall',
          edit: { replace: { step: index, with: changed(step, { fall: 'with' }) } },
        },
        {
          kind: 'order',
          say: 'It comes from travel',
          edit: { replace: { step: index, with: changed(step, { cause: 'travel' }) } },
        },
      ],
    }
  },
}
