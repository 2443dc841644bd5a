import { actRow, laysClear, laysLining } from '../knowledge/acts'
import { patchBetween } from '../model/applyEdit'
import type { Build, BuildStep } from '../model/build'
import type { Edit } from '../model/edit'
import { isAct } from '../model/isAct'
import type { ActStep, School } from '../model/sequence'
import type { SchoolQuestion } from '../model/vocabulary'
import { findingsOfSimulation } from '../stack/findings'
import type { BenchState } from './benchState'
import { stagesOf } from './orderOfWork'
import { simulatePart } from './partSimulation'

/** What another school would change in a build: the build as it would be, clears and minutes against now. */
export type SchoolEffect = {
  build: Build
  /** What leads there. */
  edit: Edit
  /** Clears more or fewer, over all parts. */
  clears: number
  /** Minutes until the last part is done, more or fewer. */
  minutes: number
  /** Stops and risks more or fewer. */
  findings: number
}

/** The school with one question answered otherwise. */
export function withSchool(
  school: School | undefined,
  question: SchoolQuestion,
  value: string,
): School {
  return { ...school, [question]: value } as School
}

/**
 * What choosing a school would do. The surface of the lining moves clears: under satin the gloss before the lining becomes
 * satin and stands in for a lock that only repeats it; under matt it goes; back to gloss it is laid again. The other
 * questions change what is said, not what is laid.
 *
 * @throws RangeError if the project has no such build
 * Source: handbook 1, schools.
 */
export function schoolEffect(
  state: BenchState,
  buildId: string,
  question: SchoolQuestion,
  value: string,
  now: number,
  id: () => string,
): SchoolEffect {
  const build = state.project.builds?.find((build) => build.id === buildId)
  if (!build) throw new RangeError(`schoolEffect: no build "${buildId}"`)
  const school = withSchool(build.school, question, value)
  const chosen: Build = { ...build, school }
  const laid = question === 'liningSurface' ? relaid(state, chosen, value, now, id) : chosen
  const before = figures(state, build, now)
  const after = figures(state, laid, now)
  return {
    build: laid,
    edit: patchBetween(build, laid),
    clears: after.clears - before.clears,
    minutes: after.minutes - before.minutes,
    findings: after.findings - before.findings,
  }
}

function figures(state: BenchState, build: Build, now: number) {
  const walks = build.parts.map((part) => simulatePart(state, build, part, now))
  const findings = walks.flatMap((simulation) => findingsOfSimulation(simulation.simulation))
  return {
    clears: build.steps
      .filter((step) => isAct(step) && laysClear(step))
      .reduce((sum, step) => sum + step.parts.length, 0),
    minutes: Math.max(0, ...walks.map((simulation) => simulation.simulation.total)),
    findings: findings.filter((finding) => finding.severity !== 'note').length,
  }
}

/** The clears before the lining as the school wants them; what is done stays as it is. */
function relaid(
  state: BenchState,
  build: Build,
  surface: string,
  now: number,
  id: () => string,
): Build {
  const done = new Set(
    build.parts.flatMap((part) =>
      simulatePart(state, build, part, now)
        .entries.filter((entry) => entry.fact)
        .map((entry) => entry.step.id),
    ),
  )
  if (surface === 'gloss') return glossed(build, done, id)
  const flow = clearsForFlow(build).filter((step) => !done.has(step.id))
  const ids = new Set(flow.map((step) => step.id))
  const satin = build.steps.map(
    (step): BuildStep =>
      ids.has(step.id) && isAct(step) && surface === 'satin' ? { ...step, sheen: 'satin' } : step,
  )
  const steps = surface === 'matt' ? satin.filter((step) => !ids.has(step.id)) : satin
  return surface === 'satin' ? withoutRepeatedLock({ ...build, steps }, done) : { ...build, steps }
}

/** Clears that are laid for the lining, on any part. */
function clearsForFlow(build: Build): BuildStep[] {
  const found = new Map<string, BuildStep>()
  for (const part of build.parts) {
    const steps = build.steps.filter((step) => step.parts.includes(part.id))
    const stages = stagesOf(steps)
    steps.forEach((step, i) => {
      const lines = steps.slice(i + 1).find((step) => isAct(step) && !laysClear(step))
      const forLining = lines && isAct(lines) && laysLining(lines)
      if (isAct(step) && laysClear(step) && stages[i] === 7 && forLining) found.set(step.id, step)
    })
  }
  return [...found.values()]
}

/** A satin lock right after the lining repeats the satin under it; the last clear of a part stays. */
function withoutRepeatedLock(build: Build, done: ReadonlySet<string>): Build {
  const steps = build.steps.filter((step, i) => {
    if (!isAct(step) || !laysClear(step) || step.sheen !== 'satin' || done.has(step.id)) return true
    return step.parts.some((part) => {
      const own = build.steps.filter((step) => step.parts.includes(part))
      const at = own.indexOf(step)
      const behindLining = own[at - 1]
      const isLast = !own.slice(at + 1).some((step) => isAct(step) && laysClear(step))
      const repeats = behindLining && isAct(behindLining) && cleansLining(behindLining)
      return isLast || !repeats || i < 0
    })
  })
  return { ...build, steps }
}

/** Gloss before every lining: what is satin there becomes gloss, and where nothing lies it is laid. */
function glossed(build: Build, done: ReadonlySet<string>, id: () => string): Build {
  const flow = new Set(clearsForFlow(build).map((step) => step.id))
  let steps = build.steps.map(
    (step): BuildStep =>
      flow.has(step.id) && !done.has(step.id) && isAct(step) ? { ...step, sheen: 'gloss' } : step,
  )
  const bare = build.parts.filter((part) => {
    const own = steps.filter((step) => step.parts.includes(part.id))
    const line = own.findIndex((step) => isAct(step) && laysLining(step))
    return (
      line >= 0 &&
      !own.slice(0, line).some((step) => flow.has(step.id)) &&
      !done.has(own[line]?.id ?? '')
    )
  })
  if (bare.length === 0) return { ...build, steps }
  const parts = bare.map((part) => part.id)
  const first = steps.findIndex(
    (step) => isAct(step) && laysLining(step) && step.parts.some((part) => parts.includes(part)),
  )
  const clear: BuildStep = {
    id: id(),
    parts,
    do: 'clear',
    family: 'lacquer',
    sheen: 'gloss',
    coats: ['mist', 'light'],
  }
  steps = [...steps.slice(0, first), clear, ...steps.slice(first)]
  return { ...build, steps }
}

function cleansLining({ do: act, family }: ActStep): boolean {
  const { kind, effect } = actRow(act, family)
  return kind === 'clean' && effect === 'lining'
}
