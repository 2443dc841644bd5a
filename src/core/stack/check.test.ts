import fc from 'fast-check'
import { isoDuration } from '../model/duration'
import { isAct } from '../model/isAct'
import type { Sequence } from '../model/sequence'
import { check, judgeSequence } from './check'
import { applySequenceEdit, editSequence } from './remedies/sequenceEdit'
import { sequences } from './tests/arbitrary'
import { EXAMPLE, sequence, told } from './tests/sequences'

const withoutWaits: Sequence = { ...EXAMPLE, steps: EXAMPLE.steps.filter(isAct) }

describe('the example of docs/formats.md', () => {
  it('is sound, with a timeline of its acts', () => {
    const found = check(EXAMPLE)
    expect(found.verdict).toBe('sound')
    expect(found.timeline.map(({ step, top, sheen }) => [step, top, sheen])).toEqual([
      [0, 'lacquer', 'matt'],
      [2, 'alcohol-acrylic', 'satin'],
      [4, 'lacquer', 'gloss'],
      [6, 'enamel-wash', 'gloss'],
      [8, 'enamel-wash', 'gloss'],
    ])
    expect(isoDuration(found.timeline[0]?.to ?? 0)).toBe('PT39M')
  })

  it('takes 62 h 31 min 30 s: the clear keeps 7.5 min after mist and 15 after light', () => {
    expect(isoDuration(check(EXAMPLE).total)).toBe('PT62H31M30S')
  })

  it('without its waits stops at the colour, the clear and the lining', () => {
    expect(told(withoutWaits)).toEqual([
      '1 recoat-too-early stop',
      '2 solvent-attacks-film stop',
      '2 recoat-too-early stop',
      '3 recoat-too-early stop',
      '4 clean-too-early risk',
    ])
  })

  it('with automatic waits is sound again and says what it waited for', () => {
    const found = check({ ...withoutWaits, waits: 'auto' })
    expect(found.verdict).toBe('sound')
    expect(found.waits.map(({ before, minutes }) => [before, minutes])).toEqual([
      [1, 78], // recoat of three coats of primer: 60 · 1.3
      [2, 69], // recoat of two coats of alcohol acrylic: 60 · 1.15
      [3, 266], // recoat of three coats of clear, the heaviest wet: 120 · 1.7 · 1.3, rounded up
      [4, 30],
    ])
    expect(found.waits[0]?.because).toContain('1 h 18 min')
  })
})

describe('every finding', () => {
  it('of the example has a way out with an edit', () => {
    for (const finding of check(withoutWaits).findings)
      expect(finding.remedies.length).toBeGreaterThan(0)
  })
})

describe('automatic waits over random sequences', () => {
  it('never make a sequence worse than its written waits', () => {
    const stops = (sequence: Sequence) =>
      judgeSequence(sequence).findings.filter(
        (f) => f.rule === 'recoat-too-early' && f.severity === 'stop',
      ).length
    fc.assert(
      fc.property(sequences, (one) => {
        expect(stops({ ...one, waits: 'auto' })).toBeLessThanOrEqual(
          stops({ ...one, waits: 'as-written' }),
        )
      }),
      { numRuns: 150, seed: 20260316 },
    )
  })
})

describe('edits', () => {
  const steps = [{ do: 'wash' as const }, { do: 'scribe' as const }, { do: 'fill' as const }]
  const names = (sequence: Sequence) =>
    sequence.steps.map((step) => (isAct(step) ? step.do : step.wait))
  test.each([
    {
      edit: { insert: { before: 1, step: { wait: '1 h' } } },
      gives: ['wash', '1 h', 'scribe', 'fill'],
    },
    {
      edit: { insert: { before: 3, steps: [{ do: 'sand' as const }] } },
      gives: ['wash', 'scribe', 'fill', 'sand'],
    },
    {
      edit: { replace: { step: 0, with: { do: 'degrease' as const } } },
      gives: ['degrease', 'scribe', 'fill'],
    },
    { edit: { remove: { step: 2 } }, gives: ['wash', 'scribe'] },
    { edit: { move: { step: 0, before: 3 } }, gives: ['scribe', 'fill', 'wash'] },
    { edit: { move: { step: 2, before: 0 } }, gives: ['fill', 'wash', 'scribe'] },
    { edit: { set: { steps: [] } }, gives: [] },
  ])('$edit', ({ edit, gives }) => {
    expect(names(applySequenceEdit(sequence(steps), edit))).toEqual(gives)
  })

  test.each([
    { edit: { remove: { step: 3 } } },
    { edit: { insert: { before: 4, step: { wait: '1 h' } } } },
    { edit: { move: { step: 0, before: -1 } } },
  ])('outside the steps is refused: $edit', ({ edit }) => {
    expect(() => applySequenceEdit(sequence(steps), edit)).toThrow(RangeError)
  })
})

it('scraping the paint off a joint is said once, and ends it', () => {
  const joint = sequence(
    [
      { do: 'prime', coats: ['light', 'light'] },
      { wait: '24 h' },
      { do: 'assemble', checked: ['fit'] },
    ],
    { jointGapMm: 0.015 },
  )
  const [finding] = check(joint).findings.filter(({ rule }) => rule === 'tight-fit')
  const [scrape] = finding?.remedies ?? []
  if (!scrape) throw new Error('a tight joint has a way out')
  const { sequence: scraped } = editSequence(joint, scrape.edit)
  expect(scraped.steps).toHaveLength(joint.steps.length)
  expect(told(scraped)).toEqual([])
})
