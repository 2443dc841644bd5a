import type { Solution, SolveOptions } from '../bench/solve'
import { stateOf } from '../builds/benchState'
import { isoDuration } from '../model/duration'
import type { Project } from '../model/project'
import { planBench, type WholePlan } from '../schedule/planBench'

const iso = (at: number | null) => (at === null ? null : new Date(at).toISOString())

/** The answer of `project`: everything plan.ts says of a project at an instant. Source: docs/formats.md. */
export function planAnswer(project: Project, now: number, options: SolveOptions) {
  const plan = planBench(stateOf(project), now, options)
  return {
    format: 'tectoria-plan',
    version: 1,
    now: new Date(now).toISOString(),
    builds: (project.builds ?? []).map((build) => ({
      id: build.id,
      name: build.name,
      parts: plan.parts.filter((part) => part.build === build.id).map(partAnswer),
    })),
    tasks: plan.tasks.map(({ id, build, part, step, coat, minutes, start, joint, batch }) => ({
      id,
      build,
      part,
      step,
      coat,
      minutes,
      start: iso(start),
      ...(joint ? { joint } : {}),
      ...(batch === undefined ? {} : { batch }),
    })),
    doubts: plan.doubts,
    shelf: plan.shelf.map(({ ways, ...bottle }) => bottle),
    schedule: scheduleAnswer(plan),
  } as const
}

function partAnswer(part: WholePlan['parts'][number]) {
  return {
    id: part.part,
    verdict: part.verdict,
    findings: part.findings.map(({ step, rule, severity, because, on, follows }) => ({
      step,
      rule,
      severity,
      because,
      on,
      ...(follows ? { follows } : {}),
    })),
    steps: part.steps.map((step) => ({ ...step, from: iso(step.from), to: iso(step.to) })),
    clocks: part.clocks.map((clock) => ({
      step: clock.step,
      film: clock.film,
      name: clock.name,
      from: iso(clock.from),
      milestones: Object.fromEntries(
        clock.milestones.map(({ point, at }) => [
          point,
          at === null ? null : { at: iso(at), after: isoDuration((at - clock.from) / 60_000) },
        ]),
      ),
      next: clock.next && { ...clock.next, at: iso(clock.next.at) },
    })),
    undo: part.undo && {
      ...part.undo,
      ways: part.undo.ways.map((way) => ({ ...way, until: iso(way.until) })),
    },
    next: part.next && {
      ...part.next,
      readyAt: iso(part.next.readyAt),
      closesAt: iso(part.next.closesAt),
    },
  }
}

function scheduleAnswer(plan: WholePlan) {
  const { schedule, zero } = plan
  if (!schedule) return null
  return {
    status: schedule.status,
    zero: iso(zero),
    makespan: schedule.makespan,
    lowerBound: schedule.lowerBound,
    finish: schedule.makespan === null ? null : iso(zero + schedule.makespan * 60_000),
    ...(plan.strict?.because ? { because: plan.strict.because } : {}),
    ...(plan.lost.length > 0 ? { lost: plan.lost } : {}),
    starts: schedule.starts,
  }
}

/** The answer of `schedule` for a bench problem: what the contract names, no more. Source: handbook 7.3. */
export function benchAnswer({ status, makespan, lowerBound, starts, because }: Solution) {
  return { status, makespan, lowerBound, starts, ...(because === undefined ? {} : { because }) }
}

/** The answer of `schedule` for a project, every window kept. Source: handbook 7.3. */
export function projectSchedule(project: Project, now: number, options: SolveOptions) {
  const { strict } = planBench(stateOf(project), now, options)
  return strict
    ? benchAnswer(strict)
    : { status: 'optimal', makespan: 0, lowerBound: 0, starts: {} }
}
