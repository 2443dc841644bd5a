import type { BenchProblem } from '../problem'

const BASE: BenchProblem = {
  format: 'tectoria-bench-problem',
  version: 1,
  horizonMinutes: 1000,
  availability: [[0, 1000]],
  tasks: [],
}

/** A bench problem of a thousand minutes, all of them free, with what else is said of it. */
export const problem = (more: Partial<BenchProblem>): BenchProblem => ({ ...BASE, ...more })
/** A task of it. */
export const task = (id: string, minutes: number, more = {}) => ({ id, minutes, ...more })
