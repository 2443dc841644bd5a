import { type Remote, wrap } from 'comlink'
import type { Planner } from './planMessages'

let remote: Remote<Planner> | null = null

/** The planner, off the main thread; what is asked is answered in turn. Errors come back as rejected promises. */
export function planner(): Remote<Planner> {
  remote ??= wrap<Planner>(
    new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' }),
  )
  return remote
}

let asked: Remote<Planner> | null = null

/** A second one for questions, so that they don't wait for the plan, nor the plan for them. */
export function questioner(): Remote<Planner> {
  asked ??= wrap<Planner>(
    new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' }),
  )
  return asked
}
