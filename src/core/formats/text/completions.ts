import {
  type Known,
  knownAs,
  type Lexicon,
  lexiconOf,
  phraseOf,
  phrasesIn,
  type Sense,
} from './lexicon'
import { tokensOf } from './tokens'

/** What may be meant by the letters typed so far: the text to put in their place, and where they stand. */
export type Completion = { text: string; is: Sense['is']; from: number; to: number }

/** So many words before the caret may be the beginning of one phrase. */
const MOST_WORDS = 4
/** So many are offered. */
const MOST_OFFERED = 8

/** What is looked for first: behind "on" parts, at the beginning of a step acts, else paints and what is said of them. */
const FIRST_OF_ALL: Record<'part' | 'step' | 'more', readonly Sense['is'][]> = {
  part: ['part', 'all'],
  step: ['act', 'bottle', 'mix', 'technique', 'part'],
  more: ['bottle', 'mix', 'part', 'coat', 'sheen', 'field', 'key', 'act'],
}

/**
 * What the word at the caret may become: the longest beginning of a phrase first, then by what is likely there, then the
 * shorter. Empty where no word is typed.
 */
export function completionsOf(text: string, caret: number, known: Known): Completion[] {
  const line = text.slice(text.lastIndexOf('\n', caret - 1) + 1, caret)
  const start = caret - line.length
  if (line === '' || /\s$/.test(line)) return []
  const lexicon = lexiconOf(known)
  const tokens = tokensOf(line)
  for (let count = Math.min(MOST_WORDS, tokens.length); count > 0; count--) {
    const own = tokens.slice(-count)
    const from = own[0]?.from ?? 0
    const typed = phraseOf(line.slice(from))
    if (count > 1 && /^on$/i.test(own[0]?.text ?? '')) continue
    if (own.some(({ is }) => is === 'comma' || is === 'end' || is === 'colon')) continue
    const found = offersFor(typed, lexicon, placeIn(line.slice(0, from)))
    if (found.length > 0) return found.map((offer) => ({ ...offer, from: start + from, to: caret }))
  }
  return []
}

type Place = keyof typeof FIRST_OF_ALL

function placeIn(before: string): Place {
  const clause = before.slice(Math.max(before.lastIndexOf(';'), before.lastIndexOf(':')) + 1)
  if (/\bon\s+(?:[\p{L}\p{N} '’]+,\s*)*$/iu.test(clause)) return 'part'
  return clause.trim() === '' || /,\s*$/.test(clause) ? 'step' : 'more'
}

function offersFor(
  typed: string,
  lexicon: Lexicon,
  place: Place,
): Pick<Completion, 'text' | 'is'>[] {
  const order = FIRST_OF_ALL[place]
  const rank = (is: Sense['is']) => (order.includes(is) ? order.indexOf(is) : order.length)
  const offers = new Map<string, { text: string; is: Sense['is'] }>()
  for (const phrase of phrasesIn(lexicon)) {
    if (!phrase.startsWith(typed) || phrase === typed) continue
    for (const sense of knownAs(lexicon, phrase)) {
      if (sense.is === 'filler') continue
      const text = nameOf(sense) ?? phrase
      // Of several words for one thing the first is offered.
      const key = JSON.stringify([sense.is, nameOf(sense) ?? meaningOf(sense)])
      if (!offers.has(key)) offers.set(key, { text, is: sense.is })
    }
  }
  return [...offers.values()]
    .sort((a, b) => rank(a.is) - rank(b.is) || a.text.length - b.text.length)
    .slice(0, MOST_OFFERED)
}

/** What tells one meaning from another. */
function meaningOf(sense: Sense): unknown {
  const { is: _, ...rest } = sense
  return rest
}

function nameOf(sense: Sense): string | null {
  switch (sense.is) {
    case 'part':
      return sense.part.name
    case 'bottle':
      return sense.bottle.name
    case 'mix':
      return sense.mix.name
    case 'technique':
      return sense.technique.name
    default:
      return null
  }
}
