'use client'
import { useEffect, useMemo, useRef, useState } from 'react'
import { key, partOf, stepOf } from '@/core/model/stepRef'
import type { BenchPlan } from '@/core/schedule'
import { useProject } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { cx } from '@/ui/cx'
import { writeDate } from '@/ui/dates'
import { clockTime } from '@/ui/time'
import { useWidth } from '@/ui/useWidth'
import { namesOf, taskName } from '../shared/names'
import { type Block, type Cluster, clustersOf, type Lane, lanesOf, marksOf, spanOf } from './lanes'
import { useSessionOptions } from './useSessionOptions'
import { ZOOMS, type Zoom } from './zooms'

const MINUTE = 60_000
/** Width of the part names, px. */
const NAMES = 152
const LANE = 46
/** No block is narrower, px. */
const LEAST = 24

type Scale = {
  from: number
  to: number
  width: number
  /** Pixels of an instant, and the instant at so many pixels. */
  x: (at: number) => number
  at: (x: number) => number
}

/** Parts as lanes over days and nights: sessions, acts, drying, windows with both ends, quiet hours. */
export function Lanes({
  plan,
  zoom,
  chosen,
  onChoose,
  now,
}: {
  plan: BenchPlan
  zoom: Zoom
  chosen: string | null
  /** Hears what is chosen, and whether it is several that have to be looked at closer. */
  onChoose: (id: string, closer: boolean) => void
  now: number
}) {
  const box = useRef<HTMLElement>(null)
  const width = useWidth(box) || 900
  const scale = useMemo((): Scale => {
    const { from, to } = spanOf(plan, zoom, now)
    const view = (ZOOMS.find((otherZoom) => otherZoom.id === zoom)?.minutes ?? 1440) * MINUTE
    const perMs = Math.max(1, width - NAMES) / view
    const long = (to - from) * perMs
    const x = (at: number) => (at - from) * perMs
    return { from, to, width: long, x, at: (x: number) => from + x / perMs }
  }, [plan, zoom, now, width])
  const lanes = useMemo(() => lanesOf(plan), [plan])
  const drag = useDrag(plan, scale)
  const sparse = zoom === 'month' || zoom === 'six-weeks'
  return (
    <section
      ref={box}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: a region that scrolls is reached with the keyboard
      tabIndex={0}
      aria-label="The plan as lanes"
      className="relative overflow-x-auto border border-rule bg-raised"
    >
      <div className="relative" data-lanes style={{ width: NAMES + scale.width }}>
        <Ground plan={plan} scale={scale} rows={lanes.length} drag={drag} hours={!sparse} />
        <TimeScale zoom={zoom} scale={scale} now={now} />
        {lanes.map((lane, i) => (
          <LaneRow
            key={key(partOf(lane))}
            {...{ lane, scale, chosen, onChoose, drag }}
            first={lanes[i - 1]?.build !== lane.build}
          />
        ))}
        {now >= scale.from && now < scale.to && (
          <div
            aria-hidden="true"
            className="pointer-events-none absolute top-7 bottom-0 w-0.5 bg-act"
            style={{ left: NAMES + scale.x(now) }}
          />
        )}
      </div>
    </section>
  )
}

type Drag = ReturnType<typeof useDrag>

type Held = { block: Block; from: number; at: number; moved: boolean; dropped: boolean }

/** So far, px, an act is only pressed; farther, it is dragged, however slowly. */
const DRAGGED = 5

/** An act taken by its block: where it may go is shown, and where it is let go it is kept, as soon as that is known. */
function useDrag(plan: BenchPlan, scale: Scale) {
  const project = useProject()
  const run = useRun()
  const [held, setHeld] = useState<Held | null>(null)
  const places = useSessionOptions(plan, held?.moved ? held.block.task : null)
  useEffect(() => {
    if (!held?.dropped) return
    if (!held.moved) return setHeld(null)
    if (!places) return
    const { task } = held.block
    const target = places.find(({ session }) => session.from <= held.at && held.at < session.to)
    if (target?.outcome)
      void run(
        'pin',
        [task],
        target.session,
        `${taskName(project, task)} kept in the session of ${clockTime(target.session.from, Date.now())}`,
      )
    setHeld(null)
  }, [held, places, run, project])
  const atX = (clientX: number, left: number) => scale.at(clientX - left - NAMES)
  return {
    held,
    places,
    start: (block: Block, clientX: number, left: number) =>
      setHeld({ block, from: clientX, at: atX(clientX, left), moved: false, dropped: false }),
    move: (clientX: number, left: number) =>
      setHeld((one) => {
        if (!one || one.dropped) return one
        const at = atX(clientX, left)
        return { ...one, at, moved: one.moved || Math.abs(clientX - one.from) > DRAGGED }
      }),
    drop: () => setHeld((one) => one && { ...one, dropped: true }),
    leave: () => setHeld(null),
  }
}

