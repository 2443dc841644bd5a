import { messagesOf } from './messages'

beforeEach(() => jest.useFakeTimers())
afterEach(() => jest.useRealTimers())

describe('messages', () => {
  test.each([
    {
      what: 'written, and can be taken back',
      written: { ok: true, label: 'Hull: prime, coat done', undo: true } as const,
      told: { text: 'Hull: prime, coat done', undo: true },
    },
    {
      what: 'a fact of the room',
      written: { ok: true, label: 'Air noted', undo: false } as const,
      told: { text: 'Air noted', undo: false },
    },
    {
      what: 'refused',
      written: { ok: false, why: 'Coat 1 is logged already' } as const,
      told: { text: 'Coat 1 is logged already', undo: false },
    },
  ])('tell what became of an action: $what', ({ written, told }) => {
    const messages = messagesOf()
    expect(messages.tell(written)).toBe(written.ok)
    expect(messages.told.get()).toMatchObject(told)
  })

  it('stay for a while, the newest for its whole time', () => {
    const messages = messagesOf()
    messages.say('first')
    jest.advanceTimersByTime(7000)
    messages.say('second')
    jest.advanceTimersByTime(7000)
    expect(messages.told.get()?.text).toBe('second')
    jest.advanceTimersByTime(1001)
    expect(messages.told.get()).toBeNull()
  })

  it('say the same words twice as two messages', () => {
    const messages = messagesOf()
    const heard: (number | undefined)[] = []
    messages.told.subscribe(() => heard.push(messages.told.get()?.seq))
    messages.say('Written')
    messages.say('Written')
    expect(heard).toEqual([1, 2])
  })
})
