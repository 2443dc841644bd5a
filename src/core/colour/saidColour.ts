import { COLOUR_WORDS, TONE_WORDS } from '../knowledge/words/colours'
import { hexOf, type Lab, labOf } from './spectrum'
import { styleColour } from './styleColour'

/** Letters and figures that a style sheet would take for a colour without its sign. */
const DIGITS = /^[0-9a-f]{3,8}$/

/** How much of a colour that stands last is in a colour of two words: "blue grey" is a grey. */
const LAST_SHARE = 0.6

/**
 * The colour that a text says: "#C9C4B4", "#fff", "white", "dark rust brown", "light blue", or a name of the style sheets.
 *
 * @returns #RRGGBB, or null where it says none. Source: handbook 5.1.
 */
export function colourSaid(text: string): string | null {
  const said = text.trim().toLowerCase()
  if (/^#?[0-9a-f]{6}$/.test(said)) return `#${said.replace('#', '').toUpperCase()}`
  const own = ofWords(said.split(/\s+/))
  if (own) return own
  if (DIGITS.test(said)) return null
  return styleColour(said)
}

/** Is a word a colour, or a tone before one? */
export function isColourWord(word: string): boolean {
  return word in TONE_WORDS || hexOfWord(word) !== null
}

function hexOfWord(word: string): string | null {
  if (Object.hasOwn(COLOUR_WORDS, word)) return COLOUR_WORDS[word as keyof typeof COLOUR_WORDS]
  // "Dead" is a word, and no colour of four digits.
  return /^[a-z]{3,}$/.test(word) && !DIGITS.test(word) ? styleColour(word) : null
}

/** Tones before colours, and up to several colours, the last the strongest; null where any word is neither. */
function ofWords(words: readonly string[]): string | null {
  let lab: Lab | null = null
  let lighter = 0
  for (const word of words) {
    if (Object.hasOwn(TONE_WORDS, word)) {
      lighter += TONE_WORDS[word as keyof typeof TONE_WORDS]
      continue
    }
    const hex = hexOfWord(word)
    if (hex === null) return null
    lab = lab === null ? labOf(hex) : between(lab, labOf(hex))
  }
  if (lab === null) return null
  if (lighter === 0 && words.length === 1) return hexOfWord(words[0] ?? '')
  return hexOf({ ...lab, l: Math.min(97, Math.max(4, lab.l + lighter)) })
}

function between(first: Lab, last: Lab): Lab {
  const at = (a: number, b: number) => a * (1 - LAST_SHARE) + b * LAST_SHARE
  return { l: at(first.l, last.l), a: at(first.a, last.a), b: at(first.b, last.b) }
}
