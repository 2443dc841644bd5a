import fc from 'fast-check'
import type { Sequence } from '../../model/sequence'
import { check, judgeSequence } from '../check'
import type { Finding } from '../rules/finding'
import { sequences } from '../tests/arbitrary'
import { editSequence } from './sequenceEdit'

/** The seed is kept: a failure is repeated by running the test again. */
const SEED = 20260314
const RUNS = 2000

const stopsOf = (findings: readonly Finding[]) =>
  findings.filter((finding) => finding.severity === 'stop')

/** What is wrong with the ways out of a finding: none at all, one that doesn't end it, one that brings a stop. */
function faults(sequence: Sequence, before: readonly Finding[], finding: Finding): string[] {
  const known = stopsOf(before)
  const none = finding.remedies.length === 0 ? [`${finding.rule}: no way out`] : []
  return finding.remedies.reduce((found, remedy) => {
    const edited = editSequence(sequence, remedy.edit)
    const after = judgeSequence(edited.sequence).findings
    const place = edited.moved[finding.step]
    const old = new Set(known.map((f) => `${f.rule} ${edited.moved[f.step]}`))
    if (after.some((f) => f.rule === finding.rule && f.step === place))
      found.push(`${finding.rule}: “${remedy.say}” leaves it`)
    for (const stop of stopsOf(after))
      if (!old.has(`${stop.rule} ${stop.step}`))
        found.push(`${finding.rule}: “${remedy.say}” brings ${stop.rule}`)
    return found
  }, none)
}

it('applying any remedy ends its finding and adds no stop', () => {
  fc.assert(
    fc.property(sequences, (one) => {
      const { findings } = check(one)
      expect(findings.flatMap((finding) => faults(one, findings, finding))).toEqual([])
    }),
    { numRuns: RUNS, seed: SEED },
  )
})
