import {
  type BenchState,
  type JudgedBuild,
  type PartPlan,
  type PlannedParts,
  stateOf,
} from '@/core/builds'
import { addTechnique } from '@/core/builds/addTechnique'
import { benchBuilds } from '@/core/builds/benchBuilds'
import { cureCurve } from '@/core/builds/cureCurve'
import { faceOfPart } from '@/core/builds/faceOfPart'
import { facesAlong } from '@/core/builds/facesAlong'
import { faultOfPart } from '@/core/builds/faultOfPart'
import { findingsOfBuild, judgeBuild } from '@/core/builds/judgeBuild'
import { coverOfStep, judgePart } from '@/core/builds/judgePart'
import { simulatePart } from '@/core/builds/partSimulation'
import { replanParts } from '@/core/builds/replanParts'
import { schoolEffect } from '@/core/builds/schoolEffect'
import { techniqueNumbers } from '@/core/builds/techniqueNumbers'
import { hasWorkLeft } from '@/core/builds/workLeft'
import { loggedIn } from '@/core/log'
import { applyEdit } from '@/core/model/applyEdit'
import type { Build } from '@/core/model/build'
import type { Project } from '@/core/model/project'
import { PROJECT_FORMAT, PROJECT_VERSION } from '@/core/model/projectFormat'
import { applyRows } from '@/core/model/projectRows'
import { key, type PartRef, partOf } from '@/core/model/stepRef'
import { ratiosOf, usualDay } from '@/core/room'
import { outcomeOf } from '@/core/schedule'
import { planBench } from '@/core/schedule/planBench'
import { sessionOptions } from '@/core/schedule/sessionOptions'
import { supposed } from '@/core/schedule/whatIf'
import { explain } from '@/core/stack/questions/explain'
import type { BenchWorker } from './benchMessages'

/** Steps of the search on a whole bench: a second or two. */
const WHOLE = 30_000
/** Steps of the first answer after something changed. */
const QUICK = 4000
/** Steps of the search for a question. */
const QUESTION = 12_000

/** What the worker reckons, without the worker: documents in, answers out, carried on from change to change. */
export function benchDesk(newId: () => string = () => crypto.randomUUID()): BenchWorker {
  let project: Project = { format: PROJECT_FORMAT, version: PROJECT_VERSION }
  let state = stateOf(project)
  let planned: PlannedParts | undefined
  let judged: { build: Build; state: BenchState; judged: JudgedBuild } | null = null
  /** Part plans that the page has. */
  let told = new Map<string, PartPlan>()

  const carryOn = (next: Project, before?: BenchState) => {
    project = next
    state = stateOf(project, before)
  }
  const partsAt = (now: number, wanted?: (build: Build) => boolean) => {
    planned = replanParts(state, now, planned, wanted)
    return planned
  }
  const isInHand = (build: Build) => hasWorkLeft(build, state.log)
  const buildOf = (id: string) => state.project.builds?.find((build) => build.id === id)
  const hasPart = (ref: PartRef) =>
    buildOf(ref.build)?.parts.some(({ id }) => id === ref.part) ?? false

  return {
    open: (next, since = []) => {
      planned = undefined
      told = new Map()
      carryOn(applyRows(JSON.parse(next) as Project, since))
    },
    change: (writes) => carryOn(applyRows(project, writes), state),
    parts: (now) => {
      const isFirst = planned === undefined
      const { parts } = partsAt(now, isFirst ? isInHand : undefined)
      const plans = parts.map(({ plan }) => plan)
      const before = told
      told = new Map(plans.map((plan) => [key(partOf(plan)), plan]))
      return {
        order: [...told.keys()],
        changed: plans.filter((plan) => before.get(key(partOf(plan))) !== plan),
        rest: isFirst && !benchBuilds(project).every(isInHand),
      }
    },
    plan: (now, before, how, wish) => {
      const options =
        how === 'quick'
          ? { steps: QUICK, before, polish: false, first: true }
          : { steps: WHOLE, before }
      // What every part says the page has already.
      const { parts, ...plan } = planBench(state, now, { ...options, wish }, partsAt(now).parts)
      return plan
    },
    whatIf: (now, question, before) => {
      const { project: other, options } = supposed(project, question)
      return outcomeOf(
        planBench(stateOf(other, state), now, { steps: QUESTION, before, ...options }),
      )
    },
    sessionOptions: (now, plan, id, only) => sessionOptions(state, now, plan, id, only),
    judge: (ref, now, zone) => (hasPart(ref) ? judgePart(state, ref, now, newId, zone) : null),
    suppose: (id, edit, now) => {
      const build = buildOf(id)
      if (!build) return null
      if (judged?.state !== state || judged.build !== build || judged.judged.now !== now)
        judged = { build, state, judged: judgeBuild(state, build, now) }
      const result = applyEdit(build, edit, loggedIn(state.log, id), newId)
      const next = result.ok ? result.build : build
      return [...findingsOfBuild(judgeBuild(state, next, now, judged.judged))]
    },
    fault: (ref, fault, answers, now) => faultOfPart(state, ref, fault, answers, now, newId),
    cover: (ref, step, now) => (hasPart(ref) ? coverOfStep(state, ref, step, now) : null),
    propose: (build, parts, chosen, now) =>
      buildOf(build) ? addTechnique(state, build, parts, chosen, now, newId) : null,
    school: (build, question, value, now) =>
      buildOf(build) ? schoolEffect(state, build, question, value, now, newId) : null,
    cure: (film, now) => (hasPart(film) ? cureCurve(state, film, now) : null),
    face: (ref, when, now) => faceOfPart(state, ref, when, now),
    faces: (ref, now) => {
      const build = buildOf(ref.build)
      const part = build?.parts.find(({ id }) => id === ref.part)
      return build && part ? facesAlong(simulatePart(state, build, part, now)) : null
    },
    techniques: (techniques, climate, scale, areaCm2) =>
      techniques.map((technique) => techniqueNumbers(technique, climate, scale, areaCm2)),
    explain,
    usualDay: (now) => usualDay(state.room, now),
    ratios: () => ratiosOf(state),
  }
}
