/** @jest-environment jsdom */
import { act, cleanup, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useOnDemand } from './useOnDemand'

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
