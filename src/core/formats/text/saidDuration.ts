import { TIME_WORDS } from '../../knowledge/words/ways'
import { LONGEST_MINUTES, parseDuration, writeDuration } from '../../model/duration'
import { HOURS_AND_MINUTES, type Token, tokensOf } from './tokens'

const UNIT_WORDS: readonly { unit: string; words: RegExp; times?: number }[] = [
  { unit: 's', words: /^(?:s|secs?|seconds?)$/ },
  { unit: 'min', words: /^(?:m|mins?|minutes?)$/ },
  { unit: 'h', words: /^(?:h|hrs?|hours?)$/ },
  { unit: 'd', words: /^(?:d|days?|nights?)$/ },
  { unit: 'd', words: /^(?:w|weeks?)$/, times: 7 },
  { unit: 'd', words: /^months?$/, times: 30 },
  { unit: 'd', words: /^years?$/, times: 365 },
]

/** A number with a unit of time as the formats write it: "12h" is "12 h"; null: no time. */
export function pieceOfTime(token: Token): string | null {
  if (token.is !== 'number') return null
  if (token.unit === HOURS_AND_MINUTES) return writeDuration(token.value)
  const row = UNIT_WORDS.find(({ words }) => words.test(token.unit))
  return row ? `${token.value * (row.times ?? 1)} ${row.unit}` : null
}

/** Words without a number as the formats write them: "overnight" is "12 h"; null: no time. */
export function wordsOfTime(text: string): string | null {
  const minutes = Object.hasOwn(TIME_WORDS, text)
    ? TIME_WORDS[text as keyof typeof TIME_WORDS]
    : undefined
  return minutes === undefined ? null : writeDuration(minutes)
}

/**
 * A length of time as people write it: "1h30", "90 min", "1,5 h", "2 days", "overnight", and everything that the formats take.
 *
 * @returns the time as the formats write it, or null where the text says none
 */
export function saidDuration(text: string): string | null {
  const said = text.trim().toLowerCase()
  if (parseDuration(text) !== null) return text.trim()
  const word = wordsOfTime(said)
  if (word !== null) return word
  const pieces = tokensOf(said).map(pieceOfTime)
  const written = pieces.join(' ')
  const minutes = pieces.includes(null) ? null : parseDuration(written)
  return minutes !== null && minutes <= LONGEST_MINUTES ? written : null
}
