/** @jest-environment jsdom */
import type { Documents } from './documents'
import type { StoreClient } from './storeClient'
import { keepBackup } from './useBackup'

const mockWrite = jest.fn(async () => undefined)
jest.mock('./backupHere', () => ({ keepBackupHere: () => mockWrite() }))

const SECOND = 1000
let hear: () => void = () => undefined
const documents = {
  onWrites: (told: () => void) => {
    hear = told
    return () => {
      hear = () => undefined
    }
  },
} as unknown as Documents

let end: () => void
beforeEach(() => {
  jest.useFakeTimers()
  mockWrite.mockClear()
  end = keepBackup({} as StoreClient, documents)
})
afterEach(() => {
  end()
  jest.useRealTimers()
})

function hide(state: DocumentVisibilityState) {
  Object.defineProperty(document, 'visibilityState', { value: state, configurable: true })
  document.dispatchEvent(new Event('visibilitychange'))
}

it('what follows one another is written once, ten seconds after the last', () => {
  hear()
  jest.advanceTimersByTime(8 * SECOND)
  hear()
  jest.advanceTimersByTime(9 * SECOND)
  expect(mockWrite).not.toHaveBeenCalled()
  jest.advanceTimersByTime(SECOND)
  expect(mockWrite).toHaveBeenCalledTimes(1)
})

it('what never pauses is written after a minute all the same', () => {
  for (let at = 0; at < 60; at += 5) {
    hear()
    jest.advanceTimersByTime(5 * SECOND)
  }
  expect(mockWrite).toHaveBeenCalledTimes(1)
})

it('who leaves the page has it written at once, and only what is not written yet', () => {
  hear()
  hide('hidden')
  expect(mockWrite).toHaveBeenCalledTimes(1)
  hide('visible')
  hide('hidden')
  jest.advanceTimersByTime(60 * SECOND)
  expect(mockWrite).toHaveBeenCalledTimes(1)
})

it('nothing is written once it has ended', () => {
  hear()
  end()
  jest.advanceTimersByTime(60 * SECOND)
  expect(mockWrite).not.toHaveBeenCalled()
})
