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
/** A pace is told in steps of this: one act more or less doesn't move a plan. */
const STEP = 0.05
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
  return Math.min(LONGEST, Math.max(1, Math.ceil(minutes + Math.max(0, breaks) * BREAK.minutes)))
}

/** Time taken over time reckoned, of one act that was started and finished, or a coat after it was started. */
type HandsRatio = { act: Act; tool: Tool; ratio: number }

const ratiosKnown = new WeakMap<BuildLog, { build: Build; ratios: readonly HandsRatio[] }>()

/** Of one build; reckoned once for what its log says. */
function ratiosIn(build: Build, log: BuildLog): readonly HandsRatio[] {
  const known = ratiosKnown.get(log)
  if (known?.build === build) return known.ratios
  const steps = new Map(build.steps.map((step) => [step.id, step]))
  const ratios = build.parts.flatMap((part) =>
    [...(log.parts.get(part.id)?.steps ?? [])].flatMap(([id, progress]) => {
      const step = steps.get(id)
      const ratio = step && isAct(step) ? ratioOf(step, part, progress) : null
      return step && isAct(step) && ratio !== null
        ? [{ act: step.do, tool: toolOf(step as ActStep), ratio }]
        : []
    }),
  )
  ratiosKnown.set(log, { build, ratios })
  return ratios
}

function ratioOf(step: BuildAct, part: Part, { startedAt, coatEnds, finishedAt }: StepProgress) {
  const end = coatEnds[0] ?? finishedAt
  const table = tableMinutes(step as ActStep, part)
  // What was typed was not reckoned, and coats that were finished in one go have their waits in them.
  if (end === null || table === null || step.minutes !== undefined) return null
  if (coatEnds.length < coatsOf(step)) return null
  const taken = (end - startedAt) / MINUTE
  if (taken < SHORTEST || taken > LEFT_LYING) return null
  // Whole minutes are planned, always up: half a minute of what was taken is that.
  const ratio = (taken - 0.5) / table
  return ratio > WILD || ratio < 1 / WILD ? null : ratio
}

/** What the log says of the modeller's own pace, act by act and tool by tool. */
export function handsLearnt({ builds = [] }: Project, log: LogIndex): HandsLearnt[] {
  const groups = new Map<string, HandsRatio[]>()
  for (const build of builds) {
    const own = log.builds.get(build.id)
    for (const one of own ? ratiosIn(build, own) : []) {
      const name = nameOf(one.act, one.tool)
      const group = groups.get(name)
      if (group) group.push(one)
      else groups.set(name, [one])
    }
  }
  return [...groups.values()].map((group) => {
    const { act, tool } = group[0] as HandsRatio
    const ratios = group.map(({ ratio }) => ratio)
    const factor = Math.round(shrunkenMean(ratios) / STEP) * STEP
    return { act, tool, factor, n: ratios.length, spread: extremes(ratios) }
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
