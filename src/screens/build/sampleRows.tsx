import { type StepPlan, stagesOf } from '@/core/builds'
import { STAGE_NAMES, type Stage } from '@/core/knowledge'
import type { Build, BuildStep } from '@/core/model/build'
import { isAct } from '@/core/model/isAct'
import type { SectionStep } from '@/core/model/section'
import type { PlannedAt } from '@/core/schedule'
import { resolveStep } from '@/core/stack'
import type { SampleRow } from '@/ui/section/row'
import type { SectionFilm } from '@/ui/section/SectionDrawing'
import { clockTime } from '@/ui/time'
import { stepName } from '../shared/words'
import type { ShownPart } from './judged'
import { stepDetail } from './stepDetail'
import { zonesSaid } from './zonesSaid'

const MINUTE = 60_000

/** The steps of a part as rows of the core sample, in order of work: what is done first. */
export function sampleRows(
  build: Build,
  judged: ShownPart,
  now: number,
  planned: (step: string) => PlannedAt | null,
  findings: (step: string) => React.ReactNode,
): SampleRow[] {
  const seen = new Set<string>()
  const stages = stageById(build, judged.order)
  const section = new Map(judged.section.map((step) => [step.step, step]))
  return judged.order.flatMap((id): SampleRow[] => {
    const step = build.steps.find((step) => step.id === id)
    if (!step || seen.has(id)) return []
    seen.add(id)
    const plan = judged.plan.steps.find((step) => step.step === id)
    const status = plan?.status ?? 'planned'
    const done = status === 'done' || status === 'skipped'
    return [
      {
        id,
        name: isAct(step) ? stepName(step) : `Wait ${step.wait}`,
        detail: [zonesSaid(build, step), stepDetail(step), step.note].filter(Boolean).join(' · '),
        ...whenOf(plan, planned(id), now),
        film: filmOf(step, section.get(id), judged, done, now),
        done,
        current: status === 'next' || status === 'running',
        findings: findings(id),
        worst: worstAt(judged, id),
        stage: STAGE_NAMES[stages.get(id) ?? 13],
      },
    ]
  })
}

/** The stage of work of every step, by its id. */
function stageById(build: Build, order: readonly string[]): Map<string, Stage> {
  const steps = order.flatMap((id) => build.steps.find((step) => step.id === id) ?? [])
  const stages = stagesOf(steps)
  return new Map(steps.map((step, i) => [step.id, stages[i] ?? 13]))
}

/** When it is: as planned, and the earliest beside it where that is another time. */
function whenOf(
  plan: StepPlan | undefined,
  at: PlannedAt | null,
  now: number,
): Pick<SampleRow, 'when' | 'soonest'> {
  const only = (when: string) => ({ when, soonest: null })
  if (!plan) return only('')
  if (plan.status === 'skipped') return only('skipped')
  if (plan.status === 'done') return only(`done ${clockTime(plan.to, now)}`)
  if (plan.status === 'running') return only(`coat ${plan.coatsDone + 1} of ${plan.coats}`)
  const ready = plan.from <= now + MINUTE
  const first = plan.status === 'next' ? 'now' : 'then'
  if (!at) return only(ready ? first : `from ${clockTime(plan.from, now)}`)
  const when = clockTime(at.from, now)
  if (Math.abs(at.from - Math.max(plan.from, now)) < MINUTE) return only(when)
  return { when, soonest: ready ? 'ready now' : `earliest ${clockTime(plan.from, now)}` }
}

/** The gravest that is wrong at a step and not accepted; null: nothing, or no more than a note. */
function worstAt({ findings }: ShownPart, id: string): SampleRow['worst'] {
  const open = findings.filter(
    ({ step, accepted, follows, subject }) =>
      step === id && accepted === null && follows === null && subject !== 'caution',
  )
  return (['stop', 'risk'] as const).find((grave) => open.some((f) => f.severity === grave)) ?? null
}

/** What a step adds to the section, and how that looks. */
function filmOf(
  step: BuildStep,
  section: SectionStep | undefined,
  judged: ShownPart,
  done: boolean,
  now: number,
): SectionFilm {
  const clock = judged.plan.clocks.find((clock) => clock.step === step.id)
  const cured = clock?.milestones.find((milestone) => milestone.point === 'cured')?.at
  const settled =
    clock && cured ? Math.min(1, Math.max(0, (now - clock.from) / (cured - clock.from))) : 1
  const family = isAct(step) ? resolveStep(step, null).family : null
  const colour = isAct(step) ? (step.colour ?? null) : null
  return {
    // What lies on other zones than the core is taken through isn't in it, and has its own colour.
    ...(section ?? { ...NOTHING, seen: colour }),
    id: step.id,
    family,
    colour,
    settled: done || clock ? settled : 'planned',
  }
}

/** A step of which the section isn't known yet. */
const NOTHING = {
  does: null,
  place: 'face',
  coats: [],
  onFace: 1,
  translucent: false,
  seen: null,
  sheen: null,
  downTo: null,
} as const
