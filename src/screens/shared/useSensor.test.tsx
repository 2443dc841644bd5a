/** @jest-environment jsdom */
import { act, render, waitFor } from '@testing-library/react'
import { useSensor } from './useSensor'

const mockAsk = jest.fn(async (..._: unknown[]) => undefined)
jest.mock('@/state/writing', () => {
  const store = { ask: (...asked: unknown[]) => mockAsk(...asked) }
  return { useStore: () => store }
})
jest.mock('@/state/hooks', () => {
  const stock = { project: {}, room: { reads: [] } }
  return { useStock: () => stock }
})

/** A sensor's stream that is told what to say. */
class Stream {
  static last: Stream
  onmessage: ((event: { data: string }) => void) | null = null
  closed = false
  constructor() {
    Stream.last = this
  }
  close() {
    this.closed = true
  }
}

function Listening() {
  const { live } = useSensor()
  return <p>{live?.celsius ?? 'nothing'}</p>
}

beforeEach(() => {
  localStorage.setItem('tectoria-climate-source', 'sensor')
  globalThis.EventSource = Stream as never
})

it('what was read a moment before nobody looks any more is kept', async () => {
  const { unmount, container } = render(<Listening />)
  await waitFor(() => expect(Stream.last).toBeDefined())
  const reading = { at: new Date().toISOString(), celsius: 21, humidity: 48 }
  act(() => Stream.last.onmessage?.({ data: JSON.stringify(reading) }))
  expect(container.textContent).toBe('21')
  expect(mockAsk).not.toHaveBeenCalled()
  unmount()
  expect(Stream.last.closed).toBe(true)
  expect(mockAsk).toHaveBeenCalledWith('keepReadings', [expect.objectContaining(reading)])
})
