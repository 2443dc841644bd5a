'use client'

import {
  type CollisionDetection,
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  pointerWithin,
  useSensor,
  useSensors,
} from '@dnd-kit/core'
import { restrictToParentElement, restrictToVerticalAxis } from '@dnd-kit/modifiers'
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable'
import { CSS } from '@dnd-kit/utilities'
import { ChevronDown, ChevronRight, GripVertical } from 'lucide-react'
import { Fragment, type ReactNode } from 'react'
import { cx } from './cx'
import { FilmBand, type FilmBandProps } from './FilmBand'

/** A dragged step stays on the core: the page has no reason to scroll away under it. */
const WITHIN = [restrictToVerticalAxis, restrictToParentElement]

/** Rows are of many heights: what is under the pointer is meant; with the keyboard, what is nearest. */
const underPointer: CollisionDetection = (args) => {
  const under = pointerWithin(args)
  return under.length > 0 ? under : closestCenter(args)
}

/** One step in the sample. */
export type SampleRow = {
  id: string
  name: string
  /** Family, coats, tool in a few words. */
  detail: string
  /** When: a clock time, or how long it waits. */
  when: string
  /** Shown small beside it: what it could be at the earliest; null: that is when it is. */
  soonest: string | null
  /** The film it lays; null for an act that lays none. */
  band: FilmBandProps | null
  /** The whole film under it: what shows between patches, and what an act without a film works on. */
  under: FilmBandProps | null
  /** How thick the band is drawn, coats. */
  coats: number
  done: boolean
  current: boolean
  /** What is wrong at the boundary under it. */
  findings: ReactNode
  /** The stage of work it belongs to: neighbours of one stage fold together. */
  stage: string
}

/** Stages are told, and fold, from so many steps on. */
const MANY = 12

/** What the core shows, and what hears of what is done with it. */
export type CoreSampleProps = {
  /** In order of work, first step first. */
  rows: readonly SampleRow[]
  substrate: string
  selected: string | null
  onSelect: (id: string) => void
  /** Puts a step before another, in order of work; null: at the end. */
  onMove: (id: string, before: string | null) => void
  /** Asked while dragging: what would be said if it were put there; null when the drag is over. */
  onHover: (id: string | null, before: string | null) => void
  /** First steps of the stages that are folded. */
  folded: ReadonlySet<string>
  onFold: (first: string) => void
  /** Steps that are picked for an act on several; null: none are being picked. */
  picked: ReadonlySet<string> | null
  onPick: (id: string) => void
  /** What may be dragged onto the core from elsewhere, by its type; and what hears of it: what it is, and on which step it fell. */
  dropped?: string
  onDrop?: (what: string, on: string | null) => void
}

/**
 * The stack as a drilled core: the newest step on top, the substrate at the bottom. Steps are chosen, dragged by the grip,
 * and moved with Alt and the arrow keys; what is done stays where it is.
 */
export function CoreSample({
  rows,
  substrate,
  selected,
  onSelect,
  onMove,
  onHover,
  folded,
  onFold,
  picked,
  onPick,
  dropped,
  onDrop,
}: CoreSampleProps) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const stages = rows.length >= MANY ? stagesOf(rows) : [{ first: '', name: '', rows }]
  const shown = [...rows].reverse()
  const before = (active: string, over: string) => placeBefore(rows, active, over)
  const shift = (id: string, by: 1 | -1) => {
    const at = rows.findIndex((row) => row.id === id)
    const target = rows[at + by]
    if (!target || target.done || rows[at]?.done) return
    onMove(id, before(id, target.id))
  }
  const put = ({ active, over }: { active: { id: unknown }; over: { id: unknown } | null }) => {
    onHover(null, null)
    if (over && over.id !== active.id)
      onMove(String(active.id), before(String(active.id), String(over.id)))
  }
  return (
    <section aria-label="Core" {...dropsOf(dropped, onDrop)}>
      <DndContext
        id="core-sample"
        sensors={sensors}
        collisionDetection={underPointer}
        modifiers={WITHIN}
        onDragOver={({ active, over }) =>
          onHover(String(active.id), over ? before(String(active.id), String(over.id)) : null)
        }
        onDragCancel={() => onHover(null, null)}
        onDragEnd={put}
      >
        <SortableContext items={shown.map((row) => row.id)} strategy={verticalListSortingStrategy}>
          <ol aria-label="Core sample, newest step first" reversed className="border-t border-rule">
            {[...stages].reverse().map((stage) => (
              <Fragment key={stage.first}>
                {stage.name !== '' && (
                  <StageRow
                    stage={stage}
                    folded={folded.has(stage.first)}
                    onFold={() => onFold(stage.first)}
                  />
                )}
                {!folded.has(stage.first) &&
                  [...stage.rows]
                    .reverse()
                    .map((row) => (
                      <Row
                        key={row.id}
                        row={row}
                        selected={row.id === selected}
                        picked={picked === null ? null : picked.has(row.id)}
                        onSelect={() => (picked === null ? onSelect(row.id) : onPick(row.id))}
                        onShift={(by) => shift(row.id, by)}
                      />
                    ))}
              </Fragment>
            ))}
          </ol>
        </SortableContext>
        <Ground substrate={substrate} />
      </DndContext>
    </section>
  )
}