/** Sessions, nights and quiet hours behind the lanes; while an act is dragged, where it may go. */
function Ground({
  plan,
  scale,
  rows,
  drag,
  hours,
}: {
  plan: BenchPlan
  scale: Scale
  rows: number
  drag: Drag
  /** Quiet hours are drawn: at a month they would be all there is to see. */
  hours: boolean
}) {
  const height = rows * LANE
  const at = (minute: number) => plan.zero + minute * MINUTE
  const box = (from: number, to: number) => ({
    left: NAMES + Math.max(0, scale.x(from)),
    width: Math.max(1, scale.x(Math.min(to, scale.to)) - Math.max(0, scale.x(from))),
    height,
    top: 28,
  })
  const inView = (from: number, to: number) => to > scale.from && from < scale.to
  return (
    <div aria-hidden="true">
      <div className="absolute bg-sunk" style={box(scale.from, scale.to)} />
      {plan.sessions
        .filter((session) => inView(session.from, session.to))
        .map((session) => {
          const place = drag.held?.moved
            ? drag.places?.find((p) => p.session.from === session.from)
            : undefined
          return (
            <div
              key={session.to}
              data-place={place ? (place.outcome ? 'open' : 'closed') : undefined}
              className={cx(
                'absolute border-x',
                place?.outcome
                  ? 'border-act bg-act-wash'
                  : place
                    ? 'border-stop bg-stop-wash'
                    : 'border-rule bg-surface',
              )}
              style={box(session.from, session.to)}
            />
          )
        })}
      {(hours ? (plan.problem.quiet ?? []) : [])
        .map(([a, b]): [number, number] => [at(a), at(b)])
        .filter(([a, b]) => inView(a, b))
        .map(([a, b]) => (
          <div key={a} className="quiet-hatch absolute" style={box(a, b)} />
        ))}
    </div>
  )
}

function TimeScale({ zoom, scale, now }: { zoom: Zoom; scale: Scale; now: number }) {
  const marks = marksOf(zoom, scale.from, scale.to)
  const sparse = zoom === 'month' || zoom === 'six-weeks'
  const [first, second] = marks
  // Where days lie close, only so many of them are told that none runs into the next.
  const each = first && second ? Math.ceil(LEAST / (scale.x(second.at) - scale.x(first.at))) : 1
  const label = (at: number, day: boolean, i: number) => {
    if (!day) return clockTime(at, at)
    if (!sparse) return writeDate('weekday-number', at)
    if (i % each !== 0) return ''
    return writeDate(i > 0 && new Date(at).getDate() === 1 ? 'month' : 'number', at)
  }
  return (
    <div className="relative h-7 border-b border-strong bg-ground">
      <span
        className="sticky left-0 z-10 inline-block h-full bg-ground px-3 text-sm leading-7 text-soft"
        style={{ width: NAMES }}
      >
        {writeDate('month-long', now)}
      </span>
      {marks.map(({ at, day }, i) => (
        <span
          key={at}
          className={cx(
            'absolute top-0 h-full overflow-hidden border-l pl-1 text-sm leading-7 whitespace-nowrap',
            day ? 'border-strong font-semibold' : 'border-rule text-soft',
          )}
          style={{ left: NAMES + scale.x(at) }}
        >
          {label(at, day, i)}
        </span>
      ))}
    </div>
  )
}

function LaneRow({
  lane,
  scale,
  chosen,
  onChoose,
  drag,
  first,
}: {
  lane: Lane
  scale: Scale
  chosen: string | null
  onChoose: (id: string, closer: boolean) => void
  drag: Drag
  first: boolean
}) {
  const project = useProject()
  const { part, build } = namesOf(project, { ...lane, step: '' })
  const clusters = clustersOf(lane.blocks, scale.x, LEAST)
  const tabbed =
    clusters.find(({ blocks }) => blocks.some(({ task }) => task.id === chosen)) ?? clusters[0]
  return (
    <div
      className={cx('relative border-b', first ? 'border-t border-t-strong' : '', 'border-b-rule')}
      style={{ height: LANE }}
    >
      <div
        className="sticky left-0 z-20 flex h-full flex-col justify-center border-r border-strong bg-raised px-3 leading-tight"
        style={{ width: NAMES }}
      >
        <span className="truncate text-sm font-semibold">{part}</span>
        <span className="truncate text-xs text-soft">{build}</span>
      </div>
      {lane.waits.map((wait) => (
        <WaitBar key={`${wait.from} ${wait.to}`} wait={wait} scale={scale} />
      ))}
      {clusters.map((cluster) => {
        const [block] = cluster.blocks
        const here = cluster.blocks.some(({ task }) => task.id === chosen)
        const shared = {
          cluster,
          chosen: here,
          tabbed: cluster === tabbed,
          onChoose,
          onKeyDown: alongLane,
        }
        return block && cluster.blocks.length === 1 ? (
          <BlockButton key={block.task.id} {...shared} {...{ block, scale, drag }} />
        ) : (
          <ClusterButton key={block?.task.id} {...shared} part={part} />
        )
      })}
    </div>
  )
}

