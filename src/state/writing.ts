'use client'
import { useCallback } from 'react'
import type { EditOfNow } from '@/core/model/edit'
import type { Mesh } from '@/core/model/mesh'
import type { Picture } from '@/core/model/picture'
import type { Sessions } from '@/core/model/sessions'
import type { TestPiece } from '@/core/model/testPiece'
import type { Action, ArgsOf } from '@/store/named'
import { reasonOf } from '@/store/reason'
import type { Written } from '@/store/transact'
import { useBench } from './benchContext'
import { WorkerEnded } from './host'
import { changeOfNow, editOfNow, type Kept } from './ofNow'
import type { StoreClient } from './storeClient'

/** The store, for what is asked, and written without being told. */
export function useStore(): StoreClient {
  return useBench().store
}

/** Tells what became of a write. @returns was it written? */
export function useTell(): (writing: Promise<Written>) => Promise<boolean> {
  const { messages } = useBench()
  return useCallback(
    async (writing) => {
      try {
        return messages.tell(await writing)
      } catch (error) {
        messages.say(
          error instanceof WorkerEnded
            ? `Nobody knows whether that was written. ${reasonOf(error)}`
            : `Nothing was written: ${reasonOf(error)}`,
        )
        return false
      }
    },
    [messages],
  )
}

/**
 * Runs an action and tells what became of it.
 *
 * @returns was it written?
 */
export function useRun(): <N extends Action>(name: N, ...args: ArgsOf<N>) => Promise<boolean> {
  const { store } = useBench()
  const tell = useTell()
  // Of an action by its name it isn't known any more that it says whether it wrote.
  return useCallback(
    (name, ...args) => tell(store.ask(name, ...args) as Promise<Written>),
    [store, tell],
  )
}

/** Edits a build and tells what became of it. @returns was it written? */
export function useEditBuild(): (
  id: string,
  edit: EditOfNow,
  label: string,
  mesh?: Mesh | null,
) => Promise<boolean> {
  const store = useStore()
  const tell = useTell()
  return useCallback((...args) => tell(editOfNow(store, ...args)), [store, tell])
}

/** Changes fields of a row by what they are now, and tells what became of it. */
function useChangeRow() {
  const store = useStore()
  const tell = useTell()
  return <T extends Kept>(...args: Rest<typeof changeOfNow<T>>) => tell(changeOfNow(store, ...args))
}

type Rest<F> = F extends (store: StoreClient, ...rest: infer R) => unknown ? R : never

type Pins = NonNullable<Picture['pins']>

/** Changes the pins of a picture as they are now. @returns was it written? */
export function useChangePins(
  id: string,
): (next: (now: Pins) => Pins, label: string) => Promise<boolean> {
  const change = useChangeRow()
  return (next, label) => change('pictures', id, ({ pins }) => ({ pins: next(pins ?? []) }), label)
}

type Tries = TestPiece['tried']

/** Changes what was tried on a test piece, as it is now. @returns was it written? */
export function useChangeTried(): (
  id: string,
  next: (now: Tries) => Tries,
  label: string,
) => Promise<boolean> {
  const change = useChangeRow()
  return (id, next, label) => change('tests', id, ({ tried }) => ({ tried: next(tried) }), label)
}

/** Changes what is said of the sessions, as it is now. @returns was it written? */
export function useChangeSessions(): (
  fieldsOf: (now: Sessions) => Partial<Sessions>,
  label: string,
) => Promise<boolean> {
  const change = useChangeRow()
  return (fieldsOf, label) => {
    const next = ({ value }: { value: unknown }) => {
      const sessions = value as Sessions
      return { value: { ...sessions, ...fieldsOf(sessions) } }
    }
    return change('single', 'sessions', next as never, label)
  }
}
