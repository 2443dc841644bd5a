import fc from 'fast-check'
import { isAct, type Sequence } from '../model/sequence'
import { editSequence } from './edit'
import { firstChange, remediesFor } from './remedies'
import { sequences } from './tests/arbitrary'
import { type Drafted, rewalk, type Walk, walk } from './walk'

/** Seeds are kept: a failure is repeated by running the test again. */
const SEEDS = { chain: 20261125, rewalk: 20261126 }
const RUNS = 2000

it('taking the first remedy again and again ends without stops', () => {
  fc.assert(
    fc.property(sequences, (start) => {
      let one: Sequence = start
      let walked = walk(one)
      let stops = walked.drafts.filter(isStop)
      for (let first = stops[0]; first; first = stops[0]) {
        const remedy = remediesFor(one, walked, first)[0]
        expect([first.rule, remedy]).not.toEqual([first.rule, undefined])
        if (!remedy) return
        one = editSequence(one, remedy.edit).sequence
        walked = walk(one)
        const left = walked.drafts.filter(isStop)
        expect(left.length).toBeLessThan(stops.length)
        stops = left
      }
    }),
    { numRuns: RUNS, seed: SEEDS.chain },
  )
})

const isStop = ({ draft }: Drafted) => draft.severity === 'stop'

/** Everything that a walk says, without the objects it says it of. */
function said(walked: Walk) {
  return {
    drafts: walked.drafts.map(({ step, rule, draft }) => [
      step,
      rule,
      draft.severity,
      draft.because,
    ]),
    timeline: walked.timeline,
    waits: walked.waits,
    total: walked.total,
  }
}

it('a walk taken up at the first change says what a whole walk says', () => {
  fc.assert(
    fc.property(sequences, sequences, fc.nat(12), (one, other, at) => {
      const cut = Math.min(at, one.steps.length)
      const next: Sequence = { ...one, steps: [...one.steps.slice(0, cut), ...other.steps] }
      const from = firstChange(one, next)
      if (from === null) throw new Error('the settings are the same')
      expect(said(rewalk(walk(one), next, from))).toEqual(said(walk(next)))
      const back = firstChange(next, one) ?? 0
      expect(said(rewalk(walk(next), one, back))).toEqual(said(walk(one)))
    }),
    { numRuns: 500, seed: SEEDS.rewalk },
  )
})

it('every step of a walk that is left out is gone from it', () => {
  fc.assert(
    fc.property(sequences, (one) => {
      const acts = one.steps.filter(isAct)
      expect(walk(one).walked.length).toBe(acts.length)
    }),
    { numRuns: 100, seed: SEEDS.rewalk },
  )
})
