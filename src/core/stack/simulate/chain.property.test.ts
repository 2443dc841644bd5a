import fc from 'fast-check'
import { isAct } from '../../model/isAct'
import type { Sequence } from '../../model/sequence'
import { expectSame } from '../../model/tests/expectSame'
import { firstChange, remediesFor } from '../remedies/remedies'
import { editSequence } from '../remedies/sequenceEdit'
import { sequences } from '../tests/arbitrary'
import { resume, simulate } from './simulate'
import type { Drafted, Simulation } from './simulation'

/** Seeds are kept: a failure is repeated by running the test again. */
const SEEDS = { chain: 20261125, resume: 20261126 }
const RUNS = 2000

it('taking the first remedy again and again ends without stops', () => {
  fc.assert(
    fc.property(sequences, (start) => {
      let one: Sequence = start
      let simulated = simulate(one)
      let stops = simulated.drafts.filter(isStop)
      for (let first = stops[0]; first; first = stops[0]) {
        const remedy = remediesFor(one, simulated, first)[0]
        expect([first.rule, remedy]).not.toEqual([first.rule, undefined])
        if (!remedy) return
        one = editSequence(one, remedy.edit).sequence
        simulated = simulate(one)
        const left = simulated.drafts.filter(isStop)
        expect(left.length).toBeLessThan(stops.length)
        stops = left
      }
    }),
    { numRuns: RUNS, seed: SEEDS.chain },
  )
})

const isStop = ({ draft }: Drafted) => draft.severity === 'stop'

/** Everything that a walk says, without the objects it says it of. */
function said(simulated: Simulation) {
  return {
    drafts: simulated.drafts.map(({ step, rule, draft }) => [
      step,
      rule,
      draft.severity,
      draft.because,
    ]),
    timeline: simulated.timeline,
    waits: simulated.waits,
    total: simulated.total,
  }
}

it('a walk taken up at the first change says what a whole walk says', () => {
  fc.assert(
    fc.property(sequences, sequences, fc.nat(12), (one, other, at) => {
      const cut = Math.min(at, one.steps.length)
      const next: Sequence = { ...one, steps: [...one.steps.slice(0, cut), ...other.steps] }
      const from = firstChange(one, next)
      if (from === null) throw new Error('the settings are the same')
      expectSame(said(resume(simulate(one), next, from)), said(simulate(next)))
      const back = firstChange(next, one) ?? 0
      expectSame(said(resume(simulate(next), one, back)), said(simulate(one)))
    }),
    { numRuns: 500, seed: SEEDS.resume },
  )
})

it('every step of a walk that is left out is gone from it', () => {
  fc.assert(
    fc.property(sequences, (one) => {
      const acts = one.steps.filter(isAct)
      expect(simulate(one).simulated.length).toBe(acts.length)
    }),
    { numRuns: 100, seed: SEEDS.resume },
  )
})
