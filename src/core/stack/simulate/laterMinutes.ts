import type { ClockPoint } from '../../drying/clock'
import { actRow } from '../../knowledge/acts'
import { LATEX } from '../../knowledge/drying'
import { IRON_SETTLES, RUB_HOUR, TAPE_OFF } from '../../knowledge/limits'
import { EPSILON, type Film, filmReaches } from '../state/film'
import { openFilms, type Since, type Stack } from '../state/stack'
import type { StepContext } from '../state/stepContext'

/** The points of a film's clock at which the judgement of any act can change, and those that only some acts ask for. */
const POINTS = ['flash', 'touch', 'recoat', 'tape', 'cured'] as const
const CUT_POINTS = [...POINTS, 'sand'] as const
const CLEAN_POINTS = [...POINTS, 'workFrom'] as const
const POLISH_POINTS = [...CUT_POINTS, 'polish'] as const

function pointsOf({ resolved }: StepContext): readonly ClockPoint[] {
  const { row } = resolved
  if (row.kind === 'clean') return CLEAN_POINTS
  if (row.polishes) return POLISH_POINTS
  return row.cuts ? CUT_POINTS : POINTS
}

/** A later minute, and what comes to its point then. */
export type LaterMinute = { at: number; since: Since }

/** Later minutes at which something about this step changes, soonest first; whole minutes after `at`. */
export function laterMinutes(context: StepContext): LaterMinute[] {
  const minutes = new Map<number, Since>()
  eachLater(context, (at, since) => minutes.set(at, since))
  return [...minutes]
    .map(([later, { step, at: from }]) => ({ at: later, since: { step, at: from } }))
    .sort((a, b) => a.at - b.at)
}

/** The first of them that is no sooner than a minute; null: there is none. */
export function firstFrom(context: StepContext, soonest: number): LaterMinute | null {
  let first: LaterMinute | null = null
  eachLater(context, (at, since) => {
    if (at < soonest - EPSILON || (first && at > first.at)) return
    first = { at, since: { step: since.step, at: since.at } }
  })
  return first
}

function eachLater(context: StepContext, tell: (at: number, since: Since) => void): void {
  const { stack, at, series } = context
  const add = (time: number | null, since: Since) => {
    if (time === null || !Number.isFinite(time) || time <= at + EPSILON) return
    tell(at + Math.ceil(time - at - EPSILON), since)
  }
  const points = pointsOf(context)
  for (const film of [...concerned(context), ...filmsBeside(stack)]) {
    const since = { step: film.endedBy, at: film.end }
    for (const point of points) add(filmReaches(film, point, series), since)
    if (film.activated) {
      add(film.activated.at + IRON_SETTLES.from, film.activated)
      add(film.activated.at + IRON_SETTLES.to, film.activated)
    }
  }
  for (const mask of stack.masks) {
    if (mask.dries)
      for (const minutes of [mask.dries.from, mask.dries.to]) add(mask.at + minutes, mask)
    if (actRow(mask.act, undefined).mask === 'film') add(mask.at + LATEX.dry, mask)
  }
  if (context.resolved.row.kind === 'unmask')
    for (const film of [...openFilms(stack), ...filmsBeside(stack)])
      add(film.end + TAPE_OFF, { step: film.endedBy, at: film.end })
  for (const rub of stack.rubs) add(rub.at + RUB_HOUR, rub)
  if (stack.filled) add(stack.filled.at + stack.filled.cures, stack.filled)
}

/** Films that lie on the edges of masks which cover all of a region. */
function filmsBeside({ masks }: Stack): Film[] {
  return masks.length === 0 ? NONE : masks.flatMap(({ over }) => (over ? [over] : []))
}

const NONE: Film[] = []

/**
 * Films whose clock can matter to a step: what lies open and what it works on, down to the lowest of them, and two more,
 * which a solvent comes to when it goes through.
 */
export function concerned({ stack, targets }: StepContext): readonly Film[] {
  const { films } = stack
  let lowest = films.length - openFilms(stack).length
  for (const film of targets) lowest = Math.min(lowest, films.indexOf(film))
  return films.slice(Math.max(0, lowest - 2))
}
