import { proxy, type Remote, transfer } from 'comlink'
import type { Recipe } from '@/core/colour'
import type { MeshMeasure, MeshSize } from '@/core/mesh'
import type { DeskWorker, MatchAsked } from '../workers/deskMessages'
import { type Job, jobOf } from './job'

/** Asks the desk. Progress comes by another way than the answer, and may come after it: then it is no progress any more. */
function deskJob<T>(
  ask: (worker: Remote<DeskWorker>, tell: (share: number) => void) => Promise<T>,
  onProgress: (share: number) => void,
): Job<T> {
  let going = true
  const tell = proxy((share: number) => {
    if (going) onProgress(share)
  })
  const { result, cancel } = jobOf<DeskWorker, T>(
    () => new Worker(new URL('../workers/desk.worker.ts', import.meta.url), { type: 'module' }),
    (worker) => ask(worker, tell),
  )
  const over = () => {
    going = false
  }
  return {
    result: result.finally(over),
    cancel: () => {
      over()
      cancel()
    },
  }
}

/** Recipes that come nearest a colour. */
export function matchJob(asked: MatchAsked, onProgress: (share: number) => void): Job<Recipe[]> {
  return deskJob((worker, tell) => worker.match(asked, tell), onProgress)
}

/** Surface of a mesh; its bytes go to the worker and are gone here. */
export function meshJob(
  name: string,
  bytes: ArrayBuffer,
  size: MeshSize,
  onProgress: (share: number) => void,
): Job<MeshMeasure> {
  return deskJob(
    (worker, tell) => worker.mesh(name, transfer(bytes, [bytes]), size, tell),
    onProgress,
  )
}

/** A mesh with its zones, as it is kept under an id; its bytes go to the worker and are gone here. */
export function zonesJob(
  id: string,
  name: string,
  bytes: ArrayBuffer,
  size: MeshSize,
  onProgress: (share: number) => void,
): Job<ZonedFile> {
  return deskJob(
    (worker, tell) => worker.zones(id, name, transfer(bytes, [bytes]), size, tell),
    onProgress,
  )
}

/** A mesh as it is kept, and what is known of it. */
export type ZonedFile = ReturnType<DeskWorker['zones']>
