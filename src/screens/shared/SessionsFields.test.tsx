/** @jest-environment jsdom */

import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import type { Sessions } from '@/core/model/sessions'
import { SessionsFields } from './SessionsFields'
import { useSessionsDraft } from './sessionsDraft'

afterEach(cleanup)

const WEEK: Sessions = {
  zone: 'Europe/Lisbon',
  pattern: [{ day: 'tue', from: '19:00', to: '21:30' }],
  exceptions: [
    { date: '2026-03-24', off: true },
    { date: '2026-03-25', from: '10:00', to: '12:00' },
  ],
  quiet: { from: '21:00', to: '08:00' },
  changeoverMinutes: 8,
}

function Form({
  before,
  onRead,
}: {
  before: Sessions | null
  onRead: (read: Sessions | null) => void
}) {
  const draft = useSessionsDraft(before)
  return (
    <form>
      <SessionsFields draft={draft} />
      <button type="button" onClick={() => onRead(draft.read())}>
        Keep
      </button>
    </form>
  )
}

function form(before: Sessions | null) {
  const onRead = jest.fn<void, [Sessions | null]>()
  render(<Form before={before} onRead={onRead} />)
  const type = (label: string, value: string) =>
    fireEvent.change(screen.getByLabelText(label), { target: { value } })
  const press = (name: string) =>
    fireEvent.click(screen.getAllByRole('button', { name })[0] as HTMLElement)
  const read = () => {
    press('Keep')
    return onRead.mock.lastCall?.[0] ?? null
  }
  return { type, press, read }
}

describe('times at the bench', () => {
  it('come back as they were, fields that the form does not show too', () => {
    const read = form(WEEK).read()
    expect(read).toEqual({ ...WEEK, exceptions: [WEEK.exceptions?.[1], WEEK.exceptions?.[0]] })
  })

  it('begin for a new modeller with two evenings and a Saturday, in their own zone', () => {
    const read = form(null).read()
    expect(read?.pattern.map((one) => one.day)).toEqual(['tue', 'thu', 'sat'])
    expect(read?.zone).toBe(Intl.DateTimeFormat().resolvedOptions().timeZone)
  })

  it('take another session, another day, and a day away', () => {
    const { type, press, read } = form(WEEK)
    press('Another session')
    fireEvent.change(screen.getByLabelText('Day of session 2'), { target: { value: 'fri' } })
    type('Session 2 from', '18:00')
    type('Session 2 to', '23:00')
    press('Time away')
    type('Day away 2', '2026-04-03')
    type('Days away 2', '2')
    const kept = read()
    expect(kept?.pattern[1]).toMatchObject({ day: 'fri', from: '18:00' })
    expect(kept?.exceptions?.slice(-2)).toEqual([
      { date: '2026-04-03', off: true },
      { date: '2026-04-04', off: true },
    ])
  })

  it('take a session on a single day, past midnight too; a wrong date is told beside it', () => {
    const { type, press, read } = form(WEEK)
    press('A session on a single day')
    expect(read()).toBeNull()
    expect(screen.getByText(/Enter a date such as/)).toBeTruthy()
    type('Single session 1 on', '2026-04-03')
    type('Single session 1 from', '22:30')
    type('Single session 1 to', '00:30')
    expect(read()?.extra).toEqual([{ date: '2026-04-03', from: '22:30', to: '00:30' }])
  })

  it('without quiet hours have none', () => {
    const { type, read } = form(WEEK)
    type('Quiet from', '')
    type('Quiet to', '')
    expect(read()?.quiet).toBeNull()
  })

  test.each([
    {
      why: 'ends before it begins',
      label: 'Session 1 to',
      value: '18:00',
      says: /ends after it begins/,
    },
    { why: 'half a quiet time', label: 'Quiet to', value: '', says: /Enter a time such as/ },
  ])('$why: told beside it, nothing kept', ({ label, value, says }) => {
    const { type, read } = form(WEEK)
    type(label, value)
    expect(read()).toBeNull()
    expect(screen.getByText(says)).toBeTruthy()
    expect(screen.getByLabelText(label).getAttribute('aria-invalid')).toBe('true')
  })

  it('without any session are refused', () => {
    const { press, read } = form(WEEK)
    press('Remove')
    expect(read()).toBeNull()
    expect(screen.getByText(/Enter at least one session a week/)).toBeTruthy()
  })
})
