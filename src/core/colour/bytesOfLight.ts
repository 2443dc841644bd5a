/** 8-bit sRGB of linear light, 0 to 1. */
export function byteOfLight(light: number): number {
  return Math.round(255 * (light <= 0.0031308 ? 12.92 * light : 1.055 * light ** (1 / 2.4) - 0.055))
}

/** Linear light, 0 to 1, of each 8-bit sRGB. */
export const LIGHT_OF_BYTE: Float32Array = Float32Array.from({ length: 256 }, (_, i) => {
  const c = i / 255
  return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4
})
