'use client'

import { useState } from 'react'
import { type BenchPlan, PLAN_WISHES, type PlanOutcome, type PlanWish } from '@/core/schedule'
import { useAsked } from '@/state/hooks'
import { useReadable } from '@/state/readable'
import { wish } from '@/state/wish'
import { Button } from '@/ui/Button'
import { clockTime } from '@/ui/time'
import { sayFinish } from '../shared/planWords'

const WISH_WORDS: Record<PlanWish, string> = {
  finish: 'Done soonest',
  'evening-a-day': 'An evening saved for a day',
  evenings: 'Fewest evenings',
  'clean-outs': 'Fewest clean-outs',
}

type Costs = ReadonlyMap<PlanWish, PlanOutcome>

/** What the plan seeks, and what each of its wishes would come to. */
export function Wishes({ plan, now }: { plan: BenchPlan; now: number }) {
  const chosen = useReadable(wish) ?? 'finish'
  const [asking, setAsking] = useState(false)
  const { answer, stale, failed } = useAsked<[PlanWish, PlanOutcome][]>(
    asking
      ? async (worker) => {
          const costs: [PlanWish, PlanOutcome][] = []
          for (const one of PLAN_WISHES)
            costs.push([one, await worker.whatIf(plan.now, { kind: 'wish', wish: one }, plan)])
          return costs
        }
      : null,
    [asking, plan],
  )
  const costs: Costs = new Map(stale ? [] : (answer ?? []))
  return (
    <fieldset className="min-w-0">
      <legend className="mb-1 text-sm font-semibold text-soft">Optimise for</legend>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-2 sm:grid-cols-2 xl:grid-cols-4">
        {PLAN_WISHES.map((one) => (
          <label
            key={one}
            className={`block cursor-pointer border-t-4 pt-1.5 ${one === chosen ? 'border-act' : 'border-rule'}`}
          >
            <span className="flex min-h-11 items-center gap-2">
              <input
                type="radio"
                name="plan-wish"
                className="size-5 accent-current"
                checked={one === chosen}
                onChange={() => wish.set(one)}
              />
              <span className={one === chosen ? 'font-semibold' : ''}>{WISH_WORDS[one]}</span>
            </span>
            <Cost outcome={costs.get(one)} soonest={costs.get('finish')} now={now} />
          </label>
        ))}
      </div>
      {costs.size === 0 && (
        <div className="mt-2">
          <Button onClick={() => setAsking(true)} disabled={asking && !failed}>
            {asking && !failed ? 'Planning each of them…' : 'What would each cost?'}
          </Button>
          {failed && <p className="mt-1 text-stop">That can’t be told: {failed}</p>}
        </div>
      )}
    </fieldset>
  )
}

function Cost({
  outcome,
  soonest,
  now,
}: {
  outcome: PlanOutcome | undefined
  soonest: PlanOutcome | undefined
  now: number
}) {
  if (!outcome || !soonest) return null
  const later = sayFinish(soonest.finish, outcome.finish)
  return (
    <span className="block text-sm text-soft">
      <span className="block text-ink">
        {outcome.finish === null ? 'no plan' : clockTime(outcome.finish, now)}
        {outcome !== soonest && later ? `, ${later}` : ''}
      </span>
      {outcome.sessions ?? '—'} evenings, {outcome.cleanOuts ?? '—'} clean-outs
    </span>
  )
}
