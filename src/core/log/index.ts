export { levelAfter, levelOf, levelsHoldFrom } from './levels'
export { loggedIn } from './logged'
export {
  asItWas,
  bottlesOf,
  indexLog,
  type LogIndex,
  newestFirst,
  partLogOf,
  progressOfStep,
  stands,
} from './logIndex'
export type { StepProgress } from './progress'
export { type BenchAct, record } from './record'
