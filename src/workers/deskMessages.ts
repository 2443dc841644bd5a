import type { MatchBottle, Recipe } from '@/core/colour'
import type { MeshMeasure, MeshSize } from '@/core/mesh'
import type { Mesh } from '@/core/model/mesh'
import type { ShapeFacts } from '@/core/shape/standIn'

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
  /**
   * A mesh with its zones, as it is kept, and how many of its triangles are.
   *
   * @throws an error with words for the person when the file is no mesh
   */
  zones: (
    id: string,
    name: string,
    bytes: ArrayBuffer,
    size: MeshSize,
    onProgress: (share: number) => void,
  ) => { mesh: Mesh; facts: ShapeFacts; kept: number }
}
