import { onceEach, runningTimers, type ScheduledTask } from '@/core/schedule'
import type { StockState } from '@/core/stock'
import { clockTime } from '@/ui/time'
import { actOnPart } from './names'
import { capital } from './words'

/** What is told once: which act or clock it is of, and its words. */
export type Reminder = { id: string; text: string }

/** An act is told when it begins within this time, ms. */
const AHEAD = 60_000

/**
 * What has come due since it was last looked at: acts a minute before they begin, clocks when they are over. A page that slept
 * looks late, and says since when.
 *
 * @param since epoch milliseconds of the last look
 */
export function dueSince(
  stock: StockState,
  tasks: readonly ScheduledTask[],
  since: number,
  now: number,
): Reminder[] {
  const isLate = (at: number) => at < now - AHEAD
  const acts = onceEach(tasks).flatMap((task): Reminder[] => {
    const { id, start } = task
    if (start === null || start > now + AHEAD || start <= since - AHEAD) return []
    const due = isLate(start) ? `Due since ${clockTime(start, now)}` : 'Due now'
    return [{ id, text: `${due}: ${capital(actOnPart(stock.project, task))}` }]
  })
  const clocks = runningTimers(stock, now).flatMap(({ id, name, to }): Reminder[] => {
    if (to > now || to < since - AHEAD) return []
    return [{ id, text: `${isLate(to) ? `Over since ${clockTime(to, now)}` : 'Over'}: ${name}` }]
  })
  return [...acts, ...clocks]
}

/** How far reminders reach, by what the browser answered. */
export function saidOfReach(answer: NotificationPermission): string {
  return answer === 'granted'
    ? 'Steps are told a minute before, by the system too, while Tectoria is open, even behind other tabs. A phone that sleeps tells them when it wakes: what has to ring at any rate belongs in your calendar.'
    : 'The browser allows no notifications: steps are told in the page, a minute before, and only while you have it before you.'
}

/** Has the system tell it. A phone's browser lets only the worker do so that keeps the application. */
export async function tellBySystem({ id, text }: Reminder): Promise<void> {
  if (!('Notification' in window) || Notification.permission !== 'granted') return
  const worker = await navigator.serviceWorker?.getRegistration()
  const said = { body: text, tag: id }
  if (worker?.active) await worker.showNotification('Tectoria', said)
  else new Notification('Tectoria', said)
}
