/** @jest-environment jsdom */
import { act, cleanup, render, screen } from '@testing-library/react'
import { Later } from './Later'

beforeEach(() => jest.useFakeTimers())
afterEach(() => {
  cleanup()
  location.hash = ''
  jest.useRealTimers()
})

const page = (names: readonly string[]) => (
  <Later>
    {names.map((name) => (
      <p key={name}>{name}</p>
    ))}
    {null}
  </Later>
)
const shown = () => screen.queryAllByText(/./).map(({ textContent }) => textContent)
const breath = () => act(() => jest.advanceTimersByTime(0))

it('draws piece by piece, in order', async () => {
  const { rerender } = render(page(['zones', 'masks', 'wear']))
  const seen = [shown()]
  for (let i = 0; i < 3; i++) {
    await breath()
    seen.push(shown())
  }
  expect(seen).toEqual([[], ['zones'], ['zones', 'masks'], ['zones', 'masks', 'wear']])
  rerender(page(['zones', 'masks', 'wear', 'joins']))
  await breath()
  expect(shown()).toEqual(['zones', 'masks', 'wear', 'joins'])
})

it('draws all of it at once where the address points into it', () => {
  location.hash = '#wear'
  render(page(['zones', 'masks', 'wear']))
  expect(shown()).toEqual(['zones', 'masks', 'wear'])
})
