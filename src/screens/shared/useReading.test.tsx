/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react'
import { useReading } from './useReading'

/** Work that ends when it is told to, and rejects when it is stopped. */
function work() {
  let end: (value: string) => void = () => undefined
  let signal: AbortSignal | null = null
  const begin = (given: AbortSignal) => {
    signal = given
    return new Promise<string>((resolve, reject) => {
      end = resolve
      given.addEventListener('abort', () => reject(new Error('ended')))
    })
  }
  return { begin, end: (value: string) => end(value), isStopped: () => signal?.aborted }
}

it('says what is being read, and gives what came of it', async () => {
  const { result } = renderHook(useReading)
  const one = work()
  let answer: Promise<string | null> | undefined
  await act(async () => {
    answer = result.current.read('bench.zip', one.begin)
  })
  expect(result.current.name).toBe('bench.zip')
  await act(async () => one.end('read'))
  expect(await answer).toBe('read')
  expect(result.current.name).toBeNull()
})

it('what is stopped comes to nothing, by hand or by the next file', async () => {
  const { result } = renderHook(useReading)
  const [first, second] = [work(), work()]
  const answers: Promise<string | null>[] = []
  await act(async () => {
    answers.push(result.current.read('first.json', first.begin))
  })
  await act(async () => {
    answers.push(result.current.read('second.json', second.begin))
  })
  expect([first.isStopped(), second.isStopped()]).toEqual([true, false])
  expect(result.current.name).toBe('second.json')
  await act(async () => result.current.stop())
  expect(await Promise.all(answers)).toEqual([null, null])
  expect(result.current.name).toBeNull()
})

it('what comes after it was stopped comes to nothing too', async () => {
  const { result } = renderHook(useReading)
  let end: (value: string) => void = () => undefined
  let answer: Promise<string | null> | undefined
  await act(async () => {
    answer = result.current.read(
      'deaf.csv',
      () => new Promise<string>((resolve) => (end = resolve)),
    )
  })
  await act(async () => result.current.stop())
  await act(async () => end('late'))
  expect(await answer).toBeNull()
})

it('what goes wrong is thrown', async () => {
  const { result } = renderHook(useReading)
  await act(async () => {
    const answer = result.current.read('x', () => Promise.reject(new Error('no room')))
    await expect(answer).rejects.toThrow('no room')
  })
  expect(result.current.name).toBeNull()
})
