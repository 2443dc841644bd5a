export { minutesFrom, quietBetween, type Session, sessionsBetween } from './calendar'
export { type ChainLink, type Hold, whyNotEarlier } from './explain'
export {
  type BenchLink,
  type BenchProblem,
  type BenchTask,
  benchProblemSchema,
  type Interval,
  readBenchProblem,
} from './problem'
export { type Solution, type SolveOptions, solve } from './solve'
export { type Clash, type Help, withMaxGap } from './solver/clash'
export type { Qualities } from './solver/wishes'
