'use client'

import { useState } from 'react'
import type { DryingClock, PartPlan } from '@/core/builds'
import { limitBreaches } from '@/core/drying'
import { key, stepOf } from '@/core/model/stepRef'
import { GAP_HOURS } from '@/core/room'
import { useAsked, useParts, useProject, useStock } from '@/state/hooks'
import { clockTime, sayFigures } from '@/ui/time'
import { bareMeasure, measured, number, unitOf } from '@/ui/units'
import { namesOf } from '../shared/names'
import { useNow } from '../shared/now'
import { useSensorState } from '../shared/SensorContext'
import { useSource } from '../shared/useSensor'
import { Corrections } from './Corrections'
import { CureChart } from './CureChart'

/** The air of the room, what it does to the films that dry, and what the log says of them. */
export function RoomScreen() {
  return (
    <div className="space-y-10 p-4 lg:p-6">
      <div className="grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 lg:grid-cols-[22rem_minmax(0,1fr)]">
        <Air />
        <Curing />
      </div>
      <Corrections />
    </div>
  )
}

const SILENT = GAP_HOURS * 3_600_000

function Air() {
  const { room } = useStock()
  const now = useNow(15_000)
  const { live, lost } = useSensorState()
  const newest = room.reads.at(-1)
  const last = live ?? newest?.climate
  const at = live ? Date.parse(live.at) : newest?.at
  const age = at === undefined ? null : now - at
  return (
    <section aria-labelledby="air">
      <h1 id="air" className="font-display text-4xl font-semibold">
        Room
      </h1>
      <SourceChoice />
      {last ? (
        <>
          <p className="mt-4 flex items-baseline gap-6 text-5xl font-semibold">
            <span>
              {bareMeasure(last.celsius, '°C', 1)}
              <span className="ml-1 text-xl font-normal text-soft">{unitOf('°C')}</span>
            </span>
            <span>
              {number(last.humidity, 0, true)}
              <span className="ml-1 text-xl font-normal text-soft">% humidity</span>
            </span>
          </p>
          <p className="mt-1 text-soft">
            Read {age !== null && age >= 60_000 ? `${sayFigures(age)} ago` : 'just now'}
          </p>
        </>
      ) : (
        <p className="mt-4 text-soft">Nothing was read yet: every clock goes by 20 °C and 50 %.</p>
      )}
      {age !== null && age > SILENT && <Silent age={age} lost={lost} />}
      <Limits
        climate={last ? { celsius: last.celsius, humidity: last.humidity, air: 'room' } : null}
      />
      <Pattern />
    </section>
  )
}

function Silent({ age, lost }: { age: number; lost: boolean }) {
  const now = useNow(60_000)
  const { answer: known, stale } = useAsked((worker) => worker.usualDay(now), [now])
  return (
    <p className="mt-3 border-l-4 border-risk pl-3" role="status">
      No reading for {sayFigures(age)}
      {lost ? ': the sensor can’t be reached. ' : '. '}
      {/* The place of what isn’t known yet is kept free: nothing moves for it. */}
      <span className={stale ? 'invisible' : undefined}>
        {known || stale
          ? 'The room’s usual day stands in until the next one.'
          : 'The last one holds until the next.'}
      </span>
    </p>
  )
}

function SourceChoice() {
  const [source, setSource] = useSource()
  return (
    <fieldset className="mt-3">
      <legend className="text-sm font-semibold text-soft">The air is</legend>
      <div>
        {(
          [
            ['hand', 'typed in, under Settings'],
            ['sensor', 'read from the bench sensor'],
          ] as const
        ).map(([value, say]) => (
          <label key={value} className="flex min-h-11 items-center gap-2">
            <input
              type="radio"
              name="source"
              className="size-5"
              checked={source === value}
              onChange={() => setSource(value)}
            />
            {say}
          </label>
        ))}
      </div>
    </fieldset>
  )
}

/** What can't be sprayed in this air, worst first. */
function Limits({
  climate,
}: {
  climate: { celsius: number; humidity: number; air: 'room' } | null
}) {
  if (!climate) return null
  const works = [
    { family: 'lacquer', role: 'clear' },
    { family: 'water-acrylic', role: 'colour' },
    { family: 'acrylic-pu', role: 'clear' },
    { family: 'urethane-2k', role: 'clear' },
  ] as const
  const breaches = works.flatMap((work) =>
    limitBreaches({ ...work, tool: 'airbrush', retarder: 0 }, climate).filter(
      (breach) => breach.severity !== 'note',
    ),
  )
  const said = [...new Set(breaches.map((breach) => breach.because))]
  return (
    <>
      <h2 className="mt-5 font-display text-xl font-semibold">In this air</h2>
      {said.length === 0 ? (
        <p>Every family can be sprayed.</p>
      ) : (
        <ul className="mt-1 space-y-1">
          {said.map((because) => (
            <li key={because} className="border-l-4 border-risk pl-3">
              {because}
            </li>
          ))}
        </ul>
      )}
    </>
  )
}

