import {
  convertLab65ToRgb,
  convertLrgbToRgb,
  convertRgbToLab65,
  convertRgbToLrgb,
  convertRgbToXyz65,
  differenceCiede2000,
  parseHex,
  serializeHex,
} from 'culori/fn'

// What is reckoned with alone, from one space to the next: spaces that the library knows by name bring all their ways of writing.

/** CIELAB under D65. */
export type Lab = { l: number; a: number; b: number }

/** Red, green and blue, 0 to 1 each where a screen can show it; of a screen, or as light. */
export type Rgb = { r: number; g: number; b: number }

/** The colour that three, four, six or eight figures say, with # or without; undefined: none. */
export function hexIn(text: string): Rgb | undefined {
  return parseHex(text)
}

/** As light. */
export function toLinear(colour: Rgb): Rgb {
  return convertRgbToLrgb(colour)
}

/** X, Y and Z under D65, of light. */
export function xyzOfLinear(light: Rgb): { x: number; y: number; z: number } {
  return convertRgbToXyz65(convertLrgbToRgb(light))
}

/** CIELAB under D65. */
export function toLab(colour: Rgb): Lab {
  const { l, a, b } = convertRgbToLab65(colour)
  return { l, a, b }
}

/** CIELAB under D65, of light. */
export function labOfLinear(light: Rgb): Lab {
  return toLab(convertLrgbToRgb(light))
}

const difference = differenceCiede2000()

/** ΔE00 between two colours. Source: handbook 5. */
export function deltaE00(lab: Lab, other: Lab): number {
  return difference({ mode: 'lab65', ...lab }, { mode: 'lab65', ...other })
}

/** A colour as #RRGGBB, clipped to what a screen can show. */
export function hexFrom({ r, g, b }: Rgb): string {
  return serializeHex({ mode: 'rgb', r, g, b }).toUpperCase()
}

/** Light as #RRGGBB, clipped to what a screen can show. */
export function hexOfLinear(light: Rgb): string {
  return hexFrom(convertLrgbToRgb(light))
}

/** #RRGGBB of CIELAB under D65, clipped to what a screen can show. Source: handbook 5.1. */
export function hexOf(lab: Lab): string {
  return hexFrom(convertLab65ToRgb(lab))
}
