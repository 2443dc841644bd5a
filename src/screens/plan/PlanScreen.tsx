'use client'

import { parseAsBoolean, parseAsString, parseAsStringLiteral, useQueryStates } from 'nuqs'
import { Suspense, useMemo } from 'react'
import { counted } from '@/core/model/counted'
import type { BenchPlan, ScheduledTask } from '@/core/schedule'
import { usePlan, useProject } from '@/state/hooks'
import { clockTime } from '@/ui/time'
import { NARROW, useMedia } from '@/ui/useMedia'
import { Views } from '@/ui/Views'
import { Lost } from '../shared/Lost'
import { Moved } from '../shared/Moved'
import { NoSessions } from '../shared/NoSessions'
import { NotHere } from '../shared/NotHere'
import { useNow } from '../shared/now'
import { OnDemand } from '../shared/OnDemand'
import { usePiece } from '../shared/usePiece'
import { ActDetail } from './ActDetail'
import { PlanTools } from './PlanTools'
import { loadEvenings } from './pieces'
import { WhatIfPanel } from './WhatIfPanel'
import { ZOOMS, type Zoom } from './zooms'

const loadOutlooks = () => import('./Outlooks')
const loadSheet = () => import('@/ui/Sheet')
const loadLanes = () => import('./Lanes')
const loadTable = () => import('./PlanTable')

/** Evening by evening, or along the calendar with so much time in view. */
type View = 'evenings' | Zoom

/** What the address tells of it: a link or a reload leads back to the same. */
const ADDRESS = {
  view: parseAsStringLiteral(['evenings', ...ZOOMS.map(({ id }) => id)]).withDefault('evenings'),
  table: parseAsBoolean.withDefault(false),
  task: parseAsString,
}

export function PlanScreen() {
  return (
    <Suspense>
      <Plan />
    </Suspense>
  )
}

/** What draws the plan the way it is looked at: asked for with the page, and there before the plan is. */
function useWays(view: View, asTable: boolean) {
  const evenings = usePiece(loadEvenings, !asTable && view === 'evenings', null)
  const lanes = usePiece(loadLanes, !asTable && view !== 'evenings', null)
  const table = usePiece(loadTable, asTable, null)
  return {
    evenings: evenings.piece,
    lanes: lanes.piece,
    table: table.piece,
    again: evenings.again ?? lanes.again ?? table.again,
  }
}

/** The whole bench over days and nights: lanes or a table, the act in question, and what it would be otherwise. */
function Plan() {
  const project = useProject()
  const { plan, planning, planFailed } = usePlan()
  const now = useNow(30_000)
  const [{ view, table: asTable, task: chosen }, setAddress] = useQueryStates(ADDRESS)
  const ways = useWays(view, asTable)
  const setView = (next: View) => void setAddress({ view: next })
  const setTable = (next: boolean) => void setAddress({ table: next })
  const choose = (next: string | null) => void setAddress({ task: next })
  return (
    <div className="p-4 lg:p-6">
      <div className="flex flex-wrap items-end justify-between gap-x-6 gap-y-3">
        <div>
          <h1 className="font-display text-4xl font-semibold">Plan</h1>
          <Summary plan={plan} planning={planning} now={now} />
        </div>
        <div className="flex min-w-0 flex-wrap gap-3">
          <Views label="How the plan is shown" views={VIEWS} view={view} onView={setView} />
          <button
            type="button"
            aria-pressed={asTable}
            onClick={() => setTable(!asTable)}
            className="key min-h-11 px-4"
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
          <NoSessions then="your steps are planned into your evenings" />
        </div>
      ) : !plan ? (
        <PlanComing />
      ) : (
        <Planned
          {...{ plan, ways, view, chosen, choose, now }}
          onCloser={() => setView('evenings')}
        />
      )}
    </div>
  )
}

