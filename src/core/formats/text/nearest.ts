import { distance } from 'fastest-levenshtein'
import { isColourWord } from '../../colour/saidColour'
import { knownAs, type Lexicon, phrasesIn } from './lexicon'

/**
 * The phrase that a misspelt one comes nearest to; null where none is near: more than a third of its letters would have to
 * change; and where the phrase itself is known, and only says nothing there.
 */
export function nearestPhrase(text: string, lexicon: Lexicon): string | null {
  const word = text.toLowerCase()
  const isKnown = knownAs(lexicon, word).length > 0 || isColourWord(word)
  if (!/\p{L}/u.test(word) || isKnown) return null
  let nearest: string | null = null
  let least = Math.max(1, Math.floor(word.length / 3)) + 1
  for (const phrase of phrasesIn(lexicon)) {
    if (Math.abs(phrase.length - word.length) >= least) continue
    // Of two that are as near, the one that begins alike is meant.
    const changes = distance(word, phrase) + (phrase[0] === word[0] ? 0 : 0.5)
    if (changes < least) {
      least = changes
      nearest = phrase
    }
  }
  return nearest
}
