'use client'

import { ToggleGroup } from 'radix-ui'
import { useMemo, useState } from 'react'
import type { BenchPlan } from '@/core/schedule'
import { usePlan, useProject } from '@/state/hooks'
import { cx } from '@/ui/cx'
import { clockTime } from '@/ui/time'
import { Lost } from '../shared/Lost'
import { Moved } from '../shared/Moved'
import { NoSessions } from '../shared/NoSessions'
import { useNow } from '../shared/now'
import { ActDetail } from './ActDetail'
import { Lanes } from './Lanes'
import { ZOOMS, type Zoom } from './lanes'
import { Outlooks } from './Outlooks'
import { PlanTable } from './PlanTable'
import { PlanTools } from './PlanTools'
import { WhatIfPanel } from './WhatIfPanel'

/** The whole bench over days and nights: lanes or a table, the act in question, and what it would be otherwise. */
export function PlanScreen() {
  const project = useProject()
  const { plan, planning, planFailed } = usePlan()
  const now = useNow(30_000)
  const [zoom, setZoom] = useState<Zoom>('week')
  const [asTable, setTable] = useState(false)
  const [chosen, choose] = useState<string | null>(null)
  return (
    <div className="p-4 lg:p-6">
      <div className="flex flex-wrap items-end justify-between gap-x-6 gap-y-3">
        <div>
          <h1 className="font-display text-4xl font-semibold">Plan</h1>
          <Summary plan={plan} planning={planning} now={now} />
        </div>
        <div className="flex flex-wrap gap-3">
          <Zooms zoom={zoom} onZoom={setZoom} />
          <button
            type="button"
            aria-pressed={asTable}
            onClick={() => setTable(!asTable)}
            className="min-h-11 rounded-tool border-2 border-strong bg-raised px-4 aria-pressed:border-act aria-pressed:bg-act-wash aria-pressed:font-semibold"
          >
            As a table
          </button>
        </div>
      </div>
      <Lost />
      <Moved />
      {planFailed && (
        <p role="alert" className="mt-4 border-l-4 border-stop pl-3">
          The plan can’t be made: {planFailed}
        </p>
      )}
      {!project.sessions ? (
        <div className="mt-6">
          <NoSessions then="the acts are laid into your evenings" />
        </div>
      ) : !plan ? (
        <p role="status" className="mt-6 text-soft">
          Planning your sessions…
        </p>
      ) : (
        <Planned {...{ plan, zoom, asTable, chosen, choose, now }} />
      )}
    </div>
  )
}

function Planned({
  plan,
  zoom,
  asTable,
  chosen,
  choose,
  now,
}: {
  plan: BenchPlan
  zoom: Zoom
  asTable: boolean
  chosen: string | null
  choose: (id: string | null) => void
  now: number
}) {
  const task = useMemo(() => plan.tasks.find((task) => task.id === chosen), [plan, chosen])
  if (plan.tasks.length === 0)
    return (
      <p className="mt-6">
        Nothing is left to do on the bench. Add steps on a build’s core sample, or start another
        build.
      </p>
    )
  return (
    <>
      <div className="mt-4">
        {asTable ? (
          <PlanTable plan={plan} chosen={chosen} onChoose={choose} now={now} />
        ) : (
          <Lanes plan={plan} zoom={zoom} chosen={chosen} onChoose={choose} now={now} />
        )}
      </div>
      <div className="mt-6 grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-8 lg:grid-cols-2">
        <ActDetail key={task?.id ?? 'none'} plan={plan} task={task ?? null} now={now} />
        <WhatIfPanel plan={plan} task={task ?? null} now={now} />
      </div>
      <Outlooks plan={plan} now={now} />
      <PlanTools plan={plan} />
    </>
  )
}

function Summary({
  plan,
  planning,
  now,
}: {
  plan: BenchPlan | null
  planning: boolean
  now: number
}) {
  const schedule = plan?.schedule
  if (!plan || !schedule) return null
  if (schedule.makespan === null)
    return <p className="text-stop">No plan keeps every window. The bench says which ones clash.</p>
  const { qualities } = schedule
  return (
    <p className="text-soft">
      Everything is done by{' '}
      <strong className="text-ink">{clockTime(plan.zero + schedule.makespan * 60_000, now)}</strong>
      {schedule.status === 'optimal' ? ', and no sooner' : ', the best so far'}
      {qualities &&
        ` · ${count(qualities.sessions, 'session')} · ${count(qualities.cleanOuts, 'clean-out')}`}
      {planning && ' · planning again'}
    </p>
  )
}

function count(n: number, what: string): string {
  return `${n} ${what}${n === 1 ? '' : 's'}`
}

function Zooms({ zoom, onZoom }: { zoom: Zoom; onZoom: (zoom: Zoom) => void }) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label="How much time is shown"
      value={zoom}
      onValueChange={(next) => next !== '' && onZoom(next as Zoom)}
      className="flex flex-wrap"
    >
      {ZOOMS.map(({ id, say }) => (
        <ToggleGroup.Item
          key={id}
          value={id}
          className={cx(
            '-ml-0.5 min-h-11 border-2 border-strong bg-raised px-3 first:ml-0 first:rounded-l-tool last:rounded-r-tool',
            'data-[state=on]:z-10 data-[state=on]:border-act data-[state=on]:bg-act-wash data-[state=on]:font-semibold',
          )}
        >
          {say}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  )
}
