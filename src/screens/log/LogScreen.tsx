'use client'

import { useWindowVirtualizer } from '@tanstack/react-virtual'
import Link from 'next/link'
import { useSearchParams } from 'next/navigation'
import {
  Suspense,
  useDeferredValue,
  useEffect,
  useLayoutEffect,
  useMemo,
  useRef,
  useState,
} from 'react'
import { entryWords } from '@/core/formats/logWords'
import { asItWas, type LogIndex, newestFirst, stands } from '@/core/log'
import type { LoggedAct } from '@/core/model/loggedAct'
import type { Project } from '@/core/model/project'
import { useStock } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { Button } from '@/ui/Button'
import { cx } from '@/ui/cx'
import { writeDate } from '@/ui/dates'
import { faultHref } from '../shared/faultHref'
import { namesOf } from '../shared/names'
import { useNow } from '../shared/now'
import { isPast, useInstants } from '../shared/useInstants'
import { TimesBeforeNow, WhenField } from '../shared/WhenField'
import { dayWords } from './entry'

/** What an entry is high before it was measured, px. */
const ENTRY_HIGH = 60

/** What happened, newest first. Nothing here is ever changed: an act that was taken back stays, and says so. */
export function LogScreen() {
  return (
    <Suspense>
      <Log />
    </Suspense>
  )
}

