import type { Sequence } from '../../model/sequence'
import { check } from '../../stack/check'
import { STARTERS } from './starters'

const cases = STARTERS.flatMap((starter) => starter.parts.map((part) => ({ starter, part })))

test.each(cases)('$starter.name, $part.name is sound with automatic waits', ({ starter, part }) => {
  const sequence: Sequence = {
    format: 'tectoria-sequence',
    version: 1,
    substrate: part.substrate,
    use: starter.use,
    school: starter.school,
    waits: 'auto',
    steps: starter.steps
      .filter(({ on }) => on === undefined || on.includes(part.id))
      .map(({ step }) => step),
  }
  const found = check(sequence)
  expect(found.findings.filter((f) => f.severity !== 'note').map((f) => f.rule)).toEqual([])
  expect(found.timeline.length).toBe(sequence.steps.length)
})
