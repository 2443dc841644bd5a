'use client'

import { useMemo, useState } from 'react'
import {
  type BenchPlan,
  chainOf,
  finishOf,
  type ScheduledTask,
  type SessionOption,
} from '@/core/schedule'
import { Button } from '@/ui/Button'
import { clockTime, sayFigures } from '@/ui/time'
import { useBench } from '../shell/BenchContext'
import { capital } from '../words'
import { actOnPart, namesOf, taskName } from './names'
import { pinId, pinWrite } from './pinRow'
import { sayFinish, sayWhy } from './planWords'
import { usePlaces } from './usePlaces'

/** The act that was chosen: when, why not earlier, and where else it may go. */
export function ActDetail({
  plan,
  task,
  now,
}: {
  plan: BenchPlan
  task: ScheduledTask | null
  now: number
}) {
  const { project } = useBench()
  if (!task || task.start === null)
    return (
      <section aria-labelledby="act-detail">
        <h2 id="act-detail" className="font-display text-2xl font-semibold">
          Why not earlier?
        </h2>
        <p className="mt-1 text-soft">
          Choose an act: what holds it where it is is told here, link by link, and where else it may
          go.
        </p>
      </section>
    )
  const { part, build } = namesOf(project, task)
  return (
    <section aria-labelledby="act-detail">
      <h2 id="act-detail" className="font-display text-2xl font-semibold">
        {taskName(project, task)}
      </h2>
      <p className="text-soft">
        {part} · {build} · {clockTime(task.start, now)}, {sayFigures(task.minutes * 60_000)}
      </p>
      <Chain plan={plan} task={task} now={now} />
      <Elsewhere plan={plan} task={task} now={now} />
    </section>
  )
}

/** The binding chain, nearest first. */
function Chain({ plan, task, now }: { plan: BenchPlan; task: ScheduledTask; now: number }) {
  const { project } = useBench()
  const chain = useMemo(() => chainOf(plan, task.id), [plan, task.id])
  return (
    <>
      <h3 className="mt-4 font-semibold">Why not earlier?</h3>
      <ol className="mt-1 border-l-2 border-strong" aria-label="What holds it">
        {chain.slice(0, 12).map((why) => {
          const own = plan.tasks.find((one) => one.id === why.task)
          return (
            <li key={why.task} className="grid grid-cols-[6.5rem_minmax(0,1fr)] gap-2 py-1 pl-3">
              <span className="text-sm text-soft">{clockTime(why.start, now)}</span>
              <span>
                <span className="font-semibold">{own ? capital(actOnPart(project, own)) : ''}</span>
                : {sayWhy({ project, plan, now }, why)}
              </span>
            </li>
          )
        })}
      </ol>
      {chain.length > 12 && <p className="pl-3 text-sm text-soft">and {chain.length - 12} more</p>}
    </>
  )
}

/** Sessions it may go to, with the price; a pin keeps it there. */
function Elsewhere({ plan, task, now }: { plan: BenchPlan; task: ScheduledTask; now: number }) {
  const { project, change } = useBench()
  const [asked, ask] = useState(false)
  const places = usePlaces(plan, asked ? task : null)
  const id = pinId(task)
  const pin = (project.pins ?? []).find((one) => one.id === id)
  const keep = ({ session }: SessionOption) =>
    void change(
      `${taskName(project, task)} kept in the session of ${clockTime(session.from, now)}`,
      [pinWrite(task, session)],
    )
  return (
    <div className="mt-4">
      <div className="flex flex-wrap gap-2">
        {!asked && <Button onClick={() => ask(true)}>Where else may it go?</Button>}
        {pin && (
          <Button
            onClick={() =>
              void change(`${taskName(project, task)} let go`, [{ table: 'pins', id, row: null }])
            }
          >
            Let it go
          </Button>
        )}
      </div>
      {pin && (
        <p className="mt-2 text-sm text-soft">
          Kept in the session of {clockTime(Date.parse(pin.from), now)}.
        </p>
      )}
      {asked && !places && (
        <p role="status" className="mt-2 text-soft">
          Trying every session…
        </p>
      )}
      {places && (
        <ul className="mt-2" aria-label="Sessions it may go to">
          {places.map((place) => (
            <PlaceRow
              key={place.session.from}
              {...{ place, now }}
              finish={finishOf(plan)}
              onKeep={() => keep(place)}
            />
          ))}
        </ul>
      )}
    </div>
  )
}

function PlaceRow({
  place,
  finish,
  now,
  onKeep,
}: {
  place: SessionOption
  finish: number | null
  now: number
  onKeep: () => void
}) {
  const { session, outcome } = place
  return (
    <li className="flex min-h-11 items-center justify-between gap-3 border-t border-rule">
      <span>{clockTime(session.from, now)}</span>
      {outcome ? (
        <span className="flex items-center gap-3">
          <span className="text-sm text-soft">
            {sayFinish(finish, outcome.finish)}, {outcome.sessions} sessions
          </span>
          <Button size="small" onClick={onKeep}>
            Keep it here
          </Button>
        </span>
      ) : (
        <span className="text-sm text-soft">not with every window kept</span>
      )}
    </li>
  )
}