/** Drying as a thin line, and the window after it as a bracket with both ends. */
function WaitBar({ wait, scale }: { wait: Lane['waits'][number]; scale: Scale }) {
  const x = (at: number) => NAMES + Math.min(Math.max(0, scale.x(at)), scale.width)
  return (
    <div aria-hidden="true">
      {wait.to > wait.from && (
        <div
          className="drying-line absolute top-[21px] h-1"
          style={{ left: x(wait.from), width: x(wait.to) - x(wait.from) }}
        />
      )}
      {wait.until !== null && (
        <div
          className="absolute top-[34px] h-[6px] border-x-2 border-b-2 border-risk"
          style={{ left: x(wait.to), width: Math.max(4, x(wait.until) - x(wait.to)) }}
        />
      )}
    </div>
  )
}

type InLane = {
  cluster: Cluster
  chosen: boolean
  /** It is the one that Tab comes to in its lane. */
  tabbed: boolean
  onChoose: (id: string, closer: boolean) => void
  onKeyDown: (event: React.KeyboardEvent<HTMLElement>) => void
}

/** Arrow keys go along a lane; Tab goes on to the next. */
function alongLane(event: React.KeyboardEvent<HTMLElement>): void {
  const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0
  if (by === 0) return
  event.preventDefault()
  const all = [...(event.currentTarget.parentElement?.querySelectorAll('button') ?? [])]
  all[all.indexOf(event.currentTarget as HTMLButtonElement) + by]?.focus()
}

/** Several acts of a part that lie too close to be told apart here. */
function ClusterButton({
  cluster: { blocks, left, width },
  chosen,
  tabbed,
  part,
  onChoose,
  onKeyDown,
}: InLane & { part: string }) {
  const project = useProject()
  const [first, last] = [blocks[0], blocks.at(-1)]
  if (!first || !last) return null
  return (
    <button
      type="button"
      tabIndex={tabbed ? 0 : -1}
      aria-pressed={chosen}
      aria-label={`${blocks.length} steps, ${part}, ${clockTime(first.from, Date.now())} to ${clockTime(last.to, last.to)}: evening by evening`}
      onClick={() => onChoose(first.task.id, true)}
      onKeyDown={onKeyDown}
      className={cx(
        'absolute top-[7px] flex h-8 overflow-hidden rounded-[2px] border border-ink bg-raised text-sm',
        chosen && 'z-10 outline-3 outline-act',
      )}
      style={{ left: NAMES + left, width }}
    >
      {blocks.map(({ task }) => (
        <span
          key={task.id}
          aria-hidden="true"
          className="h-full min-w-0 flex-1"
          style={{ background: namesOf(project, task).colour ?? 'var(--surround)' }}
        />
      ))}
      <span className="absolute inset-x-0 bottom-0 bg-raised/90 text-center leading-4 font-semibold text-ink">
        {blocks.length}
      </span>
    </button>
  )
}

function BlockButton({
  block,
  cluster,
  scale,
  chosen,
  tabbed,
  onChoose,
  onKeyDown,
  drag,
}: InLane & { block: Block; scale: Scale; drag: Drag }) {
  const project = useProject()
  const { part, colour } = namesOf(project, block.task)
  const name = taskName(project, block.task)
  const pinned = (project.pins ?? []).some((pin) => pin.id === key(stepOf(block.task)))
  const { width } = cluster
  const held = drag.held?.moved && drag.held.block.task.id === block.task.id
  const left = (element: Element) =>
    element.closest('[data-lanes]')?.getBoundingClientRect().left ?? 0
  return (
    <button
      type="button"
      aria-pressed={chosen}
      aria-label={`${name}, ${part}, ${clockTime(block.from, Date.now())} to ${clockTime(block.to, block.to)}${pinned ? ', kept there' : ''}`}
      title={`${name} · ${clockTime(block.from, Date.now())}`}
      tabIndex={tabbed ? 0 : -1}
      onClick={() => onChoose(block.task.id, false)}
      onKeyDown={onKeyDown}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId)
        drag.start(block, event.clientX, left(event.currentTarget))
      }}
      onPointerMove={(event) => drag.held && drag.move(event.clientX, left(event.currentTarget))}
      onPointerUp={drag.drop}
      onPointerCancel={drag.leave}
      className={cx(
        'absolute top-[7px] h-8 touch-pan-y overflow-hidden rounded-[2px] border border-ink text-left text-sm leading-none',
        chosen && 'z-10 outline-3 outline-act',
        pinned && 'border-b-4',
        held && 'z-30 opacity-70',
      )}
      style={{
        left: NAMES + (held && drag.held ? scale.x(drag.held.at) : scale.x(block.from)),
        width,
        background: colour ?? 'var(--raised)',
      }}
    >
      {width > 70 && (
        <span className="block truncate bg-raised/90 px-1 py-0.5 text-ink">{name}</span>
      )}
    </button>
  )
}
