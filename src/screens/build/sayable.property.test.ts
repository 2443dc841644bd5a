import fc from 'fast-check'
import { stepFields } from '@/core/formats/stepFields'
import { actRow } from '@/core/knowledge'
import type { BuildStep } from '@/core/model/build'
import { isAct } from '@/core/model/isAct'
import type { ActStep, Sequence, Step } from '@/core/model/sequence'
import { ACTS } from '@/core/model/vocabulary'
import { check, judgeSequence } from '@/core/stack/check'
import { applySequenceEdit } from '@/core/stack/remedies/sequenceEdit'
import { type Finding, RULE_NAMES } from '@/core/stack/rules/finding'
import { sequences } from '@/core/stack/tests/arbitrary'
import { draftOf, readStep } from './stepDraft'

/** A step as it comes out of the editor, typed in anew field by field: what no field asks for is lost. */
function typedIn(step: Step): Step {
  const tied = { ...step, id: 's', parts: ['p'] } as BuildStep
  const empty = (
    isAct(step)
      ? { id: 's', parts: ['p'], do: step.do, ...mustSay(step) }
      : { id: 's', parts: ['p'], wait: '1 h' }
  ) as BuildStep
  const { step: read, errors } = readStep(empty, { fields: draftOf(tied), parts: ['p'] })
  if (!read) throw new Error(`${JSON.stringify(step)}: ${JSON.stringify(errors)}`)
  const { id, parts, ...plain } = read
  const { parts: of } = step as { parts?: unknown }
  return (of === undefined ? plain : { ...plain, parts: of }) as Step
}

/** A wash with a paint is an act of its own. */
function mustSay({ do: act, family }: ActStep): Partial<ActStep> {
  return actRow(act, undefined).withPaint && family ? { family } : {}
}

const typed = (sequence: Sequence): Sequence => ({
  ...sequence,
  steps: sequence.steps.map(typedIn),
})

const SAMPLE = fc.sample(sequences, { numRuns: 5000, seed: 20261128 })
const findingsOf = (sequence: Sequence) => judgeSequence(sequence).findings

it('every rule can be made to speak by what the editor asks for', () => {
  const speaks = new Set<string>()
  for (const sequence of SAMPLE) {
    if (speaks.size === RULE_NAMES.length) break
    for (const { rule } of findingsOf(typed(sequence))) speaks.add(rule)
  }
  expect(RULE_NAMES.filter((rule) => !speaks.has(rule))).toEqual([])
})

it('every rule can be made to fall silent by what the editor asks for', () => {
  const silent = new Set<string>()
  for (const sequence of SAMPLE) {
    if (silent.size === RULE_NAMES.length) break
    const said = typed(sequence)
    if (findingsOf(said).every(({ rule }) => silent.has(rule))) continue
    for (const finding of check(said).findings) {
      if (silent.has(finding.rule)) continue
      if (waysOut(said, finding).some((after) => !has(after, finding))) silent.add(finding.rule)
    }
  }
  expect(RULE_NAMES.filter((rule) => !silent.has(rule))).toEqual([])
})

/** The sequence after each way out, typed in anew; and with the step taken out. */
function waysOut(sequence: Sequence, finding: Finding): Sequence[] {
  const ways = finding.remedies.map(({ edit }) => typed(applySequenceEdit(sequence, edit)))
  return [...ways, { ...sequence, steps: sequence.steps.filter((_, i) => i !== finding.step) }]
}

function has(sequence: Sequence, { rule }: Finding): boolean {
  return findingsOf(sequence).some((other) => other.rule === rule)
}

test.each(ACTS)('%s: what is offered is read back as it was typed, and nothing twice', (act) => {
  const fields = stepFields(actRow(act, undefined))
  expect(new Set(fields.map(({ path }) => path)).size).toBe(fields.length)
  expect(fields.findLastIndex(({ usual }) => usual)).toBe(
    fields.filter(({ usual }) => usual).length - 1,
  )
})