function Log() {
  const { project, log } = useStock()
  const [build, setBuild] = useState('')
  const [typed, setTyped] = useState(useSearchParams().get('find') ?? '')
  const sought = useDeferredValue(typed.trim().toLowerCase())
  const newest = useMemo(() => newestFirst(log.acts), [log])
  const acts = useMemo(() => {
    const own = build === '' ? newest : newest.filter((act) => act.build === build)
    return sought === '' ? own : own.filter((act) => speaks(act, sought, project))
  }, [newest, build, sought, project])
  return (
    <div className="max-w-4xl p-4 lg:p-6">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <h1 className="font-display text-4xl font-semibold">Log</h1>
        <div className="flex min-w-0 flex-wrap gap-2">
          <input
            type="search"
            aria-label="Find in the log"
            placeholder="Find in the log"
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
            className="control min-h-11 w-56 max-w-full px-2"
          />
          <select
            aria-label="Build"
            value={build}
            onChange={(event) => setBuild(event.target.value)}
            className="control min-h-11 max-w-full px-2"
          >
            <option value="">Every build</option>
            {(project.builds ?? []).map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </div>
      </div>
      {acts.length === 0 ? (
        <p className="mt-6 border-y-2 border-rule py-6">
          {newest.length === 0
            ? 'Nothing has been logged yet. What you start, coat and finish at the bench is written down here.'
            : 'Nothing in the log matches.'}
        </p>
      ) : (
        <Entries acts={acts} project={project} log={log} />
      )}
    </div>
  )
}

/** Does an entry say what is sought? */
function speaks(act: LoggedAct, sought: string, project: Project): boolean {
  const { says, of } = entryWords(act, project)
  return `${says} ${of}`.toLowerCase().includes(sought)
}

/** So many entries more are laid out whenever the last of them come near. */
const REACH = 400

/** The entries that are in the window; the page is as high as if all that are laid out were. */
function Entries({
  acts,
  project,
  log,
}: {
  acts: readonly LoggedAct[]
  project: Project
  log: LogIndex
}) {
  const now = useNow(60_000)
  const list = useRef<HTMLDivElement>(null)
  const [top, setTop] = useState(0)
  useLayoutEffect(() => setTop(list.current?.offsetTop ?? 0), [])
  const [reach, setReach] = useState(REACH)
  const count = Math.min(acts.length, reach)
  const virtual = useWindowVirtualizer({
    count,
    estimateSize: () => ENTRY_HIGH,
    getItemKey: (at) => acts[at]?.id ?? at,
    overscan: 12,
    scrollMargin: top,
  })
  const last = virtual.getVirtualItems().at(-1)?.index ?? 0
  useEffect(() => {
    if (last + REACH / 4 >= count && count < acts.length) setReach(count + REACH)
  }, [last, count, acts.length])
  const dayAt = (at: number) => {
    const act = acts[at]
    return act ? dayWords(Date.parse(act.at), now) : ''
  }
  return (
    <div
      ref={list}
      role="feed"
      aria-label="Entries"
      className="relative mt-6"
      style={{ height: virtual.getTotalSize() }}
    >
      {virtual.getVirtualItems().map(({ index, key, start }) => {
        const act = acts[index]
        if (!act) return null
        const day = index === 0 || dayAt(index - 1) !== dayAt(index) ? dayAt(index) : null
        return (
          <article
            key={key}
            ref={virtual.measureElement}
            data-index={index}
            aria-posinset={index + 1}
            aria-setsize={acts.length}
            className="absolute inset-x-0 top-0"
            style={{ transform: `translateY(${start - top}px)` }}
          >
            {day && (
              <h2 className="border-b-2 border-strong pt-5 pb-1 font-display text-lg font-semibold">
                {day}
              </h2>
            )}
            <Entry act={act} project={project} log={log} />
          </article>
        )
      })}
    </div>
  )
}

/** What somebody saw, and may wonder about. */
const SEEN: readonly LoggedAct['kind'][] = ['observed', 'noted']

/** Acts whose time can be put right. */
const TIMED: readonly LoggedAct['kind'][] = [
  'started',
  'coat-done',
  'finished',
  'skipped',
  'observed',
]

function Entry({ act, project, log }: { act: LoggedAct; project: Project; log: LogIndex }) {
  const [putting, setPutting] = useState(false)
  const { says, of } = entryWords(act, project)
  const { build, part, step } = act
  const colour = build && part && step ? namesOf(project, { build, part, step }).colour : null
  const undone = !stands(log, act)
  const was = Date.parse(asItWas(log, act).at)
  const isCorrected = was !== Date.parse(act.at)
  return (
    <div className="border-b border-rule py-1.5">
      <div className="grid grid-cols-[4rem_0.5rem_minmax(0,1fr)_auto_auto_auto] gap-3">
        <time className="font-semibold" dateTime={act.at}>
          {writeDate('time', Date.parse(act.at))}
        </time>
        <span
          aria-hidden="true"
          className={cx('rounded-[1px]', colour && !undone && 'border border-ink/30')}
          style={colour && !undone ? { background: colour } : undefined}
        />
        <span className={cx('min-w-0', undone && 'text-soft line-through')}>
          <span className="block break-words">{says}</span>
          {of !== '' && <span className="block text-sm text-soft">{of}</span>}
          {isCorrected && (
            <span className="block text-sm">
              It was {dayWords(was, Date.parse(act.at))}, {writeDate('time', was)}
            </span>
          )}
          {undone && <span className="sr-only">taken back</span>}
        </span>
        {!undone && build && part && SEEN.includes(act.kind) && (
          <Link
            href={faultHref({ of: { build, part }, ...(act.fault ? { seen: act.fault } : {}) })}
            aria-label={`Find out why: ${says}`}
            className="inline-flex min-h-8 items-center px-2 text-sm text-act underline pointer-coarse:min-h-11"
          >
            Why?
          </Link>
        )}
        {!undone && build && part && act.kind === 'noted' && !act.fault && (
          <Link
            href={`/builds/${build}?${new URLSearchParams({ part, keep: act.text ?? '' })}`}
            aria-label={`Keep it as a happy accident: ${says}`}
            className="inline-flex min-h-8 items-center px-2 text-sm text-act underline pointer-coarse:min-h-11"
          >
            Keep it
          </Link>
        )}
        {!undone && TIMED.includes(act.kind) && (
          <button
            type="button"
            aria-expanded={putting}
            aria-label={`Put the time right: ${says}`}
            onClick={() => setPutting(!putting)}
            className="min-h-8 self-start px-2 text-sm text-act underline pointer-coarse:min-h-11"
          >
            Time
          </button>
        )}
      </div>
      {putting && <PutRight act={act} says={says} onDone={() => setPutting(false)} />}
    </div>
  )
}

/** Says when an act really was: the log keeps what was written, and the correction beside it. */
function PutRight({ act, says, onDone }: { act: LoggedAct; says: string; onDone: () => void }) {
  const run = useRun()
  const now = useNow(60_000)
  const [typed, setTyped] = useState('')
  const at = useInstants(typed)(typed, now)
  const put = async () => {
    if (!isPast(at, now)) return
    const said = `${says}: ${dayWords(at, now)}, ${writeDate('time', at)}`
    if (await run('correctAct', act.id, at, said)) onDone()
  }
  return (
    <form
      className="mt-1 flex max-w-md items-start gap-2 pl-[4.75rem]"
      onSubmit={(event) => {
        event.preventDefault()
        void put()
      }}
      onKeyDown={(event) => event.key === 'Escape' && onDone()}
    >
      <div className="min-w-0 flex-1">
        <WhenField label="It really was" value={typed} now={now} onChange={setTyped} />
        <TimesBeforeNow />
      </div>
      <Button type="submit" look="act" className="mt-6" disabled={!isPast(at, now)}>
        Put it right
      </Button>
    </form>
  )
}
