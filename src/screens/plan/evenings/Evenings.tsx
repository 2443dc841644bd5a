'use client'
import { DndContext, PointerSensor, useDroppable, useSensor, useSensors } from '@dnd-kit/core'
import { useEffect, useMemo, useRef, useState } from 'react'
import { counted } from '@/core/model/counted'
import { type BenchPlan, type Evening, type EveningBlock, eveningsOf } from '@/core/schedule'
import { cx } from '@/ui/cx'
import { writeDate } from '@/ui/dates'
import { clockTime, sayFigures } from '@/ui/time'
import { Block } from './Block'
import { type Moves, useMoves } from './useMoves'

const MINUTE = 60_000

/** The plan evening by evening, side by side: what is done in each, and between them how long it dries. */
export function Evenings({
  plan,
  chosen,
  onChoose,
  now,
}: {
  plan: BenchPlan
  /** A task of the plan. */
  chosen: string | null
  onChoose: (id: string) => void
  now: number
}) {
  const evenings = useMemo(() => eveningsOf(plan), [plan])
  const moves = useMoves(plan)
  const drag = useDrag(evenings, moves)
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 5 } }))
  const list = useRef<HTMLDivElement>(null)
  const followed = useRef<string | null>(null)
  const follow = (block: EveningBlock, at: number) => {
    followed.current = block.id
    drag.put(block, at)
  }
  // What was moved by keys went to another column, and takes the focus along.
  useEffect(() => {
    if (!followed.current || evenings.length === 0 || document.activeElement !== document.body)
      return
    const moved = blockAt(list.current, followed.current)
    followed.current = null
    moved?.focus()
    moved?.scrollIntoView({ block: 'nearest', inline: 'nearest' })
  }, [evenings])
  return (
    <DndContext
      id="evenings"
      sensors={sensors}
      accessibility={{ announcements: drag.announcements }}
      onDragStart={({ active }) => drag.start(String(active.id))}
      onDragCancel={drag.leave}
      onDragEnd={({ over }) => drag.drop(over ? Number(over.id) : null)}
    >
      <section
        ref={list}
        aria-label="The plan by evenings"
        className="relative flex snap-x items-stretch overflow-x-auto pb-3"
      >
        {evenings.map((evening) => (
          <Column
            key={evening.session.to}
            {...{ evening, chosen, onChoose, moves, now }}
            isPlace={drag.isPlace}
            onKey={(event, block) =>
              stepBetween(event, block, evening, evenings, moves, follow, list.current)
            }
          />
        ))}
      </section>
    </DndContext>
  )
}

type Dragged = { active: { id: unknown } }

/** What is dragged, and where it is let go: it is put there as soon as it is known whether it may. */
function useDrag(evenings: readonly Evening[], moves: Moves) {
  const [dropped, setDropped] = useState<number | null>(null)
  const { held, places, hold, put, nameOf } = moves
  useEffect(() => {
    if (dropped === null || !held || !places) return
    put(held, dropped, places)
    setDropped(null)
    hold(null)
  })
  const blockOf = (id: string) =>
    evenings.flatMap(({ blocks }) => blocks).find((block) => block.id === id) ?? null
  const own = held && evenings.find(({ blocks }) => blocks.includes(held))
  const leave = () => hold(null)
  const called = (id: unknown) => {
    const block = blockOf(String(id))
    return block ? nameOf(block) : 'the step'
  }
  return {
    start: (id: string) => hold(blockOf(id)),
    /** Without a hand: the same is asked of it as if it were dropped there. */
    put: (block: EveningBlock, at: number) => {
      hold(block, at)
      setDropped(at)
    },
    drop: (at: number | null) =>
      at === null || at === own?.session.from ? leave() : setDropped(at),
    leave,
    /** May the block in hand be put there? null: nothing is in hand, or it isn't known yet. */
    isPlace: (at: number): boolean | null => {
      const place = held && places?.find(({ session }) => session.from === at)
      return place ? place.outcome !== null : null
    },
    announcements: {
      onDragStart: ({ active }: Dragged) => `Picked up ${called(active.id)}.`,
      onDragOver: ({ active, over }: Dragged & { over: { id: unknown } | null }) =>
        over
          ? `${called(active.id)} is over ${writeDate('weekday-day', Number(over.id))}.`
          : undefined,
      onDragEnd: () => undefined,
      onDragCancel: ({ active }: Dragged) => `${called(active.id)} stays where it was.`,
    },
  }
}

/** A block in the list, by its id. */
function blockAt(list: HTMLElement | null, id: string): HTMLElement | null {
  return list?.querySelector<HTMLElement>(`[data-block="${CSS.escape(id)}"]`) ?? null
}

