import type { Project } from '@/core/model/project'
import type { ScheduledTask } from '@/core/schedule'
import { stockStateOf } from '@/core/stock/stockState'
import { clockTime } from '@/ui/time'
import { dueSince, tellBySystem } from './reminders'

const MINUTE = 60_000
const AT = Date.parse('2026-03-17T19:30:00Z')

const project = {
  builds: [
    {
      id: 'b',
      name: 'Ploughman 6',
      parts: [{ id: 'cab', name: 'Cab', substrate: 'abs' }],
      steps: [{ id: 's', do: 'prime', parts: ['cab'] }],
    },
  ],
  timers: [
    {
      id: 't',
      kind: 'soak',
      name: 'Decals',
      minutes: 30,
      startedAt: '2026-03-17T19:00:00Z',
    },
  ],
} as unknown as Project
const act = { id: 'b/cab/s/1', build: 'b', part: 'cab', step: 's', start: AT } as ScheduledTask

/** What is told when it is looked at, minutes against the act. */
const told = (since: number, now: number, tasks = [act]) =>
  dueSince(stockStateOf(project), tasks, AT + since * MINUTE, AT + now * MINUTE).map(
    ({ text }) => text,
  )

test.each([
  { since: -5, now: -2, acts: [], clocks: [], why: 'not yet' },
  { since: -1.1, now: -1, acts: ['Due now: Prime on Cab'], clocks: [], why: 'a minute before' },
  {
    since: 0,
    now: 0.5,
    acts: ['Due now: Prime on Cab'],
    clocks: ['Over: Decals'],
    why: 'as it is over',
  },
  { since: 3, now: 4, acts: [], clocks: [], why: 'known by then' },
])('$why', ({ since, now, acts, clocks }) => {
  expect(told(since, now)).toEqual([...acts, ...clocks])
})

it('a page that slept tells since when', () => {
  const at = clockTime(AT, AT)
  expect(told(-20, 40)).toEqual([`Due since ${at}: Prime on Cab`, `Over since ${at}: Decals`])
})

it('what isn’t planned is not due', () => {
  expect(told(-1, 0, [{ ...act, start: null }])).toEqual(['Over: Decals'])
})

describe('by the system', () => {
  const own = {
    window: globalThis.window,
    navigator: Object.getOwnPropertyDescriptor(globalThis, 'navigator'),
  }
  const shown: string[] = []
  const set = (permission: string, worker: boolean) => {
    shown.length = 0
    class Notification {
      static permission = permission
      constructor(_: string, { body }: { body: string }) {
        // As a phone's browser has it.
        if (worker) throw new TypeError('Illegal constructor')
        shown.push(`page: ${body}`)
      }
    }
    const active = {
      showNotification: async (_: string, { body }: { body: string }) =>
        shown.push(`worker: ${body}`),
    }
    const registration = worker ? { active: {}, ...active } : undefined
    Object.assign(globalThis, { window: globalThis, Notification })
    const value = { serviceWorker: { getRegistration: async () => registration } }
    Object.defineProperty(globalThis, 'navigator', { configurable: true, value })
  }
  afterAll(() => {
    Object.assign(globalThis, { window: own.window })
    if (own.navigator) Object.defineProperty(globalThis, 'navigator', own.navigator)
  })

  test.each([
    { permission: 'granted', worker: true, said: ['worker: Due now: Prime on Cab'] },
    { permission: 'granted', worker: false, said: ['page: Due now: Prime on Cab'] },
    { permission: 'denied', worker: true, said: [] },
  ])('$permission, kept by a worker $worker: $said', async ({ permission, worker, said }) => {
    set(permission, worker)
    await tellBySystem({ id: 'x', text: 'Due now: Prime on Cab' })
    expect(shown).toEqual(said)
  })
})
