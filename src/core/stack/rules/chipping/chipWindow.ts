import { CHIP_WINDOW } from '../../../knowledge/drying'
import { familyRow } from '../../../knowledge/families'
import { capital } from '../../../model/capital'
import { sayDuration } from '../../../model/duration'
import { moveCandidates, soonerCandidates } from '../../remedies/candidates'
import { EPSILON, type Film, filmState, hasReached } from '../../state/film'
import { theFilm } from '../../state/filmName'
import { newestRelease } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import { takes } from '../../state/takes'
import { afterAge } from '../../state/words'
import type { Draft, Remedy, Rule } from '../finding'

/** Wet chipping before the top coat is touch-dry, or when it has grown too hard. Source: handbook 2.6, 3.4. */
export const chipWindow: Rule = {
  name: 'chip-window',
  timing: true,
  judge: (context) => {
    if (context.resolved.row.kind !== 'open') return null
    const top = topOverRelease(context)
    return top ? draft(context, top) : null
  },
}

/** The newest whole film over the release coat, else the newest. */
function topOverRelease(context: StepContext): Film | null {
  const release = newestRelease(context.stack)
  if (!release) return null
  const above = context.stack.films.slice(release.at + 1).reverse()
  return above.find((film) => film.coverage === 'whole') ?? above[0] ?? null
}

function draft(context: StepContext, top: Film): Draft | null {
  const { at, series } = context
  const on = { film: top.family, state: filmState(top, at, series) }
  const old = at - top.end
  if (!hasReached(top, 'touch', at, series))
    return {
      severity: 'risk',
      because: `${capital(theFilm(top))} is touch-dry after ${takes(top, 'touch', context)}; scrubbed ${afterAge(top, context)} it comes off in sheets.`,
      on,
    }
  if (old > CHIP_WINDOW.latest + EPSILON)
    return {
      severity: 'risk',
      because: `${capital(theFilm(top))} is ${sayDuration(old)} old; after ${sayDuration(CHIP_WINDOW.latest)} it no longer opens well.`,
      on,
      candidates: (): Remedy[] => sooner(context, top, old - CHIP_WINDOW.latest),
    }
  if (old >= CHIP_WINDOW.warmFrom - EPSILON)
    return {
      severity: 'risk',
      because: `${capital(theFilm(top))} is ${sayDuration(old)} old; from ${sayDuration(CHIP_WINDOW.warmFrom)} on it takes warm water, a stiffer brush and luck.`,
      on,
      candidates: (): Remedy[] => sooner(context, top, old - CHIP_WINDOW.warmFrom + 1),
    }
  if (!familyRow(top.family).hardToChip || old < CHIP_WINDOW.hardFrom - EPSILON) return null
  return {
    severity: 'note',
    because: `${capital(theFilm(top))} is ${sayDuration(old)} old; from ${sayDuration(CHIP_WINDOW.hardFrom)} on it is hard: scratch it to start.`,
    on,
    candidates: (): Remedy[] => sooner(context, top, old - CHIP_WINDOW.hardFrom),
  }
}

function sooner(context: StepContext, top: Film, overrun: number): Remedy[] {
  return [
    ...soonerCandidates(context, top.step, overrun),
    ...moveCandidates(context, top.step + 2, 'Chip it right after the first wait'),
    {
      kind: 'leave-out',
      say: 'Put the chips on top with a sponge instead',
      edit: { replace: { step: context.index, with: { do: 'chip-sponge' as const } } },
    },
  ]
}
