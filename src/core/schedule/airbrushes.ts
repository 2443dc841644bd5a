import type { BenchTasks } from './benchTasks'

/**
 * The same bench with its paints dealt out to the airbrushes that are owned: what is sprayed most has one to itself as far as there are
 * any, so that it needn't be cleaned out between.
 *
 * @param count how many airbrushes, at least 1
 * Source: handbook 7.1.
 */
export function dealtOut(bench: BenchTasks, count: number): BenchTasks {
  if (count < 2) return bench
  const coats = new Map<string, number>()
  for (const { setup } of bench.jobs)
    if (setup !== undefined) coats.set(setup, (coats.get(setup) ?? 0) + 1)
  const load = new Array<number>(count).fill(0)
  const gunOf = new Map<string, number>()
  for (const [setup, own] of [...coats].sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1))) {
    const gun = load.indexOf(Math.min(...load))
    gunOf.set(setup, gun)
    load[gun] = (load[gun] ?? 0) + own
  }
  const inGun = <T extends { setup?: string | undefined }>(task: T): T =>
    task.setup === undefined ? task : { ...task, gun: gunOf.get(task.setup) ?? 0 }
  return { ...bench, jobs: bench.jobs.map(inGun), tasks: bench.tasks.map(inGun) }
}
