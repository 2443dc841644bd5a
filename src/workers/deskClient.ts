import { proxy, type Remote, transfer, wrap } from 'comlink'
import type { Recipe } from '@/core/colour'
import type { MeshMeasure, MeshSize } from '@/core/mesh'
import type { DeskWorker, MatchAsked } from './deskMessages'

/** Something reckoned in a worker: what it comes to, and how to end it before. */
export type Job<T> = { result: Promise<T>; cancel: () => void }

let worker: Worker | null = null
let remote: Remote<DeskWorker> | null = null

function desk(): Remote<DeskWorker> {
  if (!remote) {
    worker = new Worker(new URL('./desk.worker.ts', import.meta.url), { type: 'module' })
    remote = wrap<DeskWorker>(worker)
  }
  return remote
}

/** A search can't be asked to stop while it runs: its worker is ended, and the next job begins another. */
function end(): void {
  worker?.terminate()
  worker = null
  remote = null
}

/**
 * Asks the desk. Progress comes by another way than the answer, and may come after it: then it is no progress any more.
 */
function jobOf<T>(
  ask: (worker: Remote<DeskWorker>, tell: (share: number) => void) => Promise<T>,
  onProgress: (share: number) => void,
): Job<T> {
  let going = true
  const tell = proxy((share: number) => {
    if (going) onProgress(share)
  })
  const result = ask(desk(), tell).finally(() => {
    going = false
  })
  return {
    result,
    cancel: () => {
      going = false
      end()
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
