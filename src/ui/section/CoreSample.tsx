'use client'

import {
  type Announcements,
  type CollisionDetection,
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  pointerWithin,
  type UniqueIdentifier,
  useSensor,
  useSensors,
} from '@dnd-kit/core'
import { restrictToParentElement, restrictToVerticalAxis } from '@dnd-kit/modifiers'
import {
  SortableContext,
  sortableKeyboardCoordinates,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable'
import { Fragment, type ReactNode, useState } from 'react'
import { Core } from './Core'
import { Row, StageRow } from './Row'
import { placeBefore, putBefore, type SampleRow, shiftedBefore, stagesOf } from './row'

/** A dragged step stays on the core: the page has no reason to scroll away under it. */
const WITHIN = [restrictToVerticalAxis, restrictToParentElement]

/** Rows are of many heights: what is under the pointer is meant; with the keyboard, what is nearest. */
const underPointer: CollisionDetection = (args) => {
  const under = pointerWithin(args)
  return under.length > 0 ? under : closestCenter(args)
}

/** What the core shows, and what hears of what is done with it. */
export type CoreSampleProps = {
  /** In order of work, first step first. */
  rows: readonly SampleRow[]
  substrate: string
  selected: string | null
  onSelect: (id: string) => void
  /** The fields of the selected step, shown in its place; null: they are shown elsewhere. */
  editor: ReactNode
  /** What else is told of it, under the section. */
  beside?: ReactNode
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

type Dragged = { id: string; before: string | null }

/**
 * The stack as a drilled core: the newest step on top, the substrate at the bottom, each film as thick as it dries. Steps are
 * chosen, dragged by the grip, and moved with Alt and the arrow keys; what is done stays where it is.
 */
export function CoreSample(props: CoreSampleProps) {
  const { rows, substrate, selected, folded, onFold, onMove, onHover } = props
  const [dragged, setDragged] = useState<Dragged | null>(null)
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const shown = [...rows].reverse()
  const before = (active: string, over: string) => placeBefore(rows, active, over)
  const hover = (to: Dragged | null) => {
    setDragged(to)
    onHover(to?.id ?? null, to?.before ?? null)
  }
  const put = ({ active, over }: { active: { id: unknown }; over: { id: unknown } | null }) => {
    hover(null)
    if (over && over.id !== active.id)
      onMove(String(active.id), before(String(active.id), String(over.id)))
  }
  const stages = [...stagesOf(rows)].reverse()
  return (
    <section aria-label="Core" {...dropsOf(props.dropped, props.onDrop)}>
      <DndContext
        id="core-sample"
        sensors={sensors}
        collisionDetection={underPointer}
        modifiers={WITHIN}
        accessibility={{ announcements: announcementsOf(rows) }}
        onDragOver={({ active, over }) =>
          hover(
            over
              ? { id: String(active.id), before: before(String(active.id), String(over.id)) }
              : null,
          )
        }
        onDragCancel={() => hover(null)}
        onDragEnd={put}
      >
        <SortableContext items={shown.map((row) => row.id)} strategy={verticalListSortingStrategy}>
          <Core
            rows={dragged ? putBefore(rows, dragged.id, dragged.before) : rows}
            substrate={substrate}
            chosen={dragged?.id ?? selected}
            moving={dragged !== null}
            opened={props.editor ? selected : null}
            beside={props.beside}
            onChoose={props.onSelect}
          >
            {stages.map((stage) => (
              <Fragment key={stage.first}>
                {stage.name !== '' && (
                  <StageRow
                    stage={stage}
                    folded={folded.has(stage.first)}
                    onFold={() => onFold(stage.first)}
                  />
                )}
                {!folded.has(stage.first) && <Rows {...props} of={stage.rows} />}
              </Fragment>
            ))}
          </Core>
        </SortableContext>
      </DndContext>
    </section>
  )
}

/** The rows of a stage, the newest on top. */
function Rows({
  of,
  rows,
  selected,
  editor,
  picked,
  onSelect,
  onPick,
  onMove,
}: CoreSampleProps & { of: readonly SampleRow[] }) {
  const shift = (id: string, by: 1 | -1) => {
    const before = shiftedBefore(rows, id, by)
    if (before !== undefined) onMove(id, before)
  }
  return [...of]
    .reverse()
    .map((row) => (
      <Row
        key={row.id}
        row={row}
        selected={row.id === selected}
        picked={picked === null ? null : picked.has(row.id)}
        open={row.id === selected ? editor : null}
        onSelect={() => (picked === null ? onSelect(row.id) : onPick(row.id))}
        onShift={(by) => shift(row.id, by)}
      />
    ))
}

/** What a screen reader is told of a drag: names, not ids. */
function announcementsOf(rows: readonly SampleRow[]): Announcements {
  const name = (id: UniqueIdentifier) => rows.find((row) => row.id === id)?.name ?? 'the step'
  return {
    onDragStart: ({ active }) => `Picked up ${name(active.id)}.`,
    onDragOver: ({ active, over }) =>
      over && over.id !== active.id ? `${name(active.id)} is over ${name(over.id)}.` : undefined,
    onDragEnd: ({ active, over }) =>
      over && over.id !== active.id
        ? `${name(active.id)} was put at ${name(over.id)}.`
        : `${name(active.id)} stays where it was.`,
    onDragCancel: ({ active }) => `${name(active.id)} stays where it was.`,
  }
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
