import { actRow } from '../knowledge/acts'
import {
  ACT_HANDS,
  BREAK,
  type HandsOn,
  PATCH_SHARE,
  TOOL_HANDS,
  USUAL_PART,
} from '../knowledge/handsOn'
import { ACT_MINUTES } from '../knowledge/limits'
import type { BuildLog, LogIndex } from '../log/logIndex'
import type { StepProgress } from '../log/progress'
import type { Build, BuildAct, Part } from '../model/build'
import { coatsOf } from '../model/coats'
import { extremes } from '../model/extremes'
import { isAct } from '../model/isAct'
import type { Project } from '../model/project'
import type { ActStep, Step } from '../model/sequence'
import type { Act, Tool } from '../model/vocabulary'
import { shrunkenMean } from '../room/corrections'

const MINUTE = 60_000
/** The longest that an act or a coat may take, minutes. */
const LONGEST = 1440
/** What took longer than this without a word was left lying, minutes. */
const LEFT_LYING = 6 * 60
/** What was started and finished in less was not timed, minutes. */
const SHORTEST = 0.5
/** A pace is looked for until it changes by less than this, in so many rounds at the most. */
const STILL = 1e-9
const ROUNDS = 500
/** A minute is not begun for less than this of it. */
const HAIR = 1e-4
/** Times beyond this factor of what was reckoned say nothing. */
const WILD = 4

/** What an act is timed by: with the same tool it goes the same way. */
const nameOf = (act: Act, tool: Tool) => `${act} ${tool}`

/** How long the modeller's hands take for an act with a tool, against the table. Source: handbook 7.5. */
export type HandsLearnt = {
  act: Act
  tool: Tool
  /** Shrunken geometric mean of time taken over time reckoned. */
  factor: number
  n: number
  spread: readonly [least: number, most: number] | null
}

/** Minutes that an act, or each coat of it, takes on a part; null where the part's size isn't known. */
export type HandsMinutes = (step: ActStep, part: Part) => number | null

const toolOf = (step: ActStep): Tool => step.tool ?? actRow(step.do, step.family).tool

function rowOf(step: ActStep): HandsOn {
  const row = actRow(step.do, step.family)
  // An overall wash is paint, whatever its act does without it.
  const own = row.pools ? undefined : ACT_HANDS[step.do]
  return own ?? TOOL_HANDS[toolOf(step)]
}

/** By the table alone. @returns null where the part's size isn't known and the act goes by it */
export function tableMinutes(step: ActStep, { areaCm2 }: Part): number | null {
  const row = rowOf(step)
  if (areaCm2 === undefined) return null
  const patchy =
    actRow(step.do, step.family).leaves === 'patchy' && row === TOOL_HANDS[toolOf(step)]
  const area = patchy ? areaCm2 * PATCH_SHARE : areaCm2
  const length =
    row.mm?.of === 'edge' ? 4 * Math.sqrt(areaCm2) * 10 : areaCm2 * USUAL_PART.lineMmPerCm2
  const pieces = Math.max(1, Math.round(areaCm2 / USUAL_PART.cm2PerDecal))
  return (
    row.base +
    (row.cm2 ? area / row.cm2 : 0) +
    (row.mm ? length / row.mm.aMinute : 0) +
    (row.each ? pieces * row.each : 0)
  )
}

/** With the breaks that close work asks for, whole minutes. */
function withBreaks(step: ActStep, minutes: number): number {
  const breaks = rowOf(step).fine ? Math.floor((minutes - 1) / BREAK.after) : 0
  return Math.min(
    LONGEST,
    Math.max(1, Math.ceil(minutes - HAIR + Math.max(0, breaks) * BREAK.minutes)),
  )
}

/** One act that was started and finished, or a coat after it was started: minutes that it took, its breaks apart, and by the table. */
type HandsTaken = { act: Act; tool: Tool; taken: number; table: number }

const takenKnown = new WeakMap<BuildLog, { build: Build; taken: readonly HandsTaken[] }>()

