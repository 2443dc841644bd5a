import { useEffect, useRef, useState } from 'react'
import { onceEach, runningTimers, type ScheduledTask } from '@/core/schedule'
import { usePlan, useSay, useStock } from '@/state/hooks'
import { chime } from './chime'
import { actOnPart } from './names'
import { useNow } from './now'
import { capital } from './words'

const ON = 'tectoria-reminders'
const SOUND = 'tectoria-reminder-sound'
/** An act is told when it begins within this time, ms. */
const AHEAD = 60_000

function stored(key: string): boolean {
  try {
    return localStorage.getItem(key) === 'yes'
  } catch {
    return false
  }
}

/** Reminders as they are set: off until they are asked for, and silent until a sound is. */
export function useReminders() {
  const [on, setOn] = useState(false)
  const [sound, setSound] = useState(false)
  const [note, setNote] = useState<string | null>(null)
  useEffect(() => {
    setOn(stored(ON))
    setSound(stored(SOUND))
  }, [])
  const toggle = async () => {
    const next = !on
    setOn(next)
    localStorage.setItem(ON, next ? 'yes' : 'no')
    if (!next) return setNote(null)
    const allowed = 'Notification' in window ? await Notification.requestPermission() : 'denied'
    setNote(
      allowed === 'granted'
        ? 'Steps are told a minute before, by the system too.'
        : 'The browser allows no notifications: steps are told in the page, a minute before.',
    )
  }
  return {
    on,
    sound,
    note,
    toggle,
    setSound: (next: boolean) => {
      setSound(next)
      localStorage.setItem(SOUND, next ? 'yes' : 'no')
    },
  }
}

/** Tells acts of the plan as they come due, once each; mounted once, for all screens. */
export function useReminding(): void {
  const stock = useStock()
  const { project } = stock
  const say = useSay()
  const { plan } = usePlan()
  const now = useNow(5000)
  const told = useRef(new Set<string>())
  useEffect(() => {
    if (!plan || !stored(ON)) return
    const due = onceEach(plan.tasks).filter(
      (task) => task.start !== null && task.start - now <= AHEAD && task.start > now - AHEAD,
    )
    for (const task of due) {
      if (told.current.has(task.id)) continue
      told.current.add(task.id)
      tell(task.id, `Due now: ${capital(actOnPart(project, task as ScheduledTask))}`, say)
    }
    for (const timer of runningTimers(stock, now)) {
      if (timer.to > now || timer.to < now - AHEAD || told.current.has(timer.id)) continue
      told.current.add(timer.id)
      tell(timer.id, `Over: ${timer.name}`, say)
    }
  }, [plan, stock, project, now, say])
}

/** In the page, by the system where it is allowed, and with a tone where that is wanted. */
function tell(tag: string, text: string, say: (text: string) => void): void {
  say(text)
  if ('Notification' in window && Notification.permission === 'granted')
    new Notification('Tectoria', { body: text, tag })
  if (stored(SOUND)) chime()
}
