import { expose } from 'comlink'
import { planBench } from '@/core/plan'
import type { Planner } from './planMessages'

/** Branches that the first scheduler may try on a whole bench: a second or two. */
const NODES = 6000

const planner: Planner = {
  plan: (project, now) => planBench(project, now, { nodes: NODES }),
}

expose(planner)
