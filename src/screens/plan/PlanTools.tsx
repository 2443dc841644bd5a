'use client'

import type { BenchPlan } from '@/core/plan'
import { Button } from '@/ui/Button'
import { saveFile } from '@/ui/saveFile'
import { useBench } from '../shell/BenchContext'
import { useEveningWorth } from '../shell/useEveningWorth'
import { useReminders } from '../shell/useReminders'
import { namesOf, taskName } from './names'

/** The rules of a time zone as calendars read them; without them they go by the zone's name. */
async function zoneRules(zone: string): Promise<string | null> {
  try {
    const answer = await fetch(`/api/zone?${new URLSearchParams({ zone })}`)
    return answer.ok ? await answer.text() : null
  } catch {
    return null
  }
}

/** How a saved evening is weighed against a later finish. */
const WEIGHTS = [
  { minutes: 0, say: 'Finish soonest' },
  { minutes: 1440, say: 'A day later for an evening saved' },
  { minutes: 3 * 1440, say: 'Fewest evenings' },
] as const

/** What else the plan can do: how it weighs, the calendar file, reminders. */
export function PlanTools({ plan }: { plan: BenchPlan }) {
  const { project, say } = useBench()
  const [worth, setWorth] = useEveningWorth()
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
      <div className="mt-3 flex flex-wrap items-end gap-x-6 gap-y-3">
        <label className="block">
          <span className="mb-1 block text-sm font-semibold text-soft">The plan seeks</span>
          <select
            value={worth}
            onChange={(event) => setWorth(Number(event.target.value))}
            className="min-h-11 rounded-tool border-2 border-strong bg-raised px-2.5"
          >
            {WEIGHTS.map((one) => (
              <option key={one.minutes} value={one.minutes}>
                {one.say}
              </option>
            ))}
          </select>
        </label>
        <Button onClick={() => void save()}>Save as a calendar file</Button>
        <Button aria-pressed={reminders.on} onClick={() => void reminders.toggle()}>
          {reminders.on ? 'Reminders are on' : 'Remind me'}
        </Button>
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="size-5"
            checked={reminders.sound}
            onChange={(event) => reminders.setSound(event.target.checked)}
          />
          With a sound
        </label>
      </div>
      {reminders.note && <p className="mt-2 text-sm text-soft">{reminders.note}</p>}
    </section>
  )
}
