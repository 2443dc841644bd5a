import { isColourWord } from '../../colour/saidColour'
import { ACT_WORDS, LIKELY_WORDS, STEP_WORDS } from '../../knowledge/words/acts'
import { COLOUR_WORDS } from '../../knowledge/words/colours'
import {
  COAT_WORDS,
  FAMILY_WORDS,
  ROLE_WORDS,
  SHEEN_WORDS,
  SOLVENT_WORDS,
  SUBSTRATE_WORDS,
  TOOL_WORDS,
} from '../../knowledge/words/materials'
import {
  ABOVE_WORDS,
  AGAIN_WORDS,
  AIR_WORDS,
  ALL_WORDS,
  BUT_WORDS,
  COAT_NOUNS,
  FILLER_WORDS,
  KEY_WORDS,
  type KeyWord,
  NUMBER_WORDS,
  ON_WORDS,
  type SaidField,
  SHEET_WORDS,
  THE_WORDS,
  TIME_WORDS,
  TIMES_WORDS,
  USE_WORDS,
  WAIT_WORDS,
  WAITS_WORDS,
  WAY_WORDS,
} from '../../knowledge/words/ways'
import type { Bottle } from '../../model/bottle'
import type { Part } from '../../model/build'
import type { ClimateChange } from '../../model/climateSchema'
import type { StoredMix } from '../../model/mix'
import type { ActStep } from '../../model/sequence'
import type { Act, Coat, Sheen, Substrate } from '../../model/vocabulary'
import { wordsOfTime } from './saidDuration'
import { type Token, tokensOf } from './tokens'

/** A technique by its name, with the acts that it stands for. */
export type NamedSteps = { name: string; steps: readonly ActStep[] }

/** What may be named: parts, bottles, kept mixes, techniques. Left out: any name is taken as it stands. */
export type Known = {
  parts?: readonly Part[]
  shelf?: readonly Bottle[]
  mixes?: readonly StoredMix[]
  techniques?: readonly NamedSteps[]
}

/** One way to take a phrase. */
export type Sense =
  | { is: 'act'; acts: readonly [Act, ...Act[]]; says?: Partial<ActStep>; weak?: boolean }
  | { is: 'field'; says: SaidField }
  | { is: 'sheen'; sheen: Sheen }
  | { is: 'coat'; coat: Coat }
  | { is: 'count' | 'times'; count: number }
  | { is: 'colour' }
  | { is: 'time'; wait: string }
  | { is: 'key'; key: KeyWord }
  | { is: 'air'; says: ClimateChange }
  | { is: 'part'; part: Part }
  | { is: 'bottle'; bottle: Bottle }
  | { is: 'mix'; mix: StoredMix }
  | { is: 'technique'; technique: NamedSteps }
  | { is: 'substrate'; substrate: Substrate }
  | { is: 'use'; use: 'display' | 'handled' }
  | { is: 'waits'; waits: 'auto' | 'as-written' }
  | { is: 'coats' | 'above' | 'the' }
  | { is: 'on' | 'all' | 'but' | 'again' | 'wait' | 'sheet' | 'filler' | 'humidity' }

type Phrases = ReadonlyMap<string, readonly Sense[]>

/** Every phrase that is understood, in small letters, with its senses, the likeliest first. */
export type Lexicon = {
  /** Names of this bench. */
  own: Phrases
  /** Words of the longest phrase. */
  longest: number
}

/** How a phrase is looked up: its words in small letters, one space apart. */
export function phraseOf(text: string): string {
  return textsOf(tokensOf(text)).join(' ')
}

/** The words of tokens as phrases are made of them. */
export function textsOf(tokens: readonly Token[]): string[] {
  return tokens.map(({ text }) => text.toLowerCase().replaceAll('’', "'"))
}

/** The words of the language: the same for everybody. */
const LANGUAGE: Phrases = phrasesOf((add) => {
  addActs(add)
  addMaterials(add)
  addWays(add)
})

const LONGEST = longestIn(LANGUAGE)

const made = new WeakMap<Known, Lexicon>()

/** The words of the language, and the names of a bench on top of them; made once for the same names, which stay as they are. */
export function lexiconOf(known: Known = {}): Lexicon {
  const before = made.get(known)
  if (before) return before
  const lexicon = withNames(known)
  made.set(known, lexicon)
  return lexicon
}

function withNames({ parts, shelf, mixes, techniques }: Known): Lexicon {
  const own = phrasesOf((add) => {
    for (const bottle of shelf ?? []) add(namesOf(bottle), { is: 'bottle', bottle })
    for (const mix of mixes ?? []) add([mix.name], { is: 'mix', mix })
    for (const technique of techniques ?? []) add([technique.name], { is: 'technique', technique })
    for (const part of parts ?? []) add([part.name], { is: 'part', part })
  })
  return { own, longest: Math.max(LONGEST, longestIn(own)) }
}

