'use client'
import { useState } from 'react'
import type { Band } from '@/core/knowledge'
import type { BuildStep } from '@/core/model/build'
import type { PanelFigure } from '@/core/panel/measures/figures'
import type { Looked } from '@/state/useLook'
import { cx } from '@/ui/cx'
import { isWithin, numberOf } from '../shared/fieldText'
import { FIGURE_WORDS, namedStep } from './panelWords'

/** The figure that one works up to by eye. */
const STOPPED: PanelFigure = 'chipped'

const NAMES = Object.keys(FIGURE_WORDS) as PanelFigure[]

/** What a panel comes to: each figure with what is usual and the step that moved it most, beside what it is compared with. */
export function FigureList({
  looked,
  other,
  steps,
  stop,
  onStop,
  onStep,
}: {
  looked: Looked
  /** What it is compared with; null: with nothing. */
  other: Looked | null
  steps: readonly BuildStep[]
  /** Where chipping is to stop, a share; null: at what is usual. */
  stop: number | null
  onStop: (stop: number | null) => void
  onStep: (at: number) => void
}) {
  const { figures, measured, moved } = looked
  const there = NAMES.filter(
    (name) => figures && (figures.figures[name] !== null || other?.figures?.figures[name] != null),
  )
  return (
    <section aria-labelledby="panel-figures" aria-busy={!measured}>
      <div className="flex items-baseline justify-between gap-3">
        <h2 id="panel-figures" className="font-display text-2xl font-semibold">
          What it comes to
        </h2>
        <p role="status" className="text-sm text-soft">
          {measured ? '' : 'Measuring…'}
        </p>
      </div>
      <dl className="mt-1">
        {there.map((name) => (
          <FigureRow
            key={name}
            name={name}
            value={figures?.figures[name] ?? null}
            was={other ? (other.figures?.figures[name] ?? null) : undefined}
            usual={figures?.usual[name]}
            stop={name === STOPPED ? (stop ?? figures?.usual[name]?.to) : undefined}
            onStop={onStop}
            by={moved?.[name] === undefined ? null : { at: moved[name] as number, steps, onStep }}
          />
        ))}
      </dl>
    </section>
  )
}

function FigureRow({
  name,
  value,
  was,
  usual,
  stop,
  onStop,
  by,
}: {
  name: PanelFigure
  value: number | null
  /** Undefined: nothing is compared. */
  was: number | null | undefined
  usual: Band | undefined
  stop: number | undefined
  onStop: (stop: number | null) => void
  by: { at: number; steps: readonly BuildStep[]; onStep: (at: number) => void } | null
}) {
  const { say, of } = FIGURE_WORDS[name]
  const said = (one: number | null) => (one === null ? '–' : of(one))
  const isUsual = value === null || !usual || (value >= usual.from && value <= usual.to)
  return (
    <div className="border-t border-rule py-1.5">
      <div className="flex items-baseline justify-between gap-3">
        <dt>{say}</dt>
        <dd className="text-right font-semibold whitespace-nowrap">
          {was !== undefined && <span className="mr-2 font-normal text-soft">{said(was)} →</span>}
          {said(value)}
          {stop !== undefined && <StopAt stop={stop} onStop={onStop} />}
        </dd>
      </div>
      {(usual || stop !== undefined) && value !== null && (
        <Gauge value={value} usual={usual} stop={stop} />
      )}
      <p className="flex flex-wrap justify-between gap-x-3 text-sm text-soft">
        {usual && (
          <span className={cx(!isUsual && 'font-semibold text-risk')}>
            {isUsual ? 'Usual' : 'Usual would be'} {bandSaid(usual, of)}
          </span>
        )}
        {by && (
          <button
            type="button"
            className="min-h-6 text-act underline pointer-coarse:min-h-11"
            onClick={() => by.onStep(by.at + 1)}
          >
            most by {namedStep(by.steps[by.at])}
          </button>
        )}
      </p>
    </div>
  )
}

/** Where to stop, typed in percent. */
function StopAt({ stop, onStop }: { stop: number; onStop: (stop: number | null) => void }) {
  const [typed, setTyped] = useState<string | null>(null)
  return (
    <span className="font-normal text-soft">
      {' '}
      of{' '}
      <input
        aria-label="Stop at so many percent"
        inputMode="decimal"
        className="control min-h-8 w-14 px-1 text-right pointer-coarse:min-h-11"
        value={typed ?? String(Math.round(stop * 1000) / 10)}
        onChange={({ target }) => {
          setTyped(target.value)
          const read = numberOf(target.value)
          onStop(isWithin(read, 0, 100) ? read / 100 : null)
        }}
        onBlur={() => setTyped(null)}
      />{' '}
      %
    </span>
  )
}

function bandSaid({ from, to }: Band, of: (value: number) => string): string {
  return from === 0 ? `up to ${of(to)}` : `${of(from)} to ${of(to)}`
}

/** Where a figure stands: what is usual as a band, where to stop as a line. */
function Gauge({
  value,
  usual,
  stop,
}: {
  value: number
  usual: Band | undefined
  stop: number | undefined
}) {
  const end = 1.25 * Math.max(value, usual?.to ?? 0, stop ?? 0, 1e-9)
  const share = (one: number) => `${Math.min(100, (one / end) * 100)}%`
  return (
    <div className="relative my-1 h-2 bg-sunk" aria-hidden="true">
      {usual && (
        <span
          className="absolute inset-y-0 bg-plate-lit"
          style={{ left: share(usual.from), right: `calc(100% - ${share(usual.to)})` }}
        />
      )}
      <span className="absolute inset-y-0.5 left-0 bg-ink" style={{ width: share(value) }} />
      {stop !== undefined && (
        <span className="absolute -inset-y-1 w-0.5 bg-stop" style={{ left: share(stop) }} />
      )}
    </div>
  )
}
