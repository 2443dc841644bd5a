import { CHIP_WINDOW } from '../materials'
import { type Film, filmReaches } from './film'
import type { Moment } from './moment'
import { latestRecoat } from './rules/recoatWindowMissed'
import { newestRelease, openFilms } from './stack'
import { theFilm } from './words'

/** The end of a window that a step must keep: the minute, the film it counts from, and why. */
export type Closing = { at: number; film: Film; because: string }

/** The windows of handbook 3.4 that a step stands in, soonest end first; empty when it may be done whenever. */
export function closings(moment: Moment): Closing[] {
  const found = [cleanEnd(moment), chipEnd(moment), tapeEnd(moment), ...recoatEnds(moment)]
  return found
    .filter((one): one is Closing => one !== null && Number.isFinite(one.at))
    .sort((a, b) => a.at - b.at)
}

function cleanEnd({ work, target, series }: Moment): Closing | null {
  if (work.row.kind !== 'clean' || !target || target.family === 'pigment') return null
  const at = filmReaches(target, 'workTo', series)
  if (at === null) return null
  return { at, film: target, because: `${theFilm(target)} can be worked until then` }
}

function chipEnd({ step, stack }: Moment): Closing | null {
  if (step.do !== 'chip-wet') return null
  const release = newestRelease(stack)
  const top = release && stack.films.slice(release.at + 1).at(-1)
  if (!top) return null
  return {
    at: top.end + CHIP_WINDOW.latest,
    film: top,
    because: `${theFilm(top)} opens until then`,
  }
}

function tapeEnd({ step, stack, series }: Moment): Closing | null {
  if (step.do !== 'untape') return null
  const tape = stack.masks.find((mask) => mask.act === 'tape')
  const film = tape && [...stack.films].reverse().find((one) => one.step > tape.step)
  const at = film && filmReaches(film, 'cured', series)
  if (!film || at === null || at === undefined) return null
  return { at, film, because: `${theFilm(film)} cures then, and the tape would tear it` }
}

function recoatEnds(moment: Moment): (Closing | null)[] {
  if (moment.work.row.kind !== 'film' || moment.work.coverage !== 'whole') return []
  return openFilms(moment.stack).map((film) => {
    const at = latestRecoat(film, moment.series)
    return at === null ? null : { at, film, because: `${theFilm(film)} takes paint until then` }
  })
}