function phrasesOf(fill: (add: Add) => void): Phrases {
  const phrases = new Map<string, Sense[]>()
  fill((words, sense) => {
    for (const word of words) {
      const phrase = phraseOf(word)
      if (phrase === '') continue
      const known = phrases.get(phrase)
      if (known) known.push(sense)
      else phrases.set(phrase, [sense])
    }
  })
  return phrases
}

function longestIn(phrases: Phrases): number {
  let longest = 0
  for (const phrase of phrases.keys()) longest = Math.max(longest, phrase.split(' ').length)
  return longest
}

type Add = (words: readonly string[], sense: Sense) => void

function namesOf({ name, maker, code }: Bottle): string[] {
  return [name, ...(maker ? [`${maker} ${name}`] : []), ...(code ? [`${name} ${code}`, code] : [])]
}

function rows<K extends string>(table: Record<K, readonly string[]>): [K, readonly string[]][] {
  return Object.entries(table) as [K, readonly string[]][]
}

function addActs(add: Add): void {
  for (const [act, words] of rows(ACT_WORDS)) add([...words, act], { is: 'act', acts: [act] })
  for (const { words, acts, weak } of LIKELY_WORDS)
    add(words, { is: 'act', acts, ...(weak ? { weak } : {}) })
  for (const { words, step, weak } of STEP_WORDS)
    add(words, { is: 'act', acts: [step.do], says: step, ...(weak ? { weak } : {}) })
}

function addMaterials(add: Add): void {
  for (const [sheen, words] of rows(SHEEN_WORDS)) {
    add(words, { is: 'sheen', sheen })
    add(words, { is: 'act', acts: ['clear'], says: { sheen }, weak: true })
  }
  for (const [coat, words] of rows(COAT_WORDS)) add(words, { is: 'coat', coat })
  for (const [family, words] of rows(FAMILY_WORDS)) add(words, { is: 'field', says: { family } })
  for (const [tool, words] of rows(TOOL_WORDS)) add(words, { is: 'field', says: { tool } })
  for (const [solvent, words] of rows(SOLVENT_WORDS)) add(words, { is: 'field', says: { solvent } })
  for (const [role, words] of rows(ROLE_WORDS)) {
    add(
      words.map((word) => `as ${word}`),
      { is: 'field', says: { role } },
    )
    add(words, { is: 'field', says: { role } })
  }
  for (const [substrate, words] of rows(SUBSTRATE_WORDS)) add(words, { is: 'substrate', substrate })
}

function addWays(add: Add): void {
  for (const { words, says } of WAY_WORDS) add(words, { is: 'field', says })
  for (const key of KEY_WORDS) add(key.words, { is: 'key', key })
  for (const [count, words] of Object.entries(NUMBER_WORDS).map(
    ([word, n]) => [n, [word]] as const,
  ))
    add(words, { is: 'count', count })
  for (const [word, count] of Object.entries(TIMES_WORDS)) add([word], { is: 'times', count })
  for (const time of Object.keys(TIME_WORDS))
    add([time], { is: 'time', wait: wordsOfTime(time) as string })
  for (const { words, says } of AIR_WORDS) add(words, { is: 'air', says })
  for (const [use, words] of rows(USE_WORDS)) add(words, { is: 'use', use })
  for (const [waits, words] of rows(WAITS_WORDS)) add(words, { is: 'waits', waits })
  add(COAT_NOUNS, { is: 'coats' })
  add(THE_WORDS, { is: 'the' })
  add(ABOVE_WORDS, { is: 'above' })
  add(ON_WORDS, { is: 'on' })
  add(ALL_WORDS, { is: 'all' })
  add(BUT_WORDS, { is: 'but' })
  add(AGAIN_WORDS, { is: 'again' })
  add(WAIT_WORDS, { is: 'wait' })
  add(SHEET_WORDS, { is: 'sheet' })
  add(['humidity', 'rh', 'humid'], { is: 'humidity' })
  add(FILLER_WORDS, { is: 'filler' })
}

/** What a phrase is known as, colours aside: a word of the language is that word before it is anybody's name. */
export function knownAs({ own }: Lexicon, phrase: string): readonly Sense[] {
  const named = own.get(phrase)
  const said = LANGUAGE.get(phrase)
  return named && said ? [...said, ...named] : (said ?? named ?? [])
}

/** The senses of a phrase; colours of all names are words too. */
export function sensesOf(lexicon: Lexicon, phrase: string): readonly Sense[] {
  const known = knownAs(lexicon, phrase)
  return !phrase.includes(' ') && isColourWord(phrase) ? [...known, { is: 'colour' }] : known
}

/** All phrases that are known. */
export function* phrasesIn({ own }: Lexicon): Iterable<string> {
  yield* LANGUAGE.keys()
  yield* Object.keys(COLOUR_WORDS)
  yield* own.keys()
}
