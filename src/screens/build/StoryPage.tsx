import { useMemo } from 'react'
import { howDone, type StoryDay, type StorySaid, storyOf } from '@/core/builds/story'
import { roomWords, storyMarkdown } from '@/core/formats/storyMarkdown'
import type { Build } from '@/core/model/build'
import { useStock } from '@/state/hooks'
import { Button } from '@/ui/Button'
import { cx } from '@/ui/cx'
import { writeDate } from '@/ui/dates'
import { saveFile } from '@/ui/saveFile'
import { clockTime } from '@/ui/time'
import { number } from '@/ui/units'
import { Thumb } from '../shared/picture/Thumb'
import { zoneHere } from '../shared/sessionZone'
import { PaperHead } from './PaperHead'

/** How a build came to be, told from its log: on the screen, on paper, and as Markdown. */
export function StoryPage({ build }: { build: Build }) {
  const { project, log, room } = useStock()
  const zone = project.sessions?.zone ?? zoneHere()
  const story = useMemo(
    () => storyOf({ project, log, room }, build.id, zone),
    [project, log, room, build.id, zone],
  )
  if (!story) return null
  const save = () => saveFile(`${build.id}.md`, storyMarkdown(story, zone), 'text/markdown')
  return (
    <article className="max-w-4xl p-4 lg:px-6">
      <PaperHead build={build}>
        <Button onClick={save}>Save as Markdown</Button>
      </PaperHead>
      {story.cost !== null && (
        <p className="mt-2 text-soft">Its paint cost {number(story.cost, 2)}.</p>
      )}
      {story.days.map((day) => (
        <Day key={day.date} day={day} />
      ))}
    </article>
  )
}

function Day({ day: { date, steps, mixes, said, room, pictures } }: { day: StoryDay }) {
  return (
    <section className="mt-8 break-inside-avoid">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6 border-b-2 border-strong pb-1">
        <h2 className="font-display text-2xl font-semibold">
          {writeDate('plain-date-long', Date.parse(`${date}T12:00Z`))}
        </h2>
        {room && <p className="text-soft tabular-nums">{roomWords(room)}</p>}
      </div>
      <ol>
        {rowsOf({ steps, mixes, said }).map(({ at, to, key, colour, text, on, kind }) => (
          <li
            key={key}
            className="grid grid-cols-[6.5rem_0.5rem_minmax(0,1fr)] gap-3 border-b border-rule py-1.5"
          >
            <span className="tabular-nums">
              {clockTime(at, at)}
              {to - at >= 60_000 && `–${clockTime(to, to)}`}
            </span>
            <span
              aria-hidden="true"
              className={cx('rounded-[1px]', colour && 'border border-ink/30')}
              style={colour ? { background: colour } : undefined}
            />
            <span className="min-w-0">
              <span
                className={cx('block break-words', kind === 'wrong' && 'font-semibold text-risk')}
              >
                {kind === 'wrong' && 'Went wrong: '}
                {text}
              </span>
              {on !== '' && <span className="block text-sm text-soft">{on}</span>}
            </span>
          </li>
        ))}
      </ol>
      {pictures.length > 0 && (
        <ul className="mt-3 grid grid-cols-2 gap-3 sm:grid-cols-3">
          {pictures.map(({ id, name }) => (
            <li key={id} className="break-inside-avoid">
              <Thumb id={id} say={name} className="h-40 w-full" />
              <span className="text-sm text-soft">{name}</span>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}

type Row = {
  key: string
  at: number
  to: number
  colour: string | null
  text: string
  on: string
  kind: StorySaid['kind'] | 'done'
}

/** All that happened on a day, in order of time. */
function rowsOf({ steps, mixes, said }: Pick<StoryDay, 'steps' | 'mixes' | 'said'>): Row[] {
  const done = steps.map(
    (step): Row => ({
      key: step.step,
      at: step.from,
      to: step.to,
      colour: step.colour,
      text: `${step.name}${howDone(step)}`,
      on: step.parts.join(', '),
      kind: 'done',
    }),
  )
  const mixed = mixes.map(
    (mix, i): Row => ({
      key: `mix ${i}`,
      at: mix.at,
      to: mix.at,
      colour: null,
      text: `Mixed ${mix.name}`,
      on: mix.from.map(({ bottle, ml }) => `${bottle} ${number(ml, 1)} ml`).join(', '),
      kind: 'done',
    }),
  )
  const words = said.map(
    (one, i): Row => ({
      key: `said ${i}`,
      at: one.at,
      to: one.at,
      colour: null,
      text: one.text,
      on: one.part ?? '',
      kind: one.kind,
    }),
  )
  return [...done, ...mixed, ...words].sort((a, b) => a.at - b.at)
}
