import { CHIP_WINDOW } from '../../materials'
import { sayDuration } from '../../model/duration'
import { EPSILON, type Film, filmState, hasReached } from '../film'
import type { Draft, Remedy, Rule } from '../finding'
import type { Moment } from '../moment'
import { newestRelease } from '../stack'
import { moveWays, soonerWays } from '../ways'
import { age, capital, takes, theFilm } from '../words'

/** Wet chipping before the top coat is touch-dry, or when it has grown too hard. Source: handbook 2.6, 3.4. */
export const chipWindow: Rule = {
  name: 'chip-window',
  timing: true,
  judge: (moment) => {
    if (moment.step.do !== 'chip-wet') return null
    const top = topOverRelease(moment)
    return top ? draft(moment, top) : null
  },
}

/** The newest whole film over the release coat, else the newest. */
function topOverRelease(moment: Moment): Film | null {
  const release = newestRelease(moment.stack)
  if (!release) return null
  const above = moment.stack.films.slice(release.at + 1).reverse()
  return above.find((film) => film.coverage === 'whole') ?? above[0] ?? null
}

function draft(moment: Moment, top: Film): Draft | null {
  const { at, series } = moment
  const on = { film: top.family, state: filmState(top, at, series) }
  const old = at - top.end
  if (!hasReached(top, 'touch', at, series))
    return {
      severity: 'risk',
      because: `${capital(theFilm(top))} is touch-dry after ${takes(top, 'touch', moment)}; scrubbed after ${age(top, moment)} it comes off in sheets.`,
      on,
    }
  if (old > CHIP_WINDOW.latest + EPSILON)
    return {
      severity: 'risk',
      because: `${capital(theFilm(top))} is ${sayDuration(old)} old; after ${sayDuration(CHIP_WINDOW.latest)} it no longer opens well.`,
      on,
      ways: (): Remedy[] => sooner(moment, top, old - CHIP_WINDOW.latest),
    }
  if (top.family !== 'lacquer' || old < CHIP_WINDOW.lacquerHardFrom - EPSILON) return null
  return {
    severity: 'note',
    because: `${capital(theFilm(top))} is ${sayDuration(old)} old; from ${sayDuration(CHIP_WINDOW.lacquerHardFrom)} on it is hard: scratch it to start.`,
    on,
    ways: (): Remedy[] => sooner(moment, top, old - CHIP_WINDOW.lacquerHardFrom),
  }
}

function sooner(moment: Moment, top: Film, overrun: number): Remedy[] {
  return [
    ...soonerWays(moment, top.step, overrun),
    ...moveWays(moment, top.step + 2, 'Chip it right after the first wait'),
    {
      kind: 'leave-out',
      say: 'Put the chips on top with a sponge instead',
      edit: { replace: { step: moment.index, with: { do: 'chip-sponge' as const } } },
    },
  ]
}
