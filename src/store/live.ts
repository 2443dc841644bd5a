import { liveQuery } from 'dexie'

/** Asks of the database now, and again whenever what the answer was read from is written, by whichever tab. */
export function live<T>(
  ask: () => Promise<T>,
  hear: { next: (answer: T) => void; error: (error: unknown) => void },
): void {
  liveQuery(ask).subscribe(hear)
}
