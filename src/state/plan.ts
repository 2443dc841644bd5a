import type { Project } from '@/core/model/project'
import type { BenchPlan, PlanDifference, PlanWish } from '@/core/schedule'
import type { Host } from '@/state/host'
import { reasonOf } from '@/store/reason'
import type { BenchWorker } from '@/workers/benchMessages'
import { type Readable, writable } from './readable'

/** What there is of the plan, what is being done about it, and what the last change moved: three questions, three fields. */
export type Planned = {
  /** The plan through the sessions; the one before while a new one is made. */
  plan: BenchPlan | null
  planning: boolean
  planFailed: string | null
  /** What the last change moved; null: nothing, or it was read. */
  moved: PlanDifference | null
}

/** A whole plan that is kept over page loads, with what it was made from. */
export type KeptPlan = { fingerprint: string; plan: BenchPlan }

export type Plan = {
  planned: Readable<Planned>
  /** Plans anew: at once from the running plan, then as well as it gets. */
  make: () => void
  dismissMoved: () => void
}

/** What a plan is made from and with. */
export type PlanNeeds = {
  host: Host<BenchWorker>
  now: () => number
  project: () => Project | null
  /** What it seeks. */
  wish: () => PlanWish
  /** Of the documents and the wishes: the same, the same plan. */
  fingerprint: () => string
  load: () => Promise<KeptPlan | null>
  keep: (kept: KeptPlan) => Promise<void>
}

/** Changes that come one upon the other are planned together, ms. */
const GATHER = 40
/** Time alone moves what is in hand a little all the while: that is told only from so much on, ms. */
const DRIFT = 60 * 60_000
/** A kept plan that is no older than this is the plan, ms. */
const FRESH = 5 * 60_000

/** A plan that was made whole, and the documents that it was made from. */
type Running = { plan: BenchPlan; project: Project | null }

/** What a change moved; null: nothing worth telling. What compares plans comes with the second one. */
async function movedBy(before: Running, after: Running): Promise<PlanDifference | null> {
  const { planDifference } = await import('@/core/schedule/moves')
  const difference = planDifference(before.plan, after.plan)
  const drifted = before.project === after.project
  const worth = difference.moves.some((move) => !drifted || Math.abs(move.to - move.from) >= DRIFT)
  return worth ? difference : null
}

export function planOf(needs: PlanNeeds): Plan {
  const { host, now, project, wish, fingerprint } = needs
  const planned = writable<Planned>({ plan: null, planning: true, planFailed: null, moved: null })
  const put = (fields: Partial<Planned>) => planned.set({ ...planned.get(), ...fields })
  let newest = 0
  let running: Running | null = null
  let timer: ReturnType<typeof setTimeout> | null = null

  const show = (kept: KeptPlan) => {
    running = { plan: kept.plan, project: project() }
    put({ plan: kept.plan, planFailed: null })
  }
  /** The last whole plan, where it was made from the very same: shown at once. @returns is it fresh enough to be the plan? */
  const recall = async (isNewest: () => boolean): Promise<boolean> => {
    if (running) return false
    const kept = await needs.load().catch(() => null)
    if (!kept || kept.fingerprint !== fingerprint() || !isNewest()) return false
    show(kept)
    return Math.abs(now() - kept.plan.now) < FRESH
  }
  const make = async (isNewest: () => boolean) => {
    if (await recall(isNewest)) return put({ planning: false })
    const before = running
    const [at, from, mark] = [now(), project(), fingerprint()]
    const quick = await host.ask((worker) => worker.plan(at, before?.plan ?? null, 'quick', wish()))
    if (!isNewest()) return
    if (quick.schedule === null || quick.schedule.makespan !== null) put({ plan: quick })
    const whole = await host.ask((worker) => worker.plan(at, quick, 'whole', wish()))
    if (!isNewest()) return
    const after = { plan: whole, project: from }
    const difference = before && (await movedBy(before, after).catch(() => null))
    if (!isNewest()) return
    running = after
    put({
      plan: whole,
      planning: false,
      planFailed: null,
      ...(difference ? { moved: difference } : {}),
    })
    // A copy that can't be kept is made again at the next load.
    await needs.keep({ fingerprint: mark, plan: whole }).catch(() => undefined)
  }

  return {
    planned,
    make: () => {
      const mine = ++newest
      const isNewest = () => newest === mine
      put({ planning: true })
      if (timer) clearTimeout(timer)
      timer = setTimeout(() => {
        make(isNewest).catch((error: unknown) => {
          if (!isNewest()) return
          put({ planFailed: reasonOf(error), planning: false })
        })
      }, GATHER)
    },
    dismissMoved: () => put({ moved: null }),
  }
}
