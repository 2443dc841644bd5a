import type { ZoneFacing } from '../model/shape'
import { coatMinutes, FLUSH } from './minutes'

/**
 * Which primer goes under which zone: few colours, few flushes, few coats over them.
 * Source: handbook 12.3.
 */

/** A zone to be primed, cm². */
export type PrimedZone = { id: string; areaCm2: number }

/** Primers, zones, and how many coats each zone's colour takes over each primer. */
export type PrimerProblem = {
  primers: number
  zones: readonly PrimedZone[]
  /** Coats of what a zone ends in over a primer. */
  coats: (zone: number, primer: number) => number
}

/** A primer for every zone, by places, and the minutes of coats and flushes. */
export type PrimerChoice = { by: number[]; minutes: number }

/** The cheapest choice, the best with another set of primers, and all primers ranked for each zone. */
export type PrimerPlan = PrimerChoice & {
  second: PrimerChoice | null
  /** By zone: primers by the coats over them, the fewest first. */
  ranked: { primer: number; coats: number }[][]
}

/** More primers than this aren't mixed for one part. */
const MOST_PRIMERS = 3
/** Choices that differ by less are equal, minutes. */
const EQUAL = 0.001

/** The choice of at most three primers that takes the least minutes; among equals that with fewer of them. Null: there is none to choose. */
export function primerPlan(problem: PrimerProblem): PrimerPlan | null {
  const { primers, zones, coats } = problem
  if (primers === 0 || zones.length === 0) return null
  const choices = setsOf(primers, MOST_PRIMERS)
    .map((set) => choiceOf(problem, set))
    .sort((a, b) => (Math.abs(a.minutes - b.minutes) < EQUAL ? 0 : a.minutes - b.minutes))
  const [best, ...others] = choices as [PrimerChoice, ...PrimerChoice[]]
  const set = usedIn(best)
  return {
    ...best,
    second: others.find((other) => usedIn(other) !== set) ?? null,
    ranked: zones.map((_, zone) =>
      Array.from({ length: primers }, (_, primer) => ({ primer, coats: coats(zone, primer) })).sort(
        (a, b) => a.coats - b.coats || a.primer - b.primer,
      ),
    ),
  }
}

function usedIn({ by }: PrimerChoice): string {
  return [...new Set(by)].sort((a, b) => a - b).join(' ')
}

/** Sets of up to so many of the first numbers, the smaller sets first. */
function setsOf(count: number, most: number): number[][] {
  const all: number[][] = []
  const grow = (set: number[], from: number) => {
    if (set.length > 0) all.push(set)
    if (set.length === most) return
    for (let next = from; next < count; next++) grow([...set, next], next + 1)
  }
  grow([], 0)
  return all.sort((a, b) => a.length - b.length)
}

/** Every zone takes the primer of a set with the fewest coats over it. */
function choiceOf({ zones, coats }: PrimerProblem, set: readonly number[]): PrimerChoice {
  let minutes = 0
  const by = zones.map(({ areaCm2 }, zone) => {
    const primer = set.reduce((a, b) => (coats(zone, b) < coats(zone, a) ? b : a))
    minutes += coats(zone, primer) * coatMinutes(areaCm2)
    return primer
  })
  return { by, minutes: minutes + FLUSH * (new Set(by).size - 1) }
}

/**
 * How much of a film lands on a face that is sprayed from an elevation: 1 straight on, 0 where it looks away.
 *
 * @param elevation degrees over the horizon; below it under 0
 */
export function sprayShare(facing: ZoneFacing, elevation: number): number {
  const up = Math.sin((elevation * Math.PI) / 180)
  switch (facing) {
    case 'up':
      return Math.max(0, up)
    case 'down':
      return Math.max(0, -up)
    case 'inside':
      return 0
    default:
      return Math.cos((elevation * Math.PI) / 180)
  }
}
