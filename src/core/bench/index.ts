export { minutesFrom, quietBetween, type Session, sessionsBetween } from './calendar'
export {
  type BenchLink,
  type BenchProblem,
  type BenchTask,
  benchProblemSchema,
  type Interval,
  readBenchProblem,
} from './problem'
export { type Solution, type SolveOptions, solve } from './solve'
