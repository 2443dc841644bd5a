import type { Session } from '../bench/calendar'
import { familyRow } from '../knowledge/families'
import { bare } from '../model/bare'
import type { BuildStep } from '../model/build'
import { isAct } from '../model/isAct'
import type { Project } from '../model/project'
import type { ActStep } from '../model/sequence'
import { key, stepOf } from '../model/stepRef'
import { type PaintSource, paintFor } from '../shelf/paintFor'
import { stepCard } from '../shelf/stepCard'
import { resolveStep } from '../stack/state/resolvedStep'
import type { StockState } from '../stock/stockState'
import type { BenchPlan, ScheduledTask } from './planBench'
import { type InSession, tasksIn } from './tasksIn'

const MINUTE = 60_000

/** One line of the card: an act of a part, all its coats that follow one another in the session. */
export type CardAct = {
  build: string
  part: string
  /** All the parts that it is done to at once; the first of them is `part`. */
  parts: readonly string[]
  step: string
  /** The same work on other parts of the run that it is in; none: it stands by itself. */
  batch: string | null
  /** First and last coat of this line; null for an act without coats. */
  coats: [number, number] | null
  tasks: string[]
  from: number
  to: number
  minutes: number
  sprayed: boolean
  /** The paint in the airbrush changes before it. */
  cleanOutBefore: boolean
}

/** PaintSource to have ready: its steps, and by when. */
export type MixToPrepare = {
  setup: string
  bottle: string | null
  by: number
  build: string
  step: string
  parts: string[]
  /** ml of each ingredient for all its coats in the session; empty where no area is known. */
  amounts: { name: string; ml: number }[]
}

/** A window that is open at the end of the session: what has to follow, and until when. */
export type LeftOpen = {
  build: string
  part: string
  step: string
  closesAt: number
  plannedAt: number | null
}

/** What dries overnight: the film, and when its next act may be. */
export type Overnight = {
  build: string
  part: string
  step: string
  family: string
  nextAt: number | null
}

/** A session as one card. Source: handbook 7.4, tonight. */
export type SessionCard = {
  session: Session
  acts: CardAct[]
  mixes: MixToPrepare[]
  cleanOuts: number
  mustClose: LeftOpen[]
  overnight: Overnight[]
  handsOnMinutes: number
}

/** What is to be done in a session, prepared for it, and left by it. */
export function sessionCard(state: StockState, plan: BenchPlan, session: Session): SessionCard {
  const { project } = state
  const tasks = tasksIn(plan, session)
  const acts = cardActs(tasks)
  return {
    session,
    acts,
    mixes: mixesOf(state, tasks),
    cleanOuts: acts.filter((act) => act.cleanOutBefore).length,
    mustClose: leftOpen(plan, session),
    overnight: overnightOf(project, plan, tasks),
    handsOnMinutes: tasks.reduce((sum, task) => sum + task.minutes, 0),
  }
}

/** Tasks of a session as lines of its card: coats of a step that follow one another are one. */
export function cardActs(tasks: readonly InSession[]): CardAct[] {
  const acts: CardAct[] = []
  const paint = new Map<number, string>()
  for (const task of tasks) {
    const sprayed = task.setup !== undefined
    const last = acts.at(-1)
    const follows = last?.build === task.build && last.part === task.part && last.step === task.step
    const held = paint.get(task.gun ?? 0)
    const cleanOutBefore = sprayed && held !== undefined && held !== task.setup
    if (task.setup !== undefined) paint.set(task.gun ?? 0, task.setup)
    const to = task.end
    if (follows && last) {
      last.to = to
      last.minutes += task.minutes
      last.tasks.push(task.id)
      if (last.coats && task.coat !== null) last.coats[1] = task.coat
    } else
      acts.push({
        build: task.build,
        part: task.part,
        parts: task.parts,
        step: task.step,
        batch: task.batch ?? null,
        coats: task.coat === null ? null : [task.coat, task.coat],
        tasks: [task.id],
        from: task.start,
        to,
        minutes: task.minutes,
        sprayed,
        cleanOutBefore,
      })
  }
  return acts
}