/** Arrow keys go from block to block and evening to evening; with Shift they take the block along; P keeps it or lets it go. */
function stepBetween(
  event: React.KeyboardEvent,
  block: EveningBlock,
  evening: Evening,
  evenings: readonly Evening[],
  { toggle }: Moves,
  put: (block: EveningBlock, at: number) => void,
  list: HTMLElement | null,
): void {
  // Control P prints, Alt and arrows go back.
  if (event.ctrlKey || event.metaKey || event.altKey) return
  const column = evenings.indexOf(evening)
  const row = evening.blocks.indexOf(block)
  const sideways = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0
  const along = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' ? 1 : 0
  const focus = (id: string | undefined) => blockAt(list, id ?? '')?.focus()
  if (event.key === 'p') toggle(block, evening.session)
  else if (along !== 0) focus(evening.blocks[row + along]?.id)
  else if (sideways !== 0 && event.shiftKey) {
    const target = evenings[column + sideways]?.session
    if (target) put(block, target.from)
  } else if (sideways !== 0) {
    const next = evenings[column + sideways]?.blocks
    focus(next?.[Math.min(row, next.length - 1)]?.id)
  } else return
  event.preventDefault()
  event.stopPropagation()
}

/** One evening as a column, behind what passes before it. */
function Column({
  evening,
  chosen,
  onChoose,
  moves,
  now,
  isPlace,
  onKey,
}: {
  evening: Evening
  chosen: string | null
  onChoose: (id: string) => void
  moves: Moves
  now: number
  isPlace: (at: number) => boolean | null
  onKey: (event: React.KeyboardEvent, block: EveningBlock) => void
}) {
  const { session, blocks, handsOnMinutes, before } = evening
  const isChosen = ({ acts }: EveningBlock) =>
    chosen !== null && acts.some(({ tasks }) => tasks.includes(chosen))
  const tabbed = blocks.find(isChosen) ?? blocks[0]
  return (
    <>
      {before && (
        <div className="flex shrink-0 flex-col items-stretch">
          <Break before={before} />
          <div className="flex grow justify-center gap-px pb-1">
            {moves.held &&
              before.free.map((free) => (
                <Free key={free.from} session={free} may={isPlace(free.from)} />
              ))}
          </div>
        </div>
      )}
      <Place at={session.from} may={isPlace(session.from)}>
        <h3 className="border-b-2 border-ink pb-1">
          <span className="block font-display text-lg font-semibold">
            {writeDate('weekday-day', session.from)}
          </span>
          <span className="text-sm text-soft">
            {clockTime(session.from, session.from)}–{clockTime(session.to, session.to)} ·{' '}
            {sayFigures(handsOnMinutes * MINUTE)} of work
          </span>
        </h3>
        <ol aria-label={`Evening of ${writeDate('weekday-day', session.from)}`}>
          {blocks.map((block, i) => (
            <Block
              key={block.id}
              {...{ block, now }}
              pause={i === 0 ? 0 : block.from - (blocks[i - 1]?.to ?? block.from)}
              chosen={isChosen(block)}
              tabbed={block === tabbed}
              pinned={moves.isPinned(block)}
              onChoose={() => onChoose(block.id)}
              onKey={(event) => onKey(event, block)}
            />
          ))}
        </ol>
      </Place>
    </>
  )
}

/** What passes between two evenings: the hours, and how many parts dry meanwhile. */
function Break({ before }: { before: NonNullable<Evening['before']> }) {
  const { minutes, drying, free } = before
  return (
    <p className="w-22 px-1.5 pt-1 text-center text-sm leading-snug text-soft">
      <span className="drying-line mb-1.5 block h-1" aria-hidden="true" />
      <span className="block font-semibold text-ink">{sayFigures(minutes * MINUTE)}</span>
      {drying > 0 && (
        <span className="block">
          {drying} {drying === 1 ? 'part dries' : 'parts dry'}
        </span>
      )}
      {free.length > 0 && <span className="block">{counted(free.length, 'evening')} free</span>}
    </p>
  )
}

const PLACE = (may: boolean | null, isOver: boolean) =>
  cx(
    may === true && 'bg-act-wash outline-2 outline-act',
    may === false && 'bg-stop-wash',
    isOver && may !== false && 'outline-4 outline-act',
  )

/** A session that a block may be put into. */
function Place({
  at,
  may,
  children,
}: {
  at: number
  may: boolean | null
  children: React.ReactNode
}) {
  const { setNodeRef, isOver } = useDroppable({ id: at })
  return (
    <div
      ref={setNodeRef}
      data-place={may === null ? undefined : may ? 'open' : 'closed'}
      className={cx('w-56 shrink-0 snap-start', PLACE(may, isOver))}
    >
      {children}
    </div>
  )
}

/** A session in which nothing is done yet. */
function Free({ session, may }: { session: { from: number }; may: boolean | null }) {
  const { setNodeRef, isOver } = useDroppable({ id: session.from })
  return (
    <div
      ref={setNodeRef}
      data-place={may === null ? undefined : may ? 'open' : 'closed'}
      className={cx(
        'min-h-40 w-8 bg-plate pt-2 text-center text-sm [writing-mode:vertical-rl]',
        PLACE(may, isOver),
      )}
    >
      {writeDate('weekday-day', session.from)}
    </div>
  )
}