/** Hears of what is dragged onto the core from elsewhere. */
function dropsOf(
  type: string | undefined,
  onDrop: ((what: string, on: string | null) => void) | undefined,
): Pick<React.HTMLAttributes<HTMLElement>, 'onDragOver' | 'onDrop'> {
  if (!type || !onDrop) return {}
  return {
    onDragOver: (event) => {
      if (event.dataTransfer.types.includes(type)) event.preventDefault()
    },
    onDrop: (event) => {
      const what = event.dataTransfer.getData(type)
      if (what === '') return
      event.preventDefault()
      const on = (event.target as Element).closest<HTMLElement>('[data-step]')
      onDrop(what, on?.dataset.step ?? null)
    },
  }
}

/** What everything lies on. */
function Ground({ substrate }: { substrate: string }) {
  return (
    <div className="grid grid-cols-[5.5rem_minmax(0,1fr)] sm:grid-cols-[11rem_minmax(0,1fr)]">
      <div className="relative h-14 overflow-hidden border-x-2 border-b-2 border-ink bg-strong">
        <div className="absolute inset-0 bg-[repeating-linear-gradient(90deg,transparent_0_14px,rgb(0_0_0/0.25)_14px_15px)]" />
      </div>
      <p className="self-center pl-4 text-soft">{substrate}</p>
    </div>
  )
}

type Stage = { first: string; name: string; rows: readonly SampleRow[] }

/** Neighbours of one stage, in order of work. */
function stagesOf(rows: readonly SampleRow[]): Stage[] {
  const firsts = rows.flatMap((row, i) => (row.stage === rows[i - 1]?.stage ? [] : [i]))
  return firsts.map((from, i) => {
    const own = rows.slice(from, firsts[i + 1])
    return { first: own[0]?.id ?? '', name: own[0]?.stage ?? '', rows: own }
  })
}

/** The head of a stage; folded, its films lie together as thin bands. */
function StageRow({
  stage,
  folded,
  onFold,
}: {
  stage: Stage
  folded: boolean
  onFold: () => void
}) {
  const bands = stage.rows.filter((row) => row.band)
  return (
    <li className="grid grid-cols-[5.5rem_minmax(0,1fr)] sm:grid-cols-[11rem_minmax(0,1fr)]">
      <div className="flex flex-col-reverse overflow-hidden border-x-2 border-ink bg-sunk">
        {(folded ? bands : bands.slice(-1)).map((row) => (
          <span
            key={row.id}
            className={cx('relative block', folded ? 'min-h-2.5 flex-1' : 'h-full opacity-60')}
          >
            {row.under && row.band?.patchy && <FilmBand {...row.under} sheen={null} />}
            {row.band && <FilmBand {...row.band} sheen={null} />}
          </span>
        ))}
      </div>
      <button
        type="button"
        aria-expanded={!folded}
        onClick={onFold}
        className="flex min-h-8 items-center gap-2 border-b border-rule bg-ground px-4 text-left text-sm text-soft hover:text-ink"
      >
        {folded ? (
          <ChevronRight className="size-4" aria-hidden="true" />
        ) : (
          <ChevronDown className="size-4" aria-hidden="true" />
        )}
        <span className="font-semibold">{stage.name}</span>
        {stage.rows.length} {stage.rows.length === 1 ? 'step' : 'steps'}
        {folded && stage.rows.some((row) => row.findings) && (
          <span className="font-semibold text-risk">with findings</span>
        )}
      </button>
    </li>
  )
}

