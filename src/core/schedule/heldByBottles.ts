import type { BenchTask } from '../bench/problem'
import { actRow } from '../knowledge/acts'
import { familyRow } from '../knowledge/families'
import { POT_LIFE } from '../knowledge/limits'
import type { Bottle } from '../model/bottle'
import type { BuildAct } from '../model/build'
import { minutesOf } from '../model/duration'
import { isAct } from '../model/isAct'
import type { Project } from '../model/project'
import type { ActStep } from '../model/sequence'
import { gassingOff } from '../shelf/gassingOff'
import { bottlesFor, mixOfStep } from '../shelf/paintFor'
import { asPainted } from '../shelf/sheet'
import { mixHardens } from '../stock/mixHardens'
import type { StockState } from '../stock/stockState'
import type { BenchTasks } from './benchTasks'
import type { PlannedTask } from './tasks'

const MINUTE = 60_000

/**
 * The same bench with what its bottles ask: decanted paint isn't sprayed before it has gassed off, nor one that is shaken or stands in
 * warm water before it is done, unless another pot of it can be; two-part paint is sprayed out within its pot life, and a kept mix of it
 * before it is hard.
 *
 * @param state the project and its log
 * @param zero epoch milliseconds of minute 0
 * Source: handbook 3.4.
 */
export function heldByBottles(bench: BenchTasks, state: StockState, zero: number): BenchTasks {
  const { project } = state
  const from = new Map<string, number>()
  const until = new Map<string, number>()
  const links = [...bench.links]
  const first = new Map<string, { job: string; minutes: number }>()
  for (const task of bench.tasks) {
    const step = paintedStep(project, task)
    if (!step) continue
    const job = bench.jobOf.get(task.id) ?? task.id
    const usable = usableFrom(project, step)
    if (usable > zero)
      from.set(job, Math.max(from.get(job) ?? 0, Math.ceil((usable - zero) / MINUTE)))
    const hard = hardOf(state, step)
    // What is hard already is told, and mixed anew.
    if (hard !== null && hard > zero)
      until.set(job, Math.min(until.get(job) ?? hard, Math.floor((hard - zero) / MINUTE)))
    const life = potLifeOf(step)
    if (life === null) continue
    const place = [task.build, task.part, task.step].join('/')
    const begun = first.get(place)
    if (!begun) first.set(place, { job, minutes: task.minutes })
    else if (begun.job !== job)
      links.push({
        from: begun.job,
        to: job,
        maxGap: Math.max(0, Math.floor(life - begun.minutes - task.minutes)),
      })
  }
  const jobs = bench.jobs.map((job): BenchTask => {
    const earliest = from.get(job.id)
    const hard = until.get(job.id)
    const held = { ...job }
    if (earliest !== undefined) held.earliest = Math.max(job.earliest ?? 0, earliest)
    if (hard !== undefined)
      held.latest = Math.max(0, Math.min(job.latest ?? hard, hard - job.minutes))
    return held
  })
  return { ...bench, jobs, links }
}

/** The step of a task as it is painted, with the bottle's sheet; null: nothing is laid. */
function paintedStep(project: Project, task: PlannedTask): (ActStep & Partial<BuildAct>) | null {
  if (task.coat === null) return null
  const build = project.builds?.find(({ id }) => id === task.build)
  const step = build?.steps.find(({ id }) => id === task.step)
  return step && isAct(step) ? (asPainted(project, step) as ActStep) : null
}

/** When the kept mix of a step is hard, epoch milliseconds; null: it has none, or it keeps. */
function hardOf(state: StockState, step: ActStep): number | null {
  const kept = mixOfStep(state.project, step)
  return kept && mixHardens(state, kept)
}

/** When the first of the pots that it may come from can be used, epoch milliseconds; 0: at once. */
function usableFrom(project: Project, step: ActStep): number {
  if (mixOfStep(project, step)) return 0
  const pots = bottlesFor(project, step).map((bottle) =>
    Math.max(gassingOff(bottle)?.usable ?? 0, busyUntil(project, bottle)),
  )
  return pots.length === 0 ? 0 : Math.min(...pots)
}

/** Until when a bottle is shaken or stands in warm water, epoch milliseconds; 0: it doesn't. */
function busyUntil(project: Project, { id }: Bottle): number {
  const clocks = (project.timers ?? []).filter(
    ({ bottle, stoppedAt }) => bottle === id && stoppedAt === undefined,
  )
  return Math.max(
    0,
    ...clocks.map(({ startedAt, minutes }) => Date.parse(startedAt) + minutes * MINUTE),
  )
}

/** Minutes in which a mixed paint has to be sprayed; null: it has no end. */
function potLifeOf(step: ActStep): number | null {
  const family = step.family ?? actRow(step.do, step.family).family
  if (!family || family === 'must' || !familyRow(family).twoPart) return null
  return step.product?.potLife ? minutesOf(step.product.potLife) : POT_LIFE
}
