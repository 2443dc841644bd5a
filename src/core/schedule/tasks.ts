import type { BenchLink, BenchTask, Interval } from '../bench/problem'
import { isJoint } from '../builds/joint'
import type { PartSimulation } from '../builds/simulatedPart'
import { reachedAt } from '../drying/clock'
import { ACT_MINUTES } from '../knowledge/limits'
import { solventRow } from '../knowledge/solvents'
import { minutesOf } from '../model/duration'
import { isAct } from '../model/isAct'
import { key, type StepRef } from '../model/stepRef'
import { type Spacing, spacingsOf } from '../stack/questions/spacings'
import type { SimulatedStep } from '../stack/simulate/simulation'
import { closedByAir } from './closedByAir'
import { coatGaps, HAIR } from './coatGaps'

/** A task of the bench, and the coat of the step it stands for. */
export type PlannedTask = BenchTask &
  StepRef & {
    /** From 1; null for an act without coats. */
    coat: number | null
    /** It is done once for all the parts of its step: theirs all have the same start. */
    joint?: true
    /** What it has in common with the same work on other parts: act, paint, tool and coat. */
    run: string
    /** Why it is closed for some hours: what the air does to it. */
    closedBecause?: string
  }

/** The tasks of one part, what must lie between them, and which of them are one sitting. */
export type PartTasks = {
  simulated: PartSimulation
  tasks: PlannedTask[]
  links: BenchLink[]
  sittings: string[][]
  /** Ids of the tasks of each simulated step that is still to do, in order of its coats. */
  ofStep: ReadonlyMap<number, readonly string[]>
}

/**
 * When hands are there, minutes of the bench, when they may make noise, and how long that in one go: coats that fit into it are one
 * sitting.
 */
export type Hours = {
  availability: readonly Interval[]
  loud: readonly Interval[]
  /** The ends of the sessions in which nothing may smell. */
  airing: readonly Interval[]
  longest: number
}

const ANY_HOUR: Hours = {
  availability: [],
  loud: [],
  airing: [],
  longest: Number.POSITIVE_INFINITY,
}

/**
 * The tasks that a part still asks of the hands, and the links between them: every coat a task, every wait and window a
 * link. What a task waits for in the past becomes its `earliest`, a window that is open already its `latest`.
 *
 * @param zero minute of the walk that is minute 0 of the bench
 * @param then the part at the minutes of a plan: its waits are reckoned in the air of those; left out: as soon as possible
 * Source: handbook 7.1, 7.3.
 */
export function tasksOf(
  simulated: PartSimulation,
  zero: number,
  hours: Hours = ANY_HOUR,
  then: AsPlanned | null = null,
): PartTasks {
  const ofStep = new Map<number, readonly string[]>()
  const part: PartTasks = { simulated, tasks: [], links: [], sittings: [], ofStep }
  let previous: { id: string; end: number } | null = null
  for (const one of simulated.simulation.simulated) {
    const entry = simulated.entries[one.index]
    if (!entry || entry.fact) continue
    const laidAlready = part.tasks.find(({ id }) => id === ofStep.get(one.index)?.[0])
    if (laidAlready) {
      // A further region of the same step is done at once with the first, and waits for what lies there.
      for (const spacing of spacingsOf(one.context)) keep(part, spacing, laidAlready, zero)
      continue
    }
    const own = coatTasks(simulated, one)
    const first = own[0]
    if (!first) continue
    const written = one.context.at - filledBefore(simulated, one) - (previous?.end ?? zero)
    if (previous)
      part.links.push({ from: previous.id, to: first.id, minGap: wholeMinutes(written) })
    else if (written > 0.5) first.earliest = wholeMinutes(written)
    const planned = then?.get(one.index) ?? one
    for (const spacing of spacingsOf(planned.context)) keep(part, spacing, first, zero)
    const gaps = coatGaps(planned).map(wholeMinutes)
    gaps.forEach((minGap, i) => {
      part.links.push({ from: own[i]?.id as string, to: own[i + 1]?.id as string, minGap })
    })
    if (!(isAct(entry.step) && entry.step.split))
      part.sittings.push(...sittingsOf(own, gaps, hours.longest, laidBefore(planned)))
    const air = closedByAir(
      planned.context,
      Math.min(hours.longest, lengthOf(own, gaps)),
      zero,
      first.noisy ? hours.loud : hours.availability,
    )
    const { solvent } = one.context.resolved
    const airing = solvent && solventRow(solvent).smells ? hours.airing : []
    const closed = [...(air?.closed ?? []), ...airing]
    part.tasks.push(
      ...own.map((task) => ({ ...task, ...air, ...(closed.length > 0 ? { closed } : {}) })),
    )
    const ids = own.map(({ id }) => id)
    ofStep.set(one.index, ids)
    previous = { id: ids.at(-1) as string, end: one.ends.at(-1) ?? one.context.at }
  }
  return part
}

/** Steps of a part at the minutes of a plan, by their index; those that the judge has nothing against there. */
export type AsPlanned = ReadonlyMap<number, SimulatedStep>

