import type { NextAct, PartPlan } from '../builds/partPlan'

/** A part that waits for hands: why it is where it is in the queue. */
export type QueueItem = {
  build: string
  part: string
  next: NextAct
  /** `closing`: its window is open and ends within two hours · `ready` · `drying`: not yet. */
  kind: 'closing' | 'running' | 'ready' | 'drying'
}

/** From so many minutes before its end a window is told as closing. */
const CLOSING_MINUTES = 120
const MINUTE = 60_000

function kindOf(plan: PartPlan, next: NextAct, now: number): QueueItem['kind'] {
  const ready = next.readyAt <= now
  if (ready && next.closesAt !== null && next.closesAt - now <= CLOSING_MINUTES * MINUTE)
    return 'closing'
  const running = plan.steps.some((step) => step.step === next.step && step.status === 'running')
  if (running) return 'running'
  return ready ? 'ready' : 'drying'
}

const RANK = { closing: 0, running: 1, ready: 2, drying: 3 } as const

/** Every part's next act, the most pressing first: windows that close, work in hand, what is ready, what dries. */
export function benchQueue(plans: readonly PartPlan[], now: number): QueueItem[] {
  return plans
    .flatMap((plan): QueueItem[] =>
      plan.next
        ? [
            {
              build: plan.build,
              part: plan.part,
              next: plan.next,
              kind: kindOf(plan, plan.next, now),
            },
          ]
        : [],
    )
    .sort(
      (a, b) =>
        RANK[a.kind] - RANK[b.kind] ||
        (a.next.closesAt ?? Number.POSITIVE_INFINITY) -
          (b.next.closesAt ?? Number.POSITIVE_INFINITY) ||
        a.next.readyAt - b.next.readyAt,
    )
}
