/** Linear sRGB to XYZ, each divided by that of its white, D65. */
const [XR, XG, XB] = [0.4123907992659595, 0.357584339383878, 0.1804807884018343]
const [YR, YG, YB] = [0.2126390058715104, 0.715168678767756, 0.0721923153607337]
const [ZR, ZG, ZB] = [0.0193308187155918, 0.119194779794626, 0.9505321522496607]
const WHITE = { x: 0.3127 / 0.329, z: (1 - 0.3127 - 0.329) / 0.329 } as const

const [KAPPA, EPSILON] = [24389 / 27, 216 / 24389]

function root(t: number): number {
  return t > EPSILON ? Math.cbrt(t) : (KAPPA * t + 16) / 116
}

/**
 * CIELAB (D65) of many lights at once, three numbers each: as `labOfLight`, without an object for every one.
 *
 * @param lights linear red, green and blue, one after the other
 */
export function labsOfLights(lights: Float32Array): Float32Array {
  const labs = new Float32Array(lights.length)
  for (let i = 0; i < lights.length; i += 3) {
    const [r, g, b] = [lights[i] as number, lights[i + 1] as number, lights[i + 2] as number]
    const x = root((XR * r + XG * g + XB * b) / WHITE.x)
    const y = root(YR * r + YG * g + YB * b)
    const z = root((ZR * r + ZG * g + ZB * b) / WHITE.z)
    labs[i] = 116 * y - 16
    labs[i + 1] = 500 * (x - y)
    labs[i + 2] = 200 * (y - z)
  }
  return labs
}
