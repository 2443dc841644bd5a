import { type Pace, progress } from '../drying/clock'
import type { ClimateSeries } from '../drying/series'
import { type LogIndex, progressOfStep } from '../log/logIndex'
import type { Observation } from '../log/observations'
import type { BuildAct } from '../model/build'
import { extremes } from '../model/extremes'
import { isAct } from '../model/isAct'
import type { Project } from '../model/project'
import type { ActStep } from '../model/sequence'
import type { Family, Milestone } from '../model/vocabulary'
import { bottlesFor } from '../shelf/paintFor'
import { asPainted } from '../shelf/sheet'
import type { Corrections } from '../stack/simulate/simulation'
import { resolveStep } from '../stack/state/resolvedStep'
import { airAsRead } from './climateSeries'
import type { Room } from './room'

const MINUTE = 60_000

/** One observation against the handbook's clock. */
export type Ratio = {
  act: string
  at: number
  build: string
  part: string
  step: string
  family: Family
  /** The bottle it was painted from, where the shelf has one that suits. */
  bottle: string | null
  milestone: Milestone
  seen: Observation['seen']
  /** Time observed over time predicted, without any correction. */
  ratio: number
  /** `used` moves k · `agrees` contradicts nothing · `set-aside`: beyond a factor of four. */
  use: 'used' | 'agrees' | 'set-aside'
}

/** What the log says of a product or a family. Source: handbook 3.5. */
export type Learnt = {
  family: Family
  /** null: the whole family. */
  bottle: string | null
  /** Shrunken geometric mean of the ratios. */
  factor: number
  n: number
  /** Least and greatest ratio that was used; null: none was. */
  spread: readonly [least: number, most: number] | null
  ratios: Ratio[]
}

/** Observations that a mean starts with, all of them 1. Source: handbook 3.5, n₀. */
const PRIOR = 2
/** Ratios beyond this are set aside. Source: handbook 3.5. */
const WILD = 4
/** A film that is still tacky gets this much more time before it is asked for again. */
const AGAIN = 1.1

/** ln k = Σ ln r / (n + 2). @param ratios above 0 @returns k, 1 for none. Source: handbook 3.5. */
export function shrunkenMean(ratios: readonly number[]): number {
  const sum = ratios.reduce((total, ratio) => total + Math.log(ratio), 0)
  return Math.exp(sum / (ratios.length + PRIOR))
}

/** A censored observation speaks only where it contradicts the clock. Source: handbook 3.5. */
export function usageOf(seen: Observation['seen'], ratio: number): Ratio['use'] {
  if (seen === 'not-yet' && ratio <= 1) return 'agrees'
  if (seen === 'reached' && ratio >= 1) return 'agrees'
  return ratio > WILD || ratio < 1 / WILD ? 'set-aside' : 'used'
}

/** What observations are compared with: the builds and the shelf as it stands, the log, the room. */
export type Observed = { project: Project; log: LogIndex; room: Room }

/**
 * Every observation that stands, as a ratio of times: to the clock of what was painted, which is that of the bottle's sheet
 * where it has one. One of a film that isn't there any more is left out.
 */
export function ratiosOf({ project, log, room }: Observed): Ratio[] {
  const { observations } = log
  if (observations.length === 0) return []
  const bottles = bottleLookup(project)
  const series = airAsRead(room)
  return observations.flatMap((seen): Ratio[] => {
    const step = actOf(project, seen)
    const ends = progressOfStep(log, seen)?.coatEnds ?? []
    const before = ends.filter((end) => end <= seen.at)
    const start = before.at(-1)
    const painted = step && (asPainted(project, step) as ActStep)
    const resolved = painted && resolveStep(painted, null)
    if (!step || start === undefined || !resolved?.drying || !resolved.family) return []
    const film = { ...resolved.drying, coats: resolved.coats.slice(0, Math.max(1, before.length)) }
    const ratio = progress(film, seen.milestone, start / MINUTE, seen.at / MINUTE, series)
    if (ratio === null || !(ratio > 0)) return []
    return [
      {
        ...seen,
        family: resolved.family,
        bottle: bottles(step),
        ratio,
        use: usageOf(seen.seen, ratio),
      },
    ]
  })
}

