import {
  useMode as converterOf,
  modeHsl,
  modeHwb,
  modeLab,
  modeLch,
  modeOklab,
  modeOklch,
  modeRgb,
  modeXyz50,
  parse,
} from 'culori/fn'
import { hexFrom } from './spaces'

// Only the spaces that people and style sheets write colours in: all that the library knows are three times as much.
const toRgb = converterOf(modeRgb)
for (const mode of [modeHsl, modeHwb, modeXyz50, modeLab, modeLch, modeOklab, modeOklch])
  converterOf(mode)

/**
 * The colour that a text of a style sheet says: "#C9C4B4", "#fff", "teal", "rgb(0 0 0)", "oklch(0.5 0 0)".
 *
 * @returns #RRGGBB, clipped to what a screen can show; null where it says none
 */
export function styleColour(text: string): string | null {
  const colour = toRgb(parse(text))
  return colour ? hexFrom(colour) : null
}
