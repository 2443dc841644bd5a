'use client'
import Link from 'next/link'
import { isAct } from '@/core/model/isAct'
import type { Project } from '@/core/model/project'
import { tasksIn } from '@/core/schedule/tasksIn'
import { usePlan, useProject } from '@/state/hooks'
import { clockTime } from '@/ui/time'
import { NoSessions } from '../shared/NoSessions'
import { partsNamed } from '../shared/names'
import { useNow } from '../shared/now'
import { stepName } from '../shared/words'
import { SessionCautions } from './SessionCautions'

/** The next session as a list of acts with clock times, and when everything is done. */
export function Tonight() {
  const project = useProject()
  const { plan, planning, planFailed } = usePlan()
  const now = useNow(15_000)
  if (planFailed)
    return (
      <Frame>
        <p role="alert">The plan can’t be made: {planFailed}</p>
      </Frame>
    )
  if (!project.sessions)
    return (
      <Frame>
        <NoSessions then="your steps are planned into your evenings" />
      </Frame>
    )
  if (!plan)
    return (
      <Frame>
        <p role="status" className="text-soft">
          Planning your sessions…
        </p>
      </Frame>
    )
  const { schedule } = plan
  if (!schedule || schedule.status === 'infeasible' || schedule.status === 'unknown')
    return (
      <Frame>
        <p className="border-l-4 border-stop pl-3">
          {schedule?.status === 'infeasible'
            ? 'No plan keeps every window.'
            : 'No plan was found in the time given.'}
        </p>
        {schedule?.because && <p className="mt-2 text-sm">{readable(schedule.because, project)}</p>}
      </Frame>
    )
  const session = plan.sessions.find((session) => session.to > now)
  const tasks = session ? tasksIn(plan, session) : []
  const finish = schedule.makespan === null ? null : plan.zero + schedule.makespan * 60_000
  return (
    <Frame>
      {session ? (
        <p className="text-soft">
          {clockTime(session.from, now)}–{clockTime(session.to, session.to)}
          {planning ? ' · planning again' : ''}
        </p>
      ) : (
        <p>No session lies ahead.</p>
      )}
      <Acts tasks={tasks} />
      {tasks.length > 0 && (
        <Link href="/tonight" className="mt-3 inline-flex min-h-11 items-center text-act underline">
          Session card to work from
        </Link>
      )}
      {tasks.length > 0 && <SessionCautions tasks={tasks} />}
      {finish !== null && (
        <p className="mt-4 border-t border-rule pt-3 text-sm text-soft">
          Everything on the bench is done by{' '}
          <strong className="text-ink">{clockTime(finish, now)}</strong>
          {schedule.status === 'optimal' ? ', and no sooner.' : ', the best plan so far.'}
        </p>
      )}
    </Frame>
  )
}

function Frame({ children }: { children: React.ReactNode }) {
  return (
    <section aria-labelledby="tonight" className="min-w-0 lg:border-l lg:border-rule lg:pl-6">
      <h2 id="tonight" className="font-display text-xl font-semibold">
        Next session
      </h2>
      <div className="mt-1">{children}</div>
    </section>
  )
}

type Row = { key: string; start: number; act: string; part: string }

function Acts({ tasks }: { tasks: ReturnType<typeof tasksIn> }) {
  const project = useProject()
  const rows = tasks.map((task): Row => {
    const build = project.builds?.find((build) => build.id === task.build)
    const step = build?.steps.find((step) => step.id === task.step)
    const act = step && isAct(step) ? stepName(step) : task.step
    return {
      key: `${task.id} ${task.start}`,
      start: task.start,
      act: task.coat !== null ? `${act}, coat ${task.coat}` : act,
      part: `${partsNamed(project, task.build, task.parts)} · ${build?.name ?? ''}`,
    }
  })
  if (rows.length === 0)
    return (
      <p className="mt-2">Nothing is planned for it: what is on the bench needs longer to dry.</p>
    )
  return (
    <ol className="mt-2">
      {rows.map((row) => (
        <li
          key={row.key}
          className="grid grid-cols-[minmax(3.5rem,max-content)_minmax(0,1fr)] gap-2 border-t border-rule py-1.5"
        >
          <time className="font-semibold" dateTime={new Date(row.start).toISOString()}>
            {clockTime(row.start, row.start)}
          </time>
          <span className="min-w-0">
            <span className="block">{row.act}</span>
            <span className="block truncate text-sm text-soft">{row.part}</span>
          </span>
        </li>
      ))}
    </ol>
  )
}

/** Task ids in a reason as the names of part and act. */
function readable(because: string, project: Project): string {
  return because.replace(/"([^"/]+)\/([^"/]+)\/([^"/]+)\/(\d+)"/g, (whole, build, part, step) => {
    const found = project.builds?.find((otherBuild) => otherBuild.id === build)
    const act = found?.steps.find((otherStep) => otherStep.id === step)
    const name = found?.parts.find((otherPart) => otherPart.id === part)?.name
    return act && isAct(act) && name ? `“${stepName(act)}” of ${name}` : whole
  })
}
