import type { Project } from '@/core/model/project'
import type { BenchPlan, Move, Why } from '@/core/schedule'
import { clockTime, sayFigures } from '@/ui/time'
import { actOnPart } from './names'

const MINUTE = 60_000

/** What of a plan the words need. */
export type PlanTold = { project: Project; plan: Pick<BenchPlan, 'tasks'>; now: number }

function other({ project, plan }: PlanTold, id: string): string {
  const task = plan.tasks.find((task) => task.id === id)
  return task ? actOnPart(project, task) : 'another step'
}

/** What holds an act where it is, as the end of a sentence: "it waits 24 h for gloss clear on the hull". */
export function sayWhy(told: PlanTold, why: Why): string {
  const held = sayHold(told, why)
  if (why.air !== null) return `the air doesn’t bear it before: ${lower(why.air)}`
  if (why.wantedAt === null) return held
  if (why.hold.kind === 'now') return 'no session lies before'
  return `${held}, until ${clockTime(why.wantedAt, told.now)}; the next session with room for it begins then`
}

function sayHold(told: PlanTold, { hold }: Why): string {
  switch (hold.kind) {
    case 'wait':
      return hold.minutes > 0
        ? `it waits ${sayFigures(hold.minutes * MINUTE)} for ${other(told, hold.from)}`
        : `it comes after ${other(told, hold.from)}`
    case 'window':
      return `${other(told, hold.before)} follows within ${sayFigures(hold.minutes * MINUTE)} and can’t come sooner`
    case 'hands':
      return `the hands are at ${other(told, hold.from)} until then`
    case 'clean-out':
      return `the airbrush is cleaned for ${sayFigures(hold.minutes * MINUTE)} after ${other(told, hold.from)}`
    case 'place':
      return 'every place to dry is taken until then'
    case 'facts':
      return 'what lies on the part has to dry'
    case 'choice':
      return `it could begin ${clockTime(hold.from, told.now)}, and was put later to save an evening or a clean-out, or to leave slack`
    case 'now':
      return 'the plan begins now'
  }
}

/** What a new plan moves: "Gloss clear on Port hull moves from Thu 19:40 to Sat 10:00, because …". */
export function sayMove(told: PlanTold, move: Move): string {
  const name = actOnPart(told.project, move)
  return `${name.charAt(0).toUpperCase()}${name.slice(1)} moves from ${clockTime(move.from, told.now)} to ${clockTime(move.to, told.now)}, because ${sayWhy(told, move.why)}.`
}

/** How a finish stands to another: "1 d 4 h later". */
export function sayFinish(from: number | null, to: number | null): string {
  if (from === null || to === null)
    return to === null ? 'no plan keeps every window' : 'planned again'
  const by = to - from
  if (Math.abs(by) < 3 * MINUTE) return 'the same finish'
  return `${sayFigures(Math.abs(by))} ${by > 0 ? 'later' : 'sooner'}`
}

function lower(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1).replace(/\.$/, '')
}
