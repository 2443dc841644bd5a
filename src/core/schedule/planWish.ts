import type { SolveOptions } from '../bench/solve'

/** What a plan seeks once every window is kept. Source: handbook 7.2. */
export const PLAN_WISHES = ['finish', 'evening-a-day', 'evenings', 'clean-outs'] as const

/** One of them. */
export type PlanWish = (typeof PLAN_WISHES)[number]

/** How a wish is weighed. */
export type WishOptions = Pick<SolveOptions, 'evening' | 'cleanOut'>

const DAY = 1440

/** Minutes later that everything may end for an evening, or a clean-out, saved. Source: handbook 7.4. */
const WORTH = {
  finish: {},
  'evening-a-day': { evening: DAY },
  evenings: { evening: 3 * DAY },
  'clean-outs': { cleanOut: DAY / 2 },
} as const satisfies Record<PlanWish, WishOptions>

/** How the solver weighs a wish. */
export function wishOptions(wish: PlanWish): WishOptions {
  return WORTH[wish]
}
