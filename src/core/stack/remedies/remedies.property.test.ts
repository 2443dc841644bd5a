import fc from 'fast-check'
import { actRow } from '../../knowledge/acts'
import { TOOL_ENERGY } from '../../knowledge/energies'
import { hotter } from '../../knowledge/reactions'
import { isAct } from '../../model/isAct'
import type { ActStep, Sequence } from '../../model/sequence'
import { check, judgeSequence } from '../check'
import type { Finding, Remedy } from '../rules/finding'
import { resolveStep } from '../state/resolvedStep'
import { sequences } from '../tests/arbitrary'
import { editSequence } from './sequenceEdit'

/** The seed is kept: a failure is repeated by running the test again. */
const SEED = 20260314
const SAMPLE = fc.sample(sequences, { numRuns: 5000, seed: SEED })
/** Of so many every way out is tried, of the others the first. */
const ALL_TRIED = 300

const stopsOf = (findings: readonly Finding[]) =>
  findings.filter((finding) => finding.severity === 'stop')

/** What is wrong once a way out is taken: it doesn't end the finding, or brings a stop. */
function faults(
  sequence: Sequence,
  before: readonly Finding[],
  finding: Finding,
  remedy: Remedy,
): string[] {
  const edited = editSequence(sequence, remedy.edit)
  const after = judgeSequence(edited.sequence).findings
  const place = edited.moved[finding.step]
  const old = new Set(stopsOf(before).map((f) => `${f.rule} ${edited.moved[f.step]}`))
  // What was worse may stay as a note.
  const left = (f: Finding) => f.severity !== 'note' || finding.severity === 'note'
  const stays = after.some((f) => f.rule === finding.rule && f.step === place && left(f))
  return [
    ...(stays ? [`${finding.rule}: “${remedy.say}” leaves it`] : []),
    ...stopsOf(after)
      .filter((stop) => !old.has(`${stop.rule} ${stop.step}`))
      .map((stop) => `${finding.rule}: “${remedy.say}” brings ${stop.rule}`),
  ]
}

/** The act that a way out puts in another's place; null: it replaces none. */
function replaced(sequence: Sequence, { edit }: Remedy): [ActStep, ActStep] | null {
  if (!('replace' in edit)) return null
  const [old, next] = [sequence.steps[edit.replace.step], edit.replace.with]
  return old && isAct(old) && isAct(next) && old.do === next.do ? [old, next] : null
}

/** What nobody at the bench would do. */
function unseemly(sequence: Sequence, remedy: Remedy): string[] {
  const change = replaced(sequence, remedy)
  if (!change) return []
  const [old, next] = change
  const { kind } = actRow(old.do, old.family)
  const { tool } = resolveStep(next, null)
  const misted = next.coats?.includes('mist') && !old.coats?.includes('mist')
  const mild =
    !old.solvent || !next.solvent || !hotter(next.solvent, old.solvent) || kind === 'clean'
  return [
    ...(kind === 'clean' && old.family !== next.family ? ['cleans with another paint'] : []),
    ...(misted && !TOOL_ENERGY[tool].sprayed ? [`mist coats by ${tool}`] : []),
    ...(mild ? [] : ['a hotter thinner']),
  ].map((fault) => `${remedy.say}: ${fault}`)
}

it('every way out ends its finding, brings no stop and is one that people take', () => {
  SAMPLE.forEach((one, i) => {
    const { findings } = check(one)
    const wrong = findings.flatMap((finding) => {
      if (finding.remedies.length === 0)
        return finding.follows ? [] : [`${finding.rule}: no way out`]
      const tried = i < ALL_TRIED ? finding.remedies : finding.remedies.slice(0, 1)
      return [
        ...tried.flatMap((remedy) => faults(one, findings, finding, remedy)),
        ...finding.remedies.flatMap((remedy) => unseemly(one, remedy)),
      ]
    })
    expect(wrong).toEqual([])
  })
})
