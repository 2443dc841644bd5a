/** @jest-environment jsdom */
import { act, cleanup, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { loadAhead, useOnDemand } from './useOnDemand'

/** Shows what there is of a piece, and asks for it by a click. */
function Asking({ load }: { load: () => Promise<{ says: string }> }) {
  const [piece, want] = useOnDemand(load)
  return (
    <button type="button" onClick={want}>
      {typeof piece === 'object' ? piece.says : piece}
    </button>
  )
}

afterEach(cleanup)

const shown = () => screen.getByRole('button').textContent

describe('a piece that no page waits for', () => {
  it('is loaded when it is wanted, once for all who want it', async () => {
    const load = jest.fn(async () => ({ says: 'here' }))
    const { unmount } = render(<Asking load={load} />)
    expect(shown()).toBe('coming')
    expect(load).not.toHaveBeenCalled()
    await userEvent.click(screen.getByRole('button'))
    expect(shown()).toBe('here')
    unmount()
    render(<Asking load={load} />)
    expect(shown()).toBe('here')
    await userEvent.click(screen.getByRole('button'))
    expect(load).toHaveBeenCalledTimes(1)
  })

  it('is asked for again where it couldn’t be had', async () => {
    let tell: [(piece: { says: string }) => void, (error: Error) => void] | null = null
    const load = jest.fn(
      () => new Promise<{ says: string }>((resolve, reject) => (tell = [resolve, reject])),
    )
    const told = async (nth: 0 | 1) => {
      await act(async () =>
        nth === 0 ? tell?.[0]({ says: 'here' }) : tell?.[1](new Error('away')),
      )
    }
    render(<Asking load={load} />)
    await userEvent.click(screen.getByRole('button'))
    expect(shown()).toBe('coming')
    await told(1)
    expect(shown()).toBe('failed')
    await userEvent.click(screen.getByRole('button'))
    expect(shown()).toBe('coming')
    await told(0)
    expect(shown()).toBe('here')
    expect(load).toHaveBeenCalledTimes(2)
  })
})

describe('a piece that is loaded ahead', () => {
  it('is there at the first look', async () => {
    const load = jest.fn(async () => ({ says: 'here' }))
    await act(async () => loadAhead(load))
    render(<Asking load={load} />)
    expect(shown()).toBe('here')
    loadAhead(load)
    expect(load).toHaveBeenCalledTimes(1)
  })

  it('is loaded when it is wanted where it couldn’t be had', async () => {
    const load = jest.fn(async () => {
      if (load.mock.calls.length === 1) throw new Error('away')
      return { says: 'here' }
    })
    await act(async () => loadAhead(load))
    render(<Asking load={load} />)
    await userEvent.click(screen.getByRole('button'))
    expect(shown()).toBe('here')
  })
})

it('another piece in its place is another piece', async () => {
  const first = async () => ({ says: 'first' })
  const { rerender } = render(<Asking load={first} />)
  await userEvent.click(screen.getByRole('button'))
  expect(shown()).toBe('first')
  let come: (piece: { says: string }) => void = () => undefined
  const second = () => new Promise<{ says: string }>((resolve) => (come = resolve))
  rerender(<Asking load={second} />)
  expect(shown()).toBe('coming')
  await userEvent.click(screen.getByRole('button'))
  expect(shown()).toBe('coming')
  await act(async () => come({ says: 'second' }))
  expect(shown()).toBe('second')
})
