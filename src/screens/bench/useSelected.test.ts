/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react'
import type { NamedItem } from '../shared/useBenchQueue'
import { useSelected } from './useSelected'

jest.mock('next/navigation', () => ({
  useRouter: () => ({ replace: () => undefined }),
  useSearchParams: () => new URLSearchParams(),
}))

const item = (id: string, step = 's') => ({ id, next: { step } }) as NamedItem
const [HULL, TURRET] = [item('hull'), item('turret')]

function selection(first: NamedItem[]) {
  const { result, rerender } = renderHook((queue: NamedItem[]) => useSelected(queue), {
    initialProps: first,
  })
  return {
    at: () => result.current.selected,
    hold: (of: NamedItem | null) => act(() => result.current.hold(of)),
    select: (id: string) => act(() => result.current.select(id)),
    queue: rerender,
  }
}

it('the most pressing part is in hand, until another is chosen', () => {
  const on = selection([HULL, TURRET])
  expect(on.at()).toBe(HULL)
  on.queue([TURRET, HULL])
  expect(on.at()).toBe(TURRET)
  on.select('hull')
  expect(on.at()).toBe(HULL)
})

it('what something is typed about stays in hand when another becomes more pressing', () => {
  const on = selection([HULL, TURRET])
  on.hold(HULL)
  on.queue([TURRET, HULL])
  expect(on.at()).toBe(HULL)
  on.hold(null)
  expect(on.at()).toBe(TURRET)
})

it.each([
  ['its next step', [item('hull', 'next'), TURRET]],
  ['nothing left of it', [TURRET]],
])('and when another tab has done it: %s', (_, queue) => {
  const on = selection([HULL, TURRET])
  on.hold(HULL)
  on.queue(queue)
  expect(on.at()).toEqual(HULL)
})

it('choosing another lets go', () => {
  const on = selection([HULL, TURRET])
  on.hold(HULL)
  on.select('turret')
  expect(on.at()).toBe(TURRET)
})
