import { useSortable } from '@dnd-kit/sortable'
import { CSS } from '@dnd-kit/utilities'
import { ChevronDown, ChevronRight, GripVertical } from 'lucide-react'
import type { ReactNode } from 'react'
import { counted } from '@/core/model/counted'
import { cx } from '../cx'
import { Swatch } from '../Swatch'
import type { SampleRow, StageRows } from './row'

type StepProps = {
  row: SampleRow
  selected: boolean
  /** null: steps aren't being picked. */
  picked: boolean | null
  onSelect: () => void
  onShift: (by: 1 | -1) => void
}

/** A step beside the section: what it is, when, what is wrong with it and, opened, its fields. */
export function Row({ open, ...props }: StepProps & { open: ReactNode }) {
  const { row, selected } = props
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
      className={cx(
        'border-b border-rule',
        isDragging && 'relative z-20 bg-surface opacity-90 shadow-xl',
      )}
      data-step={row.id}
    >
      <div
        data-head={row.id}
        className={cx('flex min-w-0 items-stretch', selected && 'bg-act-wash')}
      >
        <StepButton {...props} opens={open !== null} />
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
      {row.findings}
      {open}
    </li>
  )
}

/** What a step is and when; chosen with a click, moved with Alt and the arrow keys. */
function StepButton({
  row,
  selected,
  picked,
  opens,
  onSelect,
  onShift,
}: StepProps & { opens: boolean }) {
  return (
    <button
      type="button"
      onClick={onSelect}
      aria-pressed={picked ?? selected}
      aria-expanded={picked === null ? opens : undefined}
      onKeyDown={(event) => {
        if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return
        event.preventDefault()
        onShift(event.key === 'ArrowUp' ? 1 : -1)
      }}
      className="flex min-h-11 min-w-0 flex-1 items-center gap-x-3 py-1.5 pl-2 text-left"
    >
      {picked !== null && <Tick on={picked} />}
      <Swatch colour={row.film.seen} />
      <span className="flex min-w-0 flex-1 flex-wrap items-baseline justify-between gap-x-3">
        <span data-name className={cx('min-w-0', row.done ? 'text-soft' : 'font-semibold')}>
          {row.name}
        </span>
        <span
          className={cx('shrink-0 text-sm', row.current ? 'font-semibold text-act' : 'text-soft')}
        >
          {row.when}
        </span>
        <span className="w-full text-sm text-soft">
          {row.detail}
          {row.soonest && ` · ${row.soonest}`}
        </span>
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

/** The head of a stage. */
export function StageRow({
  stage,
  folded,
  onFold,
}: {
  stage: StageRows
  folded: boolean
  onFold: () => void
}) {
  return (
    <li>
      <button
        type="button"
        aria-expanded={!folded}
        data-head={folded ? stage.rows.at(-1)?.id : undefined}
        onClick={onFold}
        className="flex min-h-8 w-full items-center gap-2 border-b border-rule px-2 text-left text-sm text-soft hover:text-ink pointer-coarse:min-h-11"
      >
        {folded ? (
          <ChevronRight className="size-4" aria-hidden="true" />
        ) : (
          <ChevronDown className="size-4" aria-hidden="true" />
        )}
        <span className="font-semibold">{stage.name}</span>
        {counted(stage.rows.length, 'step')}
        {folded && stage.rows.some((row) => row.worst) && (
          <span className="font-semibold text-risk">with findings</span>
        )}
      </button>
    </li>
  )
}
