import type { Build, BuildStep } from '../model/build'
import { coatsOf } from '../model/coats'
import type { Edit } from '../model/edit'
import { isAct } from '../model/isAct'
import type { LoggedAct } from '../model/loggedAct'
import type { ActStep } from '../model/sequence'
import { usualStep } from './usualStep'

/** A film that lies there already: how it was laid as far as is known, and roughly when, epoch milliseconds. */
export type FoundFilm = { step: ActStep; at: number }

/** What takes a painted model over: an edit that says what lies on its parts, and acts that say roughly when. */
export type TakenOver = { edit: Edit; acts: LoggedAct[] }

/**
 * Takes a model over that is painted already: every film becomes a step before all that is still meant for the parts, and is
 * logged as done, roughly then, in the order in which the films lie.
 *
 * @param films from the lowest on; each is laid no sooner than the one under it
 * @param newId gives a new id each time
 */
export function takeOver(
  build: Build,
  parts: readonly string[],
  films: readonly FoundFilm[],
  newId: () => string,
): TakenOver {
  const before: ActStep[] = []
  const acts: LoggedAct[] = []
  let soonest = Number.NEGATIVE_INFINITY
  const steps = films.map(({ step: said, at }): BuildStep => {
    const step = usualStep(said, before)
    before.push(step)
    soonest = Math.max(at, soonest + SEQUEL)
    const id = newId()
    for (const part of parts)
      acts.push(...laidAt({ build: build.id, part, step: id }, step, soonest, newId))
    return { ...step, id, parts: [...parts] } as BuildStep
  })
  const first = build.steps.find((step) => step.parts.some((part) => parts.includes(part)))
  return {
    edit: { do: 'insert', before: first ? { step: first.id } : null, steps },
    acts,
  }
}

/** Films of one instant lie in the order in which they are told, ms. */
const SEQUEL = 1000

function laidAt(
  ref: { build: string; part: string; step: string },
  step: ActStep,
  at: number,
  newId: () => string,
): LoggedAct[] {
  const base = { ...ref, at: new Date(at).toISOString(), roughly: true }
  const coats = isAct(step) ? coatsOf(step) : 1
  return [
    { ...base, id: newId(), kind: 'started' },
    ...Array.from(
      { length: coats },
      (_, i): LoggedAct => ({
        ...base,
        id: newId(),
        kind: 'coat-done',
        coat: i + 1,
      }),
    ),
    { ...base, id: newId(), kind: 'finished' },
  ]
}
