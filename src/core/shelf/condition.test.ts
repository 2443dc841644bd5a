import type { Bottle } from '../model/bottle'
import { conditionOf } from './condition'
import { gassingOff } from './gassingOff'

const NOW = Date.parse('2026-03-14T12:00:00Z')
const HOUR = 3_600_000
const bottle = (more: Partial<Bottle> = {}): Bottle => ({
  id: 'b',
  name: 'B',
  family: 'lacquer',
  role: 'colour',
  sizeMl: 10,
  leftMl: 5,
  ...more,
})
const SOUND = { share: 1, low: false, gassing: null, gassedOff: false, openMonths: null }

test.each([
  [{}, {}],
  [{ share: 0.755 }, { share: 0.755 }],
  [{ leftMl: 1 }, { low: true }],
  [{ state: 'decanted' }, { gassedOff: true }],
  [{ openedOn: '2025-01-10', keepsMonths: 12 }, { openMonths: 14 }],
  [{ openedOn: '2025-06-10', keepsMonths: 12 }, {}],
  [{ openedOn: '2025-01-10' }, {}],
] as [Partial<Bottle>, object][])('%j stands as %j', (more, stands) => {
  expect(conditionOf(bottle(more), NOW)).toEqual({ ...SOUND, ...stands })
})

test.each([
  { hours: 1, gassing: { usable: false, until: NOW + 11 * HOUR } },
  { hours: 12, gassing: { usable: true, until: NOW + 12 * HOUR } },
  { hours: 24, gassing: null },
])('decanted $hours h ago it gasses off by the handbook', ({ hours, gassing }) => {
  const decanted = bottle({
    state: 'decanted',
    decantedAt: new Date(NOW - hours * HOUR).toISOString(),
  })
  expect(conditionOf(decanted, NOW)).toMatchObject({ gassing, gassedOff: gassing === null })
  expect(gassingOff(decanted)).toEqual({
    from: NOW - hours * HOUR,
    usable: NOW + (12 - hours) * HOUR,
    still: NOW + (24 - hours) * HOUR,
  })
})
