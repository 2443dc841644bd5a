export { byTime, progressOf, stepKey } from './progress'
export { type BenchAct, type Place, record } from './record'
