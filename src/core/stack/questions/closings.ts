import { CHIP_WINDOW } from '../../knowledge/drying'
import { familyRow } from '../../knowledge/families'
import { latestRecoat } from '../rules/waits/recoatWindowMissed'
import { type Film, filmReaches } from '../state/film'
import { theFilm } from '../state/filmName'
import { newestRelease, openFilms, sheetMask } from '../state/stack'
import type { StepContext } from '../state/stepContext'

/** The end of a window that a step must keep: the minute, the film it counts from, and why. */
export type Closing = { at: number; film: Film; because: string }

/** The windows of handbook 3.4 that a step stands in, soonest end first; empty when it may be done whenever. */
export function closings(context: StepContext): Closing[] {
  const found = [cleanEnd(context), chipEnd(context), tapeEnd(context), ...recoatEnds(context)]
  return found
    .filter((closing): closing is Closing => closing !== null && Number.isFinite(closing.at))
    .sort((a, b) => a.at - b.at)
}

function cleanEnd({ resolved, target, series }: StepContext): Closing | null {
  if (resolved.row.kind !== 'clean' || !target || familyRow(target.family).powder) return null
  const at = filmReaches(target, 'workTo', series)
  if (at === null) return null
  return { at, film: target, because: `${theFilm(target)} can be worked until then` }
}

function chipEnd({ resolved, stack }: StepContext): Closing | null {
  if (resolved.row.kind !== 'open') return null
  const release = newestRelease(stack)
  const top = release && stack.films.slice(release.at + 1).at(-1)
  if (!top) return null
  return {
    at: top.end + CHIP_WINDOW.latest,
    film: top,
    because: `${theFilm(top)} opens until then`,
  }
}

function tapeEnd({ resolved, stack, series }: StepContext): Closing | null {
  const { kind, mask } = resolved.row
  if (kind !== 'unmask' || mask !== 'sheet') return null
  const tape = sheetMask(stack)
  const film = tape && [...stack.films].reverse().find((film) => film.step > tape.step)
  const at = film && filmReaches(film, 'cured', series)
  if (!film || at === null || at === undefined) return null
  return { at, film, because: `${theFilm(film)} cures then, and the tape would tear it` }
}

function recoatEnds(context: StepContext): (Closing | null)[] {
  if (context.resolved.row.kind !== 'film' || context.resolved.coverage !== 'whole') return []
  return openFilms(context.stack).map((film) => {
    const at = latestRecoat(film, context.series)
    return at === null ? null : { at, film, because: `${theFilm(film)} takes paint until then` }
  })
}
