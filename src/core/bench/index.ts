export { mergeIntervals, subtractIntervals } from './intervals'
export { type BenchProblem, benchProblemSchema, type Interval, readBenchProblem } from './problem'
export { type SolveOptions, solve } from './solve'
