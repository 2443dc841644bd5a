'use client'

import { useMemo, useState } from 'react'
import { byTime } from '@/core/log'
import { isAct } from '@/core/model/isAct'
import type { LoggedAct } from '@/core/model/loggedAct'
import type { Project } from '@/core/model/project'
import { cx } from '@/ui/cx'
import { useBench } from '../shell/BenchContext'
import { MILESTONE_WORDS, SEEN_WORDS, stepName } from '../words'

/** What happened, newest first. Nothing here is ever changed: an act that was taken back stays, and says so. */
export function LogScreen() {
  const { project } = useBench()
  const [build, setBuild] = useState('')
  const undone = useMemo(
    () => new Set((project.acts ?? []).flatMap((act) => (act.undoes ? [act.undoes] : []))),
    [project],
  )
  const acts = [...(project.acts ?? [])]
    .filter((act) => build === '' || act.build === build)
    .sort((a, b) => byTime(b, a))
  const days = [...new Set(acts.map((act) => dayOf(act.at)))]
  return (
    <div className="max-w-4xl p-4 lg:p-6">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <h1 className="font-display text-4xl font-semibold">Log</h1>
        <select
          aria-label="Build"
          value={build}
          onChange={(event) => setBuild(event.target.value)}
          className="min-h-11 max-w-full rounded-tool border-2 border-strong bg-raised px-2"
        >
          <option value="">Every build</option>
          {(project.builds ?? []).map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}
            </option>
          ))}
        </select>
      </div>
      {acts.length === 0 && (
        <p className="mt-6 border-y-2 border-rule py-6">
          Nothing has been logged yet. What you start, coat and finish at the bench is written down
          here.
        </p>
      )}
      {days.map((day) => (
        <section key={day} aria-label={day} className="mt-6">
          <h2 className="font-display text-lg font-semibold">{day}</h2>
          <ol className="mt-1 border-t-2 border-strong">
            {acts
              .filter((act) => dayOf(act.at) === day)
              .map((act) => (
                <Entry key={act.id} act={act} project={project} undone={undone.has(act.id)} />
              ))}
          </ol>
        </section>
      ))}
    </div>
  )
}

function dayOf(at: string): string {
  return new Intl.DateTimeFormat(undefined, {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
  }).format(Date.parse(at))
}

function Entry({ act, project, undone }: { act: LoggedAct; project: Project; undone: boolean }) {
  const build = project.builds?.find((one) => one.id === act.build)
  const part = build?.parts.find((one) => one.id === act.part)
  const step = build?.steps.find((one) => one.id === act.step)
  const name = step && isAct(step) ? stepName(step) : null
  return (
    <li className="grid grid-cols-[4rem_minmax(0,1fr)] gap-3 border-b border-rule py-1.5">
      <time className="font-semibold" dateTime={act.at}>
        {new Intl.DateTimeFormat(undefined, { hour: '2-digit', minute: '2-digit' }).format(
          Date.parse(act.at),
        )}
      </time>
      <span className={cx('min-w-0', undone && 'text-soft line-through')}>
        <span className="block">{sentence(act, name, project)}</span>
        {(part || build) && (
          <span className="block text-sm text-soft">
            {[part?.name, build?.name].filter(Boolean).join(' · ')}
          </span>
        )}
        {undone && <span className="sr-only">taken back</span>}
      </span>
    </li>
  )
}

/** One entry in words. */
function sentence(act: LoggedAct, name: string | null, project: Project): string {
  const what = name ?? 'A step'
  switch (act.kind) {
    case 'started':
      return `${what} started`
    case 'coat-done':
      return `${what}, coat ${act.coat ?? ''} done`
    case 'finished':
      return `${what} finished`
    case 'skipped':
      return `${what} skipped`
    case 'observed':
      return `${what}: ${SEEN_WORDS[act.seen ?? 'not-yet']} (${MILESTONE_WORDS[act.milestone ?? 'touch']})`
    case 'mixed':
      return `Mixed ${project.mixes?.find((one) => one.id === act.mix)?.name ?? act.text ?? 'a mix'}`
    case 'noted':
      return act.text ?? ''
    case 'undone':
      return 'Took the act before back'
  }
}
