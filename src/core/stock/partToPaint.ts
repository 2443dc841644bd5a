/** One step of a part as far as the shelf asks: how far it is, and when it would be done. Instants in epoch milliseconds. */
export type PlannedStep = {
  step: string
  status: 'done' | 'skipped' | 'running' | 'next' | 'planned'
  coats: number
  coatsDone: number
  from: number
}

/** What the shelf needs to know of a part. */
export type PartToPaint = { build: string; part: string; steps: readonly PlannedStep[] }
