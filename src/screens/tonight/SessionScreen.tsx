'use client'

import { useState } from 'react'
import type { PartPlan } from '@/core/builds'
import { counted } from '@/core/model/counted'
import { isSamePart, key, stepOf } from '@/core/model/stepRef'
import type { CardAct, SessionCard } from '@/core/schedule'
import { sessionCard } from '@/core/schedule/sessionCard'
import { useParts, usePlan, useProject, useStock } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { Button } from '@/ui/Button'
import { writeDate } from '@/ui/dates'
import { clockTime, sayFigures } from '@/ui/time'
import { measured } from '@/ui/units'
import { Moved } from '../shared/Moved'
import { NoSessions } from '../shared/NoSessions'
import { actOnPart, coatsSaid, namesOf, partsNamed } from '../shared/names'
import { useNow } from '../shared/now'
import { capital, listed } from '../shared/words'

/** A session as a card to work from: on screen each act can be ticked off, on paper too. */
export function SessionScreen() {
  const stock = useStock()
  const { project } = stock
  const { plan } = usePlan()
  const now = useNow(15_000)
  const [ahead, setAhead] = useState(0)
  const sessions = (plan?.sessions ?? []).filter((session) => session.to > now)
  const session = sessions[Math.min(ahead, sessions.length - 1)]
  if (!project.sessions)
    return (
      <div className="p-6">
        <NoSessions then="there is a card for every session" />
      </div>
    )
  if (!plan)
    return (
      <p className="p-6 text-soft" role="status">
        Planning your sessions…
      </p>
    )
  if (!session) return <p className="p-6">No session lies ahead.</p>
  const card = sessionCard(stock, plan, session)
  return (
    <div className="max-w-5xl p-4 lg:p-6">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <div>
          <h1 className="font-display text-4xl font-semibold">Session card</h1>
          <p className="text-lg">
            {writeDate('day-long', session.from)}, {clockTime(session.from, session.from)}–
            {clockTime(session.to, session.to)} ·{' '}
            <strong>{sayFigures(card.handsOnMinutes * 60_000)} hands-on</strong>
            {card.cleanOuts > 0 && ` · ${counted(card.cleanOuts, 'clean-out')}`}
          </p>
        </div>
        <div className="flex gap-2" data-screen-only>
          <Button disabled={ahead === 0} onClick={() => setAhead(ahead - 1)}>
            Earlier
          </Button>
          <Button disabled={ahead >= sessions.length - 1} onClick={() => setAhead(ahead + 1)}>
            Later
          </Button>
          <Button onClick={() => window.print()}>Print</Button>
        </div>
      </div>
      <div data-screen-only>
        <Moved />
      </div>
      <div className="mt-6 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)] print:grid-cols-[3fr_2fr]">
        <Acts card={card} />
        <div className="space-y-6">
          <Prepare card={card} />
          <Closing card={card} now={now} />
          <Overnight card={card} now={now} />
        </div>
      </div>
    </div>
  )
}

/** The acts in order; ticking one writes it into the log. */
function Acts({ card }: { card: SessionCard }) {
  const project = useProject()
  if (card.acts.length === 0)
    return <p>Nothing is planned for it: what is on the bench needs longer to dry.</p>
  return (
    <ol aria-label="Steps of the session">
      {card.acts.map((act, i) => {
        const { act: name, build, colour } = namesOf(project, act)
        const run = act.batch === null ? [] : card.acts.filter(({ batch }) => batch === act.batch)
        return (
          <li key={act.tasks[0]}>
            {act.cleanOutBefore && (
              <p className="border-t border-rule py-1.5 pl-[4.75rem] text-sm text-soft">
                Clean the airbrush: another paint follows
              </p>
            )}
            {run.length > 1 && run[0] === act && <Run acts={run} />}
            <div className="grid grid-cols-[4rem_minmax(0,1fr)_auto] items-center gap-3 border-t border-rule py-1.5">
              <time className="text-lg font-semibold" dateTime={new Date(act.from).toISOString()}>
                {clockTime(act.from, act.from)}
              </time>
              <span className="flex min-w-0 items-center gap-2.5">
                <span
                  aria-hidden="true"
                  className="h-9 w-1.5 shrink-0 rounded-[1px] border border-ink/30"
                  style={{ background: colour ?? 'var(--sunk)' }}
                />
                <span className="min-w-0">
                  <span className="block font-semibold">
                    {name}
                    {coatsSaid(project, act)}
                  </span>
                  <span className="block text-sm text-soft">
                    {partsNamed(project, act.build, act.parts)} · {build} ·{' '}
                    {sayFigures(act.minutes * 60_000)}
                  </span>
                </span>
              </span>
              <Tick act={act} first={i === 0} />
            </div>
          </li>
        )
      })}
    </ol>
  )
}

/** Is it, or the first coat of it, what comes next on its part? */
function isNext(parts: readonly PartPlan[], act: CardAct): boolean {
  const next = parts.find((plan) => isSamePart(plan, act))?.next
  return next?.step === act.step && (next.coat ?? null) === (act.coats?.[0] ?? null)
}

