import fc from 'fast-check'
import { COPY_REASONS, type Copy, copyName, copyOf, outdated, wantsDaily } from './ring'

const NOW = Date.parse('2026-03-17T18:25:00.123Z')
const DAY = 24 * 3_600_000
const copy = (daysAgo: number, why: Copy['why'] = 'daily'): Copy => {
  const at = NOW - daysAgo * DAY
  return { name: copyName(at, why), at, why, bytes: 10 }
}

test.each(COPY_REASONS)('a copy kept for "%s" is known by its name', (why) => {
  expect(copyName(NOW, why)).toBe(`2026-03-17T18-25-00.123Z_${why}.json.gz`)
  expect(copyOf(copyName(NOW, why), 10)).toEqual(copy(0, why))
})

test.each([
  'notes.txt',
  '2026-03-17T18-25-00.123Z_else.json.gz',
  '2026-99-17T18-25-00.123Z_wipe.json.gz',
  '../2026-03-17T18-25-00.123Z_wipe.json.gz',
])('%s is none', (name) => {
  expect(copyOf(name, 1)).toBeNull()
})

test('seven daily ones stay, and what was kept before something for thirty days', () => {
  const copies = [
    ...Array.from({ length: 10 }, (_, i) => copy(i + 1)),
    copy(29, 'wipe'),
    copy(31, 'import'),
  ]
  expect(outdated(copies, NOW).map(({ name }) => name)).toEqual(
    [copy(8), copy(9), copy(10), copy(31, 'import')].map(({ name }) => name),
  )
})

test('the newest is never dropped, nor anything by a clock that was set back', () => {
  expect(outdated([copy(400, 'wipe')], NOW)).toEqual([])
  expect(outdated([copy(2, 'wipe'), copy(1, 'demo')], NOW - 90 * DAY)).toEqual([])
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.integer({ min: -50, max: 99 }), fc.constantFrom(...COPY_REASONS)), {
        minLength: 1,
        maxLength: 40,
      }),
      (made) => {
        const copies = made.map(([ago, why]) => copy(ago, why))
        const left = copies.filter((one) => !outdated(copies, NOW).includes(one))
        expect(left.length).toBeGreaterThan(0)
        expect(Math.max(...left.map(({ at }) => at))).toBe(Math.max(...copies.map(({ at }) => at)))
        expect(left.filter(({ why }) => why === 'daily').length).toBeLessThanOrEqual(8)
      },
    ),
  )
})

test.each([
  [[], true],
  [[copy(0.5)], false],
  [[copy(0.5, 'import')], false],
  [[copy(1.5)], true],
  [[copy(-3)], true],
])('a daily copy is wanted after a day: %#', (copies, wanted) => {
  expect(wantsDaily(copies, NOW)).toBe(wanted)
})
