import ical, { ICalAlarmType } from 'ical-generator'
import { DateTime } from 'luxon'
import { key, stepOf } from '../model/stepRef'
import { onceEach } from '../schedule/onceEach'
import type { BenchPlan, ScheduledTask } from '../schedule/planBench'

const MINUTE = 60_000

/** What an entry of the calendar is called. */
export type TaskNames = (task: ScheduledTask) => { act: string; part: string; build: string }

/** How long before an act the alarm goes, minutes. */
const ALARM = 10

/** One entry: the coats of a step of a part that are laid in one session. */
type Entry = { first: ScheduledTask; from: number; to: number; coats: number }

function entriesOf(plan: BenchPlan): Entry[] {
  const entries = new Map<string, Entry>()
  for (const task of onceEach(plan.tasks).sort((a, b) => (a.start ?? 0) - (b.start ?? 0))) {
    const { start } = task
    if (start === null) continue
    const session = plan.sessions.findIndex(
      (session) => session.from <= start && start < session.to,
    )
    const line = [key(stepOf(task)), session].join('/')
    const to = task.end ?? start
    const known = entries.get(line)
    if (known) {
      known.to = Math.max(known.to, to)
      known.coats += 1
    } else entries.set(line, { first: task, from: start, to, coats: 1 })
  }
  return [...entries.values()]
}

/** A calendar that takes an event by its id: the same act keeps its id from one plan to the next, so that it is moved, not doubled. */
function uidOf({ build, part, step, coat }: ScheduledTask): string {
  return [build, part, step, coat ?? 1].map(encodeURIComponent).join('.').concat('@tectoria')
}

/**
 * The plan as an iCalendar file (RFC 5545): an event an act, in the zone of the bench, with an alarm before it.
 *
 * @param zone an IANA time zone
 * @param rules the zone's rules as a VTIMEZONE component, where they are at hand
 * @param now epoch milliseconds; later exports carry a higher sequence number
 */
export function planCalendar(
  plan: BenchPlan,
  names: TaskNames,
  zone: string,
  rules: string | null,
  now: number,
): string {
  const calendar = ical({
    name: 'Tectoria bench',
    prodId: { company: 'Tectoria', product: 'Bench', language: 'EN' },
    timezone: { name: null, generator: () => rules },
  })
  const local = (at: number) => DateTime.fromMillis(at, { zone })
  for (const { first, from, to, coats } of entriesOf(plan)) {
    const { act, part, build } = names(first)
    calendar.createEvent({
      id: uidOf(first),
      sequence: Math.floor(now / MINUTE),
      stamp: DateTime.fromMillis(now, { zone: 'utc' }),
      start: local(from),
      end: local(to),
      timezone: zone,
      summary: `${act}: ${part}`,
      description: coats > 1 ? `${build}, ${coats} coats` : build,
      alarms: [{ type: ICalAlarmType.display, trigger: ALARM * 60 }],
    })
  }
  return calendar.toString()
}
