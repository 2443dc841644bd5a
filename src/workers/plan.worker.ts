import { expose } from 'comlink'
import { planBench } from '@/core/plan'
import type { Planner } from './planMessages'

/** Steps of the search on a whole bench: a second or two. */
const STEPS = 20_000

const planner: Planner = {
  plan: (project, now) => planBench(project, now, { steps: STEPS }),
}

expose(planner)
