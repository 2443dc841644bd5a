import type { Build, Part } from '../../model/build'
import { REFERENCE_CLIMATE } from '../../model/climate'
import type { Sequence } from '../../model/sequence'
import { SCHOOLS, type SchoolQuestion, type Substrate } from '../../model/vocabulary'
import { type Item, itemsOf } from './items'
import { knownAs, type Lexicon, phraseOf } from './lexicon'
import { senseOf } from './openings'
import { type Token, tokensOf } from './tokens'

/** What a text says of the whole: fields of the build, of the sequence, and parts. */
export type Header = {
  fields: Partial<Build>
  sequence: Partial<Sequence>
  parts: Part[]
  /** The same parts by the names that the text calls them. */
  called: Part[]
}

type Missed = (item: { text: string; from: number; to: number }) => void

/** Substrate of parts of which nobody says any. */
export const USUAL_SUBSTRATE: Substrate = 'polystyrene'

/** What a line begins with that speaks of the whole. */
const KEYS = /^(?:(build|sequence|story|due|choices|air)|(part)\s+([^:]*)):\s*(.*)$/i

/** Words that a part's name is put in quotes for: a line that begins with them speaks of the whole. */
export const HEAD_WORDS: readonly string[] = [
  'build',
  'sequence',
  'story',
  'due',
  'choices',
  'air',
  'part',
]

/**
 * Reads a line that speaks of the whole: "build: Gannet’s Lament, 1:144, display", "part Hull: polystyrene, 374 cm²", "due:
 * 2026-12-24", "choices: lining surface satin", "air: 18 °C, 60 %", or only such words: "1:72, printed resin, handled".
 *
 * @returns is it one?
 */
export function readHeader(
  line: string,
  tokens: readonly Token[],
  lexicon: Lexicon,
  header: Header,
  missed: Missed,
): boolean {
  const [, whole, part, name = '', rest = ''] = KEYS.exec(line) ?? []
  const isKnownPart = knownAs(lexicon, phraseOf(`part ${name}`)).some(({ is }) => is === 'part')
  const key = isKnownPart ? undefined : (whole ?? part)
  const offset = line.length - rest.length
  const shifted = (item: { text: string; from: number; to: number }) =>
    missed({ text: item.text, from: item.from + offset, to: item.to + offset })
  switch (key?.toLowerCase()) {
    case 'build':
      readBuild(rest, lexicon, header, shifted)
      return true
    case 'part':
      readPart(name, rest, lexicon, header, shifted)
      return true
    case 'sequence':
      for (const token of tokensOf(rest))
        if (token.is === 'json') Object.assign(header.sequence, token.value)
      return true
    case 'story':
      header.fields.story = unquoted(rest)
      return true
    case 'due':
      header.fields.due = rest.trim()
      return true
    case 'choices':
      readChoices(rest, header, shifted)
      return true
    case 'air':
      header.sequence.climate = airOf(itemsOf(tokensOf(rest), lexicon), shifted)
      return true
    default:
      return readBare(itemsOf(tokens, lexicon), header)
  }
}

/** A name as it stands, without the quotes round it. */
function unquoted(text: string): string {
  return /^"[^"]*"$/.test(text.trim()) ? text.trim().slice(1, -1) : text.trim()
}

function commaPieces(text: string): { text: string; from: number }[] {
  const pieces: { text: string; from: number }[] = []
  let from = 0
  for (const token of tokensOf(text))
    if (token.is === 'comma' && token.text === ',') {
      pieces.push({ text: text.slice(from, token.from), from })
      from = token.to
    }
  return [...pieces, { text: text.slice(from), from }]
}

function readBuild(rest: string, lexicon: Lexicon, header: Header, missed: Missed): void {
  const json = tokensOf(rest).find((token) => token.is === 'json')
  const words = rest.slice(0, json?.from ?? rest.length)
  for (const [i, { text, from }] of commaPieces(words).entries()) {
    if (i > 0 && readBare(itemsOf(tokensOf(text), lexicon), header)) continue
    if (text.trim() === '') continue
    if (i === 0) header.fields.name = unquoted(text)
    else missed({ text: text.trim(), from, to: from + text.length })
  }
  if (json?.is === 'json') Object.assign(header.fields, json.value)
}

const MEASURES: readonly { words: RegExp; unit: string; field: keyof Part }[] = [
  { words: /lines?/i, unit: 'mm', field: 'lineDepthMm' },
  { words: /joint/i, unit: 'mm', field: 'jointGapMm' },
  { words: /.*/, unit: 'cm²', field: 'areaCm2' },
]

