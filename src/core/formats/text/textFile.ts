import type { Part } from '../../model/build'
import type { Parsed, Problem } from '../../model/input'
import { isAct } from '../../model/isAct'
import type { Sequence, Step } from '../../model/sequence'
import { readSequence } from '../sequenceFile'
import type { Known } from './lexicon'
import { USUAL_SUBSTRATE } from './readHeader'
import { type ReadLine, type ReadPlan, readPlan } from './readPlan'

/** A plan in words as a sequence, and what every line of it came to. Source: docs/formats.md, A plan as text. */
export type TextAnswer = {
  format: 'tectoria-text'
  version: 1
  sequence: Sequence
  lines: {
    line: number
    steps: number[]
    notUnderstood: string[]
    nearest: (string | null)[]
  }[]
}

/** Reads a plan in words; a line that gives nothing is a problem, with the phrase that it comes nearest to. */
export function readText(text: unknown, known: Known = {}): Parsed<TextAnswer> {
  if (typeof text !== 'string')
    return {
      ok: false,
      problems: [{ path: '', found: typeof text, expected: 'a plan in plain words' }],
    }
  const read = readPlan(text, known)
  const empty = read.lines.filter(givesNothing).map(problemOf)
  if (read.lines.length === 0)
    empty.push({
      path: 'line 1',
      found: 'nothing',
      expected: 'a plan in plain words, such as "prime grey mist light"',
    })
  if (empty.length > 0) return { ok: false, problems: empty }
  const sequence = readSequence(sequenceOf(read))
  if (!sequence.ok) return sequence
  const lines = read.lines.map(({ line, steps, notUnderstood }) => ({
    line,
    steps,
    notUnderstood: notUnderstood.map((word) => word.text),
    nearest: notUnderstood.map((word) => word.nearest),
  }))
  return {
    ok: true,
    value: { format: 'tectoria-text', version: 1, sequence: sequence.value, lines },
  }
}

/** Did a line say nothing that is understood? */
export function givesNothing({ steps, isHeader }: ReadLine): boolean {
  return steps.length === 0 && !isHeader
}

function problemOf({ line, text, notUnderstood }: ReadLine): Problem {
  const nearest = notUnderstood.find((word) => word.nearest !== null)?.nearest
  return {
    path: `line ${line}`,
    found: JSON.stringify(text.trim().slice(0, 80)),
    expected: `an act, a bottle or a wait${nearest ? `: did you mean "${nearest}"?` : ''}`,
  }
}

function depthsOf(part: Part | undefined): Partial<Sequence> {
  const { lineDepthMm, jointGapMm } = part ?? {}
  return {
    ...(lineDepthMm === undefined ? {} : { lineDepthMm }),
    ...(jointGapMm === undefined ? {} : { jointGapMm }),
  }
}

/** The whole as one sequence: steps that name parts say them in `on`. */
function sequenceOf({ header, steps }: ReadPlan): unknown {
  const { scale, use, school } = header.fields
  const said = steps.map(({ step, parts }) => (parts ? { ...step, on: parts } : step))
  const hasWaits = steps.some(({ step }) => !isAct(step as Step))
  return {
    format: 'tectoria-sequence',
    version: 1,
    substrate: header.parts[0]?.substrate ?? USUAL_SUBSTRATE,
    ...depthsOf(header.parts[0]),
    ...(scale === undefined ? {} : { scale }),
    ...(use === undefined ? {} : { use }),
    ...(hasWaits ? {} : { waits: 'auto' }),
    ...(school === undefined ? {} : { school }),
    ...header.sequence,
    steps: said,
  }
}
