/** @jest-environment jsdom */
import { cleanup, render, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { OnDemand } from './OnDemand'

const mockSay = jest.fn()
jest.mock('@/state/hooks', () => ({ useSay: () => mockSay }))

afterEach(() => {
  cleanup()
  mockSay.mockClear()
})

/** What can't be had so many times, and is there then. */
function away(times: number) {
  let asked = 0
  return async () => {
    asked += 1
    if (asked <= times) throw new Error('away')
    return { says: 'the piece' }
  }
}

function shown(load: () => Promise<{ says: string }>, onClose?: () => void) {
  return render(
    <OnDemand
      load={load}
      failed="It can’t be had."
      meanwhile={<p>soon</p>}
      {...(onClose ? { onClose } : {})}
    >
      {({ says }) => <p>{says}</p>}
    </OnDemand>,
  )
}

it('what is asked for has its place held until it is here', async () => {
  shown(away(0))
  expect(screen.getByText('soon')).toBeTruthy()
  expect(await screen.findByText('the piece')).toBeTruthy()
  expect(screen.queryByText('soon')).toBeNull()
  expect(mockSay).not.toHaveBeenCalled()
})

it('what couldn’t be had says so in its place, and is asked for again', async () => {
  shown(away(2))
  const again = () => screen.findByRole('button', { name: 'Try again' })
  expect((await screen.findByRole('alert')).textContent).toContain('It can’t be had.')
  await userEvent.click(await again())
  await userEvent.click(await again())
  expect(await screen.findByText('the piece')).toBeTruthy()
  expect(screen.queryByRole('alert')).toBeNull()
  expect(mockSay).not.toHaveBeenCalled()
})

it('what can be closed is closed, and said once', async () => {
  const closed = jest.fn()
  const load = away(1)
  const { rerender } = shown(load, closed)
  await waitFor(() => expect(closed).toHaveBeenCalledTimes(1))
  rerender(
    <OnDemand load={load} failed="It can’t be had." onClose={() => closed()}>
      {({ says }) => <p>{says}</p>}
    </OnDemand>,
  )
  expect(closed).toHaveBeenCalledTimes(1)
  expect(mockSay.mock.calls).toEqual([['It can’t be had.']])
})