/** Of one build; looked up once for what its log says. */
function takenIn(build: Build, log: BuildLog): readonly HandsTaken[] {
  const known = takenKnown.get(log)
  if (known?.build === build) return known.taken
  const steps = new Map(build.steps.map((step) => [step.id, step]))
  const taken = build.parts.flatMap((part) =>
    [...(log.parts.get(part.id)?.steps ?? [])].flatMap(([id, progress]) => {
      const step = steps.get(id)
      const one = step && isAct(step) ? takenBy(step, part, progress) : null
      return one ? [one] : []
    }),
  )
  takenKnown.set(log, { build, taken })
  return taken
}

function takenBy(
  step: BuildAct,
  part: Part,
  { startedAt, coatEnds, finishedAt }: StepProgress,
): HandsTaken | null {
  const end = coatEnds[0] ?? finishedAt
  const table = tableMinutes(step as ActStep, part)
  // What was typed was not reckoned, and coats that were finished in one go have their waits in them.
  if (end === null || table === null || table === 0 || step.minutes !== undefined) return null
  if (coatsOf(step) > 1 && end === finishedAt) return null
  const minutes = (end - startedAt) / MINUTE
  if (minutes < SHORTEST || minutes > LEFT_LYING) return null
  const breaks = rowOf(step as ActStep).fine
    ? Math.floor((minutes - 1) / (BREAK.after + BREAK.minutes)) * BREAK.minutes
    : 0
  const taken = minutes - Math.max(0, breaks)
  const ratio = taken / table
  if (ratio > WILD || ratio < 1 / WILD) return null
  return { act: step.do, tool: toolOf(step as ActStep), taken, table }
}

/** Whole minutes are planned, up: an act that took as many as its pace asks for says nothing against it. */
function ratioAt({ taken, table }: HandsTaken, pace: number): number {
  return Math.min(Math.max(table * pace, taken - 1), taken) / table
}

/** The pace that what was taken speaks for: 1 at first, and no further from it than the whole minutes ask. */
function paceOf(taken: readonly HandsTaken[]): number {
  let pace = 1
  for (let round = 0; round < ROUNDS; round++) {
    const next = shrunkenMean(taken.map((one) => Math.max(STILL, ratioAt(one, pace))))
    if (Math.abs(next - pace) < STILL) return next
    pace = next
  }
  return pace
}

/** What the log says of the modeller's own pace, act by act and tool by tool. */
export function handsLearnt({ builds = [] }: Project, log: LogIndex): HandsLearnt[] {
  const groups = new Map<string, HandsTaken[]>()
  for (const build of builds) {
    const own = log.builds.get(build.id)
    for (const one of own ? takenIn(build, own) : []) {
      const name = nameOf(one.act, one.tool)
      const group = groups.get(name)
      if (group) group.push(one)
      else groups.set(name, [one])
    }
  }
  return [...groups.values()].map((group) => {
    const { act, tool } = group[0] as HandsTaken
    const factor = paceOf(group)
    const spread = extremes(group.map((one) => ratioAt(one, factor)))
    return { act, tool, factor, n: group.length, spread }
  })
}

/** Minutes by the table and the modeller's own pace. */
export function handsMinutes(learnt: readonly HandsLearnt[]): HandsMinutes {
  const factors = new Map(learnt.map(({ act, tool, factor }) => [nameOf(act, tool), factor]))
  return (step, part) => {
    const minutes = tableMinutes(step, part)
    if (minutes === null) return null
    return withBreaks(step, minutes * (factors.get(nameOf(step.do, toolOf(step))) ?? 1))
  }
}

const timedOf = new WeakMap<Step, Map<number, Step>>()

/** A step with the minutes that it takes on a part; what the modeller typed wins. The same object for the same minutes. */
export function timed(step: Step, part: Part, minutesOn: HandsMinutes): Step {
  if (!isAct(step) || step.minutes !== undefined) return step
  const minutes = minutesOn(step as ActStep, part) ?? ACT_MINUTES
  if (minutes === ACT_MINUTES) return step
  const known = timedOf.get(step) ?? new Map<number, Step>()
  timedOf.set(step, known)
  const made = known.get(minutes) ?? { ...step, minutes }
  known.set(minutes, made)
  return made
}
