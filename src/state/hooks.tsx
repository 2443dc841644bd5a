'use client'
import type { Remote } from 'comlink'
import {
  createContext,
  type ReactNode,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useState,
} from 'react'
import type { PartPlan } from '@/core/builds'
import type { Project } from '@/core/model/project'
import type { StockState } from '@/core/stock'
import { keepDailyHere } from '@/store/actions/copiesHere'
import { beforeOpening } from '@/store/copies/upgrade'
import { keepBench } from '@/store/keptBench'
import { photoOf } from '@/store/photos/photos'
import { reasonOf } from '@/store/reason'
import { browserStore, type Store } from '@/store/store'
import type { DamagedRow } from '@/store/tables'
import type { Written } from '@/store/transact'
import type { BenchWorker } from '@/workers/benchMessages'
import { type Bench, benchOf } from './bench'
import type { Told } from './messages'
import type { Planned } from './plan'
import { useReadable, writable } from './readable'
import type { PageStanding } from './standing'
import { keepBackup } from './useBackup'
import { PhotosContext, type ReadPhoto } from './usePhoto'

/** What is on the screen comes first: then the copy of the day and what makes the next load quick, ms after the bench began. */
const SETTLED = 15_000

const BenchContext = createContext<Bench | null>(null)

/** The bench of this browser. @throws Error outside of the provider */
export function useBench(): Bench {
  const bench = useContext(BenchContext)
  if (!bench) throw new Error('useBench: outside of BenchProvider')
  return bench
}

/** Begins the bench, and shows what is below it once the documents are read and every part is reckoned. */
export function BenchProvider({
  children,
  loading,
  failed,
}: {
  children: ReactNode
  loading: ReactNode
  failed: (why: string) => ReactNode
}) {
  const [bench, setBench] = useState<Bench | null>(null)
  const [refused, setRefused] = useState<string | null>(null)
  useEffect(() => {
    let end = () => {}
    let ended = false
    const begin = () => {
      if (ended) return
      const made = benchOf(browserStore())
      setBench(made)
      const stop = made.start()
      const stopBackup = keepBackup(made.store, made.documents)
      const daily = setTimeout(() => {
        void keepDailyHere(made.store)
        void keepForLoad(made)
      }, SETTLED)
      end = () => {
        clearTimeout(daily)
        stopBackup()
        stop()
        made.store.db.close()
      }
    }
    beforeOpening().then(begin, (error: unknown) => setRefused(reasonOf(error)))
    return () => {
      ended = true
      end()
    }
  }, [])
  const readPhoto = useMemo<ReadPhoto | null>(
    () => bench && ((id, size) => photoOf(bench.store, id, size)),
    [bench],
  )
  if (refused) return failed(refused)
  if (!bench) return loading
  return (
    <BenchContext value={bench}>
      <PhotosContext value={readPhoto}>
        <WhenReady loading={loading} failed={failed}>
          {children}
        </WhenReady>
      </PhotosContext>
    </BenchContext>
  )
}

/** Keeps the documents for the next load. What can't be kept is read row by row again. */
async function keepForLoad({ store, documents }: Bench): Promise<void> {
  const read = documents.toKeep()
  if (read) await keepBench(store, read).catch(() => undefined)
}

function WhenReady({
  children,
  loading,
  failed,
}: {
  children: ReactNode
  loading: ReactNode
  failed: (why: string) => ReactNode
}) {
  const { documents, parts } = useBench()
  const stock = useReadable(documents.stock)
  const failure = useReadable(documents.failure)
  const plans = useReadable(parts.plans)
  const partsFailed = useReadable(parts.failure)
  if (failure && !stock) return failed(failure)
  if (!stock || (!plans && !partsFailed)) return loading
  return children
}

/** The documents with the log sorted and the bottles as they stand. */
export function useStock(): StockState {
  const stock = useReadable(useBench().documents.stock)
  if (!stock) throw new Error('useStock: before the documents are read')
  return stock
}

/** The documents, the bottles of the shelf as they stand. */
export function useProject(): Project {
  return useStock().project
}

const NO_PARTS: readonly PartPlan[] = []

/** What every part says. */
export function useParts(): readonly PartPlan[] {
  return useReadable(useBench().parts.plans) ?? NO_PARTS
}

/** Why the parts can't be reckoned; null: they can. */
export function usePartsFailure(): string | null {
  return useReadable(useBench().parts.failure)
}

/** The plan through the sessions. */
export function usePlan(): Planned & { dismissMoved: () => void } {
  const { plan } = useBench()
  const planned = useReadable(plan.planned)
  return useMemo(() => ({ ...planned, dismissMoved: plan.dismissMoved }), [planned, plan])
}

const HERE = writable<PageStanding>('here')

/** How this page stands to the database; while it is read, too. */
export function useStanding(): PageStanding {
  return useReadable(useContext(BenchContext)?.standing ?? HERE)
}

/** What was just done. */
export function useTold(): Told | null {
  return useReadable(useBench().messages.told)
}

/** Tells something at the foot of the screen. */
export function useSay(): (text: string) => void {
  const { messages } = useBench()
  return useCallback((text: string) => messages.say(text), [messages])
}

/** Rows that couldn't be read and lie apart. */
export function useDamaged(): readonly DamagedRow[] {
  return useReadable(useBench().documents.damaged)
}

/** The store, for what is read or exported and not told. */
export function useStore(): Store {
  return useBench().store
}

/** An action of the store. */
export type Action<A extends unknown[]> = (store: Store, ...args: A) => Promise<Written>

/**
 * Runs an action and tells what became of it.
 *
 * @returns was it written?
 */
export function useRun(): <A extends unknown[]>(action: Action<A>, ...args: A) => Promise<boolean> {
  const { store, messages } = useBench()
  return useCallback(
    async (action, ...args) => {
      try {
        return messages.tell(await action(store, ...args))
      } catch (error) {
        messages.say(`Nothing was written: ${reasonOf(error)}`)
        return false
      }
    },
    [store, messages],
  )
}

/** What a question came to. */
export type Asked<T> = {
  /** The last answer; null: there is none yet. */
  answer: T | null
  /** Is it the answer to another question than the one that is asked now? */
  stale: boolean
  failed: string | null
}

/**
 * Asks the worker whenever the question changes; the answer before stays meanwhile.
 *
 * @param question asks; null: nothing is asked, and there is no answer
 * @param about everything that the question depends on beside the documents
 */
export function useAsked<T>(
  question: ((worker: Remote<BenchWorker>) => Promise<T>) | null,
  about: readonly unknown[],
): Asked<T> {
  const { questions, documents } = useBench()
  const stock = useReadable(documents.stock)
  const [asked, setAsked] = useState<{ about: unknown; answer: T | null; failed: string | null }>({
    about: null,
    answer: null,
    failed: null,
  })
  // biome-ignore lint/correctness/useExhaustiveDependencies: the question is what it is about
  const mark = useMemo(() => ({}), [stock, question === null, ...about])
  // biome-ignore lint/correctness/useExhaustiveDependencies: it is asked once a question
  useEffect(() => {
    if (!question) {
      setAsked({ about: mark, answer: null, failed: null })
      return
    }
    let gone = false
    questions
      .ask(question)
      .then((answer) => !gone && setAsked({ about: mark, answer, failed: null }))
      .catch((error: unknown) => {
        if (gone) return
        const failed = reasonOf(error)
        setAsked((before) => ({ ...before, about: mark, failed }))
      })
    return () => {
      gone = true
    }
  }, [mark, questions])
  return { answer: asked.answer, stale: asked.about !== mark, failed: asked.failed }
}
