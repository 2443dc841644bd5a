import { isColourWord } from '../../colour/saidColour'
import { knownAs, type Lexicon, phraseOf, type Sense, sensesOf, textsOf } from './lexicon'
import type { Token } from './tokens'

/** A phrase that is known, a name that isn't, a word that nothing reads, or a token that is no word. */
export type Item = { from: number; to: number; text: string } & (
  | { is: 'phrase'; phrase: string; senses: readonly Sense[]; quoted?: true }
  | { is: 'name' }
  | { is: 'unknown' }
  | { is: 'token'; token: Token }
)

/** Tokens as items: the longest phrase that is known wins; words with capitals that nobody knows are a name. */
export function itemsOf(tokens: readonly Token[], lexicon: Lexicon): Item[] {
  const words = textsOf(tokens)
  const items: Item[] = []
  for (let i = 0; i < tokens.length; ) {
    const token = tokens[i] as Token
    const named = token.is === 'quoted' ? namedBy(token.text, lexicon) : []
    if (named.length > 0) {
      const { from, to, text } = token
      items.push({
        from,
        to,
        is: 'phrase',
        text,
        phrase: phraseOf(text),
        senses: named,
        quoted: true,
      })
      i += 1
      continue
    }
    const length = nameFrom(tokens, words, i, lexicon) || phraseFrom(tokens, words, i, lexicon)
    const last = tokens[i + Math.max(1, length) - 1] as Token
    const place = { from: token.from, to: last.to }
    if (length > 0) {
      const phrase = words.slice(i, i + length).join(' ')
      const senses = sensesOf(lexicon, phrase)
      const text = tokens
        .slice(i, i + length)
        .map((piece) => piece.text)
        .join(' ')
      if (senses.length > 0) items.push({ ...place, is: 'phrase', text, phrase, senses })
      else items.push({ ...place, is: 'name', text })
    } else if (token.is === 'word') items.push({ ...place, is: 'unknown', text: token.text })
    else items.push({ ...place, is: 'token', text: token.text, token })
    i += Math.max(1, length)
  }
  return items
}

/** What is called by a quoted text: parts, bottles, mixes, techniques, never words of the language. */
function namedBy(text: string, lexicon: Lexicon): Sense[] {
  const named = ['part', 'bottle', 'mix', 'technique']
  return knownAs(lexicon, phraseOf(text)).filter(({ is }) => named.includes(is))
}

/** How many tokens from here on are the longest phrase; a number alone is none. */
function phraseFrom(
  tokens: readonly Token[],
  words: readonly string[],
  at: number,
  lexicon: Lexicon,
): number {
  for (let length = Math.min(lexicon.longest, tokens.length - at); length > 0; length--) {
    if (length === 1 && tokens[at]?.is !== 'word') return 0
    if (sensesOf(lexicon, words.slice(at, at + length).join(' ')).length > 0) return length
  }
  return 0
}

/**
 * How many tokens from here on are a name that nobody knows: words with capitals, not at the beginning of what is said, none
 * of them a word of the language other than a colour. A quoted text is read by whoever asks for one.
 */
function nameFrom(
  tokens: readonly Token[],
  words: readonly string[],
  at: number,
  lexicon: Lexicon,
): number {
  const before = tokens[at - 1]
  if (!before || before.is === 'comma' || before.is === 'end' || before.is === 'colon') return 0
  let length = 0
  let known = 0
  for (let i = at; i < tokens.length; i++) {
    const token = tokens[i] as Token
    const number = token.is === 'number' && token.unit === '' && i > at
    if (!number && !(token.is === 'word' && /^\p{Lu}/u.test(token.text))) break
    const word = words[i] ?? ''
    if (knownAs(lexicon, word).length > 0 && !isColourWord(word)) return 0
    if (isColourWord(word)) known += 1
    length += 1
  }
  const isOneColour = length === 1 && known === 1
  if (length === 0 || isOneColour) return 0
  const phrase = words.slice(at, at + length).join(' ')
  return knownAs(lexicon, phrase).length > 0 || phraseFrom(tokens, words, at, lexicon) > length
    ? 0
    : length
}
