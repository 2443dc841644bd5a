'use client'

import type { TechniqueNumbers } from '@/core/builds'
import { faultRow, solventRow, TECHNIQUES } from '@/core/knowledge'
import { sayDuration } from '@/core/model/duration'
import { useAsked } from '@/state/hooks'
import { Button } from '@/ui/Button'
import { useLatestClimate } from '../shared/useLatestClimate'
import { capital, TOUCH_WORDS } from '../shared/words'

const COMPARED = TECHNIQUES.filter((technique) => technique.compare)

/** Ways of chipping side by side: what one judges them by, a column each. */
export function Compare({ onOpen }: { onOpen: (id: string) => void }) {
  const climate = useLatestClimate()
  const { answer } = useAsked((worker) => worker.techniques(COMPARED, climate, 72), [climate])
  const columns = COMPARED.map((technique, i) => ({ one: technique, numbers: answer?.[i] ?? null }))
  return (
    <section aria-labelledby="compare">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h1 id="compare" className="font-display text-4xl font-semibold">
          Ways to chip, side by side
        </h1>
        <Button onClick={() => onOpen('sponge-chips')}>To the library</Button>
      </div>
      <p className="mt-1 text-soft">Times are for a painted part in the room as it is.</p>
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a table that scrolls sideways is reached with the keyboard */}
      <section className="mt-4 overflow-x-auto" tabIndex={0} aria-label="Comparison">
        <table className="w-full min-w-[56rem] border-collapse text-left align-top">
          <thead>
            <tr className="border-b-2 border-strong">
              <th className="w-24 py-2" scope="col">
                <span className="sr-only">Judged by</span>
              </th>
              {columns.map(({ one: column }) => (
                <th key={column.id} scope="col" className="py-2 pr-4">
                  <button
                    type="button"
                    onClick={() => onOpen(column.id)}
                    className="min-h-8 text-left font-display text-lg font-semibold text-act underline"
                  >
                    {column.name}
                  </button>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            <Row name="Control">
              {columns.map(({ one: column }) => (
                <Level key={column.id} of={column.compare?.control ?? 0} />
              ))}
            </Row>
            <Row name="Randomness">
              {columns.map(({ one: column }) => (
                <Level key={column.id} of={column.compare?.randomness ?? 0} />
              ))}
            </Row>
            <Row name="Hands">
              {columns.map(({ one: column, numbers }) => (
                <span key={column.id}>{numbers && sayDuration(numbers.handsOn)}</span>
              ))}
            </Row>
            <Row name="Waiting added">
              {columns.map(({ one: column, numbers }) => (
                <span key={column.id}>{numbers && sayDuration(numbers.waiting)}</span>
              ))}
            </Row>
            <Row name="Taken back">
              {columns.map(({ one: column, numbers }) => (
                <span key={column.id}>{numbers && takenBack(numbers)}</span>
              ))}
            </Row>
            <Row name="Top coat">
              {columns.map(({ one: column }) => (
                <span key={column.id}>{capital(column.compare?.topCoat ?? '')}</span>
              ))}
            </Row>
            <Row name="Goes wrong">
              {columns.map(({ one: column }) => (
                <span key={column.id}>
                  {capital(column.compare?.goesWrong ?? '')}.{' '}
                  <span className="text-sm text-soft">
                    {column.faults.map((id) => faultRow(id).symptom).join('; ')}
                  </span>
                </span>
              ))}
            </Row>
          </tbody>
        </table>
      </section>
    </section>
  )
}

function takenBack({ comesOff }: TechniqueNumbers): string {
  return comesOff
    ? `${capital(solventRow(comesOff.solvent).name)}, ${TOUCH_WORDS[comesOff.touch]}`
    : 'No: what is off is painted again'
}

function Row({ name, children }: { name: string; children: React.ReactNode[] }) {
  return (
    <tr className="border-b border-rule">
      <th scope="row" className="py-2.5 pr-3 text-left align-top text-sm font-semibold text-soft">
        {name}
      </th>
      {children.map((cell, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: the columns never change places
        <td key={i} className="py-2.5 pr-4 align-top">
          {cell}
        </td>
      ))}
    </tr>
  )
}

const LEVELS = ['none', 'little', 'some', 'fair', 'much', 'most'] as const

/** One to five, as strokes and in a word. */
function Level({ of }: { of: number }) {
  return (
    <span className="flex items-center gap-2">
      <svg viewBox="0 0 30 12" className="h-3 w-8" aria-hidden="true">
        {[0, 1, 2, 3, 4].map((i) => (
          <rect
            key={i}
            x={i * 6}
            y={i < of ? 0 : 9}
            width="4"
            height={i < of ? 12 : 3}
            fill="currentColor"
            opacity={i < of ? 1 : 0.45}
          />
        ))}
      </svg>
      {LEVELS[of]}
    </span>
  )
}
