export { type Answers, type Diagnosis, diagnose, type Evidence, type RankedCause } from './diagnose'
export { type History, historyOf } from './history'
export { learntFrom } from './learnt'
export { type Mending, mendings, nextTimes } from './mending'
