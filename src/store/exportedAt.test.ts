import { lastExport, rememberExport, wantsExport } from './exportedAt'
import { NOW, testStore } from './tests/stores'

const DAY = 24 * 3_600_000

test.each([
  ['nothing was ever logged', null, 0, false],
  ['a first evening', null, 12, false],
  ['sixty acts and never a file', null, 60, true],
  ['a file of yesterday', { at: NOW - DAY, acts: 100 }, 120, false],
  ['sixty acts since', { at: NOW - DAY, acts: 100 }, 160, true],
  ['a fortnight, with an act in it', { at: NOW - 15 * DAY, acts: 100 }, 101, true],
  ['a fortnight away from the bench', { at: NOW - 15 * DAY, acts: 100 }, 100, false],
  ['a log that was wiped since', { at: NOW - 15 * DAY, acts: 100 }, 3, false],
])('a file is asked for: %s', (_, last, acts, wanted) => {
  expect(wantsExport(last, acts, NOW)).toBe(wanted)
})

it('an export is remembered with how long the log was', async () => {
  const store = testStore('exported')
  expect(await lastExport(store)).toBeNull()
  await rememberExport(store)
  expect(await lastExport(store)).toEqual({ at: NOW, acts: 0 })
})
