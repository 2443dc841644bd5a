import { byteOfLight, LIGHT_OF_BYTE } from '../colour/bytesOfLight'
import { eyeLimit } from '../knowledge/realSizes'
import type { SampleGrid } from '../surface/samples'

/** Three runs of a box come close to how an eye blurs. */
const RUNS = 3

/**
 * A picture as an eye sees it from so far: what is finer than an arc minute is tone. Light is what is mixed.
 *
 * @param rgb three bytes a sample, row by row
 * @param away how far the eye is, mm
 * @returns the picture itself, where a sample is coarser than the eye's limit
 * Source: handbook 10.1.
 */
export function seenFrom(rgb: Uint8Array, grid: SampleGrid, away: number): Uint8Array {
  const { width, height, mm } = grid
  // Runs of a box of this many samples about come to a spot as wide as the limit.
  const box = Math.round((eyeLimit(away) / mm) * BOX)
  if (box < 1) return rgb
  const out = new Uint8Array(rgb.length)
  const [from, to] = [new Float32Array(width * height), new Float32Array(width * height)]
  for (let c = 0; c < 3; c++) {
    for (let i = 0; i < from.length; i++)
      from[i] = LIGHT_OF_BYTE[rgb[i * 3 + c] as number] as number
    for (let run = 0; run < RUNS; run++) {
      boxed(from, to, width, height, 1, width, box)
      boxed(to, from, height, width, width, 1, box)
    }
    for (let i = 0; i < from.length; i++) out[i * 3 + c] = byteOfLight(from[i] as number)
  }
  return out
}

/** Half the width of each box, of the limit. */
const BOX = 0.4

/** The mean of each sample and `box` on either side, along one way. */
function boxed(
  from: Float32Array,
  to: Float32Array,
  long: number,
  lines: number,
  step: number,
  stride: number,
  box: number,
): void {
  for (let line = 0; line < lines; line++) {
    const at = line * stride
    let sum = 0
    for (let k = 0; k <= Math.min(box, long - 1); k++) sum += from[at + k * step] as number
    for (let k = 0; k < long; k++) {
      const count = Math.min(long - 1, k + box) - Math.max(0, k - box) + 1
      to[at + k * step] = sum / count
      if (k + box + 1 < long) sum += from[at + (k + box + 1) * step] as number
      if (k - box >= 0) sum -= from[at + (k - box) * step] as number
    }
  }
}
