import type { Bottle } from '@/core/model/bottle'
import { stateWords } from './bottleState'

const NOW = Date.parse('2026-03-14T12:00:00Z')
const bottle = (more: Partial<Bottle>): Bottle => ({
  id: 'b',
  name: 'B',
  family: 'lacquer',
  role: 'colour',
  sizeMl: 10,
  leftMl: 5,
  ...more,
})

test.each([
  [{}, []],
  [{ share: 0.755 }, ['thinned: 76 % paint']],
  [{ leftMl: 1 }, ['nearly empty']],
  [{ state: 'decanted' }, ['gassed off']],
  [{ openedOn: '2025-01-10', keepsMonths: 12 }, ['open for 14 months, keeps 12']],
  [{ openedOn: '2025-06-10', keepsMonths: 12 }, []],
  [{ openedOn: '2025-01-10' }, []],
] as [Partial<Bottle>, string[]][])('%j is told as %j', (more, words) => {
  expect(stateWords(bottle(more), NOW)).toEqual(words)
})

it('decanted lately, it says how long it still gasses off', () => {
  const decantedAt = new Date(NOW - 3600_000).toISOString()
  expect(stateWords(bottle({ state: 'decanted', decantedAt }), NOW)[0]).toMatch(
    /^gassing off, .*more$/,
  )
})