/** Dropped on a later step it goes behind it, dropped on an earlier one in front of it. */
function placeBefore(rows: readonly SampleRow[], active: string, over: string): string | null {
  const from = rows.findIndex((row) => row.id === active)
  const to = rows.findIndex((row) => row.id === over)
  if (to < 0) return null
  return to > from ? (rows[to + 1]?.id ?? null) : over
}

function Row({ row, selected, picked, onSelect, onShift }: StepProps) {
  const {
    attributes,
    listeners,
    setNodeRef,
    setActivatorNodeRef,
    transform,
    transition,
    isDragging,
  } = useSortable({ id: row.id, disabled: row.done })
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={cx(isDragging && 'relative z-20 opacity-90 shadow-xl')}
      data-step={row.id}
    >
      <div
        className={cx(
          'grid grid-cols-[5.5rem_minmax(0,1fr)] sm:grid-cols-[11rem_minmax(0,1fr)]',
          selected ? 'bg-act-wash' : 'bg-surface',
        )}
      >
        <Core row={row} />
        <div className="flex min-w-0 items-stretch border-b border-rule">
          <StepButton
            row={row}
            selected={selected}
            picked={picked}
            onSelect={onSelect}
            onShift={onShift}
          />
          {row.done ? (
            <span className="w-11 shrink-0" />
          ) : (
            <button
              ref={setActivatorNodeRef}
              type="button"
              {...attributes}
              {...listeners}
              aria-label={`Move ${row.name}`}
              className="grid w-11 shrink-0 cursor-grab touch-none place-content-center text-soft hover:text-ink"
            >
              <GripVertical className="size-5" aria-hidden="true" />
            </button>
          )}
        </div>
      </div>
      {row.findings}
    </li>
  )
}

/** The film of a step, as thick as its coats. */
function Core({ row }: { row: SampleRow }) {
  return (
    <div
      className="relative overflow-hidden border-x-2 border-ink bg-sunk"
      style={{ minHeight: row.band ? `${46 + 7 * Math.min(row.coats, 5)}px` : '44px' }}
    >
      {row.under && (!row.band || row.band.patchy) && (
        <div className="absolute inset-0 opacity-45">
          <FilmBand {...row.under} sheen={null} />
        </div>
      )}
      {row.band ? <FilmBand {...row.band} /> : <Notch />}
    </div>
  )
}

type StepProps = {
  row: SampleRow
  selected: boolean
  /** null: steps aren't being picked. */
  picked: boolean | null
  onSelect: () => void
  onShift: (by: 1 | -1) => void
}

/** What a step is and when; chosen with a click, moved with Alt and the arrow keys. */
function StepButton({ row, selected, picked, onSelect, onShift }: StepProps) {
  return (
    <button
      type="button"
      onClick={onSelect}
      aria-pressed={picked ?? selected}
      onKeyDown={(event) => {
        if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return
        event.preventDefault()
        onShift(event.key === 'ArrowUp' ? 1 : -1)
      }}
      className="flex min-w-0 flex-1 flex-wrap items-center justify-between gap-x-3 px-3 py-1.5 text-left sm:flex-nowrap sm:px-4"
    >
      {picked !== null && <Tick on={picked} />}
      <span className="min-w-0 basis-40 flex-1">
        <span className={cx('block sm:truncate', row.done ? 'text-soft' : 'font-semibold')}>
          {row.name}
        </span>
        <span className="block text-sm text-soft sm:truncate">{row.detail}</span>
      </span>
      <span
        className={cx(
          'shrink-0 text-sm sm:text-right',
          row.current ? 'font-semibold text-act' : 'text-soft',
        )}
      >
        {row.when}
        {row.soonest && (
          <small className="flex text-sm text-soft sm:justify-end">{row.soonest}</small>
        )}
      </span>
    </button>
  )
}

function Tick({ on }: { on: boolean }) {
  return (
    <span
      aria-hidden="true"
      className={cx(
        'grid size-5 shrink-0 place-content-center border-2 text-sm leading-none',
        on ? 'border-act bg-act text-act-ink' : 'border-strong bg-raised',
      )}
    >
      {on ? '✓' : ''}
    </span>
  )
}

/** An act that lays no film leaves a notch in the core. */
function Notch() {
  return (
    <svg
      className="absolute inset-0 size-full text-strong"
      aria-hidden="true"
      preserveAspectRatio="none"
      viewBox="0 0 100 40"
    >
      <path
        d="M0 20H38L44 14L50 20H100"
        fill="none"
        stroke="currentColor"
        strokeWidth="1.5"
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  )
}