/** The same work on several parts: mixed once, and one button logs all that are as far. */
function Run({ acts }: { acts: readonly CardAct[] }) {
  const project = useProject()
  const parts = useParts()
  const run = useRun()
  const asFar = acts.filter((act) => isNext(parts, act))
  const [first, ...rest] = asFar
  const names = listed(acts.map((act) => namesOf(project, act).part))
  if (!first) return null
  const coat = first.coats?.[0] ?? null
  const name = `${names}: ${namesOf(project, first).act.toLowerCase()}`
  const log = () =>
    void run(
      'logAct',
      stepOf(first),
      { kind: coat === null ? 'finished' : 'coat-done' },
      { coat },
      coat === null ? `${name} finished` : `${name}, coat ${coat} done`,
      rest.map(stepOf),
    )
  return (
    <p className="flex flex-wrap items-center justify-between gap-2 border-t border-rule py-1.5 pl-[4.75rem] text-sm text-soft">
      <span className="min-w-0 [overflow-wrap:anywhere]">One run, one mix: {names}</span>
      {rest.length > 0 && (
        <Button onClick={log} data-screen-only>
          {coat === null ? 'All done' : `Coat ${coat} done on all`}
        </Button>
      )}
    </p>
  )
}

/** One coat, or the whole act: what is next of it goes into the log. */
function Tick({ act, first }: { act: CardAct; first: boolean }) {
  const project = useProject()
  const parts = useParts()
  const run = useRun()
  const place = stepOf(act)
  const ready = isNext(parts, act)
  const tick = () => {
    const name = capital(actOnPart(project, place))
    return act.coats
      ? void run(
          'logAct',
          place,
          { kind: 'coat-done' },
          { coat: act.coats[0] },
          `${name}, coat ${act.coats[0]} done`,
        )
      : void run('logAct', place, { kind: 'finished' }, { coat: null }, `${name} finished`)
  }
  const what = act.coats ? `Coat ${act.coats[0]} done` : 'Done'
  return (
    <>
      <Button
        look={first && ready ? 'act' : 'plain'}
        disabled={!ready}
        onClick={tick}
        className="min-w-32"
        data-screen-only
        title={ready ? undefined : 'What comes before it on this part isn’t done'}
      >
        {what}
        <span className="sr-only">: {actOnPart(project, place)}</span>
      </Button>
      <span aria-hidden="true" className="hidden size-6 border-2 border-ink print:block" />
    </>
  )
}

function Prepare({ card }: { card: SessionCard }) {
  const project = useProject()
  return (
    <section aria-labelledby="prepare">
      <h2 id="prepare" className="font-display text-xl font-semibold">
        Mix first
      </h2>
      {card.mixes.length === 0 ? (
        <p className="text-soft">Nothing is sprayed.</p>
      ) : (
        <ul>
          {card.mixes.map((mix) => (
            <li key={mix.setup} className="border-t border-rule py-1">
              <span className="font-semibold">
                {mix.bottle ?? capital(mix.setup.replaceAll('-', ' '))}
              </span>{' '}
              by {clockTime(mix.by, mix.by)}
              {mix.amounts.length > 0 && (
                <span className="block">
                  {mix.amounts
                    .map(({ name, ml }) => `${name} ${measured(ml, 'ml', 1)}`)
                    .join(' + ')}
                </span>
              )}
              <span className="block text-sm text-soft">
                for {mix.parts.map((part) => namesOf(project, { ...mix, part }).part).join(', ')}
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}

function Closing({ card, now }: { card: SessionCard; now: number }) {
  const project = useProject()
  return (
    <section aria-labelledby="must-close">
      <h2 id="must-close" className="font-display text-xl font-semibold">
        Windows that open
      </h2>
      {card.mustClose.length === 0 ? (
        <p className="text-soft">None: whatever is left can wait.</p>
      ) : (
        <ul>
          {card.mustClose.map((closing) => (
            <li
              key={[key(stepOf(closing)), closing.closesAt].join(' ')}
              className="border-t border-rule py-1"
            >
              {capital(actOnPart(project, closing))}{' '}
              <strong>by {clockTime(closing.closesAt, now)}</strong>
              {closing.plannedAt !== null && (
                <span className="text-soft">, planned {clockTime(closing.plannedAt, now)}</span>
              )}
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}

function Overnight({ card, now }: { card: SessionCard; now: number }) {
  const project = useProject()
  return (
    <section aria-labelledby="overnight">
      <h2 id="overnight" className="font-display text-xl font-semibold">
        Left to dry
      </h2>
      {card.overnight.length === 0 ? (
        <p className="text-soft">Nothing.</p>
      ) : (
        <ul>
          {card.overnight.map((night) => (
            <li key={`${night.build}/${night.part}`} className="border-t border-rule py-1">
              {namesOf(project, night).part}: {night.family}
              {night.nextAt !== null && (
                <span className="text-soft">, next step {clockTime(night.nextAt, now)}</span>
              )}
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
