import { DateTime } from 'luxon'
import { LOCAL_TIMES, NAMED_DAYS, WEEKDAYS } from '../../knowledge/words/instants'
import { parseDuration } from '../../model/duration'
import { saidDuration } from './saidDuration'

/**
 * The instant that a text means: "now", "an hour ago", "2 days ago", "18:30", "yesterday evening", "last night", "Friday 20:00",
 * "2026-11-20 19:30". What names a time of day alone is the last one of it.
 *
 * @param now epoch milliseconds
 * @param zone an IANA time zone
 * @returns epoch milliseconds, or null where the text means none
 */
export function saidInstant(text: string, now: number, zone: string): number | null {
  const said = text.trim().toLowerCase().replaceAll(/\s+/g, ' ')
  const here = DateTime.fromMillis(now, { zone })
  if (said === '') return null
  if (said === 'now' || said === 'just now') return now
  const ago = /^(.+?) (?:ago|before)$/.exec(said)
  if (ago) {
    const written = saidDuration(ago[1] ?? '')
    const minutes = written === null ? null : parseDuration(written)
    return minutes === null ? null : now - minutes * 60_000
  }
  const iso = DateTime.fromISO(text.trim().replace(' ', 'T').toUpperCase(), { zone })
  if (/^\d{4}-\d\d-\d\d/.test(said) && iso.isValid)
    return said.length === 10 ? iso.set({ hour: USUAL_HOUR }).toMillis() : iso.toMillis()
  return dayAndTime(said, here)
}

/** The hour of a day of which nobody says one. */
const USUAL_HOUR = 20

function dayAndTime(said: string, here: DateTime): number | null {
  const words = said.replace(/^(?:on|at|about|around) /, '').split(' ')
  for (let split = words.length; split >= 0; split--) {
    const day = dayOf(words.slice(0, split).join(' '), here)
    const time = timeOf(words.slice(split).join(' ').replace(/^at /, ''))
    if (day === null || time === null) continue
    const at = day.set({ hour: time.hour, minute: time.minute, second: 0, millisecond: 0 })
    const isBare = split === 0
    // "18:30" at six in the evening was yesterday's.
    return (isBare && at > here ? at.minus({ days: 1 }) : at).toMillis()
  }
  return null
}

/** A day in words; nothing said is today. */
function dayOf(said: string, here: DateTime): DateTime | null {
  if (said === '') return here
  if (Object.hasOwn(NAMED_DAYS, said))
    return here.minus({ days: NAMED_DAYS[said as keyof typeof NAMED_DAYS] })
  const weekday = WEEKDAYS.indexOf(said.replace(/^last /, '') as (typeof WEEKDAYS)[number]) + 1
  if (weekday === 0) return null
  const back = (here.weekday - weekday + 7) % 7
  return here.minus({ days: back === 0 ? 7 : back })
}

/** A time of day; nothing said is the evening. */
function timeOf(said: string): { hour: number; minute: number } | null {
  if (said === '') return { hour: USUAL_HOUR, minute: 0 }
  if (Object.hasOwn(LOCAL_TIMES, said))
    return { hour: LOCAL_TIMES[said as keyof typeof LOCAL_TIMES], minute: 0 }
  const clock = /^(\d{1,2})(?:[:.h](\d\d))?\s?(am|pm)?$/.exec(said)
  if (!clock || (clock[2] === undefined && clock[3] === undefined)) return null
  const [, h, m = '0', half] = clock
  const hour = half === undefined ? Number(h) : (Number(h) % 12) + (half === 'pm' ? 12 : 0)
  const minute = Number(m)
  return hour > 23 || minute > 59 ? null : { hour, minute }
}
