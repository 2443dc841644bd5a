export { dailyPattern, GAP_HOURS, type UsualDay, usualDay } from './climateSeries'
export { type Learnt, learntFrom, type Ratio, ratiosOf } from './corrections'
export { readStreamLine, type SensorReading } from './sensorReading'
export { roomAt, silentAt } from './simulatedRoom'
