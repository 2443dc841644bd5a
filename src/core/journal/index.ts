export { type Observation, observationsOf } from './observation'
export { byTime, progressOf, type StepProgress, standingActs, stepKey } from './progress'
export { type BenchAct, type Place, record } from './record'
