'use client'

import { useLiveQuery } from 'dexie-react-hooks'
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
import { type BenchAct, record } from '@/core/log'
import { coatsOf } from '@/core/model/coats'
import type { Project } from '@/core/model/project'
import { key, type StepRef } from '@/core/model/stepRef'
import type { BenchPlan, PlanDifference } from '@/core/schedule'
import { newId } from '@/store/store'
import type { Write } from '@/store/tables'
import { reason } from './reason'
import { useParts } from './useParts'
import { usePlan } from './usePlan'

/** What was just done, told at the foot of the screen with Undo beside it. */
export type Told = { text: string; undo: boolean; seq: number }

export type Bench = {
  project: Project
  /** What every part says, reckoned here: at once. */
  parts: PartPlan[]
  /** The plan through the sessions, reckoned in the worker; the one before while a new one is made. */
  plan: BenchPlan | null
  planning: boolean
  planFailed: string | null
  /** What the last change moved; null: nothing, or it was read. */
  moved: PlanDifference | null
  dismissMoved: () => void
  /** Writes an act into the log. */
  log: (place: StepRef, act: BenchAct, say: string) => Promise<void>
  /** Changes documents, in one transaction, with undo. */
  change: (label: string, writes: readonly Write[]) => Promise<void>
  undo: () => Promise<void>
  say: (text: string) => void
  told: Told | null
}

const BenchContext = createContext<Bench | null>(null)

/** The bench of this browser. @throws Error outside of the provider, or before the data is there */
export function useBench(): Bench {
  const bench = useContext(BenchContext)
  if (!bench) throw new Error('useBench: outside of BenchProvider')
  return bench
}

/** How long a message stays, ms. */
const MESSAGE = 8000

export function BenchProvider({ children, loading }: { children: ReactNode; loading: ReactNode }) {
  const [failure, setFailure] = useState<string | null>(null)
  const project = useLiveQuery(() =>
    loadProject().catch((error: unknown) => {
      setFailure(reason(error))
      return undefined
    }),
  )
  if (failure) return <Failure text={failure} />
  if (!project) return loading
  return <Ready project={project}>{children}</Ready>
}

function Failure({ text }: { text: string }) {
  return (
    <main className="p-6" role="alert">
      <h1 className="text-2xl font-semibold">The data of this browser can’t be read</h1>
      <p className="mt-2">{text}</p>
      <p className="mt-2 text-soft">
        Close other tabs of Tectoria and load this page again. Nothing has been changed.
      </p>
    </main>
  )
}

function Ready({ project, children }: { project: Project; children: ReactNode }) {
  const parts = useParts(project)
  const planned = usePlan(project)
  const [told, setTold] = useState<Told | null>(null)
  const tell = useCallback((text: string, undo: boolean) => {
    setTold((before) => ({ text, undo, seq: (before?.seq ?? 0) + 1 }))
  }, [])

  useEffect(() => {
    if (!told) return
    const timer = setTimeout(() => setTold(null), MESSAGE)
    return () => clearTimeout(timer)
  }, [told])

  const change = useCallback(
    async (label: string, writes: readonly Write[]) => {
      try {
        await commit(label, writes, Date.now())
        tell(label, true)
      } catch (error) {
        tell(`Nothing was written: ${reason(error)}`, false)
      }
    },
    [tell],
  )

  const log = useCallback(
    async (place: StepRef, act: BenchAct, say: string) => {
      const build = project.builds?.find((one) => one.id === place.build)
      const step = build?.steps.find((one) => one.id === place.step)
      const progress = progressOf(project.acts ?? []).get(key(place))
      const acts = record(place, act, progress, step ? coatsOf(step) : 1, Date.now(), newId)
      await change(
        say,
        acts.map((one) => ({ table: 'acts', id: one.id, row: one })),
      )
    },
    [project, change],
  )

  const undo = useCallback(async () => {
    const label = await undoLast(Date.now())
    tell(label === null ? 'There is nothing to take back' : `Taken back: ${label}`, false)
  }, [tell])

  const say = useCallback((text: string) => tell(text, false), [tell])

  const bench = useMemo(
    () => ({ project, parts, ...planned, log, change, undo, say, told }),
    [project, parts, planned, log, change, undo, say, told],
  )
  return <BenchContext value={bench}>{children}</BenchContext>
}
