import { actRow } from '../../knowledge/acts'
import { ACT_WORDS, STEP_WORDS } from '../../knowledge/words/acts'
import {
  COAT_WORDS,
  FAMILY_WORDS,
  SHEEN_WORDS,
  SOLVENT_WORDS,
  TOOL_WORDS,
} from '../../knowledge/words/materials'
import { AIR_WORDS, KEY_WORDS, SHEET_FIGURES, WAY_WORDS } from '../../knowledge/words/ways'
import { writeDuration } from '../../model/duration'
import { sameValue } from '../../model/sameValue'
import type { WaitStep } from '../../model/sequence'
import type { Coat } from '../../model/vocabulary'
import type { SaidStep } from './draft'
import { type Known, knownAs, type Lexicon, phraseOf } from './lexicon'
import { HEAD_WORDS } from './readHeader'
import { tokensOf } from './tokens'

/** A step in phrases, the act first, as far as there are words for it. Source: docs/formats.md, A plan as text. */
export function stepWords(step: SaidStep, known: Known, lexicon: Lexicon): string[] {
  const bottle = known.shelf?.find(({ id }) => id === step.bottle)
  const thinner = known.shelf?.find(({ id }) => id === step.thinner)
  const mix = known.mixes?.find(({ id }) => id === step.mix)
  const words = [
    actWord(step),
    step.sheen && !bottle?.sheen && SHEEN_WORDS[step.sheen][0],
    step.family && step.family !== (bottle ?? mix)?.family && FAMILY_WORDS[step.family][0],
    bottle && named(bottle.name, 'bottle', lexicon),
    mix && named(mix.name, 'mix', lexicon),
    step.colour && step.colour !== (bottle ?? mix)?.colour && step.colour,
    step.coats && coatWords(step.coats),
    step.tool && TOOL_WORDS[step.tool][0],
    step.solvent && SOLVENT_WORDS[step.solvent][0],
    thinner && named(thinner.name, 'bottle', lexicon),
    ...keyWords(step),
    ...wayWords(step),
    ...climateWords(step),
    ...sheetWords(step),
  ]
  return words.flatMap((word) => (word ? [word] : []))
}

/** The act as it is written: "wash" with a paint is another act than without. */
function actWord({ do: act, family }: SaidStep): string {
  const isPainted = family !== undefined && actRow(act, undefined).withPaint !== undefined
  const painted = STEP_WORDS.find(({ step }) => step.do === act)
  return (isPainted && painted?.words[0]) || ACT_WORDS[act][0]
}

/** A wait in words. */
export function waitWords({ wait }: WaitStep): string[] {
  return [wait]
}

/** A name as it is written: in quotes where a word of it means something else. */
export function named(name: string, is: string, lexicon: Lexicon): string {
  const senses = knownAs(lexicon, phraseOf(name))
  const [first] = tokensOf(name)
  const plain =
    first?.is === 'word' &&
    senses.length === 1 &&
    senses[0]?.is === is &&
    /^[\p{L}\p{N} '’-]+$/u.test(name)
  const inner = phraseOf(name).split(' ')
  const mistaken = inner.some((word) => inner.length > 1 && knownAs(lexicon, word).length > 0)
  const isHead = HEAD_WORDS.includes(inner[0] ?? '')
  return plain && !mistaken && !isHead ? name : `"${name}"`
}

/** "mist light x2": a weight, and how often it comes. */
function coatWords(coats: readonly Coat[]): string {
  const runs: { coat: Coat; count: number }[] = []
  for (const coat of coats) {
    const last = runs.at(-1)
    if (last?.coat === coat) last.count += 1
    else runs.push({ coat, count: 1 })
  }
  return runs
    .map(({ coat, count }) => `${COAT_WORDS[coat][0]}${count > 1 ? ` x${count}` : ''}`)
    .join(' ')
}

function keyWords(step: SaidStep): string[] {
  return KEY_WORDS.flatMap(({ words, field, takes, times = 1 }) => {
    const value = step[field]
    if (value === undefined) return []
    if (takes === 'text') return isPlain(String(value)) ? [`${words[0]} "${String(value)}"`] : []
    const said =
      takes === 'duration'
        ? typeof value === 'string'
          ? value
          : inTime(Number(value) / times)
        : `${Number((Number(value) / times).toPrecision(12))}${takes === 'percent' ? ' %' : ''}`
    return [`${words[0]} ${said}`]
  })
}

/** Can a text stand in quotes on one line? */
function isPlain(text: string): boolean {
  return text !== '' && !/["“”„\n]/.test(text)
}

/** Minutes in whole hours or minutes, else in seconds. */
function inTime(minutes: number): string {
  return Number.isInteger(minutes) ? writeDuration(minutes) : `${Math.round(minutes * 60)} s`
}

/** Phrases that say exactly what the step says in one field; of a list one phrase for each. */
function wayWords(step: SaidStep): string[] {
  return WAY_WORDS.flatMap(({ words, says }) => {
    const [field, value] = Object.entries(says)[0] ?? []
    const own = step[field as keyof SaidStep]
    const isSaid = Array.isArray(own)
      ? Array.isArray(value) && own.includes(value[0] as never)
      : sameValue(own, value)
    return isSaid ? [words[0] ?? ''] : []
  })
}

function climateWords({ climate }: SaidStep): string[] {
  const air = AIR_WORDS.find(({ says }) => says.air === climate?.air)
  return [
    climate?.celsius === undefined ? '' : `${climate.celsius} °C`,
    climate?.humidity === undefined ? '' : `${climate.humidity} % humidity`,
    climate?.air === undefined ? '' : (air?.words[0] ?? ''),
  ]
}

function sheetWords({ product }: SaidStep): string[] {
  if (!product) return []
  const figures = Object.entries(SHEET_FIGURES).flatMap(([field, words]) => {
    const value = product[field]
    return typeof value === 'string' ? [`${words[0]} ${value}`] : []
  })
  return figures.length > 0 ? ['sheet', ...figures] : []
}
