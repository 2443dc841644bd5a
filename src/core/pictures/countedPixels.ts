import { labsOfPixels } from './pixels'
import { type CountedShare, countedShare } from './share'

/** So many pixels of a face are counted at the most. */
const MOST = 120_000

/** Pixels as a canvas gives them: of a face, and of places in it that are it, or aren't. */
export type FacePixels = Record<'face' | 'is' | 'isnt', Uint8ClampedArray>

/** Which share of a face is it. @throws RangeError if a kind has no pixel. Source: handbook 13.1. */
export function countedPixels({ face, is, isnt }: FacePixels): CountedShare {
  const every = Math.max(1, Math.ceil(face.length / 4 / MOST))
  return countedShare(labsOfPixels(face, undefined, every), labsOfPixels(is), labsOfPixels(isnt))
}
