import { COAT_WORDS } from '../../knowledge/words/materials'
import { COAT_NOUNS, NUMBER_WORDS } from '../../knowledge/words/ways'
import type { Coat } from '../../model/vocabulary'
import { tokensOf } from './tokens'

/**
 * Coats as people write them: "mist, light, light", "mist light x2", "3", "two wet".
 *
 * @returns the coats in order, with what is none of them as it stands, for the schema to refuse
 */
export function saidCoats(text: string): string[] {
  const coats: string[] = []
  let count: number | null = null
  for (const token of tokensOf(text.toLowerCase())) {
    const last = coats.at(-1)
    if (token.is === 'number' && token.unit === 'x' && last !== undefined && count === null)
      for (let i = 1; i < token.value; i++) coats.push(last)
    else if (token.is === 'number') count = token.value
    else if (Object.hasOwn(NUMBER_WORDS, token.text))
      count = NUMBER_WORDS[token.text as keyof typeof NUMBER_WORDS]
    else if (token.is === 'word' && !COAT_NOUNS.some((noun) => noun === token.text)) {
      const coat = coatOf(token.text)
      for (let i = 0; i < (count ?? 1); i++) coats.push(coat ?? token.text)
      count = null
    }
  }
  // A number alone counts light ones.
  for (let i = 0; i < Math.min(count ?? 0, 31); i++) coats.push('light')
  return coats
}

function coatOf(word: string): Coat | undefined {
  return (Object.keys(COAT_WORDS) as Coat[]).find((coat) =>
    (COAT_WORDS[coat] as readonly string[]).includes(word),
  )
}
