import type { Remote } from 'comlink'
import type { BenchWorker } from '../workers/benchMessages'
import { type Host, hostWorker } from './host'

/**
 * A bench worker of this page.
 *
 * @param greet gives a new one the documents
 */
export function benchWorker(
  greet: (worker: Remote<BenchWorker>) => Promise<void>,
): Host<BenchWorker> {
  return hostWorker<BenchWorker>(
    () => new Worker(new URL('../workers/bench.worker.ts', import.meta.url), { type: 'module' }),
    greet,
  )
}
