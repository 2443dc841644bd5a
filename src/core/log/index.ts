export { byTime } from './progress'
export { type BenchAct, record } from './record'
