import { LIGHT_OF_BYTE } from '../colour/bytesOfLight'
import { labsOfLights } from '../colour/manyLabs'
import type { WhiteBalance } from '../colour/picture'
import type { Lab } from '../colour/spectrum'

/**
 * Colours of pixels as they are in truth, as far as a grey said; transparent ones are left out.
 *
 * @param pixels red, green, blue, opacity of each, 0 to 255, as a canvas gives them
 * @param every only so manieth of them: a face of a large picture is counted by fewer
 * Source: handbook 13.1.
 */
export function labsOfPixels(
  pixels: Uint8ClampedArray,
  balance: WhiteBalance = [1, 1, 1],
  every = 1,
): Lab[] {
  const lights: number[] = []
  for (let i = 0; i + 3 < pixels.length; i += 4 * every) {
    if ((pixels[i + 3] as number) < 128) continue
    for (let c = 0; c < 3; c++)
      lights.push((LIGHT_OF_BYTE[pixels[i + c] as number] as number) * (balance[c] as number))
  }
  const flat = labsOfLights(Float32Array.from(lights))
  return Array.from({ length: flat.length / 3 }, (_, i) => ({
    l: flat[i * 3] as number,
    a: flat[i * 3 + 1] as number,
    b: flat[i * 3 + 2] as number,
  }))
}
