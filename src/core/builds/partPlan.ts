import type { PartLog } from '../log/logIndex'
import type { StepProgress } from '../log/progress'
import type { BuildAct, BuildStep } from '../model/build'
import { coatsMeant } from '../model/coats'
import { isAct } from '../model/isAct'
import type { Zone } from '../model/zone'
import { findingsOfSimulation } from '../stack/findings'
import { closings } from '../stack/questions/closings'
import type { BuildRule, Finding, Rule, RuleName } from '../stack/rules/finding'
import { RULESET } from '../stack/rules/rules'
import { listed } from '../stack/state/words'
import { type Verdict, verdictOf } from '../stack/verdict'
import type { PlannedStep } from '../stock/partToPaint'
import { clocksOf, type DryingClock, type SettingClock, settingOf } from './clocks'
import { finalReview, type ReviewItem } from './finalReview'
import { PART_RULE_LIST } from './rules/partRules'
import { instantOf, type PartSimulation } from './simulatedPart'
import { type UndoNow, undoNow } from './undoNow'

/** Where a step of a part stands. */
export type StepStatus = PlannedStep['status']

/** One step of a part: where it stands, and when it would be done if hands were always free. */
export type StepPlan = {
  step: string
  status: StepStatus
  coats: number
  coatsDone: number
  from: number
  to: number
}

/** The act that is next on a part: from when, and until when. Instants in epoch milliseconds. */
export type NextAct = {
  step: string
  /** Coat to lay, from 1; null for an act without coats. */
  coat: number | null
  coats: number
  readyAt: number
  because: string | null
  /** End of its window; null: whenever. */
  closesAt: number | null
  closesBecause: string | null
}

/** A finding at a step of the build. */
export type PartFinding = Omit<Finding, 'step' | 'rule' | 'follows' | 'remedies' | 'regions'> & {
  step: string
  rule: RuleName | BuildRule
  /** The zones that it is about; empty: all that the step is for. */
  zones: string[]
  /** The finding that it only follows from. */
  follows: { step: string; rule: RuleName } | null
  /** Index in the part's walked sequence, the one that edits speak of. */
  index: number
  /** What its rule speaks of where that is no film. */
  subject: Rule['subject'] | null
  /** Why the modeller takes it as it is; null: nobody has. */
  accepted: string | null
}

/** Everything that is known of one part. */
export type PartPlan = {
  build: string
  part: string
  verdict: Verdict
  findings: PartFinding[]
  steps: StepPlan[]
  clocks: DryingClock[]
  /** Filler or glue that sets; null: none does. */
  setting: SettingClock | null
  next: NextAct | null
  /** How the newest film comes off again. */
  undo: UndoNow | null
  /** How it stands to its use once everything meant is done. */
  review: ReviewItem[]
}

/** What a simulated part says: findings, clocks and the next act. */
export function partPlanOf(simulated: PartSimulation, log: PartLog, now: number): PartPlan {
  const findings = findingsOf(simulated)
  return {
    build: simulated.build.id,
    part: simulated.part.id,
    verdict: verdictOf(findings.filter((finding) => finding.accepted === null)),
    findings,
    steps: stepPlans(simulated, log),
    clocks: clocksOf(simulated, now),
    setting: settingOf(simulated, now),
    next: nextAct(simulated),
    undo: undoNow(simulated, now),
    review: finalReview(simulated),
  }
}

/** Findings of what is still to do: what is done is history. */
export function findingsOf(simulated: PartSimulation): PartFinding[] {
  return [...findingsOfWalk(simulated), ...findingsOfPart(simulated)]
}

function findingsOfWalk(simulated: PartSimulation): PartFinding[] {
  return findingsOfSimulation(simulated.simulation).flatMap((finding) => {
    const entry = simulated.entries[finding.step]
    if (!entry || entry.fact) return []
    const { step: index, follows, remedies, regions, ...rest } = finding
    const zones = zonesNamed(simulated, index, regions)
    const head = follows && simulated.entries[follows.step]
    return [
      {
        ...rest,
        because:
          zones.length > 0
            ? `${listed(zones.map(({ name }) => name))}: ${rest.because}`
            : rest.because,
        zones: zones.map(({ id }) => id),
        follows: follows && head && !head.fact ? { ...follows, step: head.step.id } : null,
        step: entry.step.id,
        index,
        subject: RULESET.byName.get(rest.rule)?.subject ?? null,
        accepted: acceptedAs(entry.step, rest.rule),
      },
    ]
  })
}