/** Up to the next whole minute. */
function wholeMinutes(minutes: number): number {
  return Math.max(0, Math.ceil(minutes - HAIR))
}

/** Minutes of the wait that was filled in before a step. */
function filledBefore({ simulation }: PartSimulation, { index }: SimulatedStep): number {
  return simulation.waits.find((filled) => filled.before === index)?.minutes ?? 0
}

/**
 * Holds a task to a wait and a window: from the task that ends what it stands on, or, where that has happened, by the minute.
 *
 * @param first changed where what it stands on has happened
 * @param zero minute of the walk that is minute 0 of the bench
 */
export function keep(
  part: Pick<PartTasks, 'links' | 'ofStep'>,
  { since, least, most }: Spacing,
  first: BenchTask,
  zero: number,
): void {
  const from = part.ofStep.get(since.step)?.at(-1)
  if (from !== undefined) {
    part.links.push({
      from,
      to: first.id,
      ...(least > 0 ? { minGap: wholeMinutes(least) } : {}),
      ...(most === null ? {} : { maxGap: Math.floor(most + HAIR) }),
    })
    return
  }
  if (least > 0)
    first.earliest = Math.max(first.earliest ?? 0, wholeMinutes(since.at + least - zero))
  // A window that has closed already is a finding, not a reason to plan nothing.
  const closes = most === null ? null : since.at + most - zero
  if (closes !== null && closes >= 0)
    first.latest = Math.min(first.latest ?? Number.MAX_SAFE_INTEGER, Math.floor(closes + HAIR))
}

/** Minutes from the first coat to the end of the last. */
function lengthOf(coats: readonly PlannedTask[], gaps: readonly number[]): number {
  return [...coats.map(({ minutes }) => minutes), ...gaps].reduce((sum, part) => sum + part, 0)
}

/** What the coats of a step that are laid already would take, from the first to the next, minutes. */
function laidBefore({ context, ends }: SimulatedStep): number[] {
  const { resolved, step, series, goesOn } = context
  const { drying } = resolved
  if (!goesOn || !drying) return []
  const minutes = Math.ceil(step.minutes ?? ACT_MINUTES)
  return goesOn.coats.map((_, i) => {
    const film = { ...drying, coats: goesOn.coats.slice(0, i + 1) }
    const end = ends[0] ?? context.at
    const flash = (reachedAt(film, 'flash', end, series) ?? end) - end
    return minutes + wholeMinutes(step.gap === undefined ? flash : minutesOf(step.gap))
  })
}

/**
 * Coats that follow one another in one sitting; coats for which none is long enough lie in as few as can be.
 *
 * @param before minutes of each coat that is laid already, with the gap behind it: what was to be a sitting of its own stays one
 */
function sittingsOf(
  coats: readonly PlannedTask[],
  gaps: readonly number[],
  longest: number,
  before: readonly number[],
): string[][] {
  const sittings: string[][] = []
  let open: string[] = []
  let length = 0
  for (const taken of before) length = length + taken <= longest ? length + taken : taken
  coats.forEach((coat, i) => {
    const next = length + coat.minutes + (i > 0 ? (gaps[i - 1] ?? 0) : 0)
    if (length > 0 && next <= longest) {
      open.push(coat.id)
      length = next
      if (open.length === 1) sittings.push(open)
    } else {
      open = [coat.id]
      length = coat.minutes
      sittings.push(open)
    }
  })
  return sittings.filter((sitting) => sitting.length > 1)
}

function coatTasks(simulated: PartSimulation, simulatedStep: SimulatedStep): PlannedTask[] {
  const entry = simulated.entries[simulatedStep.index]
  if (!entry) return []
  const { step, resolved } = simulatedStep.context
  const { build, part } = simulated
  const film = resolved.row.kind === 'film'
  const sprays = resolved.tool === 'airbrush' || resolved.tool === 'stencil'
  const needs = sprays ? ['airbrush', 'booth'] : resolved.tool === 'spray-can' ? ['booth'] : []
  // The same paint from the same tool is the same work in any build.
  const work = film
    ? [step.do, resolved.tool, resolved.family, step.colour ?? resolved.sheen]
    : [step.do, build.id, entry.step.id]
  return simulatedStep.ends.map((_, i) => ({
    id: key({
      build: build.id,
      part: part.id,
      step: entry.step.id,
      coat: entry.coatsBefore + i + 1,
    }),
    build: build.id,
    part: part.id,
    step: entry.step.id,
    coat: film ? entry.coatsBefore + i + 1 : null,
    minutes: Math.ceil(step.minutes ?? ACT_MINUTES),
    run: [...work, entry.coatsBefore + i + 1].join(' '),
    ...(isJoint(entry.step) ? { joint: true as const } : {}),
    ...(needs.length > 0 ? { needs } : {}),
    ...(sprays || resolved.row.cuts ? { noisy: true } : {}),
    ...(sprays ? { setup: `${resolved.family} ${step.colour ?? resolved.sheen}` } : {}),
  }))
}
