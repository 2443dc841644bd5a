import fc from 'fast-check'
import { isAct } from '../model/isAct'
import type { Sequence } from '../model/sequence'
import { judgeSequence } from './check'
import { type Finding, RULE_NAMES, type RuleName, worse } from './rules/finding'
import { sequences } from './tests/arbitrary'

/** The seed is kept: a failure is repeated by running the test again. */
const SEED = 20261128
const SAMPLE = fc.sample(sequences, { numRuns: 5000, seed: SEED })

/** What speaks of a window that has closed: a longer wait brings it, the warmth brings it sooner. */
const WINDOWS: readonly RuleName[] = [
  'clean-too-late',
  'recoat-window-missed',
  'unmask-late',
  'chip-window',
]
/** What was worked into one another in one sitting, or held by wet paint, is so no more after a long wait. */
const SITTINGS: readonly RuleName[] = ['lock-first', 'powder-loose', 'solvent-attacks-film']

const findingsOf = (sequence: Sequence) => judgeSequence(sequence).findings
const grave = (findings: readonly Finding[]) => findings.filter((f) => f.severity !== 'note')
const found = (findings: readonly Finding[], step: number, rule: RuleName) =>
  findings.find((f) => f.step === step && f.rule === rule)
const told = ({ step, rule, because }: Finding) => `${step} ${rule}: ${because}`

it('the sample reaches every rule', () => {
  const rules = new Set(SAMPLE.flatMap((one) => findingsOf(one).map(({ rule }) => rule)))
  expect(RULE_NAMES.filter((rule) => !rules.has(rule))).toEqual([])
})

it('a longer wait adds nothing but the end of a window or of a sitting', () => {
  for (const one of SAMPLE.filter(({ waits }) => waits === 'as-written')) {
    const waits = one.steps.flatMap((step, i) => (isAct(step) ? [] : [i]))
    const place = waits[one.steps.length % Math.max(1, waits.length)]
    if (place === undefined) continue
    const before = grave(findingsOf(one))
    const steps = one.steps.toSpliced(place + 1, 0, { wait: '20 h' })
    const added = grave(findingsOf({ ...one, steps })).filter(
      ({ step, rule }) =>
        ![...WINDOWS, ...SITTINGS].includes(rule) &&
        !found(before, step > place ? step - 1 : step, rule),
    )
    expect(added.map(told)).toEqual([])
  }
})

it('colder never permits earlier', () => {
  const late = [...WINDOWS, ...SITTINGS]
  for (const one of SAMPLE.filter(({ waits }) => waits === 'as-written')) {
    const inAir = (celsius: number) =>
      findingsOf({ ...one, climate: { celsius, humidity: 50 } }).filter(
        ({ rule }) => !late.includes(rule),
      )
    const cold = inAir(16)
    const freed = inAir(24).filter((warm) => {
      const same = found(cold, warm.step, warm.rule)
      return !same || worse(warm.severity, same.severity)
    })
    expect(freed.map(told)).toEqual([])
  }
})

it('what is forbidden once is forbidden twice', () => {
  for (const one of SAMPLE) {
    const before = grave(findingsOf(one))
    for (const place of new Set(before.map(({ step }) => step))) {
      const step = one.steps[place]
      if (!step) continue
      const after = findingsOf({ ...one, steps: one.steps.toSpliced(place, 0, step) })
      const freed = before.filter(
        (f) =>
          f.step === place &&
          ![place, place + 1].some((at) => {
            const same = found(after, at, f.rule)
            return same && !worse(f.severity, same.severity)
          }),
      )
      expect(freed.map(told)).toEqual([])
    }
  }
})
