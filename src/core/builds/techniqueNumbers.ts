import { ACT_MINUTES, SMALLEST_MARK } from '../knowledge/limits'
import { eyeLimit } from '../knowledge/realSizes'
import type { Technique } from '../knowledge/techniques/technique'
import type { Build, BuildStep } from '../model/build'
import type { Climate } from '../model/climate'
import { isAct } from '../model/isAct'
import type { Project } from '../model/project'
import type { ActStep, Step } from '../model/sequence'
import { stepCard } from '../shelf/stepCard'
import { type UndoWay, undoMap } from '../stack/questions/undoMap'
import { simulate } from '../stack/simulate/simulate'
import { stackOf } from '../stack/state/regions'
import { type AddedStep, addTechnique, type Chosen } from './addTechnique'
import { stateOf } from './benchState'
import { sequenceOf } from './partSequence'

/** What the eye resolves at arm's length, mm. Source: handbook 10.1. */
const EYE_MM = eyeLimit(300)

/** What a technique comes to on one part: for a scale, a climate and an area. */
export type TechniqueNumbers = {
  /** Minutes of hands, of its steps and the stages they need. */
  handsOn: number
  /** Minutes of waiting that it adds. */
  waiting: number
  /** Stages that it asks for on a painted part: acts that are laid beside its own. */
  stages: ActStep[]
  /** What it imitates, mm on the model, and whether the eye and the tool can follow. */
  marks: { what: string; from: number; to: number; say: string } | null
  /** Mixed paint for its steps, ml; null without an area. */
  ml: number | null
  /** How its first film comes off again; null: it doesn't, or lays none. */
  comesOff: UndoWay | null
}

/** A painted part under a satin clear: what a technique usually comes to. */
const PAINTED: readonly ActStep[] = [
  { do: 'prime', family: 'lacquer', coats: ['mist', 'light', 'light'] },
  { do: 'base', family: 'alcohol-acrylic', coats: ['light', 'light'], colour: '#8FA0A3' },
  { do: 'clear', family: 'lacquer', sheen: 'satin', coats: ['mist', 'light'] },
]

const PART = { id: 'part', name: 'Part', substrate: 'polystyrene' as const }

/**
 * Works a technique out for a scale, a climate and an area: added to a painted part, with the stages it asks for there.
 *
 * @param scale 1:scale; left out: no sizes
 * @param areaCm2 of the face; left out: no amounts
 * Source: handbook 3, 4.4, 6, 10.1.
 */
export function techniqueNumbers(
  technique: Technique,
  climate: Climate,
  scale?: number,
  areaCm2?: number,
): TechniqueNumbers {
  const { before: painted, after, added } = onPainted(technique)
  const before = totals(painted, climate)
  const whole = totals(after, climate)
  const handsOn = whole.handsOn - before.handsOn
  return {
    handsOn,
    waiting: Math.max(0, whole.total - before.total - handsOn),
    stages: added.filter((step) => step.because !== null).map((step) => step.step),
    marks: marksAt(technique, scale),
    ml: areaCm2 === undefined ? null : amount(technique, areaCm2),
    comesOff: comesOff(technique, climate),
  }
}

/** A technique on a painted part: its steps with the stages they ask for, what was there before, and what was added. */
export function onPainted(technique: Chosen): {
  before: BuildStep[]
  after: BuildStep[]
  added: AddedStep[]
} {
  const build: Build = {
    id: 'build',
    name: 'Build',
    parts: [PART],
    steps: PAINTED.map((step, i) => ({ ...step, id: `p${i}`, parts: ['part'] })),
  }
  const project: Project = { format: 'tectoria-project', version: 1, builds: [build] }
  let n = 0
  const made = addTechnique(stateOf(project), 'build', ['part'], technique, 0, () => `n${++n}`)
  return { before: build.steps, after: made.build.steps, added: made.added }
}

function totals(steps: readonly Step[], climate: Climate) {
  const simulated = simulate({ ...sequenceOf({ steps: [] } as never, PART, steps), climate })
  const handsOn = simulated.simulated.reduce(
    (sum, { step, ends }) => sum + (step.minutes ?? ACT_MINUTES) * Math.max(1, ends.length),
    0,
  )
  return { total: simulated.total, handsOn }
}

function marksAt(technique: Technique, scale: number | undefined): TechniqueNumbers['marks'] {
  const { marks } = technique
  if (!marks || scale === undefined) return null
  const from = marks.from / scale
  const to = marks.to / scale
  const act = technique.steps.find(({ step }) => SMALLEST_MARK[step.do] !== undefined)?.step.do
  const tool = act && SMALLEST_MARK[act]
  return { what: marks.what, from, to, say: judgement(from, to, tool) }
}

/** Can the eye see it, and can the tool make it? */
function judgement(from: number, to: number, tool: number | undefined): string {
  if (to < EYE_MM) return 'finer than the eye resolves at 300 mm: a filter gives the tone'
  if (tool !== undefined && tool > to) return `the tool’s smallest mark is ${tool} mm: too coarse`
  if (tool !== undefined && tool > from) return `from ${tool} mm on with this tool`
  return 'within what eye and tool can follow'
}

function amount(technique: Technique, areaCm2: number): number {
  const part = { ...PART, areaCm2 }
  return technique.steps.reduce((sum, { step }) => {
    const card = stepCard(step, part, step.coats?.length ?? 1, null)
    return sum + (card.mix?.totalMl ?? 0)
  }, 0)
}

/** The gentlest way to take off the first film that the technique lays on top, once it is touch-dry. */
function comesOff(technique: Technique, climate: Climate): UndoWay | null {
  const first = technique.steps[0]
  if (!first || first.at) return null
  const steps: Step[] = [...PAINTED, first.step].filter(isAct)
  const simulated = simulate({ ...sequenceOf({ steps: [] } as never, PART, steps), climate })
  const top = stackOf(simulated.stacks).films.at(-1)
  if (top?.act !== first.step.do) return null
  return undoMap(stackOf(simulated.stacks), simulated.total + 60, simulated.series)?.ways[0] ?? null
}
