import { useState } from 'react'
import { sameValue } from '@/core/model/sameValue'

/** What is typed over a thing that others change too. */
export type TypedOn<T> = {
  /** Every field as it is shown: as it was typed, else as the thing is now. */
  draft: T
  /** Is anything typed that isn't so already? */
  isChanged: boolean
  put: (fields: Partial<T>) => void
  /** Fields that were changed elsewhere while something else was typed into them, and what they are there. */
  elsewhere: Partial<T>
  /** Takes a field as it is elsewhere. */
  take: (field: keyof T) => void
  reset: () => void
}

/** What was typed, and what stood in each of those fields when it was. */
export type TypedOver<T> = { typed: Partial<T>; over: Partial<T> }

const NOTHING = { typed: {}, over: {} }

/** What is left of it now: a field that has become what was typed isn't typed any more. */
export function leftTyped<T extends object>({ typed, over }: TypedOver<T>, now: T): TypedOver<T> {
  const left: TypedOver<T> = { typed: {}, over: {} }
  for (const field of Object.keys(typed) as (keyof T)[]) {
    if (sameValue(typed[field], now[field])) continue
    left.typed[field] = typed[field]
    left.over[field] = over[field]
  }
  return left
}

/** The fields that have become something else than what was typed, and than what it was typed over. */
export function changedElsewhere<T extends object>(
  { typed, over }: TypedOver<T>,
  now: T,
): Partial<T> {
  const found: Partial<T> = {}
  for (const field of Object.keys(typed) as (keyof T)[])
    if (!sameValue(over[field], now[field]) && !sameValue(typed[field], now[field]))
      found[field] = now[field]
  return found
}

/**
 * Fields that are typed over a thing as it is now, which another tab may change meanwhile: what nobody typed into follows it, what was
 * typed stays, and where both changed the same it is told.
 *
 * @param now the thing's fields as they are
 * @param begin what was typed before
 * @param onTyped hears what is typed
 */
export function useTypedOver<T extends object>(
  now: T,
  begin: TypedOver<T> = NOTHING as TypedOver<T>,
  onTyped: (typed: TypedOver<T>) => void = () => undefined,
): TypedOn<T> {
  const [kept, setKept] = useState(begin)
  const left = leftTyped(kept, now)
  // What was saved is typed no more, whatever becomes of it afterwards.
  if (Object.keys(left.typed).length < Object.keys(kept.typed).length) setKept(left)
  const set = (next: TypedOver<T>) => {
    const typed = leftTyped(next, now)
    setKept(typed)
    onTyped(typed)
  }
  return {
    draft: { ...now, ...left.typed },
    isChanged: Object.keys(left.typed).length > 0,
    elsewhere: changedElsewhere(left, now),
    put: (fields) => {
      const over = { ...left.over }
      for (const field of Object.keys(fields) as (keyof T)[])
        if (!(field in left.typed)) over[field] = now[field]
      set({ typed: { ...left.typed, ...fields }, over })
    },
    take: (field) => {
      const { [field]: _, ...typed } = left.typed
      set({ typed: typed as Partial<T>, over: left.over })
    },
    reset: () => set(NOTHING as TypedOver<T>),
  }
}
