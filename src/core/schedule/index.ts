export { benchQueue, type QueueItem } from './benchQueue'
export { type BuildOutlook, buildOutlooks } from './buildOutlook'
export {
  type Evening,
  type EveningBlock,
  type EveningBreak,
  eveningsOf,
} from './evenings'
export {
  chainOf,
  finishOf,
  type Move,
  type PlanDifference,
  type Why,
} from './moves'
export { type DoneOnce, onceEach } from './onceEach'
export type { BenchPlan, RunningPlan, ScheduledTask } from './planBench'
export { type PlannedAt, plannedAt } from './plannedAt'
export { PLAN_WISHES, type PlanWish } from './planWish'
export type { CardAct, SessionCard } from './sessionCard'
export type { SessionOption } from './sessionOptions'
export { type RunningTimer, runningTimers, TIMER_MINUTES } from './timers'
export { type WaitBefore, waitsBefore } from './waitsBefore'
export { outcomeOf, type PlanOutcome, type WhatIf } from './whatIf'
