import { SUBSTRATE_WORDS } from '../../knowledge/words/materials'
import { AIR_WORDS, USE_WORDS, WAITS_WORDS } from '../../knowledge/words/ways'
import type { Build, BuildStep, Part } from '../../model/build'
import { isAct } from '../../model/isAct'
import { sameValue } from '../../model/sameValue'
import type { Sequence, Step } from '../../model/sequence'
import type { SchoolQuestion } from '../../model/vocabulary'
import { buildOfSequence } from './buildOfSequence'
import { type Known, type Lexicon, lexiconOf, phraseOf } from './lexicon'
import { partId, questionWords } from './readHeader'
import { type ReadLine, type ReadPlan, readPlan } from './readPlan'
import { named, stepWords, waitWords } from './stepWords'

/** Times that braces are put right: what they say may change what later steps leave out. */
const MOST_ROUNDS = 6

/**
 * A build in plain words that read back as the same build, save for the ids of its steps. What there are no words for stands in
 * braces behind what there are.
 *
 * @param known shelf, mixes: what is called by its name
 */
export function writePlan(build: Build, known: Omit<Known, 'parts' | 'techniques'>): string {
  const parts = calledApart(build.parts)
  const all: Known = { ...known, parts }
  const lexicon = lexiconOf(all)
  const head = headerLines(build, parts)
  let lines = build.steps.map((step): Line => lineOf(step, parts, all, lexicon))
  for (let round = 0; ; round++) {
    const text = [...head, ...lines.map(written)].join('\n')
    const read = readPlan(text, all)
    const better = lines.map((line, i) =>
      corrected(line, build.steps[i] as BuildStep, read, read.lines[head.length + i]),
    )
    if (round === MOST_ROUNDS || better.every((line, i) => line === lines[i])) return `${text}\n`
    lines = better
  }
}

/** A sequence in plain words that read back as the same sequence. */
export function writeSequence(sequence: Sequence): string {
  const { format, version, substrate, steps, waits, climate, scale, use, school, ...rest } =
    sequence
  const { lineDepthMm, jointGapMm, ...more } = rest
  // Scale and use stand in its own head.
  const build = buildOfSequence({ ...sequence, scale: undefined, use: undefined })
  const head = [
    SUBSTRATE_WORDS[substrate][0],
    ...(scale === undefined ? [] : [`1:${scale}`]),
    ...(use === undefined ? [] : [USE_WORDS[use][0]]),
    ...(waits === undefined ? [] : [WAITS_WORDS[waits][0]]),
  ].join(', ')
  const air = climate === undefined ? [] : [airLine(climate)]
  const isPlain = lineDepthMm === undefined && jointGapMm === undefined
  const lines = writePlan(build, {})
    .split('\n')
    .filter((line) => !line.startsWith('build:'))
  const kept = isPlain ? lines.filter((line) => !line.startsWith('part Model:')) : lines
  const first = kept.length - 1 - steps.length
  const own = kept.map((line, i) => withBraces(line, tiesOf(steps[i - first])))
  return [
    ...(Object.keys(more).length > 0 ? [withBraces('sequence:', more)] : []),
    head,
    ...air,
    ...own,
  ].join('\n')
}

/** What ties a step of a sequence to parts, which a build says in its own way. */
function tiesOf(step: Step | undefined): Record<string, unknown> {
  const { id, parts } = (step ?? {}) as { id?: unknown; parts?: unknown }
  return { ...(id === undefined ? {} : { id }), ...(parts === undefined ? {} : { parts }) }
}

function airLine({
  celsius,
  humidity,
  air,
  partCelsius,
  ...rest
}: NonNullable<Sequence['climate']>): string {
  const words = AIR_WORDS.find(({ says }) => says.air === air)?.words[0]
  const more = { ...rest, ...(partCelsius === undefined ? {} : { partCelsius }) }
  const said = [
    `${celsius} °C`,
    ...(humidity === undefined ? [] : [`${humidity} %`]),
    ...(words ? [words] : []),
  ]
  return withBraces(`air: ${said.join(', ')}`, more)
}

/** A step on its line: its parts, its words, and what there are no words for. */
type Line = { on: string; words: readonly string[]; braces: Record<string, unknown> }

function written({ on, words, braces }: Line): string {
  return withBraces(`${on}${words.join(' ')}`, braces)
}

/** The line as it has to be for its step to read back; the same line where it does. */
function corrected(line: Line, step: BuildStep, read: ReadPlan, found: ReadLine | undefined): Line {
  const missed = found?.notUnderstood ?? []
  if (found?.steps.length !== 1 || missed.length > 0) {
    const understood = line.words.filter(
      (word, i) => i === 0 || !missed.some(({ text }) => word.includes(text)),
    )
    const fewer = understood.length < line.words.length ? understood : line.words.slice(0, 1)
    return { on: line.on, words: fewer, braces: {} }
  }
  const own = read.steps[found.steps[0] ?? 0]
  if (own?.parts && !sameValue([...own.parts].sort(), [...step.parts].sort()))
    return { ...line, words: line.words.slice(0, 1), braces: {} }
  const missing = missingIn(step, own?.step ?? {})
  if (Object.keys(missing).length === 0) return line
  return { ...line, braces: { ...line.braces, ...missing } }
}

