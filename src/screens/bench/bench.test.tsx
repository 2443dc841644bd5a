/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import type { UndoNow } from '@/core/builds'
import { CAUTIONS } from '@/core/knowledge'
import { asksProtection, Protect } from './Protect'
import { UndoFacts } from './UndoFacts'

const NOW = Date.parse('2026-03-17T18:25:00Z')

const undo = (ways: UndoNow['ways']): UndoNow => ({
  step: 's',
  name: 'water acrylic colour',
  leaves: ['oil', 'lacquer colour'],
  rubs: 5,
  overspray: 'wipe it off the same way',
  ways,
})

describe('taking the newest film off', () => {
  const clean = {
    solvent: 'water',
    touch: 'damp-brush',
    under: '-',
    until: NOW + 35 * 60_000,
  } as const
  const rough = { solvent: 'lacquer-mild', touch: 'damp-brush', under: 's', until: null } as const

  it('names solvent, touch and the minute it ends, and the whole film that stays', () => {
    render(<UndoFacts undo={undo([clean])} now={NOW} />)
    expect(screen.getByRole('heading').textContent).toBe(
      'Taking water acrylic colour off again, leaving lacquer colour',
    )
    expect(screen.getByRole('listitem').textContent).toMatch(
      /^Water on a damp brushuntil .*, 35 min$/,
    )
  })

  it('keeps ways that hurt to itself while there is a clean one', () => {
    render(<UndoFacts undo={undo([clean, rough])} now={NOW} />)
    expect(screen.getAllByRole('listitem')).toHaveLength(1)
  })

  it('tells them, as one light pass, where there is none', () => {
    render(<UndoFacts undo={undo([rough])} now={NOW} />)
    expect(screen.getByRole('listitem').textContent).toContain('one light pass')
    expect(screen.getByRole('listitem').textContent).toContain('at any time')
  })

  it('tells no way whose time is over', () => {
    render(<UndoFacts undo={undo([{ ...clean, until: NOW - 1 }, rough])} now={NOW} />)
    expect(screen.getByRole('listitem').textContent).toContain('at any time')
  })

  it('says when no solvent does it', () => {
    render(<UndoFacts undo={undo([])} now={NOW} />)
    expect(screen.getByText(/No solvent does it now/)).toBeTruthy()
  })
})

describe('protection before a start', () => {
  const caution = (id: string) => CAUTIONS.filter((caution) => caution.id === id)

  test.each([
    { id: 'spray', asks: true },
    { id: 'isocyanate', asks: true },
    { id: 'dust', asks: true },
    { id: 'powder', asks: true },
    { id: 'oily-rags', asks: false },
    { id: 'flammable', asks: false },
  ])('$id asks: $asks', ({ id, asks }) => {
    expect(asksProtection(caution(id))).toBe(asks)
  })

  it('is confirmed by one key, left out, or put off', async () => {
    const heard = { onReady: jest.fn(), onWithout: jest.fn(), onClose: jest.fn() }
    render(<Protect cautions={caution('spray')} {...heard} />)
    await userEvent.keyboard('{Enter}')
    expect(heard.onReady).toHaveBeenCalledTimes(1)
    await userEvent.click(screen.getByRole('button', { name: 'Start without' }))
    expect(heard.onWithout).toHaveBeenCalledTimes(1)
    await userEvent.keyboard('{Escape}')
    expect(heard.onClose).toHaveBeenCalledTimes(1)
  })
})
