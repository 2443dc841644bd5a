import type { Step } from '../../model/sequence'
import { type Item, itemsOf } from './items'
import { type Known, type Lexicon, lexiconOf } from './lexicon'
import { nearestPhrase } from './nearest'
import { type Header, readHeader } from './readHeader'
import { type PlanStep, StepReader } from './stepReader'
import { type Token, tokensOf } from './tokens'

/** A word that nothing reads: where it stands in its line, and the phrase that it comes nearest to. */
export type NotUnderstood = { text: string; from: number; to: number; nearest: string | null }

/** What a line came to: places of its steps, and what of it wasn't understood. */
export type ReadLine = {
  /** From 1. */
  line: number
  text: string
  steps: number[]
  /** It says something of the whole, and makes no step. */
  isHeader: boolean
  notUnderstood: NotUnderstood[]
}

/** A plan that was read from words. */
export type ReadPlan = { header: Header; steps: PlanStep[]; lines: ReadLine[] }

/**
 * Reads a plan in plain words. Grammar: docs/formats.md, A plan as text. Never throws: what isn't understood is told line by line.
 *
 * @param known what may be named; without a shelf any name is a paint's, without parts any name after "on" a part's
 * @param before steps that lie before what is read, as "again" and "clean" look back at them
 */
export function readPlan(text: string, known: Known = {}, before: readonly Step[] = []): ReadPlan {
  const header: Header = { fields: {}, sequence: {}, parts: [], called: [] }
  const reader = new StepReader(known, before)
  const lines: ReadLine[] = []
  let lexicon = lexiconOf(known)
  for (const [i, raw] of text.split('\n').entries()) {
    const line = withoutBullet(raw)
    if (line === '') continue
    const read: ReadLine = { line: i + 1, text: raw, steps: [], isHeader: false, notUnderstood: [] }
    lines.push(read)
    const offset = raw.lastIndexOf(line)
    const missed = (item: { text: string; from: number; to: number }) =>
      read.notUnderstood.push({
        text: item.text,
        from: item.from + offset,
        to: item.to + offset,
        nearest: nearestPhrase(item.text, lexicon),
      })
    const tokens = tokensOf(line)
    if (readHeader(line, tokens, lexicon, header, missed)) {
      read.isHeader = true
      if (header.parts.length > 0) {
        const parts = [...(known.parts ?? []), ...header.called]
        lexicon = lexiconOf({ ...known, parts })
        reader.know(parts)
      }
      continue
    }
    const first = reader.steps.length
    for (const statement of statementsOf(tokens)) readStatement(reader, statement, lexicon, missed)
    reader.endLine()
    for (let step = first; step < reader.steps.length; step++) read.steps.push(step)
  }
  return { header, steps: reader.steps, lines }
}

/** A line without what a list puts before it; a comment is nothing. */
function withoutBullet(raw: string): string {
  const line = raw.trim().replace(/^(?:[-*•]|\d+[.)])\s+/, '')
  return line === '#' || line.startsWith('# ') || line.startsWith('//') ? '' : line.trim()
}

function statementsOf(tokens: readonly Token[]): Token[][] {
  return split(tokens, (token) => token.is === 'end' || isThen(token))
}

/** "Then" begins a new statement as a semicolon does. */
function isThen(token: Token): boolean {
  return token.is === 'word' && /^(?:then|afterwards)$/i.test(token.text)
}

function split<T>(list: readonly T[], at: (item: T) => boolean): T[][] {
  const pieces: T[][] = [[]]
  for (const item of list)
    if (at(item)) pieces.push([])
    else pieces.at(-1)?.push(item)
  return pieces.filter((piece) => piece.length > 0)
}

type Missed = (item: Item) => void

function readStatement(
  reader: StepReader,
  tokens: readonly Token[],
  lexicon: Lexicon,
  missed: Missed,
): void {
  const items = itemsOf(tokens, lexicon)
  const colon = items.findIndex((item) => item.is === 'token' && item.token.is === 'colon')
  const isPrefix = colon > 0 && reader.takePrefix(items.slice(0, colon))
  const rest = isPrefix ? items.slice(colon + 1) : items
  for (const piece of split(rest, (item) => item.is === 'token' && item.token.is === 'comma'))
    reader.readPiece(piece, missed)
  reader.endStatement()
}
