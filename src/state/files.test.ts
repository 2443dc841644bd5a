import { buildOfFile } from './files'

/** Workers that never answer, as they were begun, and what hears of their failures. */
const begun: { ended: boolean; fail: (event: unknown) => void }[] = []

beforeAll(() => {
  globalThis.Worker = class {
    ended = false
    fail: (event: unknown) => void = () => undefined
    constructor() {
      begun.push(this)
    }
    terminate() {
      this.ended = true
    }
    addEventListener(kind: string, hear: (event: unknown) => void) {
      if (kind === 'error') this.fail = hear
    }
    removeEventListener() {}
    postMessage() {}
  } as never
})
beforeEach(() => {
  begun.length = 0
})

const FILE = new File(['{}'], 'bench.json')

it('a file that its worker dies of is refused like any other', async () => {
  const answer = buildOfFile(FILE, new AbortController().signal)
  begun[0]?.fail({ message: 'out of memory' })
  expect(await answer).toEqual({
    ok: false,
    problems: [
      {
        path: '',
        found: 'A background worker failed: out of memory',
        expected: 'a file that can be read',
      },
    ],
    more: 0,
  })
  expect(begun.map(({ ended }) => ended)).toEqual([true])
})

it('one that is stopped ends its worker, and nobody else’s', async () => {
  const [mine, other] = [new AbortController(), new AbortController()]
  const answer = buildOfFile(FILE, mine.signal)
  const left = buildOfFile(FILE, other.signal)
  mine.abort()
  await expect(answer).rejects.toThrow(/abort/i)
  expect(begun.map(({ ended }) => ended)).toEqual([true, false])
  other.abort()
  await expect(left).rejects.toThrow(/abort/i)
})
