import { matchJob, meshJob } from './deskClient'

/** Workers that never answer, as they were begun. */
const begun: SilentWorker[] = []

class SilentWorker {
  ended = false
  constructor() {
    begun.push(this)
  }
  terminate() {
    this.ended = true
  }
  addEventListener() {}
  removeEventListener() {}
  postMessage(_message: unknown, given: readonly unknown[] = []) {
    // What would answer from here is let go: it would keep the test open.
    for (const port of given) if (port instanceof MessagePort) port.close()
  }
}

beforeAll(() => {
  globalThis.Worker = SilentWorker as never
})
beforeEach(() => {
  begun.length = 0
})

const ASKED = { target: '#808080', bottles: [], maxBottles: 2, maxDrops: 6 }
const SIZE = { unit: 'mm', scale: 1, up: 'z' } as const

it('a job that is cancelled ends its own worker, and nobody else’s', async () => {
  const search = matchJob(ASKED, () => undefined)
  const mesh = meshJob('hull.stl', new ArrayBuffer(8), SIZE, () => undefined)
  const gone = expect(search.result).rejects.toThrow('ended')
  search.cancel()
  await gone
  expect(begun.map(({ ended }) => ended)).toEqual([true, false])
  const over = expect(mesh.result).rejects.toThrow('ended')
  mesh.cancel()
  await over
  expect(begun.map(({ ended }) => ended)).toEqual([true, true])
})
