/** @jest-environment jsdom */
import { act, cleanup, render } from '@testing-library/react'
import { useAwake } from './useAwake'

function Lit() {
  useAwake()
  return null
}

/** A device that can keep its screen lit, and what it was asked. */
function device(answer: () => Promise<{ release: () => Promise<void> }>) {
  const request = jest.fn(answer)
  Object.defineProperty(navigator, 'wakeLock', { configurable: true, value: { request } })
  return request
}

afterEach(() => {
  cleanup()
  Reflect.deleteProperty(navigator, 'wakeLock')
})

const settle = () => act(async () => undefined)

it('holds the screen lit, again when the page comes back, and lets go when it is left', async () => {
  const release = jest.fn(async () => undefined)
  const request = device(async () => ({ release }))
  const { unmount } = render(<Lit />)
  await settle()
  expect(request).toHaveBeenCalledTimes(1)
  document.dispatchEvent(new Event('visibilitychange'))
  await settle()
  expect(request).toHaveBeenCalledTimes(2)
  unmount()
  await settle()
  expect(release).toHaveBeenCalled()
  document.dispatchEvent(new Event('visibilitychange'))
  expect(request).toHaveBeenCalledTimes(2)
})

it('what comes too late is let go at once', async () => {
  const release = jest.fn(async () => undefined)
  let grant: (lock: { release: () => Promise<void> }) => void = () => undefined
  device(() => new Promise((resolve) => (grant = resolve)))
  render(<Lit />).unmount()
  grant({ release })
  await settle()
  expect(release).toHaveBeenCalledTimes(1)
})

it('a device that refuses, or can’t, goes on as it is', async () => {
  device(async () => Promise.reject(new Error('low battery')))
  render(<Lit />)
  await settle()
  cleanup()
  Reflect.deleteProperty(navigator, 'wakeLock')
  expect(() => render(<Lit />)).not.toThrow()
})
