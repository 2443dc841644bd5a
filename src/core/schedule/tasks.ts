import type { BenchLink, BenchTask, Interval } from '../bench/problem'
import type { PartSimulation } from '../builds/simulatedPart'
import { limitBreaches } from '../drying/limits'
import { piecesBetween } from '../drying/series'
import { ACT_MINUTES } from '../knowledge/limits'
import { key, type StepRef } from '../model/stepRef'
import { closings } from '../stack/questions/closings'
import type { SimulatedStep } from '../stack/simulate/simulation'

/** A task of the bench, and the coat of the step it stands for. */
export type PlannedTask = BenchTask &
  StepRef & {
    /** From 1; null for an act without coats. */
    coat: number | null
    /** Why it is closed for some hours: what the air does to it. */
    closedBecause?: string
  }

/** The tasks of one part, and what must lie between them. */
export type PartTasks = { tasks: PlannedTask[]; links: BenchLink[] }

/** So far ahead the air is trusted to be as forecast, minutes. */
const AIR_AHEAD = 36 * 60

/**
 * The tasks that a part still asks of the hands, and the links between them: every coat a task, every wait and window a
 * link. What a task waits for in the past becomes its `earliest`, a window that is open already its `latest`.
 *
 * @param zero minute of the walk that is minute 0 of the bench
 * Source: handbook 7.1, 7.3.
 */
export function tasksOf(simulated: PartSimulation, zero: number): PartTasks {
  const tasks: PlannedTask[] = []
  const links: BenchLink[] = []
  /** Last task of each walked step. */
  const lastTask = new Map<number, string>()
  let previous: { id: string; end: number } | null = null
  for (const otherEntry of simulated.simulation.simulated) {
    const entry = simulated.entries[otherEntry.index]
    if (!entry || entry.fact) continue
    const own = coatTasks(simulated, otherEntry)
    const first = own[0]
    if (!first) continue
    if (previous) links.push({ from: previous.id, to: first.id, minGap: 0 })
    waitLinks(simulated, otherEntry, first, lastTask, previous, links, zero)
    windowLinks(otherEntry, first, lastTask, links, zero)
    own.forEach((task, i) => {
      const before = own[i - 1]
      const start = (otherEntry.ends[i] ?? 0) - task.minutes
      if (before)
        links.push({
          from: before.id,
          to: task.id,
          minGap: Math.max(0, Math.ceil(start - (otherEntry.ends[i - 1] ?? 0) - 1e-6)),
        })
    })
    const air = closedByAir(simulated, otherEntry, zero)
    tasks.push(...own.map((task) => ({ ...task, ...air })))
    const last = own.at(-1) ?? first
    lastTask.set(otherEntry.index, last.id)
    previous = { id: last.id, end: otherEntry.ends.at(-1) ?? otherEntry.context.at }
  }
  return { tasks, links }
}

function coatTasks(simulated: PartSimulation, simulatedStep: SimulatedStep): PlannedTask[] {
  const entry = simulated.entries[simulatedStep.index]
  if (!entry) return []
  const { step, resolved } = simulatedStep.context
  const { build, part } = simulated
  const film = resolved.row.kind === 'film'
  const sprays = resolved.tool === 'airbrush' || resolved.tool === 'stencil'
  const needs = sprays ? ['airbrush', 'booth'] : resolved.tool === 'spray-can' ? ['booth'] : []
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
    ...(needs.length > 0 ? { needs } : {}),
    ...(sprays || resolved.row.cuts ? { noisy: true } : {}),
    ...(sprays ? { setup: `${resolved.family} ${step.colour ?? resolved.sheen}` } : {}),
  }))
}

/**
 * When the air as it is read and forecast doesn't bear an act: by then it is put off. A spell that lasts is a finding, and no
 * reason to plan nothing.
 *
 * Source: handbook 3.3.
 */
function closedByAir(
  { simulation: { series } }: PartSimulation,
  { context: { resolved, step } }: SimulatedStep,
  zero: number,
): Pick<PlannedTask, 'closed' | 'closedBecause'> {
  const { family, role, tool } = resolved
  if (!family || resolved.row.kind !== 'film') return {}
  const until = zero + AIR_AHEAD
  const closed: Interval[] = []
  let closedBecause: string | undefined
  for (const piece of piecesBetween(series, zero, until)) {
    const laid = { family, role, tool, retarder: step.retarder ?? 0 }
    const breach = limitBreaches(laid, piece.climate)[0]
    if (!breach || breach.severity === 'note') continue
    closedBecause ??= breach.because
    const from = Math.max(piece.from, zero)
    const to = Math.min(piece.to, until)
    closed.push([Math.floor(from - zero), Math.ceil(to - zero)])
  }
  return closedBecause === undefined ? {} : { closed, closedBecause }
}

/** The wait before a step counts from the film it waits for, and a wait that is written from the step before. */
function waitLinks(
  simulated: PartSimulation,
  simulatedStep: SimulatedStep,
  first: PlannedTask,
  lastTask: ReadonlyMap<number, string>,
  previous: { id: string; end: number } | null,
  links: BenchLink[],
  zero: number,
): void {
  const wait = simulated.simulation.waits.find((filled) => filled.before === simulatedStep.index)
  const filled = wait?.minutes ?? 0
  const written = simulatedStep.context.at - filled - (previous?.end ?? zero)
  if (written > 0.5) later(previous?.id, first, Math.ceil(written), links)
  if (!wait) return
  const from = lastTask.get(wait.since.step)
  if (from) later(from, first, Math.ceil(simulatedStep.context.at - wait.since.at - 1e-6), links)
  else later(undefined, first, Math.ceil(simulatedStep.context.at - zero - 1e-6), links)
}

function later(
  from: string | undefined,
  first: PlannedTask,
  gap: number,
  links: BenchLink[],
): void {
  if (from) links.push({ from, to: first.id, minGap: gap })
  else first.earliest = Math.max(first.earliest ?? 0, gap)
}

/** A window that has closed already is a finding, not a reason to plan nothing. */
function windowLinks(
  simulatedStep: SimulatedStep,
  first: PlannedTask,
  lastTask: ReadonlyMap<number, string>,
  links: BenchLink[],
  zero: number,
): void {
  for (const { at, film } of closings(simulatedStep.context)) {
    if (at < simulatedStep.context.at) continue
    const from = lastTask.get(film.step)
    if (from) links.push({ from, to: first.id, maxGap: Math.floor(at - film.end + 1e-6) })
    else first.latest = Math.min(first.latest ?? Number.MAX_SAFE_INTEGER, Math.floor(at - zero))
  }
}
