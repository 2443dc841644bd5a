import type { Written } from '@/store/transact'
import { type Readable, writable } from './readable'

/** What was just done, told at the foot of the screen, with Undo beside it where it can be taken back. */
export type Told = { text: string; undo: boolean; seq: number }

export type Messages = {
  told: Readable<Told | null>
  say: (text: string, undo?: boolean) => void
  /** Tells what became of an action. @returns was it written? */
  tell: (written: Written) => boolean
}

/** How long a message stays, ms. */
const STAYS = 8000

export function messagesOf(): Messages {
  const told = writable<Told | null>(null)
  let seq = 0
  let timer: ReturnType<typeof setTimeout> | null = null
  const say = (text: string, undo = false) => {
    if (timer) clearTimeout(timer)
    told.set({ text, undo, seq: ++seq })
    timer = setTimeout(() => told.set(null), STAYS)
  }
  return {
    told,
    say,
    tell: (written) => {
      say(written.ok ? written.label : written.why, written.ok && written.undo)
      return written.ok
    },
  }
}
