/** @jest-environment jsdom */
import { demoOnOpening } from './demo'

const mockAsk = jest.fn()
jest.mock('./storeClient', () => ({
  pageStore: () => ({ ask: (name: string) => mockAsk(name) }),
}))
jest.mock('./writing', () => ({ useRun: () => () => undefined }))

/** What the store says to each question. */
function store(says: { isEmpty: boolean; loadDemo?: { ok: boolean } }) {
  mockAsk.mockReset()
  mockAsk.mockImplementation(async (name: keyof typeof says) => says[name])
}
const asked = () => mockAsk.mock.calls.map(([name]) => name)

beforeEach(() => localStorage.clear())

it('the demo comes onto an empty bench once: wiped, it stays away', async () => {
  store({ isEmpty: true, loadDemo: { ok: true } })
  await demoOnOpening()
  expect(asked()).toEqual(['isEmpty', 'loadDemo'])
  await demoOnOpening()
  expect(asked()).toHaveLength(2)
})

it('it stays away from a bench with builds on it', async () => {
  store({ isEmpty: false })
  await demoOnOpening()
  expect(asked()).toEqual(['isEmpty'])
})

it('where it couldn’t be written it is tried again', async () => {
  store({ isEmpty: true, loadDemo: { ok: false } })
  await demoOnOpening()
  await demoOnOpening()
  expect(asked()).toEqual(['isEmpty', 'loadDemo', 'isEmpty', 'loadDemo'])
})
