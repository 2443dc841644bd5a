import { type StepPlan, stagesOf } from '@/core/builds'
import { STAGE_NAMES, type Stage } from '@/core/knowledge'
import type { Build, BuildStep } from '@/core/model/build'
import { isAct } from '@/core/model/isAct'
import type { PlannedAt } from '@/core/schedule'
import { resolveStep } from '@/core/stack'
import type { SampleRow } from '@/ui/CoreSample'
import type { FilmBandProps } from '@/ui/FilmBand'
import { clockTime } from '@/ui/time'
import { stepName } from '../shared/words'
import type { ShownPart } from './judged'
import { stepDetail } from './stepDetail'

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
  let face: FilmBandProps | null = null
  const stages = stageById(build, judged.order)
  return judged.order.flatMap((id): SampleRow[] => {
    const step = build.steps.find((step) => step.id === id)
    if (!step || seen.has(id)) return []
    seen.add(id)
    const plan = judged.plan.steps.find((step) => step.step === id)
    const status = plan?.status ?? 'planned'
    const done = status === 'done' || status === 'skipped'
    const band = bandOf(step, judged, done, now)
    const under = face
    if (band && !band.patchy) face = band
    return [
      {
        id,
        name: isAct(step) ? stepName(step) : `Wait ${step.wait}`,
        detail: step.note ? `${stepDetail(step)} · ${step.note}` : stepDetail(step),
        ...whenOf(plan, planned(id), now),
        band,
        under,
        coats: isAct(step) ? (step.coats?.length ?? 1) : 1,
        done,
        current: status === 'next' || status === 'running',
        findings: findings(id),
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

/** The film a step lays, as a band; null for an act that lays none. */
function bandOf(
  step: BuildStep,
  judged: ShownPart,
  done: boolean,
  now: number,
): FilmBandProps | null {
  if (!isAct(step)) return null
  const work = resolveStep(step, null)
  if (work.row.kind !== 'film' && work.row.kind !== 'mask') return null
  const clock = judged.plan.clocks.find((clock) => clock.step === step.id)
  const cured = clock?.milestones.find((milestone) => milestone.point === 'cured')?.at
  const settled =
    clock && cured ? Math.min(1, Math.max(0, (now - clock.from) / (cured - clock.from))) : 1
  return {
    family: work.family,
    colour: step.colour ?? null,
    sheen: work.row.kind === 'film' ? work.sheen : null,
    patchy: work.coverage === 'patchy',
    settled: done || clock ? settled : 'planned',
  }
}
