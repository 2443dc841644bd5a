/** @jest-environment jsdom */
import fc from 'fast-check'

let clock: typeof import('./clock')
beforeEach(() => {
  jest.useFakeTimers({ now: 1_000_000_003 })
  jest.resetModules()
  clock = jest.requireActual('./clock')
})
afterEach(() => jest.useRealTimers())

it('goes in steps, whatever second it began at', () => {
  const end = clock.hearClock(() => undefined)
  const seen = new Set<number>()
  for (let second = 0; second < 60; second++) {
    jest.advanceTimersByTime(1000)
    seen.add(clock.shownNow(5000))
  }
  end()
  expect(seen.size).toBeGreaterThanOrEqual(12)
  expect(seen.size).toBeLessThanOrEqual(13)
})

it('never stands before what was reckoned, nor a step behind, and is the same until one of them', () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.record({
          wait: fc.integer({ min: -90_000, max: 90_000 }),
          isReckoned: fc.boolean(),
          step: fc.constantFrom(1000, 5000, 15_000, 60_000),
        }),
      ),
      (all) => {
        const end = clock.hearClock(() => undefined)
        for (const { wait, isReckoned, step } of all) {
          if (wait > 0) jest.advanceTimersByTime(wait)
          // The machine’s clock was put back.
          else jest.setSystemTime(Date.now() + wait)
          jest.advanceTimersByTime(1000)
          const at = isReckoned ? clock.reckonedAt(Date.now()) : null
          const now = clock.shownNow(step)
          if (at !== null) expect(now).toBeGreaterThanOrEqual(at)
          expect(now).toBeLessThanOrEqual(Date.now())
          expect(Date.now() - now).toBeLessThan(step + 1000)
          expect(clock.shownNow(step)).toBe(now)
        }
        end()
      },
    ),
  )
})
