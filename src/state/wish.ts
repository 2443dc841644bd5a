import { PLAN_WISHES, type PlanWish } from '@/core/schedule'
import { type Readable, writable } from './readable'

const KEY = 'tectoria-plan-wish'

/** What the plan seeks: the modeller's weighing, kept in this browser. */
const chosen = writable<PlanWish | null>(null)

function read(): PlanWish {
  const stored = localStorage.getItem(KEY)
  return PLAN_WISHES.find((one) => one === stored) ?? 'finish'
}

export const wish: Readable<PlanWish> & { set: (wish: PlanWish) => void } = {
  get: () => chosen.get() ?? (typeof localStorage === 'undefined' ? 'finish' : read()),
  subscribe: chosen.subscribe,
  set: (next) => {
    localStorage.setItem(KEY, next)
    chosen.set(next)
  },
}
