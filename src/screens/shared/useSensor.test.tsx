/** @jest-environment jsdom */
import { act, render } from '@testing-library/react'
import { keepReadings } from '@/store/actions/bench'
import { useSensor } from './useSensor'

jest.mock('@/state/hooks', () => {
  const [store, stock] = [{}, { project: {}, room: { reads: [] } }]
  return { useStore: () => store, useStock: () => stock }
})
jest.mock('@/store/actions/bench', () => ({ keepReadings: jest.fn() }))

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

it('what was read a moment before nobody looks any more is kept', () => {
  const { unmount, container } = render(<Listening />)
  const reading = { at: new Date().toISOString(), celsius: 21, humidity: 48 }
  act(() => Stream.last.onmessage?.({ data: JSON.stringify(reading) }))
  expect(container.textContent).toBe('21')
  expect(keepReadings).not.toHaveBeenCalled()
  unmount()
  expect(Stream.last.closed).toBe(true)
  expect(keepReadings).toHaveBeenCalledWith({}, [expect.objectContaining(reading)])
})