function readPart(
  name: string,
  rest: string,
  lexicon: Lexicon,
  header: Header,
  missed: Missed,
): void {
  const called = unquoted(name)
  const part: Record<string, unknown> = {
    id: partId(called, header.parts),
    name: called,
    substrate: USUAL_SUBSTRATE,
  }
  for (const { text, from } of commaPieces(rest)) {
    const items = itemsOf(tokensOf(text), lexicon)
    for (const [i, item] of items.entries()) {
      const substrate = senseOf(item, 'substrate')?.substrate
      if (substrate) part.substrate = substrate
      if (item.is === 'phrase' && item.quoted) part.note = item.text
      if (item.is !== 'token') {
        if (!substrate && item.is !== 'phrase' && items[i + 1]?.is !== 'token')
          missed({ text: item.text, from: from + item.from, to: from + item.to })
        continue
      }
      const { token } = item
      if (token.is === 'json') Object.assign(part, token.value)
      if (token.is === 'quoted') part.note = token.text
      if (token.is !== 'number') continue
      const unit = token.unit === 'cm2' ? 'cm²' : token.unit
      const measure = MEASURES.find((row) => row.unit === unit && row.words.test(text))
      if (measure) part[measure.field] = token.value
    }
  }
  header.parts.push(part as Part)
  header.called.push({ ...(part as Part), name: called })
}

/** An id from a name: its letters in small, with a number where another part has it. */
export function partId(name: string, parts: readonly Part[]): string {
  const plain = name
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60)
  const base = plain === '' ? 'part' : plain
  const taken = new Set(parts.map(({ id }) => id))
  let id = base
  for (let i = 2; taken.has(id); i++) id = `${base}-${i}`
  return id
}

/** "lining surface satin, wear bold": questions and choices as their ids say them, in words. */
function readChoices(rest: string, header: Header, missed: Missed): void {
  for (const { text, from } of commaPieces(rest)) {
    const said = text.trim().toLowerCase()
    const question = (Object.keys(SCHOOLS) as SchoolQuestion[]).find((one) =>
      said.startsWith(`${questionWords(one)} `),
    )
    const value = question && said.slice(questionWords(question).length + 1)
    const choice =
      question &&
      SCHOOLS[question].find((one) => one === value || one.replaceAll('-', ' ') === value)
    if (question && choice) header.fields.school = { ...header.fields.school, [question]: choice }
    else missed({ text: text.trim(), from, to: from + text.length })
  }
}

/** A question as words: "liningSurface" is "lining surface". */
export function questionWords(question: SchoolQuestion): string {
  return question.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`)
}

function airOf(items: readonly Item[], missed: Missed): Sequence['climate'] {
  let climate: NonNullable<Sequence['climate']> = { celsius: REFERENCE_CLIMATE.celsius }
  for (const item of items) {
    const air = senseOf(item, 'air')?.says.air
    if (air) climate.air = air
    else if (item.is !== 'token') {
      if (!senseOf(item, 'humidity') && !senseOf(item, 'filler')) missed(item)
    } else if (item.token.is === 'json') climate = { ...climate, ...(item.token.value as object) }
    else if (item.token.is === 'number' && item.token.unit === '%')
      climate.humidity = item.token.value
    else if (item.token.is === 'number' && /c$/.test(item.token.unit))
      climate.celsius = item.token.value
  }
  return climate
}

/** A line of nothing but what it is made of, its scale, its use, and who reckons the waits. */
function readBare(items: readonly Item[], header: Header): boolean {
  const isBare = (item: Item) =>
    WHOLE.some((is) => senseOf(item, is) !== null) ||
    (item.is === 'token' && (item.token.is === 'comma' || isScale(item.token)))
  const isStep = items.every((item) => senseOf(item, 'act') !== null || senseOf(item, 'filler'))
  if (isStep || !items.every(isBare)) return false
  for (const item of items) {
    if (item.is === 'token' && isScale(item.token))
      header.fields.scale = item.token.b / item.token.a
    const substrate = senseOf(item, 'substrate')?.substrate
    if (substrate) header.sequence.substrate = substrate
    const use = senseOf(item, 'use')?.use
    if (use) header.fields.use = use
    const waits = senseOf(item, 'waits')?.waits
    if (waits) header.sequence.waits = waits
  }
  return items.some((item) => !senseOf(item, 'filler'))
}

const WHOLE = ['substrate', 'use', 'waits', 'filler'] as const

function isScale(token: Token): token is Extract<Token, { is: 'ratio' }> {
  return token.is === 'ratio' && token.a === 1
}
