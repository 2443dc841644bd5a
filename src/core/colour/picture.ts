import { hexOfLinear, toLinear } from './spaces'
import { deltaE00, labOf } from './spectrum'

/** Linear light of a place in a picture: red, green, blue, 0 to 1. */
export type Light = readonly [number, number, number]

/**
 * The mean light of a patch: colours are averaged as light, not as numbers of the file.
 *
 * @param pixels red, green, blue, opacity of each pixel, 0 to 255, as a canvas gives them
 * @returns null where nothing of the patch is opaque
 * Source: handbook 5.4.
 */
export function patchLight(pixels: Uint8ClampedArray): Light | null {
  let [r, g, b, count] = [0, 0, 0, 0]
  for (let i = 0; i + 3 < pixels.length; i += 4) {
    if ((pixels[i + 3] as number) < 128) continue
    const linear = toLinear({
      r: (pixels[i] as number) / 255,
      g: (pixels[i + 1] as number) / 255,
      b: (pixels[i + 2] as number) / 255,
    })
    r += linear.r
    g += linear.g
    b += linear.b
    count++
  }
  return count === 0 ? null : [r / count, g / count, b / count]
}

/** Channels darker than this say nothing of the light they were taken in. */
const DARKEST = 0.01

/** What each channel is multiplied with so that a patch that is grey in truth comes out grey. */
export type WhiteBalance = readonly [number, number, number]

/** How much light comes from a patch, all channels alike. */
export function levelOf([r, g, b]: Light): number {
  return (r + g + b) / 3
}

/** How much light comes from something that is so light, CIELAB L*: 0 to 1, linear. */
export function levelOfLightness(l: number): number {
  const root = (l + 16) / 116
  return root > 6 / 29 ? root ** 3 : (root - 4 / 29) * (108 / 841)
}

/**
 * @param level how light the patch is in truth, 0 to 1, linear: sets the exposure too; left out: as it is in the picture
 * @returns null where the patch is too dark to tell
 * Source: N85; handbook 13.1.
 */
export function whiteBalance(neutral: Light, level = levelOf(neutral)): WhiteBalance | null {
  if (Math.min(...neutral) < DARKEST) return null
  return [level / neutral[0], level / neutral[1], level / neutral[2]]
}

/** The colour of a light, #RRGGBB, clipped to what a screen can show. */
export function colourOfLight(light: Light, balance: WhiteBalance = [1, 1, 1]): string {
  const [r, g, b] = light.map((value, i) => value * (balance[i] as number)) as [
    number,
    number,
    number,
  ]
  return hexOfLinear({ r, g, b })
}

/** Without a grey the light of a room may tint a picture by about this, ΔE00. */
const LIGHT_UNSURE = 5
/** With a grey what is left of that, and what a camera makes of a colour. */
const CAMERA_UNSURE = 2

/**
 * How far the colour of a patch may be from that of the thing, ΔE00: what the camera and the light leave open, and how much the
 * patch itself varies about its mean.
 *
 * @param pixels of the patch, as `patchLight` takes them
 * @param balanced set by a grey
 * Source: N85.
 */
export function patchUnsure(pixels: Uint8ClampedArray, balanced: boolean): number {
  const mean = patchLight(pixels)
  const camera = balanced ? CAMERA_UNSURE : LIGHT_UNSURE
  if (!mean) return camera
  const middle = labOf(colourOfLight(mean))
  let [sum, count] = [0, 0]
  for (let i = 0; i + 3 < pixels.length; i += 4) {
    const light = patchLight(pixels.subarray(i, i + 4))
    if (!light) continue
    sum += deltaE00(labOf(colourOfLight(light)), middle) ** 2
    count++
  }
  return Math.hypot(camera, Math.sqrt(sum / Math.max(1, count)))
}

/**
 * The colour of a patch as it is in truth, as far as a grey said, and how far off that may be, ΔE00.
 *
 * @param balance null: no grey was set
 * @returns null where nothing of the patch is opaque
 * Source: N85; handbook 13.1.
 */
export function patchColour(
  pixels: Uint8ClampedArray,
  balance: WhiteBalance | null,
): { colour: string; unsure: number } | null {
  const light = patchLight(pixels)
  if (!light) return null
  return {
    colour: colourOfLight(light, balance ?? undefined),
    unsure: patchUnsure(pixels, balance !== null),
  }
}
