import type { PartPlan } from '@/core/builds'
import { key, partOf } from '@/core/model/stepRef'
import type { Host } from '@/state/host'
import { reasonOf } from '@/store/reason'
import type { BenchWorker, PartsAnswer } from '@/workers/benchMessages'
import { type Readable, writable } from './readable'

/** What every part says, reckoned in the worker: null until it first answered. */
export type Parts = {
  plans: Readable<readonly PartPlan[] | null>
  /** Why it can't be reckoned; null: it can. */
  failure: Readable<string | null>
  /** Asks for what every part says now. What is asked while an answer is on its way is asked once behind it. */
  refresh: () => void
  /** The worker was begun anew: it tells everything again. */
  forget: () => void
}

/** So long the page draws what it was told first, before more is reckoned beside it, ms. */
export const UNDISTURBED = 150

const undisturbed = () => new Promise<void>((resolve) => setTimeout(resolve, UNDISTURBED))

/** @param drawn waits until what was told first is drawn */
export function partsOf(host: Host<BenchWorker>, now: () => number, drawn = undisturbed): Parts {
  const plans = writable<readonly PartPlan[] | null>(null)
  const failure = writable<string | null>(null)
  let known = new Map<string, PartPlan>()
  let asking = false
  let again = false

  const takeIn = ({ order, changed }: PartsAnswer) => {
    const next = new Map(known)
    for (const plan of changed) next.set(key(partOf(plan)), plan)
    const all = order.flatMap((ref) => next.get(ref) ?? [])
    known = new Map(order.flatMap((ref, i) => (all[i] ? [[ref, all[i]]] : [])))
    const before = plans.get()
    const same = before?.length === all.length && all.every((plan, i) => plan === before[i])
    if (!same) plans.set(all)
  }
  const refresh = async () => {
    if (asking) {
      again = true
      return
    }
    asking = true
    try {
      const answer = await host.ask((worker) => worker.parts(now()))
      takeIn(answer)
      failure.set(null)
      if (answer.rest) {
        await drawn()
        again = true
      }
    } catch (error) {
      failure.set(reasonOf(error))
    }
    asking = false
    if (again) {
      again = false
      void refresh()
    }
  }
  return {
    plans,
    failure,
    refresh: () => void refresh(),
    forget: () => {
      known = new Map()
    },
  }
}
