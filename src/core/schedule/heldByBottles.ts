import type { BenchTask } from '../bench/problem'
import { actRow } from '../knowledge/acts'
import { familyRow } from '../knowledge/families'
import { POT_LIFE } from '../knowledge/limits'
import type { BuildAct } from '../model/build'
import { minutesOf } from '../model/duration'
import { isAct } from '../model/isAct'
import type { Project } from '../model/project'
import type { ActStep } from '../model/sequence'
import { gassingOff } from '../shelf/condition'
import { bottlesFor, mixOfStep } from '../shelf/paintFor'
import { asPainted } from '../shelf/sheet'
import type { BenchTasks } from './benchTasks'
import type { PlannedTask } from './tasks'

const MINUTE = 60_000

/**
 * The same bench with what its bottles ask: decanted paint isn't sprayed before it has gassed off, unless another pot of it can be, and
 * two-part paint is sprayed out within its pot life.
 *
 * @param zero epoch milliseconds of minute 0
 * Source: handbook 3.4.
 */
export function heldByBottles(bench: BenchTasks, project: Project, zero: number): BenchTasks {
  const from = new Map<string, number>()
  const links = [...bench.links]
  const first = new Map<string, { job: string; minutes: number }>()
  for (const task of bench.tasks) {
    const step = paintedStep(project, task)
    if (!step) continue
    const job = bench.jobOf.get(task.id) ?? task.id
    const usable = usableFrom(project, step)
    if (usable > zero)
      from.set(job, Math.max(from.get(job) ?? 0, Math.ceil((usable - zero) / MINUTE)))
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
    return earliest === undefined
      ? job
      : { ...job, earliest: Math.max(job.earliest ?? 0, earliest) }
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

/** When the first of the pots that it may come from can be used, epoch milliseconds; 0: at once. */
function usableFrom(project: Project, step: ActStep): number {
  if (mixOfStep(project, step)) return 0
  const pots = bottlesFor(project, step).map((bottle) => gassingOff(bottle)?.usable ?? 0)
  return pots.length === 0 ? 0 : Math.min(...pots)
}

/** Minutes in which a mixed paint has to be sprayed; null: it has no end. */
function potLifeOf(step: ActStep): number | null {
  const family = step.family ?? actRow(step.do, step.family).family
  if (!family || family === 'must' || !familyRow(family).twoPart) return null
  return step.product?.potLife ? minutesOf(step.product.potLife) : POT_LIFE
}
