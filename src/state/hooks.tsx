'use client'
import type { Remote } from 'comlink'
import { type ReactNode, useCallback, useContext, useEffect, useMemo, useState } from 'react'
import type { PartPlan } from '@/core/builds'
import type { Project } from '@/core/model/project'
import type { StockState } from '@/core/stock'
import type { Damaged } from '@/store/actions/damaged'
import { reasonOf } from '@/store/reason'
import type { PageStanding } from '@/store/standing'
import type { BenchWorker } from '@/workers/benchMessages'
import { type Bench, benchOf } from './bench'
import { BenchContext, useBench } from './benchContext'
import type { Told } from './messages'
import type { Planned } from './plan'
import { useReadable, writable } from './readable'
import { pageStore } from './storeClient'
import { keepBackup } from './useBackup'
import { PhotosContext, type ReadPhoto } from './usePhoto'

/** What is on the screen comes first: then the copy of the day and what makes the next load quick, ms after the bench began. */
const SETTLED = 15_000

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
  useEffect(() => {
    const made = benchOf(pageStore())
    setBench(made)
    const stop = made.start()
    const stopBackup = keepBackup(made.store, made.documents)
    const daily = setTimeout(() => {
      void made.store.ask('keepDailyHere').catch(() => undefined)
      void keepForLoad(made)
    }, SETTLED)
    return () => {
      clearTimeout(daily)
      stopBackup()
      stop()
    }
  }, [])
  const readPhoto = useMemo<ReadPhoto | null>(
    () => bench && ((id, size) => bench.store.ask('photoOf', id, size)),
    [bench],
  )
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
  if (read) await store.ask('keepBench', read).catch(() => undefined)
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
  return useReadable(useContext(BenchContext)?.store.standing ?? HERE)
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
export function useDamaged(): readonly Damaged[] {
  return useReadable(useBench().documents.damaged)
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