/** What is said of the part as a thing, at steps that are still to do. */
function findingsOfPart(simulated: PartSimulation): PartFinding[] {
  const { entries } = simulated
  return PART_RULE_LIST.flatMap(({ name, judge }) =>
    judge(simulated).flatMap((told): PartFinding[] => {
      const index = entries.findIndex((entry) => entry.step.id === told.step && !entry.fact)
      const entry = entries[index]
      if (!entry) return []
      const accepted = acceptedAs(entry.step, name)
      return [{ ...told, index, rule: name, on: {}, follows: null, subject: null, accepted }]
    }),
  )
}

/** The zones of some regions; none where it is all that the step is for. */
function zonesNamed(
  { regions, options, sequence }: PartSimulation,
  index: number,
  some: Finding['regions'],
): Zone[] {
  const step = sequence.steps[index]
  if (!regions || !some || !step || !isAct(step)) return []
  if (options.regions?.of(step).every((id) => some.includes(id))) return []
  return regions.filter(({ id }) => some.includes(id)).flatMap(({ zones }) => zones)
}

function acceptedAs(step: BuildStep, rule: string): string | null {
  const accepted = 'accepted' in step ? (step.accepted as BuildAct['accepted']) : undefined
  return accepted?.find((acceptance) => acceptance.rule === rule)?.reason ?? null
}

function stepPlans(simulated: PartSimulation, { steps }: PartLog): StepPlan[] {
  const plans = new Map<string, StepPlan>()
  let open = true
  for (const { index, context, ends } of simulated.simulation.simulated) {
    const entry = simulated.entries[index]
    if (!entry) continue
    const id = entry.step.id
    const known = steps.get(id)
    const done = known?.coatEnds.length ?? 0
    const meant = Math.max(coatsMeant(entry.step, simulated.part.id), done)
    const status = statusOf(known, done >= meant, open)
    if (!entry.fact) open = false
    const from = instantOf(context.at)
    const to = instantOf(ends.at(-1) ?? context.at)
    const before = plans.get(id)
    plans.set(id, {
      step: id,
      status,
      coats: meant,
      coatsDone: done,
      from: before?.from ?? from,
      to,
    })
  }
  simulated.entries.forEach((entry, index) => {
    if (simulated.options.facts?.get(index) !== 'skipped') return
    const skippedAt = steps.get(entry.step.id)?.finishedAt ?? 0
    plans.set(entry.step.id, {
      step: entry.step.id,
      status: 'skipped',
      coats: coatsMeant(entry.step, simulated.part.id),
      coatsDone: 0,
      from: skippedAt,
      to: skippedAt,
    })
  })
  return [...plans.values()]
}

/** A step of which every coat is laid is done, whether or not the log says that it was finished. */
function statusOf(known: StepProgress | undefined, all: boolean, open: boolean): StepStatus {
  if (known?.status === 'running') return all ? 'done' : 'running'
  return known?.status ?? (open ? 'next' : 'planned')
}

function nextAct(simulated: PartSimulation): NextAct | null {
  const first = simulated.simulation.simulated.find(
    (entry) => !simulated.entries[entry.index]?.fact,
  )
  const entry = first && simulated.entries[first.index]
  if (!first || !entry) return null
  const wait = simulated.simulation.waits.find((wait) => wait.before === first.index)
  const closing = simulated.simulation.simulated
    .filter(({ index }) => index === first.index)
    .flatMap(({ context }) => closings(context))
    .sort((a, b) => a.at - b.at)[0]
  const coats = coatsMeant(entry.step, simulated.part.id)
  const laysCoats = isAct(entry.step) && first.context.resolved.row.kind === 'film'
  return {
    step: entry.step.id,
    coat: laysCoats ? entry.coatsBefore + 1 : null,
    coats,
    readyAt: instantOf(first.context.at),
    because: wait?.because ?? null,
    closesAt: closing ? instantOf(closing.at) : null,
    closesBecause: closing?.because ?? null,
  }
}