function meantStep(project: Project, at: { build: string; step: string }): BuildStep | null {
  const build = project.builds?.find((build) => build.id === at.build)
  return build?.steps.find((step) => step.id === at.step) ?? null
}

function mixesOf(state: StockState, tasks: readonly InSession[]): MixToPrepare[] {
  const { project } = state
  const mixes = new Map<string, MixToPrepare>()
  for (const task of tasks) {
    if (task.setup === undefined) continue
    const step = meantStep(project, task)
    const paint = step && isAct(step) ? paintFor(project, step) : null
    const mix = mixes.get(task.setup) ?? {
      setup: task.setup,
      bottle: paint?.name ?? null,
      by: task.start,
      build: task.build,
      step: task.step,
      parts: [],
      amounts: [],
    }
    mixes.set(task.setup, mix)
    for (const part of task.parts) {
      if (!mix.parts.includes(part)) mix.parts.push(part)
      addCoat(mix, state, { ...task, part }, step, paint)
    }
  }
  return [...mixes.values()]
}

/** Adds what one coat on one part takes; nothing where the part's area isn't known. */
function addCoat(
  mix: MixToPrepare,
  { project, room }: StockState,
  task: ScheduledTask,
  step: BuildStep | null,
  paint: PaintSource | null,
): void {
  const build = project.builds?.find((build) => build.id === task.build)
  const part = build?.parts.find((part) => part.id === task.part)
  if (!part || !step || !isAct(step)) return
  const coat = (step.coats ?? ['light'])[(task.coat ?? 1) - 1] ?? 'light'
  const card = stepCard(
    { ...(bare(step) as ActStep), coats: [coat] },
    part,
    1,
    paint,
    room.latest.celsius,
  )
  for (const { name, ml } of card.mix?.ingredients ?? []) {
    const known = mix.amounts.find((amount) => amount.name === name)
    if (known) known.ml += ml
    else mix.amounts.push({ name, ml })
  }
}

/** Windows that were opened by the end of the session and have to be used by a minute. */
function leftOpen(plan: BenchPlan, session: Session): LeftOpen[] {
  const tasks = new Map(plan.tasks.map((task) => [task.id, task]))
  const open = (plan.problem.links ?? []).flatMap((link): LeftOpen[] => {
    const [from, to] = [tasks.get(link.from), tasks.get(link.to)]
    const most = link.maxGap ?? null
    if (!from || !to || most === null || from.start === null) return []
    const end = from.end ?? from.start
    if (from.start < session.from - MINUTE || from.start >= session.to) return []
    const { build, part, step } = to
    return [{ build, part, step, closesAt: end + most * MINUTE, plannedAt: to.start }]
  })
  // Several films may ask for the same act: the window that closes first is told.
  const first = new Map<string, LeftOpen>()
  for (const one of open.sort((a, b) => a.closesAt - b.closesAt))
    if (!first.has(key(stepOf(one)))) first.set(key(stepOf(one)), one)
  return [...first.values()]
}

/** Films laid in the session that are left to dry, by part: the last of each. */
function overnightOf(project: Project, plan: BenchPlan, tasks: readonly InSession[]): Overnight[] {
  const last = new Map<string, InSession>()
  for (const task of tasks)
    for (const part of task.parts) last.set(key({ build: task.build, part }), { ...task, part })
  return [...last.values()].flatMap((task): Overnight[] => {
    const step = meantStep(project, task)
    const resolved = step && isAct(step) ? resolveStep(step as ActStep, null) : null
    if (!resolved?.drying || !resolved.family) return []
    const next = plan.tasks
      .filter((otherTask) => otherTask.build === task.build && otherTask.part === task.part)
      .map((task) => task.start)
      .filter((start): start is number => start !== null && start > task.start)
    return [
      {
        build: task.build,
        part: task.part,
        step: task.step,
        family: familyRow(resolved.family).name,
        nextAt: next.length > 0 ? Math.min(...next) : null,
      },
    ]
  })
}
