import fc from 'fast-check'
import type { LoggedAct } from '../model/loggedAct'
import { ACT_KINDS } from '../model/vocabulary'
import { inTime } from './progress'

const orderOf = ({ kind }: LoggedAct) => ACT_KINDS.indexOf(kind)
const byTime = (a: LoggedAct, b: LoggedAct) =>
  Date.parse(a.at) - Date.parse(b.at) || orderOf(a) - orderOf(b)

const NOW = Date.parse('2026-03-17T18:00:00Z')
const acts = fc.array(
  fc.record({
    id: fc.uuid(),
    at: fc
      // Few instants, so that many acts share one; each is written in one of three ways.
      .tuple(fc.integer({ min: 0, max: 5 }), fc.constantFrom('.000Z', 'Z', '.000+00:00'))
      .map(([half, end]) => new Date(NOW + half * 500).toISOString().replace(/[.]000Z$/, end)),
    kind: fc.constantFrom(...ACT_KINDS),
  }),
)

test('acts are the same in time as one by one, whatever order they came in', () => {
  fc.assert(
    fc.property(acts, fc.boolean(), (any, isInOrder) => {
      const all = isInOrder ? any.toSorted(byTime) : any
      const before = [...all]
      expect(inTime(all)).toEqual(all.toSorted(byTime))
      expect(all).toEqual(before)
    }),
  )
})
