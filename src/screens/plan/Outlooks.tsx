'use client'
import Link from 'next/link'
import { type ReactNode, useMemo } from 'react'
import type { Project } from '@/core/model/project'
import { type BenchPlan, type BuildOutlook, buildOutlooks } from '@/core/schedule'
import { useProject } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { cx } from '@/ui/cx'
import { clockTime, sayFigures } from '@/ui/time'
import { actOnPart } from '../shared/names'

const MINUTE = 60_000
const HEADS = ['Build', 'Done by', 'Hands-on', 'Waiting', 'Wanted for', 'Waiting on'] as const
type Head = (typeof HEADS)[number]

/** Every build with what is left of it: time at it against time waiting, and how it stands to the day it is wanted for. */
export function Outlooks({ plan, now }: { plan: BenchPlan; now: number }) {
  const project = useProject()
  const outlooks = useMemo(() => buildOutlooks(project, plan), [project, plan])
  return (
    <section aria-labelledby="outlooks" className="min-w-0">
      <h2 id="outlooks" className="font-display text-2xl font-semibold">
        What is left
      </h2>
      <div className="overflow-x-auto">
        <table className="mt-2 w-full border-collapse text-left max-sm:block sm:min-w-[46rem]">
          <caption className="sr-only">Builds with what is left of them</caption>
          <thead className="max-sm:sr-only">
            <tr className="text-sm text-soft">
              {HEADS.map((head) => (
                <th key={head} scope="col" className="py-1 pr-5 font-semibold">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody className="max-sm:block">
            {outlooks.map((outlook) => (
              <Row key={outlook.build} outlook={outlook} plan={plan} now={now} />
            ))}
          </tbody>
        </table>
      </div>
    </section>
  )
}

function Row({ outlook, plan, now }: { outlook: BuildOutlook; plan: BenchPlan; now: number }) {
  const project = useProject()
  const run = useRun()
  const build = project.builds?.find((build) => build.id === outlook.build)
  if (!build) return null
  const want = (due: string) =>
    void run(
      'editBuild',
      build.id,
      { do: 'set', fields: { due: due === '' ? null : due } },
      due === '' ? `${build.name}: no day` : `${build.name} is wanted for ${due}`,
    )
  return (
    <tr className="border-t border-rule max-sm:block max-sm:py-1">
      <th scope="row" className={cx(CELL, 'font-semibold')}>
        <Link href={`/builds/${build.id}`} className="underline decoration-rule underline-offset-4">
          {build.name}
        </Link>
      </th>
      <Cell head="Done by">{outlook.finish === null ? '—' : clockTime(outlook.finish, now)}</Cell>
      <Cell head="Hands-on">{sayFigures(outlook.handsOnMinutes * MINUTE)}</Cell>
      <Cell head="Waiting">{sayFigures(outlook.waitingMinutes * MINUTE)}</Cell>
      <Cell head="Wanted for">
        <span>
          <input
            type="date"
            aria-label={`${build.name} is wanted for`}
            value={build.due ?? ''}
            onChange={(event) => want(event.target.value)}
            className="control min-h-9 px-2"
          />
          <Slack slack={outlook.slackMs} />
        </span>
      </Cell>
      <Cell head="Waiting on" wraps>
        {hangsOn(outlook, plan, project)}
      </Cell>
    </tr>
  )
}

const CELL = 'py-1.5 pr-5 align-top max-sm:flex max-sm:justify-between max-sm:gap-4 max-sm:pr-0'

/** A cell; on a phone a line of its own, with the head of its column before it. */
function Cell({ head, wraps, children }: { head: Head; wraps?: true; children: ReactNode }) {
  return (
    <td className={cx(CELL, wraps ? 'text-sm max-sm:text-right' : 'whitespace-nowrap')}>
      <span aria-hidden className="text-sm text-soft sm:hidden">
        {head}
      </span>
      {children}
    </td>
  )
}

function Slack({ slack }: { slack: number | null }) {
  if (slack === null) return null
  return (
    <span className={cx('block text-sm', slack < 0 ? 'font-semibold text-stop' : 'text-soft')}>
      {slack < 0 ? `${sayFigures(-slack)} too late` : `${sayFigures(slack)} to spare`}
    </span>
  )
}

/** The longest wait that the finish hangs on. */
function hangsOn({ build, critical }: BuildOutlook, plan: BenchPlan, project: Project): string {
  const own = (id: string) => plan.tasks.find((task) => task.id === id)?.build === build
  const waits = critical.flatMap(({ hold }) =>
    hold.kind === 'wait' && hold.minutes > 0 && own(hold.from) ? [hold] : [],
  )
  const longest = waits.sort((a, b) => b.minutes - a.minutes)[0]
  const task = longest && plan.tasks.find((task) => task.id === longest.from)
  if (!longest || !task) return 'the hands and the sessions'
  return `${sayFigures(longest.minutes * MINUTE)} after ${actOnPart(project, task)}`
}
