import type { Bottle } from '@/core/model/bottle'
import { stateWords } from './bottleState'

const NOW = Date.parse('2026-03-14T12:00:00Z')
const ago = (hours: number) => new Date(NOW - hours * 3_600_000).toISOString()

test.each([
  [{}, []],
  [{ share: 0.755 }, ['thinned: 76 % paint']],
  [{ leftMl: 1 }, ['nearly empty']],
  [{ state: 'decanted' }, ['gassed off']],
  [{ state: 'decanted', decantedAt: ago(1) }, ['gassing off, 11 h before it sprays']],
  [{ state: 'decanted', decantedAt: ago(13) }, ['gassing off, lid resting 11 h more']],
  [{ openedOn: '2025-01-10', keepsMonths: 12 }, ['open for 14 months, keeps 12']],
] as [Partial<Bottle>, string[]][])('%j is told as %j', (more, words) => {
  const bottle: Bottle = {
    id: 'b',
    name: 'B',
    family: 'lacquer',
    role: 'colour',
    sizeMl: 10,
    leftMl: 5,
    ...more,
  }
  expect(stateWords(bottle, NOW)).toEqual(words)
})
