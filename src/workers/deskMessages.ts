import type { MatchBottle, Recipe } from '@/core/colour'
import type { MeshMeasure, MeshSize } from '@/core/mesh'

export type MatchAsked = {
  target: string
  bottles: readonly MatchBottle[]
  maxBottles: number
  maxDrops: number
}

/** What the desk's worker reckons. Plain data both ways; `onProgress` is told shares from 0 to 1. */
export type DeskWorker = {
  match: (asked: MatchAsked, onProgress: (share: number) => void) => Recipe[]
  /** @throws an error with words for the person when the file is no mesh */
  mesh: (
    name: string,
    bytes: ArrayBuffer,
    size: MeshSize,
    onProgress: (share: number) => void,
  ) => MeshMeasure
}
