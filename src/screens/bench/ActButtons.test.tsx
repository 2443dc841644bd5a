/** @jest-environment jsdom */
import { render, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { ActButtons } from './ActButtons'

const mockRun = jest.fn()
jest.mock('@/state/hooks', () => ({ useParts: () => [], useRun: () => mockRun }))

const ITEM = {
  build: 'b',
  part: 'p',
  next: { step: 's', coat: null },
  kind: 'ready',
  partName: 'Hull',
  buildName: 'Skiff',
}

/** Writes a note on the card, as it is written or refused. */
async function note(written: boolean) {
  mockRun.mockResolvedValue(written)
  const step = { do: 'line' }
  render(<ActButtons item={ITEM as never} step={step as never} cautions={[]} />)
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
