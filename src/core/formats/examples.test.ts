import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import type { Sequence } from '../model/sequence'
import { checkAnswer } from './checkFile'
import { readSequence } from './sequenceFile'

const folder = join(__dirname, '../../../docs/examples')
const files = readdirSync(folder).filter((name) => name.endsWith('.json'))

type Expected = {
  verdict: string
  findings: { step: number; rule: string; severity: string; follows?: unknown }[]
}

function read(name: string): { sequence: Sequence; expected: Expected } {
  const parsed = readSequence(JSON.parse(readFileSync(join(folder, name), 'utf8')))
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems))
  return { sequence: parsed.value, expected: parsed.value.expected as Expected }
}

it('there are thirty and more', () => {
  expect(files.length).toBeGreaterThanOrEqual(30)
})

test.each(files)('%s is judged as it says', (name) => {
  const { sequence, expected } = read(name)
  const answer = checkAnswer(sequence)
  const findings = answer.findings
    .filter((finding) => finding.rule !== 'ppe')
    .map(({ step, rule, severity, follows }) => ({
      step,
      rule,
      severity,
      ...(follows ? { follows } : {}),
    }))
  expect({ verdict: answer.verdict, findings }).toEqual(expected)
})

test.each(files)('every finding of %s that stands for itself has a way out', (name) => {
  const { sequence } = read(name)
  for (const finding of checkAnswer(sequence).findings)
    expect([finding.rule, finding.follows !== undefined || finding.remedies.length > 0]).toEqual([
      finding.rule,
      true,
    ])
})

/** 21 to 30 are mistakes. */
const isMistake = (name: string) => name > '2' && name < '31'

test.each(files.filter((name) => !isMistake(name)))('%s is sound, with notes at most', (name) => {
  expect(read(name).expected.verdict).toBe('sound')
})

test.each(files.filter(isMistake))('%s has one mistake that stands for itself', (name) => {
  const { expected } = read(name)
  expect(expected.findings.filter((finding) => !finding.follows)).toHaveLength(1)
})
