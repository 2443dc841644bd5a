import { stateOf } from '../../builds/benchState'
import { planParts } from '../../builds/planParts'
import { airAt, piecesBetween } from '../../drying/series'
import type { ClimateReading } from '../../model/bench'
import type { LoggedAct } from '../../model/loggedAct'
import type { Project } from '../../model/project'
import { key, stepOf } from '../../model/stepRef'
import { climateSeries } from '../../room/climateSeries'
import { worse } from '../../stack/rules/finding'
import type { Drafted } from '../../stack/simulate/simulation'
import type { ScheduledTask, WholePlan } from '../planBench'

const MINUTE = 60_000
const HOUR = 60 * MINUTE

type Planned = ScheduledTask & { start: number }

/** What is planned, in order of time. */
export const inTime = ({ tasks }: WholePlan): Planned[] =>
  tasks
    .flatMap((task) => (task.start === null ? [] : [{ ...task, start: task.start }]))
    .sort((a, b) => a.start - b.start)

/** When a task is over, with all its pieces. */
export const endOf = (plan: WholePlan, { job, minutes, start }: Planned) => {
  const last = plan.problem.tasks?.findLast(({ id }) => id === job || id.startsWith(`${job}+`))
  const from = plan.schedule?.starts[last?.id ?? '']
  return last && from !== undefined
    ? plan.zero + (from + last.minutes) * MINUTE
    : start + minutes * MINUTE
}

/** An instant in the middle of a plan at which no act is in hand. */
export function middleOf(plan: WholePlan): number | null {
  const tasks = inTime(plan)
  const spans = tasks.map((task) => [task.start, endOf(plan, task)] as const)
  const ends = spans
    .slice(Math.floor(tasks.length / 2))
    .map(([, end]) => end)
    .sort((a, b) => a - b)
  return ends.find((at) => spans.every(([start, end]) => end <= at || start >= at)) ?? null
}

/** The log as it is when the plan was followed to the letter until an instant. */
export function followed(project: Project, plan: WholePlan, until: number): Project {
  const left = new Map<string, number>()
  for (const task of plan.tasks) left.set(key(stepOf(task)), (left.get(key(stepOf(task))) ?? 0) + 1)
  const acts: LoggedAct[] = []
  const log = (at: number, kind: LoggedAct['kind'], { build, part, step }: Planned, more = {}) =>
    acts.push({
      id: `f${acts.length}`,
      at: new Date(at).toISOString(),
      kind,
      build,
      part,
      step,
      ...more,
    })
  const begun = new Set<string>()
  for (const task of inTime(plan)) {
    const end = endOf(plan, task)
    if (end > until) continue
    const step = key(stepOf(task))
    if (!begun.has(step)) log(task.start, 'started', task)
    begun.add(step)
    const rest = (left.get(step) ?? 1) - 1
    left.set(step, rest)
    if (task.coat !== null) log(end, 'coat-done', task, { coat: task.coat })
    if (rest === 0) log(end, 'finished', task)
  }
  const climate = [...(project.climate ?? []), ...asForecast(project, plan.now, until)]
  return { ...project, climate, acts: [...(project.acts ?? []), ...acts] }
}

/** Readings of a room that stayed as it was forecast. */
function asForecast(project: Project, from: number, until: number): ClimateReading[] {
  if (!project.climate?.length) return []
  const series = climateSeries(stateOf(project).room, from)
  const last = Math.max(...project.climate.map(({ at }) => Date.parse(at)))
  // Where it changes, and often enough in between that nobody takes it for silent.
  const changes = piecesBetween(series, last / MINUTE, until / MINUTE).map(
    (one) => one.from * MINUTE,
  )
  const hours = Array.from({ length: Math.floor((until - from) / HOUR) }, (_, i) => from + i * HOUR)
  const readings = [...changes, ...hours]
    .filter((at) => at > last)
    .sort((a, b) => a - b)
    .map((at, i): ClimateReading => {
      const { celsius, humidity } = airAt(series, at / MINUTE)
      return { id: `f${i}`, at: new Date(at).toISOString(), celsius, humidity }
    })
  return readings
}

/** Steps that are half laid, as `part step`: before it the judge speaks of what is left, behind it of all. */
export function halvesOf(project: Project, now: number): Set<string> {
  return new Set(
    planParts(stateOf(project), now).flatMap(({ simulated }) =>
      simulated.entries
        .filter(({ coatsBefore }) => coatsBefore > 0)
        .map(({ step }) => `${simulated.part.id} ${step.id}`),
    ),
  )
}

/** What the judge says of the parts, by part, step and rule. */
export function saidOf(
  project: Project,
  now: number,
  halves: ReadonlySet<string>,
): Map<string, Drafted> {
  const said = new Map<string, Drafted>()
  for (const { simulated } of planParts(stateOf(project), now))
    for (const drafted of simulated.simulation.drafts) {
      const { severity } = drafted.draft
      if (halves.has(`${simulated.part.id} ${simulated.entries[drafted.step]?.step.id}`)) continue
      const step = simulated.entries[drafted.step]?.step.id
      const place = [simulated.part.id, step, drafted.rule].join(' ')
      const known = said.get(place)
      if (severity !== 'note' && (!known || worse(severity, known.draft.severity)))
        said.set(place, drafted)
    }
  return said
}

/** Steps that the plan itself says it could not keep. */
export function toldOf(plan: WholePlan): Set<string> {
  const ofJob = new Map<string, string[]>()
  for (const task of plan.tasks)
    ofJob.set(task.job, [...(ofJob.get(task.job) ?? []), `${task.part} ${task.step}`])
  return new Set([
    ...plan.lost.flatMap(({ task }) => ofJob.get(task) ?? []),
    ...plan.doubts.map(({ part, step }) => `${part} ${step}`),
  ])
}
