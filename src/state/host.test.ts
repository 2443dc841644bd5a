import { WorkerEnded } from './host'
import { nearHost } from './tests/nearWorker'

/** Answers twice what it is asked, or never. */
type Doubler = { double: (n: number) => number; never: () => Promise<number> }
const doubler = (): Doubler => ({
  double: (n) => {
    if (n < 0) throw new RangeError('double: below zero')
    return 2 * n
  },
  never: () => new Promise(() => undefined),
})
const two = (worker: { double: (n: number) => Promise<number> }) => worker.double(1)

describe('the host of a worker', () => {
  it('begins it with the first question, and only then', async () => {
    const { host, begun } = nearHost(doubler)
    expect(begun).toHaveLength(0)
    expect(host.isRunning()).toBe(false)
    expect(await Promise.all([host.ask(two), host.ask((worker) => worker.double(4))])).toEqual([
      2, 8,
    ])
    expect(begun).toHaveLength(1)
    expect(host.isRunning()).toBe(true)
  })

  it('begins it ahead of the first question where that is wished, and once', async () => {
    const { host, begun } = nearHost(doubler)
    host.begin()
    host.begin()
    expect(await host.ask(two)).toBe(2)
    expect(begun).toHaveLength(1)
  })

  it('greets every new one before it is asked anything', async () => {
    const order: string[] = []
    const { host, begun } = nearHost(
      () => ({ double: (n: number) => order.push(`asked ${n}`) }),
      async () => {
        await Promise.resolve()
        order.push('greeted')
      },
    )
    await host.ask((worker) => worker.double(1))
    begun[0]?.fail()
    await host.ask((worker) => worker.double(2))
    expect(order).toEqual(['greeted', 'asked 1', 'greeted', 'asked 2'])
  })

  it('tells whoever waits why the worker failed, and begins another at the next question', async () => {
    const { host, begun } = nearHost(doubler)
    const waiting = host.ask((worker) => worker.never())
    begun[0]?.fail('out of memory')
    await expect(waiting).rejects.toThrow('A background worker failed: out of memory')
    expect(begun[0]?.ended).toBe(true)
    expect(await host.ask(two)).toBe(2)
    expect(begun).toHaveLength(2)
  })

  it('says that a worker could not be started where the failure has no words', async () => {
    const { host, begun } = nearHost(doubler)
    const waiting = host.ask((worker) => worker.never())
    begun[0]?.fail()
    await expect(waiting).rejects.toThrow('it could not be started')
  })

  it('passes an error of the answer on and keeps the worker', async () => {
    const { host, begun } = nearHost(doubler)
    await expect(host.ask((worker) => worker.double(-1))).rejects.toThrow('below zero')
    expect(await host.ask(two)).toBe(2)
    expect(begun).toHaveLength(1)
  })

  it('hears nothing more from a worker that is gone', async () => {
    const { host, begun } = nearHost(doubler)
    await host.ask(two)
    begun[0]?.fail('first')
    await host.ask(two)
    begun[0]?.fail('late')
    expect(begun[1]?.ended).toBe(false)
  })

  it.each([
    { answers: 'an answer of one that lasts', after: 10_000, more: 3 },
    { answers: 'one at its beginning', after: 9_999, more: 1 },
  ])('gives up after three failures in a row: after $answers, $more more', async (row) => {
    const { host, begun } = nearHost(doubler)
    const clock = jest.spyOn(performance, 'now').mockReturnValue(0)
    const failOnce = async () => {
      const waiting = host.ask((worker) => worker.never())
      begun.at(-1)?.fail('broken')
      await expect(waiting).rejects.toThrow(WorkerEnded)
    }
    await failOnce()
    await failOnce()
    host.begin()
    clock.mockReturnValue(row.after)
    await host.ask(two)
    for (let i = 0; i < row.more; i++) await failOnce()
    clock.mockRestore()
    const had = begun.length
    await expect(host.ask(two)).rejects.toThrow('again and again')
    expect(begun).toHaveLength(had)
    host.again()
    expect(await host.ask(two)).toBe(2)
  })

  it('does not keep a worker that could not be greeted', async () => {
    let readable = false
    const { host, begun } = nearHost(doubler, async () => {
      if (!readable) throw new Error('the documents can’t be read')
    })
    await expect(host.ask(two)).rejects.toThrow('the documents can’t be read')
    expect(begun[0]?.ended).toBe(true)
    readable = true
    expect(await host.ask(two)).toBe(2)
  })

  it('ends with all that it was asked, and can be asked again', async () => {
    const { host, begun } = nearHost(doubler)
    const waiting = [host.ask((worker) => worker.never()), host.ask((worker) => worker.never())]
    host.end('The page is closed')
    for (const one of waiting) await expect(one).rejects.toThrow('The page is closed')
    expect(begun[0]?.ended).toBe(true)
    expect(await host.ask(two)).toBe(2)
  })
})
