import { proxy, type Remote, transfer } from 'comlink'
import type { Recipe } from '@/core/colour'
import type { MeshMeasure, MeshSize } from '@/core/mesh'
import type { DeskWorker, MatchAsked } from '../workers/deskMessages'
import { hostWorker } from './host'

/** Something reckoned in a worker: what it comes to, and how to end it before. */
export type Job<T> = { result: Promise<T>; cancel: () => void }

/**
 * Asks the desk. A search can't be asked to stop while it runs: its worker is ended, so every job has one of its own, and ends
 * nobody else's. Progress comes by another way than the answer, and may come after it: then it is no progress any more.
 */
function jobOf<T>(
  ask: (worker: Remote<DeskWorker>, tell: (share: number) => void) => Promise<T>,
  onProgress: (share: number) => void,
): Job<T> {
  const host = hostWorker<DeskWorker>(
    () => new Worker(new URL('../workers/desk.worker.ts', import.meta.url), { type: 'module' }),
  )
  let going = true
  const tell = proxy((share: number) => {
    if (going) onProgress(share)
  })
  const result = host
    .ask((worker) => ask(worker, tell))
    .finally(() => {
      going = false
      host.end()
    })
  return {
    result,
    cancel: () => {
      going = false
      host.end()
    },
  }
}

/** Recipes that come nearest a colour. */
export function matchJob(asked: MatchAsked, onProgress: (share: number) => void): Job<Recipe[]> {
  return jobOf((worker, tell) => worker.match(asked, tell), onProgress)
}

/** Surface of a mesh; its bytes go to the worker and are gone here. */
export function meshJob(
  name: string,
  bytes: ArrayBuffer,
  size: MeshSize,
  onProgress: (share: number) => void,
): Job<MeshMeasure> {
  return jobOf(
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
  return jobOf(
    (worker, tell) => worker.zones(id, name, transfer(bytes, [bytes]), size, tell),
    onProgress,
  )
}

/** A mesh as it is kept, and what is known of it. */
export type ZonedFile = ReturnType<DeskWorker['zones']>
