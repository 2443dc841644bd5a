import { diagnoseAnswer } from '../formats/diagnoseFile'
import { readDiagnose } from '../formats/diagnoseRequest'
import { FAULT_TABLE, type FaultId } from '../knowledge/faults'
import type { Sequence, Step } from '../model/sequence'
import { check } from '../stack/check'
import { applySequenceEdit } from '../stack/remedies/sequenceEdit'
import { FAULTS } from './causes'
import { QUESTIONS } from './questions'
import { CASES as ANSWERED, type FaultCase } from './tests/cases'
import { UNANSWERED } from './tests/unanswered'

const CASES = [...ANSWERED, ...UNANSWERED]
const SYMPTOMS = Object.keys(FAULT_TABLE) as FaultId[]

function sequenceOf({ steps, sequence }: Pick<FaultCase, 'steps' | 'sequence'>): Sequence {
  return {
    format: 'tectoria-sequence',
    version: 1,
    substrate: 'polystyrene',
    waits: 'as-written',
    steps,
    ...sequence,
  }
}

function answerTo({ symptom, facts, answers, ...rest }: Omit<FaultCase, 'cause'>) {
  const read = readDiagnose({
    format: 'tectoria-diagnose',
    version: 1,
    symptom,
    sequence: sequenceOf(rest),
    ...(facts ? { facts } : {}),
    ...(answers ? { answers } : {}),
  })
  if (!read.ok) throw new Error(JSON.stringify(read.problems))
  return diagnoseAnswer(read.value, 0)
}

const solved = CASES.map((one) => ({ one, answer: answerTo(one) }))

it('has cases of every symptom, and knows every cause that they name', () => {
  const seen = new Set(CASES.map(({ symptom }) => symptom))
  expect(SYMPTOMS.filter((id) => !seen.has(id))).toEqual([])
  expect(CASES.length).toBeGreaterThanOrEqual(60)
  for (const { symptom, cause } of CASES)
    expect(FAULTS[symptom].causes.map(({ id }) => id)).toContain(cause)
})

it('the right cause is first in four of five, and among three in nineteen of twenty', () => {
  const places = solved.map(({ one, answer }) =>
    answer.causes.findIndex(({ id }) => id === one.cause),
  )
  expect(places.filter((place) => place === 0).length / CASES.length).toBeGreaterThanOrEqual(0.8)
  expect(places.filter((place) => place < 3).length / CASES.length).toBeGreaterThanOrEqual(0.95)
})

test.each(solved)('$one.symptom: $one.cause is put with what speaks for it', ({ one, answer }) => {
  const own = answer.causes.find(({ id }) => id === one.cause)
  const most = Math.max(...FAULTS[one.symptom].causes.map(({ prior }) => prior))
  const speaks = own?.evidence.some(({ ratio, say }) => ratio > 1 && say.length > 0)
  // What nothing speaks for is first only where it is the usual cause.
  expect(
    speaks || FAULTS[one.symptom].causes.find(({ id }) => id === one.cause)?.prior === most,
  ).toBe(true)
  const sum = answer.causes.reduce((all, { probability }) => all + probability, 0)
  expect(sum).toBeCloseTo(1, 9)
  const shares = answer.causes.map(({ probability }) => probability)
  expect(shares).toEqual([...shares].sort((a, b) => b - a))
})

describe('mending', () => {
  test.each(solved)(
    '$one.symptom: $one.cause — what is put in is stopped by nothing',
    ({ one, answer }) => {
      const sequence = sequenceOf(one)
      for (const { edit } of answer.mend) {
        if (!edit || !('insert' in edit)) continue
        expect(edit.insert.before).toBe(sequence.steps.length)
        const after = applySequenceEdit(sequence, edit)
        const stops = check(after).findings.filter(
          ({ step, severity }) => severity === 'stop' && step >= edit.insert.before,
        )
        expect(stops.map(({ rule, because }) => `${rule}: ${because}`)).toEqual([])
      }
    },
  )

  it('most faults are mended by steps', () => {
    const withSteps = new Set(
      solved
        .filter(({ answer }) => answer.mend.some(({ edit }) => edit))
        .map(({ one }) => one.symptom),
    )
    expect(SYMPTOMS.filter((id) => !withSteps.has(id))).toEqual(['sticky'])
  })
})

describe('asking', () => {
  test.each(SYMPTOMS)('%s: at most five questions, none twice, whatever is answered', (symptom) => {
    for (const says of [0, 1, 2, 5, 10, 21, 31]) {
      const answers: Record<string, boolean> = {}
      for (let many = 0; ; many++) {
        const { ask } = answerTo({ symptom, steps: [], answers })
        if (!ask) break
        expect(many).toBeLessThan(5)
        expect(ask.say).toBe(QUESTIONS[ask.id])
        expect(answers).not.toHaveProperty(ask.id)
        answers[ask.id] = ((says >> many) & 1) === 1
      }
    }
  })

  it('nothing known: the usual shares, and said so', () => {
    for (const symptom of SYMPTOMS) {
      const { causes, usual } = answerTo({ symptom, steps: [] })
      const priors = FAULTS[symptom].causes
      const sum = priors.reduce((all, { prior }) => all + prior, 0)
      const ofPart = causes.some(({ evidence }) => evidence.some(({ from }) => from === 'part'))
      expect(usual).toBe(causes.every(({ evidence }) => evidence.length === 0))
      if (ofPart) continue
      expect(usual).toBe(true)
      for (const { id, probability } of causes)
        expect(probability).toBeCloseTo((priors.find((one) => one.id === id)?.prior ?? 0) / sum, 5)
    }
  })

  it('yes to a question never makes the cause less likely that it speaks for', () => {
    for (const symptom of SYMPTOMS)
      for (const { id, evidence } of FAULTS[symptom].causes)
        for (const [question, ratio] of evidence) {
          if (!(question in QUESTIONS)) continue
          expect(ratio).toBeGreaterThan(1)
          const share = (answers: Record<string, boolean>) =>
            answerTo({ symptom, steps: [], answers }).causes.find((one) => one.id === id)
              ?.probability ?? 0
          expect(share({ [question]: true })).toBeGreaterThanOrEqual(share({}))
          expect(share({ [question]: false })).toBeLessThanOrEqual(share({}))
        }
  })
})

describe('the air', () => {
  const frost: Step[] = [
    { do: 'clear', family: 'lacquer', sheen: 'matt', coats: ['mist', 'light'] },
  ]
  it('that nobody read speaks for nothing', () => {
    const { causes } = answerTo({ symptom: 'white-frost', steps: frost })
    expect(causes.flatMap(({ evidence }) => evidence.map(({ from }) => from))).not.toContain(
      'climate',
    )
  })
  it('is that of the step, and the sequence’s own again after it', () => {
    const facts = [{ step: 0, humidity: 82 }]
    const twice = {
      symptom: 'white-frost' as const,
      steps: [...frost, ...frost],
      sequence: { climate: { celsius: 20, humidity: 50 } },
    }
    const first = answerTo({ ...twice, steps: frost, facts }).causes[0]
    expect(first).toMatchObject({ id: 'damp-air' })
    expect(first?.evidence[0]).toMatchObject({ from: 'climate', ratio: 8 })
    expect(first?.evidence[0]?.say).toContain('82 %')
    const then = answerTo({ ...twice, facts }).causes.find(({ id }) => id === 'damp-air')
    expect(then?.evidence[0]?.ratio).toBe(0.125)
  })
})
