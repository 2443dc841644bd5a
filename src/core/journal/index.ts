export { type Observation, observationsOf } from './observation'
export { progressOf, type StepProgress, standingActs, stepKey } from './progress'
export { type BenchAct, type Place, record } from './record'