function actOf(project: Project, at: { build: string; step: string }): BuildAct | null {
  const build = project.builds?.find((build) => build.id === at.build)
  const step = build?.steps.find((step) => step.id === at.step)
  return step && isAct(step) ? (step as BuildAct) : null
}

/** The bottle of each step, asked once. */
function bottleLookup(project: Project): (step: ActStep) => string | null {
  const known = new Map<ActStep, string | null>()
  return (step) => {
    const found = known.get(step)
    if (found !== undefined) return found
    const bottle = bottlesFor(project, step)[0]?.id ?? null
    known.set(step, bottle)
    return bottle
  }
}

/** What the log says, families first, then their products. Source: handbook 3.5. */
export function learntFrom(ratios: readonly Ratio[]): Learnt[] {
  const groups = new Map<string, Ratio[]>()
  for (const ratio of ratios)
    for (const key of [
      ratio.family,
      ...(ratio.bottle ? [`${ratio.family}/${ratio.bottle}`] : []),
    ]) {
      const group = groups.get(key)
      if (group) group.push(ratio)
      else groups.set(key, [ratio])
    }
  return [...groups].map(([key, own]) => {
    const used = own.filter((ratio) => ratio.use === 'used').map((ratio) => ratio.ratio)
    const first = own[0] as Ratio
    return {
      family: first.family,
      bottle: key === first.family ? null : first.bottle,
      factor: shrunkenMean(used),
      n: used.length,
      spread: extremes(used),
      ratios: own,
    }
  })
}

/** Nothing was learnt and nothing fixed: every film dries by its clock. */
export const UNCORRECTED: Corrections = () => 1

/**
 * The factor on a film's drying: what the modeller fixed, else what the log says of the product, else of its family, else 1.
 *
 * Source: handbook 3.5.
 */
export function correctionOf(observed: Observed): Corrections {
  const learnt = learntFrom(ratiosOf(observed)).filter((group) => group.n > 0)
  const fixed = observed.project.corrections ?? []
  if (fixed.length === 0 && learnt.length === 0) return UNCORRECTED
  const bottles = bottleLookup(observed.project)
  // Only of these families it makes a difference which bottle it is.
  const byBottle = new Set(
    [...fixed, ...learnt].filter(({ bottle }) => bottle).map(({ family }) => family),
  )
  const find = <T extends { family: Family; bottle?: string | null | undefined; factor: number }>(
    list: readonly T[],
    family: Family,
    bottle: string | null,
  ) => list.find((row) => row.family === family && (row.bottle ?? null) === bottle)?.factor
  return (family, step) => {
    const bottle = byBottle.has(family) ? bottles(step) : null
    return (
      (bottle === null ? undefined : find(fixed, family, bottle)) ??
      find(fixed, family, null) ??
      (bottle === null ? undefined : find(learnt, family, bottle)) ??
      find(learnt, family, null) ??
      1
    )
  }
}

/**
 * How far one film runs from its clock by what was seen of it: still tacky past its time makes it slower, dry before its
 * time quicker. Facts come first: a milestone can't lie before the minute at which it hadn't been reached.
 *
 * @param film with its correction
 * @param start epoch milliseconds of its last coat
 * @param series in minutes since the epoch
 * Source: handbook 3.5, 7.4.
 */
export function paceOf(
  observations: readonly Observation[],
  film: Parameters<typeof progress>[0],
  start: number,
  series: ClimateSeries,
): Pace | undefined {
  let slow: Pace | undefined
  let quick: Pace | undefined
  for (const { at, milestone, seen } of observations) {
    if (at < start) continue
    const done = progress(film, milestone, start / MINUTE, at / MINUTE, series)
    if (done === null || done <= 0) continue
    if (seen === 'not-yet' && done * AGAIN > 1) slow = { point: milestone, factor: done * AGAIN }
    else if (seen !== 'not-yet' && done < 1) quick = { point: milestone, factor: done }
    else if (seen !== 'not-yet' && slow) slow = { ...slow, factor: Math.min(slow.factor, done) }
  }
  return quick ?? (slow && slow.factor > 1 ? slow : undefined)
}
