import { useEffect, useRef, useState } from 'react'
import { usePlan, useSay, useStock } from '@/state/hooks'
import { chime } from './chime'
import { useNow } from './now'
import { dueSince, type Reminder, saidOfReach, tellBySystem } from './reminders'

const ON = 'tectoria-reminders'
const SOUND = 'tectoria-reminder-sound'

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
  const [answer, setAnswer] = useState<NotificationPermission>('default')
  useEffect(() => {
    setOn(stored(ON))
    setSound(stored(SOUND))
    if ('Notification' in window) setAnswer(Notification.permission)
  }, [])
  const toggle = async () => {
    const next = !on
    setOn(next)
    localStorage.setItem(ON, next ? 'yes' : 'no')
    if (next && 'Notification' in window) setAnswer(await Notification.requestPermission())
  }
  return {
    on,
    sound,
    /** How far they reach; null while they are off. */
    reach: on ? saidOfReach(answer) : null,
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
  const say = useSay()
  const { plan } = usePlan()
  const now = useNow(5000)
  const told = useRef(new Set<string>())
  const looked = useRef<number | null>(null)
  useEffect(() => {
    const since = looked.current ?? now
    looked.current = now
    if (!plan || !stored(ON)) return
    for (const reminder of dueSince(stock, plan.tasks, since, now)) {
      if (told.current.has(reminder.id)) continue
      told.current.add(reminder.id)
      tell(reminder, say)
    }
  }, [plan, stock, now, say])
}

/** In the page, by the system where it is allowed, and with a tone where that is wanted. */
function tell(reminder: Reminder, say: (text: string) => void): void {
  say(reminder.text)
  // A system that can't show it has it in the page all the same.
  void tellBySystem(reminder).catch(() => {})
  if (stored(SOUND)) chime()
}
