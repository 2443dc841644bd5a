/** @jest-environment jsdom */
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { ActButtons } from './ActButtons'
import { useAlong } from './useAlong'

const mockRun = jest.fn()
const mockSay = jest.fn()
const next = { step: 's', coat: null }
const mockParts = ['p', 'q', 'r'].map((part) => ({ build: 'b', part, next, clocks: [], steps: [] }))
const mockTasks = ['p', 'q', 'r'].map((part) => ({ build: 'b', part, ...next, batch: 'b/p/s/1' }))
const NAMES = { p: 'Hull', q: 'Turret', r: 'Door' }
const mockProject = {
  builds: [
    { id: 'b', parts: Object.entries(NAMES).map(([id, name]) => ({ id, name })), steps: [] },
  ],
}
jest.mock('@/state/writing', () => ({ useRun: () => mockRun }))
jest.mock('@/state/hooks', () => ({
  useParts: () => mockParts,
  useSay: () => mockSay,
  usePlan: () => ({ plan: { tasks: mockTasks } }),
  useProject: () => mockProject,
}))

const ITEM = {
  id: 'p',
  build: 'b',
  part: 'p',
  next: { step: 's', coat: null },
  kind: 'ready',
  partName: 'Hull',
  buildName: 'Skiff',
}

function Buttons() {
  const along = useAlong(ITEM as never)
  const step = { do: 'line', parts: [] } as never
  return <ActButtons item={ITEM as never} step={step} cautions={[]} along={along} />
}

/** Writes a note on the card, as it is written or refused. */
async function note(written: boolean) {
  mockRun.mockResolvedValue(written)
  render(<Buttons />)
  await userEvent.keyboard('n')
  await userEvent.type(screen.getByLabelText('Note'), 'Held it farther off')
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
}

it('a note that was written closes its field', async () => {
  await note(true)
  await waitFor(() => expect(screen.queryByLabelText('Note')).toBeNull())
})

it('a note that was not written stays to be tried again', async () => {
  await note(false)
  await waitFor(() => expect(mockRun).toHaveBeenCalled())
  expect((screen.getByLabelText('Note') as HTMLInputElement).value).toBe('Held it farther off')
})

it('one key logs a run, without the part that was left out', async () => {
  mockRun.mockClear()
  render(<Buttons />)
  await userEvent.click(screen.getByRole('button', { name: 'Turret' }))
  expect(screen.getByRole('button', { name: 'Turret' }).getAttribute('aria-pressed')).toBe('false')
  await userEvent.keyboard('f')
  const [, place, act, , say, along] = mockRun.mock.calls[0] ?? []
  expect([place, act, along]).toEqual([
    { build: 'b', part: 'p', step: 's' },
    { kind: 'finished' },
    [{ build: 'b', part: 'r', step: 's' }],
  ])
  expect(say).toBe('Hull and Door: panel lining finished')
})

function On({ part }: { part: string }) {
  const item = { ...ITEM, id: part, part, partName: part }
  const along = { all: [], chosen: [], toggle: () => undefined }
  return (
    <ActButtons
      item={item as never}
      step={{ do: 'line', parts: [] } as never}
      cautions={[]}
      along={along}
    />
  )
}

describe('the keys of the bench', () => {
  const press = async (keys: string) => userEvent.setup().keyboard(keys)
  const logged = () => mockRun.mock.calls.map(([, , act, believed]) => [act?.kind, believed?.at])
  beforeEach(() => {
    cleanup()
    mockRun.mockReset().mockResolvedValue(true)
    mockSay.mockReset()
  })

  it('finishing another part than the last one asks once', async () => {
    const { rerender } = render(<On key="p" part="p" />)
    await press('f')
    rerender(<On key="q" part="q" />)
    await press('f')
    expect(mockSay).toHaveBeenCalledWith(expect.stringContaining('another part'))
    expect(logged()).toHaveLength(1)
    await press('f')
    expect(logged()).toHaveLength(2)
  })

  it('one key takes back what was logged within a minute, and once', async () => {
    render(<On part="p" />)
    await press('f')
    await press('u')
    expect(mockRun).toHaveBeenLastCalledWith('undo')
    mockRun.mockClear()
    await press('u')
    expect(mockRun).not.toHaveBeenCalled()
  })

  it('an act is logged for the time that is typed; what is no time logs nothing', async () => {
    render(<On part="p" />)
    await press('w')
    const field = screen.getByLabelText('It was')
    fireEvent.change(field, { target: { value: 'someday' } })
    fireEvent.click(screen.getByRole('button', { name: /Finish/ }))
    expect(mockSay).toHaveBeenCalledWith(expect.stringContaining('When was it'))
    fireEvent.change(field, { target: { value: 'an hour ago' } })
    await screen.findByText(/Taken for/)
    fireEvent.click(screen.getByRole('button', { name: /Finish/ }))
    await waitFor(() => expect(logged()).toHaveLength(1))
    const [, at] = logged()[0] ?? []
    expect(Math.abs((at as number) - (Date.now() - 3_600_000))).toBeLessThan(60_000)
  })
})