function Planned({
  plan,
  ways: { evenings, lanes, table, again },
  view,
  chosen,
  choose,
  onCloser,
  now,
}: {
  plan: BenchPlan
  ways: ReturnType<typeof useWays>
  view: View
  chosen: string | null
  choose: (id: string | null) => void
  /** Several acts lie too close to be told apart: they are looked at evening by evening. */
  onCloser: () => void
  now: number
}) {
  const narrow = useMedia(NARROW)
  const task = useMemo(
    () => plan.tasks.find((task) => task.id === chosen) ?? (narrow ? undefined : firstOf(plan)),
    [plan, chosen, narrow],
  )
  const close = () => choose(null)
  const shown = { plan, chosen: task?.id ?? null, now }
  const gone = chosen !== null && !plan.tasks.some(({ id }) => id === chosen)
  const story =
    narrow && gone ? (
      <p className="text-soft">This step isn’t in the plan: it is done, or it was removed.</p>
    ) : (
      <ActDetail key={task?.id ?? 'none'} plan={plan} task={task ?? null} now={now} />
    )
  if (plan.tasks.length === 0)
    return (
      <p className="mt-6">
        Nothing is left to do on the bench. Add steps on a build’s core sample, or start another
        build.
      </p>
    )
  return (
    <>
      <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-x-6 gap-y-8 lg:grid-cols-[minmax(0,1fr)_20rem]">
        {table ? (
          <table.PlanTable {...shown} onChoose={choose} />
        ) : evenings ? (
          <evenings.Evenings {...shown} onChoose={choose} />
        ) : lanes && view !== 'evenings' ? (
          <lanes.Lanes
            {...shown}
            zoom={view}
            onChoose={(id, closer) => {
              choose(id)
              if (closer) onCloser()
            }}
          />
        ) : again ? (
          <NotHere says="The plan can’t be shown that way just now." onAgain={again} />
        ) : (
          <Blocks />
        )}
        {narrow ? (
          (task || gone) && (
            <OnDemand
              load={loadSheet}
              failed="What is known of the step couldn’t be opened. Choose it once more."
              onClose={close}
            >
              {({ Sheet }) => (
                <Sheet title="The chosen step" onClose={close}>
                  {story}
                </Sheet>
              )}
            </OnDemand>
          )
        ) : (
          <div className="min-w-0 lg:sticky lg:top-4 lg:max-h-[calc(100dvh-2rem)] lg:self-start lg:overflow-y-auto">
            {story}
          </div>
        )}
      </div>
      <div className="mt-8 grid grid-cols-[minmax(0,1fr)] gap-8">
        <WhatIfPanel plan={plan} task={task ?? null} now={now} />
        <OnDemand load={loadOutlooks} failed="What is left of each build can’t be had just now.">
          {({ Outlooks }) => <Outlooks plan={plan} now={now} />}
        </OnDemand>
      </div>
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
        ` · ${counted(qualities.sessions, 'session')} · ${counted(qualities.cleanOuts, 'clean-out')}`}
      {planning && ' · planning again'}
    </p>
  )
}

const COMING = ['a', 'b', 'c', 'd', 'e'] as const

/** Where the evenings will stand, while they are planned. */
function PlanComing() {
  return (
    <>
      <p role="status" className="mt-6 text-soft">
        Planning your sessions…
      </p>
      <div className="mt-4">
        <Blocks />
      </div>
    </>
  )
}

/** Blocks without words, where a plan will stand. */
function Blocks() {
  return (
    <div aria-hidden="true" className="flex gap-8 overflow-hidden">
      {[5, 3, 4, 2].map((blocks) => (
        <div key={blocks} className="w-56 shrink-0">
          <div className="mb-2 h-8 w-32 bg-plate" />
          {COMING.slice(0, blocks).map((block) => (
            <div key={block} className="my-1 h-12 bg-plate" />
          ))}
        </div>
      ))}
    </div>
  )
}

/** What is done first. */
function firstOf({ tasks }: BenchPlan): ScheduledTask | undefined {
  return tasks
    .filter(({ start }) => start !== null)
    .reduce<ScheduledTask | undefined>(
      (first, task) => (!first || (task.start ?? 0) < (first.start ?? 0) ? task : first),
      undefined,
    )
}

const VIEWS: readonly { id: View; say: string }[] = [{ id: 'evenings', say: 'Evenings' }, ...ZOOMS]
