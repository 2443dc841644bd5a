'use client'
import { useState } from 'react'
import { type RunningTimer, runningTimers } from '@/core/schedule'
import { useStock } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { Button } from '@/ui/Button'
import { cx } from '@/ui/cx'
import { clockTime, figures } from '@/ui/time'
import { useNow } from '../shared/now'
import { OnDemand } from '../shared/OnDemand'
import { KIND_WORDS } from './timerWords'

const loadForm = () => import('./NewTimer')

/** Clocks of what is no film on a part: several at once, the next to end first. */
export function Timers() {
  const stock = useStock()
  const now = useNow()
  const [adding, setAdding] = useState(false)
  const timers = runningTimers(stock, now)
  return (
    <section aria-labelledby="timers" className="mt-8">
      <div className="flex items-center justify-between gap-3">
        <h2 id="timers" className="font-display text-xl font-semibold">
          Other clocks
        </h2>
        <Button aria-expanded={adding} onClick={() => setAdding(!adding)}>
          {adding ? 'Cancel' : 'Start a clock'}
        </Button>
      </div>
      {adding && (
        <OnDemand
          load={loadForm}
          failed="What starts a clock can’t be had just now."
          onClose={() => setAdding(false)}
        >
          {({ NewTimer }) => <NewTimer onDone={() => setAdding(false)} />}
        </OnDemand>
      )}
      {timers.length > 0 && (
        <ul className="mt-2 grid gap-x-6 sm:grid-cols-2">
          {timers.map((timer) => (
            <TimerRow key={timer.id} timer={timer} now={now} />
          ))}
        </ul>
      )}
    </section>
  )
}

function TimerRow({ timer, now }: { timer: RunningTimer; now: number }) {
  const run = useRun()
  const over = timer.to <= now
  const stop = () => void run('stopTimer', timer.id, timer.name)
  const share = Math.min(1, (now - timer.from) / Math.max(1, timer.to - timer.from))
  return (
    <li className="border-t border-rule py-2">
      <div className="flex items-center justify-between gap-3">
        <div className="min-w-0">
          <p className="truncate font-semibold">{timer.name}</p>
          <p className={cx('text-sm', over ? 'text-risk' : 'text-soft')}>
            {KIND_WORDS[timer.kind]} ·{' '}
            {over ? `over since ${clockTime(timer.to, now)}` : `until ${clockTime(timer.to, now)}`}
          </p>
        </div>
        <div className="flex shrink-0 items-center gap-3">
          {!over && <Left milliseconds={timer.to - now} />}
          {timer.own && (
            <Button onClick={stop} aria-label={`Stop ${timer.name}`}>
              Stop
            </Button>
          )}
        </div>
      </div>
      <div aria-hidden="true" className="mt-1.5 h-1 bg-sunk">
        <div
          className={cx('h-1', over ? 'bg-risk' : 'bg-act')}
          style={{ width: `${share * 100}%` }}
        />
      </div>
    </li>
  )
}

function Left({ milliseconds }: { milliseconds: number }) {
  return (
    <p className="flex items-baseline gap-1.5 text-2xl font-semibold whitespace-nowrap">
      {figures(milliseconds).map(({ value, unit }) => (
        <span key={unit}>
          {value}
          <span className="ml-0.5 text-base font-normal">{unit}</span>
        </span>
      ))}
    </p>
  )
}
