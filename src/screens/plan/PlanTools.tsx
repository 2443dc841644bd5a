'use client'
import { useState } from 'react'
import type { Sessions } from '@/core/model/sessions'
import { withoutOne } from '@/core/model/withoutOne'
import type { BenchPlan } from '@/core/schedule'
import { useProject, useSay } from '@/state/hooks'
import { useChangeSessions } from '@/state/writing'
import { Button } from '@/ui/Button'
import { saveFile } from '@/ui/saveFile'
import { Tick } from '@/ui/Tick'
import { clockTime } from '@/ui/time'
import { namesOf, taskName } from '../shared/names'
import { useReminders } from '../shared/useReminders'
import { Wishes } from './Wishes'

type Outages = NonNullable<Sessions['outages']>

/** The power is out: no compressor and no sander until it is back. */
function Outage() {
  const project = useProject()
  const changeSessions = useChangeSessions()
  const [until, setUntil] = useState('')
  const { sessions } = project
  const running = (sessions?.outages ?? []).find((outage) => Date.parse(outage.to) > Date.now())
  if (!sessions) return null
  const put = (label: string, next: (now: Outages) => Outages) =>
    void changeSessions((now) => ({ outages: next(now.outages ?? []) }), label)
  const cut = () => {
    const [hour = Number.NaN, minute = Number.NaN] = until.split(':').map(Number)
    if (!Number.isFinite(hour) || !Number.isFinite(minute)) return
    const now = Date.now()
    const back = new Date(now)
    back.setHours(hour, minute, 0, 0)
    // A time that is over today is meant tomorrow.
    if (back.getTime() <= now) back.setDate(back.getDate() + 1)
    const outage = { from: new Date(now).toISOString(), to: back.toISOString() }
    put(`No power until ${clockTime(back.getTime(), now)}`, (now) => [...now, outage])
    setUntil('')
  }
  return (
    <div className="mt-3 flex flex-wrap items-center gap-2">
      {running ? (
        <>
          <p>The power is out until {clockTime(Date.parse(running.to), Date.now())}.</p>
          <Button onClick={() => put('The power is back', (now) => withoutOne(now, running))}>
            It is back
          </Button>
        </>
      ) : (
        <form
          className="flex flex-wrap items-center gap-2"
          onSubmit={(event) => {
            event.preventDefault()
            cut()
          }}
        >
          <label className="flex items-center gap-2">
            The power is out until
            <input
              type="time"
              required
              value={until}
              onChange={(event) => setUntil(event.target.value)}
              className="control min-h-11 px-2"
            />
          </label>
          <Button type="submit">Plan without it</Button>
        </form>
      )}
    </div>
  )
}

/** The rules of a time zone as calendars read them; without them they go by the zone's name. */
async function zoneRules(zone: string): Promise<string | null> {
  try {
    const answer = await fetch(`/api/zone?${new URLSearchParams({ zone })}`)
    return answer.ok ? await answer.text() : null
  } catch {
    return null
  }
}

/** What else the plan can do: how it weighs, the calendar file, reminders. */
export function PlanTools({ plan }: { plan: BenchPlan }) {
  const project = useProject()
  const say = useSay()
  const reminders = useReminders()
  const save = async () => {
    const { planCalendar } = await import('@/core/formats/planCalendar')
    const zone = project.sessions?.zone ?? 'UTC'
    const names = (task: BenchPlan['tasks'][number]) => ({
      ...namesOf(project, task),
      act: taskName(project, { ...task, coat: null }),
    })
    const text = planCalendar(plan, names, zone, await zoneRules(zone), Date.now())
    saveFile('tectoria-plan.ics', text, 'text/calendar')
    say('The plan was saved as a calendar file; a later one moves the same entries')
  }
  return (
    <section aria-labelledby="plan-tools" className="mt-8 border-t border-rule pt-4">
      <h2 id="plan-tools" className="font-display text-2xl font-semibold">
        Weighing and reminders
      </h2>
      <div className="mt-3">
        <Wishes plan={plan} now={plan.now} />
      </div>
      <div className="mt-5 flex flex-wrap items-end gap-x-6 gap-y-3">
        <Button onClick={() => void save()}>Save as a calendar file</Button>
        <Button aria-pressed={reminders.on} onClick={() => void reminders.toggle()}>
          {reminders.on ? 'Reminders are on' : 'Remind me'}
        </Button>
        <Tick className="min-h-11" on={reminders.sound} onTick={reminders.setSound}>
          With a sound
        </Tick>
      </div>
      {reminders.reach && <p className="mt-2 max-w-prose text-sm text-soft">{reminders.reach}</p>}
      <Outage />
    </section>
  )
}
