import { type ClockPoint, progress as dryingProgress } from '../drying/clock'
import type { Family, Milestone, Role, Sheen } from '../model/vocabulary'
import { type Film, filmReaches } from '../stack/state/film'
import { filmName } from '../stack/state/filmName'
import { openFilms } from '../stack/state/stack'
import { instantOf, type PartSimulation, stacksNow } from './simulatedPart'

/** A film that dries on a part, and when it comes to what. Instants in epoch milliseconds. */
export type DryingClock = {
  build: string
  part: string
  /** Step of the build that laid it. */
  step: string
  film: Family
  role: Role
  name: string
  colour: string | null
  sheen: Sheen
  from: number
  /** Every milestone and when; null: never. */
  milestones: { point: Milestone; at: number | null }[]
  /** The next one, and how far the film has come to it, 0 to 1; null when all are behind it. */
  next: { point: Milestone; at: number; progress: number } | null
}

/** What sets on a part and isn't paint: filler, or strong glue. Instants in epoch milliseconds. */
export type SettingClock = { step: string; what: 'filler' | 'glue'; from: number; until: number }

/** What was filled or glued and still sets; null: nothing does. Source: handbook 12.4. */
export function settingOf(simulated: PartSimulation, now: number): SettingClock | null {
  const all = stacksNow(simulated).flatMap(({ filled }): SettingClock[] => {
    const step = filled && simulated.entries[filled.step]?.step.id
    if (!filled || !step) return []
    const until = instantOf(filled.at + filled.cures)
    return until > now ? [{ step, what: filled.what, from: instantOf(filled.at), until }] : []
  })
  return all.reduce<SettingClock | null>(
    (last, one) => (last && last.until >= one.until ? last : one),
    null,
  )
}

const SHOWN: readonly Milestone[] = ['flash', 'touch', 'recoat', 'tape', 'sand', 'cured']
const MINUTE = 60_000

/** The clocks of the films that lie open on a part, top first. */
export function clocksOf(simulated: PartSimulation, now: number): DryingClock[] {
  const films = stacksNow(simulated).flatMap((stack) =>
    openFilms(stack).filter(({ loose }) => !loose),
  )
  // One step on several zones is one clock.
  const first = new Map<number, Film>()
  for (const film of films) if (!first.has(film.step)) first.set(film.step, film)
  return [...first.values()].map((film) => clockOf(simulated, film, now))
}

function clockOf(simulated: PartSimulation, film: Film, now: number): DryingClock {
  const { series } = simulated.simulation
  const instant = (point: ClockPoint) => {
    const at = filmReaches(film, point, series)
    return at === null || !Number.isFinite(at) ? null : instantOf(at)
  }
  const milestones = SHOWN.map((point) => ({ point, at: instant(point) })).sort(
    (a, b) => (a.at ?? Number.POSITIVE_INFINITY) - (b.at ?? Number.POSITIVE_INFINITY),
  )
  const next = milestones.find((milestone) => milestone.at !== null && milestone.at > now)
  const minute = now / MINUTE
  return {
    build: simulated.build.id,
    part: simulated.part.id,
    step: simulated.entries[film.step]?.step.id ?? '',
    film: film.family,
    role: film.role,
    name: filmName(film),
    colour: film.colour,
    sheen: film.sheen,
    from: instantOf(film.end),
    milestones,
    next:
      next && next.at !== null
        ? {
            point: next.point,
            at: next.at,
            progress: Math.min(
              1,
              dryingProgress(film.drying, next.point, film.end, minute, series) ?? 0,
            ),
          }
        : null,
  }
}
