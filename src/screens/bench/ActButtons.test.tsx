/** @jest-environment jsdom */
import { render, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { ActButtons } from './ActButtons'
import { useAlong } from './useAlong'

const mockRun = jest.fn()
const next = { step: 's', coat: null }
const mockParts = ['p', 'q', 'r'].map((part) => ({ build: 'b', part, next, clocks: [], steps: [] }))
const mockTasks = ['p', 'q', 'r'].map((part) => ({ build: 'b', part, ...next, batch: 'b/p/s/1' }))
const NAMES = { p: 'Hull', q: 'Turret', r: 'Door' }
const mockProject = {
  builds: [{ id: 'b', parts: Object.entries(NAMES).map(([id, name]) => ({ id, name })) }],
}
jest.mock('@/state/hooks', () => ({
  useParts: () => mockParts,
  useRun: () => mockRun,
  usePlan: () => ({ plan: { tasks: mockTasks } }),
  useProject: () => mockProject,
}))

const ITEM = {
  build: 'b',
  part: 'p',
  next: { step: 's', coat: null },
  kind: 'ready',
  partName: 'Hull',
  buildName: 'Skiff',
}

function Buttons() {
  const along = useAlong(ITEM as never)
  const step = { do: 'line' } as never
  return <ActButtons item={ITEM as never} step={step} cautions={[]} along={along} />
}

/** Writes a note on the card, as it is written or refused. */
async function note(written: boolean) {
  mockRun.mockResolvedValue(written)
  render(<Buttons />)
  await userEvent.keyboard('n')
  await userEvent.type(screen.getByLabelText('Note'), 'Held it farther off')
  await userEvent.click(screen.getByRole('button', { name: 'Write it down' }))
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
