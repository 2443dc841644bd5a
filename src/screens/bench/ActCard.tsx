'use client'

import { Maximize } from 'lucide-react'
import { useRouter } from 'next/navigation'
import type { PartPlan } from '@/core/builds'
import { isAct } from '@/core/model/isAct'
import type { Project } from '@/core/model/project'
import { partOf } from '@/core/model/stepRef'
import { useParts, useProject } from '@/state/hooks'
import { Button } from '@/ui/Button'
import { ClockFigure } from '@/ui/ClockFigure'
import { clockTime, sayFigures } from '@/ui/time'
import { faultHref } from '../shared/faultHref'
import { useHotkeys } from '../shared/hotkeys'
import { useNow } from '../shared/now'
import type { NamedItem } from '../shared/useBenchQueue'
import { stepName } from '../shared/words'
import { ActButtons } from './ActButtons'
import { StepFacts } from './StepFacts'
import { UndoFacts } from './UndoFacts'
import { useAlong } from './useAlong'
import { useStep } from './useStep'

/** The step in hand: what, on what, until when; the buttons; the facts of the step. */
export function ActCard({
  item,
  onAway,
  onTyping,
}: {
  item: NamedItem
  onAway: () => void
  /** Something is being typed about this item, or nothing any more. */
  onTyping: (item: NamedItem | null) => void
}) {
  const now = useNow()
  const parts = useParts()
  const project = useProject()
  const along = useAlong(item)
  const found = useStep(item, along.chosen)
  const router = useRouter()
  const wentWrong = () => router.push(faultHref({ of: partOf(item) }))
  useHotkeys(new Map([['x', wentWrong]]))
  if (!found) return null
  const { step, card } = found
  const { next } = item
  const plan = parts.find((part) => part.build === item.build && part.part === item.part)
  const warnings = (plan?.findings ?? []).filter(
    (finding) =>
      finding.step === next.step && finding.severity !== 'note' && finding.follows === null,
  )
  return (
    <section aria-label="The step in hand" className="border-t-4 border-ink pt-4">
      <div className="grid gap-x-8 gap-y-4 md:grid-cols-[minmax(0,1fr)_auto]">
        <div className="min-w-0">
          <h2 className="font-display text-4xl font-semibold">{stepName(step)}</h2>
          <p className="mt-1 text-lg">
            {item.partName} <span className="text-soft">· {item.buildName}</span>
          </p>
          {next.coat !== null && next.coats > 1 && (
            <Coats coat={next.coat} weights={step.coats ?? []} colour={step.colour ?? null} />
          )}
          <p className="mt-3 max-w-prose">{card.guide.how}</p>
        </div>
        <div>
          <Clocks item={item} now={now} />
          <div className="mt-3 flex flex-wrap gap-2">
            <Button hotkey="A" onClick={onAway}>
              <Maximize className="size-4" aria-hidden="true" /> At arm’s length
            </Button>
            <Button hotkey="X" onClick={wentWrong}>
              Something is wrong
            </Button>
          </div>
        </div>
      </div>
      {item.kind === 'drying' && next.because && (
        <p className="mt-3 max-w-prose text-soft">{next.because}</p>
      )}
      {warnings.map((warning) => (
        <p key={warning.rule} className="mt-3 max-w-prose border-l-4 border-risk pl-3">
          {warning.because}
        </p>
      ))}
      <ActButtons
        item={item}
        step={step}
        cautions={card.cautions}
        along={along}
        onTyping={onTyping}
      />
      <StepFacts
        card={card}
        step={step}
        mixedFor={found.mixedFor}
        then={whatThen(plan, next.step, project)}
      />
      {plan?.undo && <UndoFacts undo={plan.undo} now={now} />}
    </section>
  )
}

/** What comes after this step on the part, and how long it waits at the soonest; null when nothing does. */
function whatThen(plan: PartPlan | undefined, step: string, project: Project): string | null {
  const at = plan?.steps.findIndex((otherStep) => otherStep.step === step) ?? -1
  const here = plan?.steps[at]
  const next = plan?.steps[at + 1]
  const meant = project.builds
    ?.find((build) => build.id === plan?.build)
    ?.steps.find((step) => step.id === next?.step)
  if (!here || !next || !meant || !isAct(meant)) return null
  const wait = next.from - here.to
  const name = stepName(meant).toLowerCase()
  return wait < 60_000 ? `At once: ${name}` : `Wait ${sayFigures(wait)}, then ${name}`
}

function Clocks({ item, now }: { item: NamedItem; now: number }) {
  const { next } = item
  const closing = next.closesAt !== null && next.closesAt > now
  if (next.readyAt > now)
    return (
      <div>
        <ClockFigure size="large" at={next.readyAt} now={now} label="May be done in" over="Now" />
      </div>
    )
  return closing && next.closesAt !== null ? (
    <div>
      <ClockFigure
        size="large"
        closing={item.kind === 'closing'}
        at={next.closesAt}
        now={now}
        label="Window closes in"
        over="Closed"
      />
      {next.closesBecause && (
        <p className="max-w-64 text-sm text-soft">
          {next.closesBecause.replace(/^the /, 'The ')} ({clockTime(next.closesAt, now)}).
        </p>
      )}
    </div>
  ) : (
    <p className="font-display text-5xl font-semibold text-act">Now</p>
  )
}

function Coats({
  coat,
  weights,
  colour,
}: {
  coat: number
  weights: readonly string[]
  colour: string | null
}) {
  const keys = weights.map((weight, i) => ({ weight, n: i + 1 }))
  return (
    <ol className="mt-3 flex flex-wrap gap-1.5" aria-label={`Coat ${coat} of ${weights.length}`}>
      {keys.map(({ weight, n }) => (
        <li
          key={n}
          className={
            n === coat
              ? 'bg-ink px-2.5 py-1 font-semibold text-surface'
              : 'bg-plate px-2.5 py-1 text-soft'
          }
        >
          <span
            className="mr-2 inline-block h-3 w-3 border border-ink/40 align-[-1px]"
            style={n < coat && colour ? { background: colour } : undefined}
            aria-hidden="true"
          />
          {n} {weight}
          {n < coat && <span className="sr-only"> done</span>}
        </li>
      ))}
    </ol>
  )
}
