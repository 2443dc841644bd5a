export { readingSchema, readStreamLine, type SensorReading } from './reading'
export { roomAt, silentAt } from './simulatedRoom'
