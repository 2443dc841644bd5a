import { type ReactNode, useMemo, useRef, useState } from 'react'
import { cx } from '../cx'
import { SeverityMark } from '../Severity'
import { number } from '../units'
import { NARROW, useMedia } from '../useMedia'
import { useWidth } from '../useWidth'
import type { SampleRow } from './row'
import { SectionDrawing, type SectionLayout, sectionLayout } from './SectionDrawing'
import { useHeads } from './useHeads'

/** About how high a row is, pixels: the section is drawn about as high as its rows. */
const ROW = 54
/** Over its rows on a phone it is about so high. */
const LOW = 230

/** The section through a part beside its rows, with a line from each film to its row. */
export function Core({
  rows,
  substrate,
  chosen,
  moving,
  opened,
  beside,
  onChoose,
  children,
}: {
  /** In order of work. */
  rows: readonly SampleRow[]
  substrate: string
  chosen: string | null
  /** A row is being dragged: lines would lead to where it was. */
  moving: boolean
  /** A row that is open: those under it are pushed far down, and no line leads there. */
  opened: string | null
  /** Under the section. */
  beside: ReactNode
  onChoose: (id: string) => void
  /** The rows as list items, the newest first. */
  children: ReactNode
}) {
  const column = useRef<HTMLDivElement>(null)
  const list = useRef<HTMLOListElement>(null)
  const wide = useWidth(column)
  const heads = useHeads(list)
  const narrow = useMedia(NARROW)
  const tall = useTallOf(heads, rows.length, opened !== null || moving)
  const films = useMemo(() => rows.map(({ film }) => film), [rows])
  const layout = useMemo(() => sectionLayout(films, narrow ? LOW : tall), [films, narrow, tall])
  return (
    <div className="grid sm:grid-cols-[minmax(0,5fr)_2.5rem_minmax(0,6fr)]">
      <div ref={column} className="min-w-0">
        <div className="relative overflow-hidden bg-sunk">
          {wide > 0 && (
            <SectionDrawing
              films={films}
              layout={layout}
              wide={wide}
              chosen={chosen}
              onChoose={onChoose}
            />
          )}
          <Marks rows={rows} layout={layout} />
        </div>
        <p className="mt-1 text-sm text-soft">
          The strip on top is what you see. Films are to scale: the bar is{' '}
          {number(layout.bar.microns, 0)} µm. What is planned is paler.
        </p>
        {beside}
      </div>
      {!narrow && (
        <Leaders
          rows={opened === null ? rows : rows.slice(rows.findIndex(({ id }) => id === opened))}
          layout={layout}
          heads={moving ? NOWHERE : heads}
          chosen={chosen}
        />
      )}
      <div>
        <ol
          ref={list}
          aria-label="Core sample, newest step first"
          reversed
          className="border-t border-rule"
        >
          {children}
        </ol>
        <p className="px-2 py-3 text-soft">{substrate}</p>
      </div>
    </div>
  )
}

/** How high the rows are in all, pixels; while one is open or on the move, how high they were before. */
function useTallOf(heads: ReadonlyMap<string, number>, count: number, keep: boolean): number {
  const [before, setBefore] = useState(0)
  const last = Math.max(0, ...heads.values())
  const now = last === 0 ? (count + 1) * ROW : last + ROW
  if (!keep && now !== before) setBefore(now)
  return Math.max(240, keep && before > 0 ? before : now)
}

const NOWHERE: ReadonlyMap<string, number> = new Map()

/** What is wrong, at the boundary where it happens. */
function Marks({ rows, layout }: { rows: readonly SampleRow[]; layout: SectionLayout }) {
  return rows.map(({ id, worst }) => {
    const at = layout.boundaryOf(id)
    if (!worst || at === null) return null
    return (
      <span
        key={id}
        aria-hidden="true"
        className="absolute left-1 grid size-6 -translate-y-1/2 place-content-center bg-surface"
        style={{ top: at }}
      >
        <SeverityMark severity={worst} wordless />
      </span>
    )
  })
}

/** A line from each film to the row that tells of it. */
function Leaders({
  rows,
  layout,
  heads,
  chosen,
}: {
  rows: readonly SampleRow[]
  layout: SectionLayout
  heads: ReadonlyMap<string, number>
  chosen: string | null
}) {
  const tall = Math.max(layout.tall, ...heads.values()) + 1
  return (
    <svg
      className="w-full"
      height={tall}
      viewBox={`0 0 100 ${tall}`}
      preserveAspectRatio="none"
      aria-hidden="true"
    >
      {rows.map(({ id }) => {
        const [from, to] = [layout.middleOf(id), heads.get(id)]
        if (from === null || to === undefined) return null
        const here = id === chosen
        return (
          <path
            key={id}
            d={`M0 ${from}H12L88 ${to}H100`}
            fill="none"
            className={cx(here ? 'stroke-act' : 'stroke-strong')}
            strokeWidth={here ? 2.5 : 1}
            vectorEffect="non-scaling-stroke"
          />
        )
      })}
    </svg>
  )
}
