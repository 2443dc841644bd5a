import {
  type Color,
  clampRgb,
  useMode as converterOf,
  differenceCiede2000,
  formatHex,
  modeHsl,
  modeHwb,
  modeLab,
  modeLab65,
  modeLch,
  modeLrgb,
  modeOklab,
  modeOklch,
  modeRgb,
  modeXyz50,
  modeXyz65,
  parse,
} from 'culori/fn'

// Only the spaces that are reckoned in, and those that people and style sheets write colours in: all that the library knows are
// three times as much, and every page with a colour would bring them.
const toRgb = converterOf(modeRgb)
export const toLinear = converterOf(modeLrgb)
export const toXyz = converterOf(modeXyz65)
export const toLab = converterOf(modeLab65)
converterOf(modeHsl)
converterOf(modeHwb)
converterOf(modeXyz50)
converterOf(modeLab)
converterOf(modeLch)
converterOf(modeOklab)
converterOf(modeOklch)

/** ΔE00 between two colours of any space. Source: handbook 5. */
export const ciede2000 = differenceCiede2000()

/** The colour that a text of a style sheet says: "#C9C4B4", "#fff", "teal", "rgb(0 0 0)", "oklch(0.5 0 0)"; undefined: none. */
export function colourIn(text: string): Color | undefined {
  return parse(text)
}

/** A colour as #RRGGBB, clipped to what a screen can show. */
export function hexFrom(colour: Color): string {
  return formatHex(clampRgb(toRgb(colour))).toUpperCase()
}
