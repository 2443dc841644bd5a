/** @jest-environment jsdom */
import { render, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { CoreSample } from './CoreSample'
import type { SampleRow } from './row'

describe('CoreSample', () => {
  const row = (id: string, more: Partial<SampleRow> = {}): SampleRow => ({
    id,
    name: id,
    detail: '',
    when: '',
    soonest: null,
    film: {
      id,
      does: 'film',
      place: 'face',
      coats: [5],
      onFace: 1,
      downTo: null,
      family: 'lacquer',
      colour: '#8B8C8B',
      seen: '#8B8C8B',
      sheen: 'matt',
      translucent: false,
      settled: 'planned',
    },
    done: false,
    current: false,
    findings: null,
    worst: null,
    stage: 'Colour',
    ...more,
  })
  const rows = [row('Prime', { done: true }), row('Base'), row('Gloss'), row('Line')]
  const sample = (more: Partial<Parameters<typeof CoreSample>[0]> = {}) => {
    const heard = {
      onSelect: jest.fn(),
      onMove: jest.fn(),
      onHover: jest.fn(),
      onFold: jest.fn(),
      onPick: jest.fn(),
    }
    render(
      <CoreSample
        rows={rows}
        substrate="polystyrene"
        selected={null}
        editor={null}
        folded={new Set()}
        picked={null}
        {...heard}
        {...more}
      />,
    )
    return heard
  }
  const list = () => screen.getByRole('list', { name: /Core sample/ })

  it('lies with the newest step on top and the substrate at the bottom', () => {
    sample()
    const names = [...list().querySelectorAll('[data-step]')].map((element) =>
      element.getAttribute('data-step'),
    )
    expect(names).toEqual(['Line', 'Gloss', 'Base', 'Prime'])
    const substrate = screen.getByText('polystyrene')
    expect(list().compareDocumentPosition(substrate)).toBe(Node.DOCUMENT_POSITION_FOLLOWING)
  })

  it('chooses a step', async () => {
    const { onSelect } = sample({ selected: 'Base' })
    expect(screen.getByRole('button', { name: 'Base' }).getAttribute('aria-pressed')).toBe('true')
    await userEvent.click(screen.getByRole('button', { name: 'Gloss' }))
    expect(onSelect).toHaveBeenCalledWith('Gloss')
  })

  test.each([
    {
      step: 'Base',
      key: '{Alt>}{ArrowUp}{/Alt}',
      moves: ['Base', 'Line'],
      why: 'up is later: behind the gloss',
    },
    {
      step: 'Line',
      key: '{Alt>}{ArrowDown}{/Alt}',
      moves: ['Line', 'Gloss'],
      why: 'down is earlier',
    },
    { step: 'Gloss', key: '{Alt>}{ArrowUp}{/Alt}', moves: ['Gloss', null], why: 'to the very top' },
    {
      step: 'Base',
      key: '{Alt>}{ArrowDown}{/Alt}',
      moves: null,
      why: 'what is done stays where it is',
    },
    { step: 'Line', key: '{Alt>}{ArrowUp}{/Alt}', moves: null, why: 'nothing is above the top' },
    { step: 'Base', key: '{ArrowUp}', moves: null, why: 'without Alt nothing moves' },
  ])('$step moved with the keyboard: $why', async ({ step, key, moves }) => {
    const { onMove } = sample()
    screen.getByRole('button', { name: step }).focus()
    await userEvent.keyboard(key)
    expect(onMove.mock.calls).toEqual(moves ? [moves] : [])
  })

  it('what is done has no grip', () => {
    sample()
    const grips = screen
      .getAllByRole('button', { name: /^Move / })
      .map((element) => element.getAttribute('aria-label'))
    expect(grips).toEqual(['Move Line', 'Move Gloss', 'Move Base'])
  })

  it('picks steps instead of choosing one, while several are wanted', async () => {
    const { onPick, onSelect } = sample({ picked: new Set(['Gloss']) })
    await userEvent.click(screen.getByRole('button', { name: 'Line' }))
    expect(onPick).toHaveBeenCalledWith('Line')
    expect(onSelect).not.toHaveBeenCalled()
  })

  it('a long one tells its stages, which fold', async () => {
    const many = Array.from({ length: 14 }, (_, i) =>
      row(`Step ${i}`, { stage: i < 6 ? 'Prime' : 'Weathering' }),
    )
    const { onFold } = sample({ rows: many, folded: new Set(['Step 0']) })
    expect(list().querySelectorAll('[data-step]')).toHaveLength(8)
    await userEvent.click(screen.getByRole('button', { name: /^Weathering/ }))
    expect(onFold).toHaveBeenCalledWith('Step 6')
    const prime = screen.getByRole('button', { name: /^Prime/ })
    expect(prime.getAttribute('aria-expanded')).toBe('false')
  })

  it('the fields of the selected step stand in its place', () => {
    sample({ selected: 'Gloss', editor: <p>Its fields</p> })
    const step = list().querySelector<HTMLElement>('[data-step="Gloss"]')
    expect(step && within(step).getByText('Its fields')).toBeTruthy()
    expect(screen.getByRole('button', { name: 'Gloss' }).getAttribute('aria-expanded')).toBe('true')
  })

  it('findings stand under their step', () => {
    sample({ rows: [row('Base', { findings: <p>No release coat</p> })] })
    const step = list().querySelector<HTMLElement>('[data-step="Base"]')
    expect(step && within(step).getByText('No release coat')).toBeTruthy()
  })
})
