import fc from 'fast-check'
import { ACT_KINDS } from '../model/vocabulary'
import { byTime, inTime } from './progress'

const NOW = Date.parse('2026-03-17T18:00:00Z')
const acts = fc.array(
  fc.record({
    id: fc.uuid(),
    // Few instants, so that many acts share one.
    at: fc
      .integer({ min: 0, max: 5 })
      .map((minute) => new Date(NOW + minute * 60_000).toISOString()),
    kind: fc.constantFrom(...ACT_KINDS),
  }),
)

test('acts are the same in time as one by one, whatever order they came in', () => {
  fc.assert(
    fc.property(acts, (all) => {
      const before = [...all]
      expect(inTime(all)).toEqual(all.toSorted(byTime))
      expect(all).toEqual(before)
    }),
  )
})
