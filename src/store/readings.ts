import type { ClimateReading } from '@/core/model/bench'
import { db } from './db'

/** Keeps readings of the room; one of the same instant replaces the other. Facts: nothing to take back. */
export async function keepReadings(readings: readonly ClimateReading[]): Promise<void> {
  await db.climate.bulkPut([...readings])
}
