'use client'
import { useMemo, useState } from 'react'
import { key, stepOf } from '@/core/model/stepRef'
import {
  type BenchPlan,
  chainOf,
  finishOf,
  type ScheduledTask,
  type SessionOption,
} from '@/core/schedule'

import { useParts, useProject } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { Button } from '@/ui/Button'
import { clockTime, sayFigures } from '@/ui/time'
import { actOnPart, namesOf, taskName } from '../shared/names'
import { PartShape } from '../shared/PartShape'
import { sayFinish, sayWhy } from '../shared/planWords'
import { capital } from '../shared/words'
import { useSessionOptions } from './useSessionOptions'

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
  const project = useProject()
  if (!task || task.start === null)
    return (
      <section aria-labelledby="act-detail">
        <h2 id="act-detail" className="font-display text-2xl font-semibold">
          Why not earlier?
        </h2>
        <p className="mt-1 text-soft">
          Select a step to see what is holding it up, and where else it can go.
        </p>
      </section>
    )
  const { part, build } = namesOf(project, task)
  return (
    <section aria-labelledby="act-detail">
      <Face task={task} />
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

/** The part that it is on, in its present colours; nothing where nobody said its shape. */
function Face({ task }: { task: ScheduledTask }) {
  const { builds = [], meshes = [] } = useProject()
  const plans = useParts()
  const build = builds.find(({ id }) => id === task.build)
  const part = build?.parts.find(({ id }) => id === task.part)
  if (!build || !part) return null
  const plan = plans.find((one) => one.build === build.id && one.part === part.id)
  return <PartShape build={build} part={part} meshes={meshes} plan={plan} box={FACE} />
}

/** As large as the part is over its story, px. */
const FACE = { width: 120, height: 48 }

/** The binding chain, nearest first. */
function Chain({ plan, task, now }: { plan: BenchPlan; task: ScheduledTask; now: number }) {
  const project = useProject()
  const chain = useMemo(() => chainOf(plan, task.id), [plan, task.id])
  return (
    <>
      <h3 className="mt-4 font-semibold">Why not earlier?</h3>
      <ol className="mt-1 border-l-2 border-strong" aria-label="What holds it">
        {chain.slice(0, 12).map((why) => {
          const own = plan.tasks.find((task) => task.id === why.task)
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
  const project = useProject()
  const run = useRun()
  const [asked, ask] = useState(false)
  const places = useSessionOptions(plan, asked ? task : null)
  const id = key(stepOf(task))
  const pinned = (project.pins ?? []).find((pin) => pin.id === id)
  const keep = ({ session }: SessionOption) =>
    void run(
      'pin',
      [task],
      session,
      `${taskName(project, task)} kept in the session of ${clockTime(session.from, now)}`,
    )
  return (
    <div className="mt-4">
      <div className="flex flex-wrap gap-2">
        {!asked && <Button onClick={() => ask(true)}>Where else may it go?</Button>}
        {pinned && (
          <Button onClick={() => void run('unpin', [task], `${taskName(project, task)} let go`)}>
            Let it go
          </Button>
        )}
      </div>
      {pinned && (
        <p className="mt-2 text-sm text-soft">
          Kept in the session of {clockTime(Date.parse(pinned.from), now)}.
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
              key={place.session.to}
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
        <span className="text-sm text-soft">would miss a window</span>
      )}
    </li>
  )
}