/** Parts by names that a line can begin with and that tell them apart: "Wing (2)" for a second wing. */
function calledApart(parts: readonly Part[]): Part[] {
  const taken = new Set<string>()
  return parts.map((part) => {
    const plain = PLAIN_NAME.test(part.name) ? part.name : 'Piece'
    let name = plain
    for (let i = 2; taken.has(phraseOf(name)); i++) name = `${plain} (${i})`
    taken.add(phraseOf(name))
    return name === part.name ? part : { ...part, name }
  })
}

/** A name that nothing in it ends or is taken from. */
const PLAIN_NAME = /^[\p{L}\p{N}](?:[\p{L}\p{N}'’()-]| (?! ))*[\p{L}\p{N}')]$/u

function headerLines(build: Build, parts: readonly Part[]): string[] {
  const { id: _, name, scale, use, due, story, school, parts: own, steps: __, ...rest } = build
  const isOneLine = (text: string | undefined) =>
    text !== undefined && text.trim() === text && text !== '' && !/[\n"“”]/.test(text)
  const plainName = PLAIN_NAME.test(name)
  const braces = {
    ...rest,
    ...(plainName ? {} : { name }),
    ...(story === undefined || isOneLine(story) ? {} : { story }),
  }
  const head = [
    `build: ${plainName ? name : 'Build'}`,
    ...(scale === undefined ? [] : [`1:${scale}`]),
    ...(use === undefined ? [] : [USE_WORDS[use][0]]),
  ].join(', ')
  const known: Part[] = []
  return [
    withBraces(head, braces),
    ...(due === undefined ? [] : [`due: ${due}`]),
    ...(isOneLine(story) ? [`story: ${story}`] : []),
    ...(school === undefined ? [] : choicesLine(school)),
    ...parts.map((part, i) => {
      const line = partLine(part, own[i] ?? part, known)
      known.push(part)
      return line
    }),
  ]
}

function choicesLine(school: NonNullable<Build['school']>): string[] {
  const said = Object.entries(school).map(
    ([question, choice]) => `${questionWords(question as SchoolQuestion)} ${String(choice)}`,
  )
  return said.length > 0 ? [`choices: ${said.join(', ')}`] : []
}

function partLine(part: Part, own: Part, before: readonly Part[]): string {
  const { id, name, substrate, areaCm2, lineDepthMm, jointGapMm, note, ...rest } = part
  const isPlain = note === undefined || !/["“”\n{}]/.test(note)
  const braces = {
    ...rest,
    ...(partId(name, before) === id ? {} : { id }),
    ...(own.name === name ? {} : { name: own.name }),
    ...(isPlain ? {} : { note }),
  }
  const said = [
    SUBSTRATE_WORDS[substrate][0],
    ...(areaCm2 === undefined ? [] : [`${areaCm2} cm²`]),
    ...(lineDepthMm === undefined ? [] : [`lines ${lineDepthMm} mm`]),
    ...(jointGapMm === undefined ? [] : [`joint ${jointGapMm} mm`]),
    ...(note !== undefined && isPlain ? [`"${note}"`] : []),
  ]
  return withBraces(`part ${name}: ${said.join(', ')}`, braces)
}

function withBraces(line: string, fields: Record<string, unknown>): string {
  return Object.keys(fields).length === 0 ? line : `${line} ${JSON.stringify(fields)}`
}

/** A step as a line: the parts that it is for first, unless it is for all of them. */
function lineOf(step: BuildStep, parts: readonly Part[], known: Known, lexicon: Lexicon): Line {
  const own = step.parts.flatMap((id) => parts.find((part) => part.id === id) ?? [])
  const isAll = sameValue(own, parts)
  const on = isAll ? '' : `${own.map(({ name }) => named(name, 'part', lexicon)).join(', ')}: `
  return { on, words: isAct(step) ? stepWords(step, known, lexicon) : waitWords(step), braces: {} }
}

/** What a step says that its words don't, and null for what they say and it doesn't. */
function missingIn(step: BuildStep, read: object): Record<string, unknown> {
  const { id: _, parts: __, ...wanted } = step as Record<string, unknown>
  const found = read as Record<string, unknown>
  const fields = new Set([...Object.keys(wanted), ...Object.keys(found)])
  return Object.fromEntries(
    [...fields]
      .filter((field) => !sameValue(wanted[field], found[field]))
      .map((field) => [field, wanted[field] ?? null]),
  )
}
