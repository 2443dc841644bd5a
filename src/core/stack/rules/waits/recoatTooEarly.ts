import { actRow } from '../../../knowledge/acts'
import { LATEX } from '../../../knowledge/drying'
import { capital } from '../../../model/capital'
import { sayDuration } from '../../../model/duration'
import type { Severity } from '../../../model/vocabulary'
import { changed, cleanUpFirstCandidates } from '../../remedies/candidates'
import { flashAfter, gapAfter } from '../../state/coatTimes'
import {
  EPSILON,
  type Film,
  filmReaches,
  filmState,
  hasReached,
  holdsPowder,
} from '../../state/film'
import { theFilm } from '../../state/filmName'
import { goesOnTouchDry } from '../../state/gentleWater'
import { hasGrains, openFilms } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import { takes } from '../../state/takes'
import { worksInto } from '../../state/targets'
import { afterAge, theWork } from '../../state/words'
import { type Draft, type Rule, worstDraft } from '../finding'

/**
 * Another product before the film's recoat time, or another coat of the same before its flash. Between weathering layers
 * `lock-first` speaks instead. Source: handbook 2.6, 3.1.
 */
export const recoatTooEarly: Rule = {
  name: 'recoat-too-early',
  timing: true,
  worthWaiting: true,
  causes: { unsettled: 0, 'decal-clear': 2 },
  judge: (context) => {
    if (context.resolved.row.kind !== 'film') return null
    const below = openFilms(context.stack).map((film) => overFilm(context, film))
    // Two things: no wait before the step makes the gap between its coats any longer.
    return [worstDraft([...below, overLatex(context)]), betweenCoats(context)].filter(
      (draft) => draft !== null,
    )
  },
}

function overFilm(context: StepContext, film: Film): Draft | null {
  const { resolved, at, series } = context
  if (resolved.row.weathering && film.weathering) return null
  if (worksInto(context, film)) return null
  if (film.loose || (resolved.row.loose && holdsPowder(film, at, series))) return null
  const same = film.family === resolved.family && film.role === resolved.role
  return same ? overOwn(context, film) : overOther(context, film)
}

/** Paint over latex that is still wet. Source: handbook 3.1, 3.4. */
function overLatex({ stack, at }: StepContext): Draft | null {
  const latex = stack.masks.find(({ act }) => actRow(act, undefined).mask === 'film')
  if (!latex || at >= latex.at + LATEX.dry - EPSILON) return null
  return {
    severity: 'risk',
    because: `Latex is dry after ${sayDuration(LATEX.dry)}; painted over after ${sayDuration(at - latex.at)} it runs into the paint.`,
    on: { mask: latex.act },
    until: latex.at + LATEX.dry,
  }
}

/** Patchy paint over patchy paint may lie in different places. Source: handbook 2.6. */
function bothPatchy(context: StepContext, film: Film): boolean {
  return context.resolved.coverage === 'patchy' && film.coverage === 'patchy'
}

function overOwn(context: StepContext, film: Film): Draft | null {
  if (film.role === 'decal') return null
  const flash = filmReaches(film, 'flash', context.series)
  if (flash === null || context.at >= flash - EPSILON) return null
  const half = film.end + (flash - film.end) / 2
  let severity: Severity | null = context.at < half ? 'risk' : 'note'
  if (bothPatchy(context, film)) severity = severity === 'risk' ? 'note' : null
  if (!severity) return null
  return {
    severity,
    because: `${capital(theFilm(film))} flashes after ${takes(film, 'flash', context)}; the next coat comes ${afterAge(film, context)}.`,
    on: { film: film.family, state: 'fresh' },
    until: flash,
  }
}

function overOther(context: StepContext, film: Film): Draft | null {
  const { at, series } = context
  const never = filmReaches(film, 'recoat', series) === null
  const point = never ? 'touch' : 'recoat'
  if (hasReached(film, point, at, series)) return null
  const early = !hasReached(film, 'touch', at, series)
  const severity = grade(context, film, early)
  const reach = early
    ? `is touch-dry after ${takes(film, 'touch', context)} and ready for another product after ${takes(film, point, context)}`
    : `is ready for another product after ${takes(film, point, context)}`
  return {
    severity,
    because: `${capital(theFilm(film))} ${reach}; ${theWork(context)} goes on ${afterAge(film, context)}.`,
    on: { film: film.family, state: filmState(film, at, series) },
    until: filmReaches(film, point, series),
    candidates: () => cleanUpFirstCandidates(context, film),
  }
}

function grade(context: StepContext, film: Film, early: boolean): Severity {
  if (!early && goesOnTouchDry(context, film)) return 'note'
  // Grains on a release coat hold the colour off: painted over while it is tacky it only comes off with them.
  if (film.role === 'release' && hasGrains(context.stack)) return 'note'
  if (!bothPatchy(context, film)) return early ? 'stop' : 'risk'
  return context.resolved.spot ? 'note' : 'risk'
}

/** The gap written between the coats of one step against their flash. */
function betweenCoats(context: StepContext): Draft | null {
  const { step, resolved, climate, index } = context
  if (step.gap === undefined || !resolved.family || resolved.coats.length < 2) return null
  const gap = gapAfter(step, resolved, climate, 1)
  const needs = resolved.coats.slice(0, -1).map((_, i) => flashAfter(resolved, climate, i + 1))
  const flash = Math.max(...needs)
  if (gap >= flash - EPSILON) return null
  return {
    severity: gap < flash / 2 ? 'risk' : 'note',
    because: `The coats follow one another after ${sayDuration(gap)}, and this one flashes after ${sayDuration(flash)}.`,
    on: { film: resolved.family, state: 'fresh' },
    candidates: () => [
      {
        kind: 'coat',
        say: `Keep ${sayDuration(flash)} between the coats`,
        edit: { replace: { step: index, with: changed(step, { gap: undefined }) } },
      },
    ],
  }
}