/** The usual day, from what was read. */
function Pattern() {
  const now = useNow(60_000)
  const { answer, stale } = useAsked((worker) => worker.usualDay(now), [now])
  if (!answer && stale) return null
  if (!answer)
    return (
      <p className="mt-5 text-sm text-soft">
        After a day of readings the room’s usual day is known, and clocks go by it.
      </p>
    )
  const { pattern, changes } = answer
  const hours = 24 / pattern.blocks.length
  return (
    <>
      <h2 className="mt-5 font-display text-xl font-semibold">The usual day</h2>
      <table className="mt-1 w-full border-collapse">
        <caption className="sr-only">Temperature and humidity by the time of day</caption>
        <tbody>
          {pattern.blocks.map((block, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: the blocks of a day are known by their place
            <tr key={i} className="border-t border-rule">
              <th scope="row" className="py-0.5 text-left font-normal text-soft">
                {String(i * hours).padStart(2, '0')}:00
              </th>
              <td className="text-right">{measured(block.celsius, '°C', 1)}</td>
              <td className="text-right">{number(block.humidity, 0, true)} %</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-1 text-sm text-soft">The next {changes} changes of the air come from it.</p>
    </>
  )
}

/** How many films are offered where none dries any more. */
const LAST_LAID = 12

/** Films that are still on their way; where none is, those that were laid last. */
function shownClocks(parts: readonly PartPlan[]): DryingClock[] {
  const all = parts.flatMap((part) => part.clocks)
  const drying = all.filter(({ next }) => next !== null)
  return drying.length > 0 ? drying : all.sort((a, b) => b.from - a.from).slice(0, LAST_LAID)
}

/** One film's way to being cured, under the air it dries in. */
function Curing() {
  const parts = useParts()
  const project = useProject()
  const now = useNow(60_000)
  const clocks = shownClocks(parts)
  const [chosen, choose] = useState<string | null>(null)
  const id = (clock: DryingClock) => [key(stepOf(clock)), clock.film].join(' ')
  const clock =
    clocks.find((clock) => id(clock) === chosen) ?? clocks.find((clock) => clock.next) ?? clocks[0]
  if (!clock)
    return (
      <section aria-labelledby="curing">
        <h2 id="curing" className="font-display text-2xl font-semibold">
          A film’s cure
        </h2>
        <p className="text-soft">Nothing dries: the first coat that is logged shows here.</p>
      </section>
    )
  return (
    <section aria-labelledby="curing" className="min-w-0">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h2 id="curing" className="font-display text-2xl font-semibold">
          A film’s cure
        </h2>
        <select
          aria-label="Film"
          value={id(clock)}
          onChange={(event) => choose(event.target.value)}
          className="control min-h-11 max-w-full px-2.5"
        >
          {clocks.map((clock) => (
            <option key={id(clock)} value={id(clock)}>
              {namesOf(project, clock).part}: {clock.name}
            </option>
          ))}
        </select>
      </div>
      <CureChart clock={clock} now={now} />
      <Milestones clock={clock} now={now} />
    </section>
  )
}

const SAY = {
  flash: 'Next coat',
  touch: 'Touch-dry',
  recoat: 'Next product',
  tape: 'Bears tape',
  sand: 'Sands',
  cured: 'Cured',
} as const

function Milestones({ clock, now }: { clock: DryingClock; now: number }) {
  return (
    <dl className="mt-3 grid gap-x-8 sm:grid-cols-2">
      {clock.milestones.map(({ point, at }) => (
        <div key={point} className="flex justify-between gap-3 border-t border-rule py-1">
          <dt className="text-soft">{SAY[point]}</dt>
          <dd className="text-right whitespace-nowrap">
            {at === null
              ? 'never'
              : at <= now
                ? 'reached'
                : `${clockTime(at, now)} · ${sayFigures(at - now)}`}
          </dd>
        </div>
      ))}
    </dl>
  )
}
