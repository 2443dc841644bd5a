import { counted } from '@/core/model/counted'
/** How much this browser keeps, and has room for, bytes. */
export type BrowserRoom = { used: number; most: number }

/** A picture of a phone takes about so much with its small one, bytes. */
const PICTURE = 2_500_000
/** Under so many pictures' room it is told before any is added. */
const FEW = 100

/** What the browser says of its room; null: it doesn't say. */
export async function roomHere(): Promise<BrowserRoom | null> {
  const told = await globalThis.navigator?.storage?.estimate?.().catch(() => null)
  return told?.quota ? { used: told.usage ?? 0, most: told.quota } : null
}

/** How many pictures more there is room for, about. */
function picturesMore({ used, most }: BrowserRoom): number {
  return Math.max(0, Math.floor((most - used) / PICTURE))
}

/** What is to be told of the room before pictures are added; null: there is enough. */
export function roomWords(room: BrowserRoom | null): string | null {
  if (!room) return null
  const more = picturesMore(room)
  if (more >= FEW) return null
  return more === 0
    ? 'This browser has no room for another picture: export what is here, then remove some.'
    : `This browser has room for about ${counted(more, 'more picture')}.`
}

/** Why pictures couldn't be kept, where the room was too small; null: it was something else. */
export function fullWords(error: unknown): string | null {
  const { name, inner } = (error ?? {}) as { name?: unknown; inner?: { name?: unknown } }
  return name === 'QuotaExceededError' || inner?.name === 'QuotaExceededError'
    ? 'There was no room for it: this browser is full. Export what is here, then remove some pictures.'
    : null
}
