import type { Pin } from '../model/bench'
import type { Build, BuildStep } from '../model/build'
import { isAct } from '../model/isAct'
import type { Project } from '../model/project'
import type { Sessions } from '../model/sessions'
import type { Air } from '../model/vocabulary'
import { finishOf } from './moves'
import { handsOnMinutes } from './onceEach'
import type { BenchPlan } from './planBench'
import type { PlanWish } from './planWish'

/** A question to the plan: what if this were so? Nothing of it is written. Source: handbook 7.4. */
export type WhatIf =
  | { kind: 'session'; date: string; from: string; to: string }
  | { kind: 'warmer'; celsius: number }
  | { kind: 'air'; air: Air }
  | { kind: 'step'; build: string; step: string; set: Partial<BuildStep> }
  | { kind: 'coat-fewer'; build: string; step: string }
  | { kind: 'pin'; id: string; from: number; to: number }
  | { kind: 'unpin'; id: string }
  | { kind: 'wish'; wish: PlanWish }

/** What a plan comes to: when everything is done, in how many sessions, with how many clean-outs, and whether it can be at all. */
export type PlanOutcome = {
  status: NonNullable<BenchPlan['schedule']>['status'] | null
  finish: number | null
  sessions: number | null
  cleanOuts: number | null
  handsOnMinutes: number
}

/** What is compared of a plan: whether it stands, when it ends, and how many sessions it takes. */
export function outcomeOf(plan: BenchPlan): PlanOutcome {
  return {
    status: plan.schedule?.status ?? null,
    finish: finishOf(plan),
    sessions: plan.schedule?.qualities?.sessions ?? null,
    cleanOuts: plan.schedule?.qualities?.cleanOuts ?? null,
    handsOnMinutes: handsOnMinutes(plan.tasks),
  }
}

/** The project as it would be, and how it would be planned; the project itself stays as it is. */
export function supposed(
  project: Project,
  question: WhatIf,
): { project: Project; options: { wish?: PlanWish } } {
  switch (question.kind) {
    case 'session':
      return plain({ ...project, sessions: withSession(project.sessions ?? null, question) })
    case 'warmer':
      return plain({ ...project, outlook: { ...project.outlook, warmer: question.celsius } })
    case 'air':
      return plain({ ...project, outlook: { ...project.outlook, air: question.air } })
    case 'step':
      return plain(
        withStep(project, question, (step) => ({ ...step, ...question.set }) as BuildStep),
      )
    case 'coat-fewer':
      return plain(withStep(project, question, coatFewer))
    case 'pin':
      return plain({ ...project, pins: pinned(project, question) })
    case 'unpin':
      return plain({ ...project, pins: without(project, question.id) })
    case 'wish':
      return { project, options: { wish: question.wish } }
  }
}

function without(project: Project, id: string): Pin[] {
  return (project.pins ?? []).filter((pin) => pin.id !== id)
}

function pinned(
  project: Project,
  { id, from, to }: { id: string; from: number; to: number },
): Pin[] {
  const iso = (at: number) => new Date(at).toISOString()
  return [...without(project, id), { id, from: iso(from), to: iso(to) }]
}

function plain(project: Project) {
  return { project, options: {} }
}

/** A session beside those of its day. */
function withSession(
  sessions: Sessions | null,
  { date, from, to }: { date: string; from: string; to: string },
): Sessions | null {
  if (!sessions) return null
  return { ...sessions, extra: [...(sessions.extra ?? []), { date, from, to }] }
}

function withStep(
  project: Project,
  at: { build: string; step: string },
  change: (step: BuildStep) => BuildStep,
): Project {
  return {
    ...project,
    builds: (project.builds ?? []).map(
      (build): Build =>
        build.id === at.build
          ? {
              ...build,
              steps: build.steps.map((step) => (step.id === at.step ? change(step) : step)),
            }
          : build,
    ),
  }
}

function coatFewer(step: BuildStep): BuildStep {
  if (!isAct(step) || !step.coats || step.coats.length < 2) return step
  return { ...step, coats: step.coats.slice(0, -1) }
}
