import type { Sequence, Step } from '../../model/sequence'
import { found, lineOf, said, sequence } from './sequences'

/** A row of a rule's table: the steps, and everything that is told of them, cautions apart. */
export type RuleCase = { why: string; steps: Step[]; more?: Partial<Sequence>; told: string[] }

/** Rows of one rule: what fires at the boundary, and what is silent just inside it. */
export function table(name: string, rows: RuleCase[]) {
  describe(name, () => {
    test.each(rows)('$why', ({ steps, more, told: expected }) => {
      const findings = found(sequence(steps, more))
      expect(findings.map(lineOf)).toEqual(expected)
      expect(said(findings)).toMatchSnapshot()
    })
  })
}
