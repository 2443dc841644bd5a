import { type ActKind, actRow, laysClear } from '../knowledge/acts'
import { STAGE_NAMES, type Stage } from '../knowledge/stages'
import type { Build, BuildAct } from '../model/build'
import { isAct } from '../model/isAct'
import type { ActStep } from '../model/sequence'
import { PLAIN_ENDS, type Zone } from '../model/zone'
import { listed } from '../stack/state/words'
import { stagesOf } from './orderOfWork'
import { isFor } from './zoneRegions'

/** Where a zone stands at a stage: meant, done without because that was said, forgotten, or not asked for. */
export type Covered = 'planned' | 'without' | 'forgotten' | 'none'

/** Zones by stages of work. Source: handbook 12.2. */
export type Coverage = {
  /** The stages that any zone of the build has, in order of work. */
  stages: Stage[]
  rows: { zone: Zone; cells: Covered[] }[]
}

/** Zones of a part without a stage that most others have. Source: handbook 12.2. */
export type Forgotten = {
  part: string
  zones: { zone: Zone; stages: Stage[] }[]
  severity: 'note' | 'risk'
  because: string
  /** The step that the others have, or the one that would seal it in. */
  step: string
}

/** Stages that a zone is done at or isn't; the others are for single places. */
const WHOLE_STAGES: readonly Stage[] = [2, 3, 5, 7, 9, 10, 11, 13]

type Done = { step: BuildAct; stage: Stage }

/** Zones by stages: which are meant for which, and which were forgotten. A build without zones has no rows. */
export function coverageOf(build: Build): Coverage {
  const zones = build.zones ?? []
  if (zones.length === 0) return { stages: [], rows: [] }
  const done = doneIn(build)
  const has = new Map(zones.map((zone) => [zone, new Set(stagesFor(zone, done, zones))]))
  const asked = zones.filter(isAsked)
  const stages = WHOLE_STAGES.filter((stage) => zones.some((zone) => has.get(zone)?.has(stage)))
  const usual = new Set(
    stages.filter(
      (stage) => asked.filter((zone) => has.get(zone)?.has(stage)).length * 2 > asked.length,
    ),
  )
  return {
    stages,
    rows: zones.map((zone) => ({
      zone,
      cells: stages.map((stage): Covered => {
        if (has.get(zone)?.has(stage)) return 'planned'
        if (zone.without?.includes(stage)) return 'without'
        return isAsked(zone) && usual.has(stage) ? 'forgotten' : 'none'
      }),
    })),
  }
}

/** Zones that were forgotten, by the step at which that is told: a note, and a risk where a later clear would seal them in. */
export function forgottenIn(build: Build): readonly Forgotten[] {
  const known = forgottenKnown.get(build)
  if (known) return known
  const found = findForgotten(build)
  forgottenKnown.set(build, found)
  return found
}

/** Every part of a build asks the same at every judgement, and a build never changes. */
const forgottenKnown = new WeakMap<Build, readonly Forgotten[]>()

function findForgotten(build: Build): Forgotten[] {
  const { stages, rows } = coverageOf(build)
  const done = doneIn(build)
  const found = new Map<string, Forgotten>()
  for (const { zone, cells } of rows)
    cells.forEach((cell, i) => {
      const stage = stages[i] as Stage
      const told = cell === 'forgotten' ? toldAt(build, zone, stage, done) : null
      if (!told) return
      const { step, severity } = told
      const known = found.get(step) ?? { part: zone.part, zones: [], severity, because: '', step }
      const own = known.zones.find((one) => one.zone === zone)
      if (own) own.stages.push(stage)
      else known.zones.push({ zone, stages: [stage] })
      if (severity === 'risk') known.severity = severity
      found.set(step, known)
    })
  return [...found.values()].map((one) => ({ ...one, because: sayForgotten(one) }))
}

/** The step at which a forgotten stage is told: the clear that would seal it in, the step that the others have, or the last. */
function toldAt(
  build: Build,
  zone: Zone,
  stage: Stage,
  done: readonly Done[],
): Pick<Forgotten, 'step' | 'severity'> | null {
  const own = done.filter(({ step }) => step.parts.includes(zone.part))
  const seal = own.find(
    (one) => one.stage > stage && laysClear(one.step) && isFor(one.step, zone, build.zones ?? []),
  )
  const told = seal ?? own.find((one) => one.stage === stage) ?? own.at(-1)
  return told ? { step: told.step.id, severity: seal ? 'risk' : 'note' } : null
}

function sayForgotten({ zones, severity }: Forgotten): string {
  const each = zones.map(
    ({ zone, stages }) =>
      `${zone.name} has no step for ${listed(stages.map((stage) => STAGE_NAMES[stage].toLowerCase()))}`,
  )
  const sealed = severity === 'risk' ? ', and this clear would seal it in' : ''
  return `${each.join('; ')}. Most other zones have one${sealed}.`
}

/** Is anything asked of it: it isn't hidden, and doesn't stay as it is? */
function isAsked({ seen, endsAs }: Zone): boolean {
  return seen !== 0 && !PLAIN_ENDS.some((plain) => plain === endsAs)
}

/** The steps of a stage that a part has. */
export function stepsOfStage(build: Build, stage: Stage, part: string): BuildAct[] {
  return doneIn(build).flatMap((one) =>
    one.stage === stage && one.step.parts.includes(part) ? [one.step] : [],
  )
}

/** Every act that does something to its zones, with its stage, which depends on what else its part has: a mask leaves nothing. */
function doneIn(build: Build): Done[] {
  const stages = new Map<BuildAct, Stage>()
  for (const { id } of build.parts) {
    const own = build.steps.filter(({ parts }) => parts.includes(id))
    stagesOf(own).forEach((stage, i) => {
      const step = own[i] as BuildAct
      if (isAct(step) && !stages.has(step)) stages.set(step, stage)
    })
  }
  return build.steps.flatMap((step) => {
    const stage = isAct(step) && leavesSomething(step) ? stages.get(step as BuildAct) : undefined
    return stage === undefined ? [] : [{ step: step as BuildAct, stage }]
  })
}

function leavesSomething(step: ActStep): boolean {
  return !PASSING.includes(actRow(step.do, step.family).kind)
}

const PASSING: readonly ActKind[] = ['mask', 'unmask', 'handle']

function stagesFor(zone: Zone, done: readonly Done[], zones: readonly Zone[]): Stage[] {
  return done.flatMap(({ step, stage }) => (isFor(step, zone, zones) ? [stage] : []))
}
