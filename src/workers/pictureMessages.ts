import type { FacePixels } from '@/core/pictures/countedPixels'
import type { CountedShare } from '@/core/pictures/share'

/** A picture as it is kept: upright, at most 4096 px long, without a word of its camera; a small one; and its size, px. */
export type Prepared = { photo: Blob; thumb: Blob; width: number; height: number }

/** What the worker of pictures does. */
export type PictureWorker = {
  /** @throws Error in words for the person where it is no picture, or too large */
  prepare: (name: string, file: Blob) => Promise<Prepared>
  counted: (pixels: FacePixels) => CountedShare
}
