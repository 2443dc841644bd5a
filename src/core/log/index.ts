export { byTime, progressOf } from './progress'
export { type BenchAct, record } from './record'
