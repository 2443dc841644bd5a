import { startTransition, useEffect, useMemo, useRef, useState } from 'react'
import type { Project } from '@/core/model/project'
import { type BenchPlan, type PlanDifference, planDifference } from '@/core/schedule'
import { planner } from '@/workers/planClient'
import { useNow } from './now'
import { reason } from './reason'
import { useEveningWorth } from './useEveningWorth'

/** The schedule is made again this often, ms, beside every change. */
const REPLAN = 5 * 60_000
/** Changes that come one upon the other are planned together, ms. */
const GATHER = 40

export type Planned = {
  plan: BenchPlan | null
  planning: boolean
  planFailed: string | null
  moved: PlanDifference | null
  dismissMoved: () => void
}

/** Time alone moves what is in hand a little all the while: that is told only from so much on, ms. */
const DRIFT = 60 * 60_000

type Running = { plan: BenchPlan; project: Project }

/** What a change moved; null: nothing worth telling. */
function movedBy(before: Running, after: Running): PlanDifference | null {
  const difference = planDifference(before.plan, after.plan)
  const drifted = before.project === after.project
  const worth = difference.moves.some((move) => !drifted || Math.abs(move.to - move.from) >= DRIFT)
  return worth ? difference : null
}

/**
 * The plan of the bench as it changes: at once from the running plan, then as well as it gets; and what the last change of
 * the documents or the log moved.
 */
export function usePlan(project: Project): Planned {
  const minute = useNow(REPLAN)
  const evening = useEveningWorth()[0]
  const [plan, setPlan] = useState<BenchPlan | null>(null)
  const [planning, setPlanning] = useState(true)
  const [planFailed, setFailed] = useState<string | null>(null)
  const [moved, setMoved] = useState<PlanDifference | null>(null)
  const newest = useRef(0)
  const running = useRef<Running | null>(null)
  // biome-ignore lint/correctness/useExhaustiveDependencies: the passing of time asks for a new plan too
  useEffect(() => {
    const mine = ++newest.current
    const before = running.current
    const isNewest = () => newest.current === mine
    setPlanning(true)
    const make = async () => {
      const now = Date.now()
      const quick = await planner().plan(project, now, before?.plan ?? null, 'quick', evening)
      if (!isNewest()) return
      // Drawn in slices: what is typed or dragged meanwhile comes first.
      if (quick.schedule === null || quick.schedule.makespan !== null)
        startTransition(() => setPlan(quick))
      const whole = await planner().plan(project, now, quick, 'whole', evening)
      if (!isNewest()) return
      running.current = { plan: whole, project }
      const difference = before && movedBy(before, { plan: whole, project })
      // Drawn together: it isn't planned to the end before that is seen.
      startTransition(() => {
        setPlan(whole)
        setFailed(null)
        setPlanning(false)
        if (difference) setMoved(difference)
      })
    }
    const timer = setTimeout(() => {
      make().catch((error: unknown) => {
        if (!isNewest()) return
        setFailed(reason(error))
        setPlanning(false)
      })
    }, GATHER)
    return () => clearTimeout(timer)
  }, [project, minute, evening])
  return useMemo(
    () => ({ plan, planning, planFailed, moved, dismissMoved: () => setMoved(null) }),
    [plan, planning, planFailed, moved],
  )
}
