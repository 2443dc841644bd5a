/** @jest-environment jsdom */
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Button } from './Button'
import { ClockFigure } from './ClockFigure'
import { DryingLine, type Peg } from './DryingLine'
import { SelectField, TextField } from './Field'
import { MeasuringCup } from './MeasuringCup'
import { SeverityMark } from './Severity'

afterEach(cleanup)

const NOW = Date.parse('2026-03-17T18:25:00Z')
const MINUTE = 60_000

describe('Button', () => {
  it('shows the key that does the same, and is a button that submits nothing by itself', () => {
    render(<Button hotkey="D">Coat done</Button>)
    const button = screen.getByRole('button', { name: /Coat done/ })
    expect(button.textContent).toContain('D')
    expect(button.getAttribute('type')).toBe('button')
  })
})

describe('fields', () => {
  it('say what is wrong beside them, to readers too', () => {
    render(<TextField label="Volume" unit="ml" error="Found -3, expected more" defaultValue="-3" />)
    const field = screen.getByLabelText('Volume (ml)')
    expect(field.getAttribute('aria-invalid')).toBe('true')
    const told = document.getElementById(field.getAttribute('aria-describedby') ?? '')
    expect(told?.textContent).toBe('Found -3, expected more')
  })
  it('that are right say nothing', () => {
    render(<SelectField label="Cup" choices={[{ value: '5', say: '5 ml' }]} />)
    expect(screen.getByLabelText('Cup').hasAttribute('aria-invalid')).toBe(false)
    expect(screen.getByRole('option').textContent).toBe('5 ml')
  })
  it('a list of a thousand is made when it is turned to, and says before what is chosen', () => {
    const choices = Array.from({ length: 1000 }, (_, i) => ({ value: `b${i}`, say: `Bottle ${i}` }))
    const onChange = jest.fn()
    render(<SelectField label="Paint" value="b7" onChange={onChange} choices={choices} />)
    const told = () => screen.getAllByRole('option').map(({ textContent }) => textContent)
    expect(told()).toEqual(['Bottle 7'])
    fireEvent.focus(screen.getByLabelText('Paint'))
    expect(told()).toEqual(choices.map(({ say }) => say))
    expect((screen.getByLabelText('Paint') as HTMLSelectElement).value).toBe('b7')
    fireEvent.change(screen.getByLabelText('Paint'), { target: { value: 'b900' } })
    expect(onChange).toHaveBeenCalledTimes(1)
  })
  it('a long list that is told no value is made at once: what fills it looks for its choice', () => {
    const choices = Array.from({ length: 61 }, (_, i) => ({ value: `${i}`, say: `${i} ml` }))
    render(<SelectField label="Cup" defaultValue="60" choices={choices} />)
    expect((screen.getByLabelText('Cup') as HTMLSelectElement).value).toBe('60')
  })
})

test.each([
  { severity: 'stop', shape: 'rect', word: 'Stop' },
  { severity: 'risk', shape: 'path', word: 'Risk' },
  { severity: 'note', shape: 'circle', word: 'Note' },
] as const)('$severity has a word and a shape of its own', ({ severity, shape, word }) => {
  const { container } = render(<SeverityMark severity={severity} />)
  expect(container.querySelector(`svg ${shape}`)).not.toBeNull()
  expect(container.textContent).toBe(word)
})

describe('ClockFigure', () => {
  it('shows what remains with units, and the time of day', () => {
    render(<ClockFigure at={NOW + 222_000} now={NOW} label="May be done in" over="Now" />)
    const until = document.querySelector('time')
    expect(until?.getAttribute('datetime')).toBe('2026-03-17T18:28:42.000Z')
    expect(document.body.textContent).toContain('3min42s')
  })
  it('says that it is over', () => {
    render(<ClockFigure at={NOW - 1} now={NOW} label="May be done in" over="Now" />)
    expect(screen.getByText('Now')).toBeTruthy()
    expect(document.body.textContent).toContain('since')
  })
})

describe('MeasuringCup', () => {
  const layers = [
    { name: 'Bone White', ml: 4, drops: 112, percentOfMix: 66.7, colour: '#DAD5C4' },
    { name: 'thinner', ml: 2, drops: 72, percentOfMix: 33.3, colour: null },
  ]
  it('shows drops and the fill line of each ingredient', () => {
    render(<MeasuringCup layers={layers} fillMl={6} cupMl={7} fills={1} rounded />)
    expect(document.body.textContent).toContain('112drops')
    expect(screen.getByText('Fill to 4.00 ml')).toBeTruthy()
    expect(screen.getByText('Fill to 6.00 ml')).toBeTruthy()
  })
  it('in several fills, the lines are those of one fill', () => {
    render(<MeasuringCup layers={layers} fillMl={2} cupMl={2} fills={3} rounded />)
    expect(screen.getByText('Fill to 1.33 ml each time')).toBeTruthy()
    expect(screen.getByText('Fill to 2.00 ml each time')).toBeTruthy()
  })
  it('without a cup takes one that is large enough', () => {
    render(<MeasuringCup layers={layers} fillMl={6} cupMl={null} fills={1} rounded={false} />)
    expect(screen.getByText('7 ml')).toBeTruthy()
  })
})

describe('DryingLine', () => {
  const peg = (more: Partial<Peg>): Peg => ({
    id: 'b/p',
    build: 'Skiff',
    part: 'Hull',
    act: 'Base colour, coat 2 of 3',
    outline: null,
    colour: null,
    progress: 0.5,
    readyAt: NOW + 4 * MINUTE,
    closesAt: null,
    kind: 'drying',
    log: null,
    ...more,
  })
  it('empty says how parts come to hang there', () => {
    render(<DryingLine pegs={[]} now={NOW} onOpen={() => undefined} />)
    expect(screen.getByText(/Nothing is drying/)).toBeTruthy()
  })
  test.each([
    { peg: peg({}), says: '4 min' },
    { peg: peg({ kind: 'ready', readyAt: NOW }), says: 'ready: Base colour' },
    {
      peg: peg({ kind: 'closing', readyAt: NOW, closesAt: NOW + 52 * MINUTE }),
      says: 'closes in 52 min',
    },
  ])('a peg says $says', ({ peg: one, says }) => {
    render(<DryingLine pegs={[one]} now={NOW} onOpen={() => undefined} />)
    expect(screen.getByRole('button').textContent).toContain(says)
  })
  it('only a closing window pulses', () => {
    const kinds = (['closing', 'running', 'ready', 'drying'] as const).map((kind) => {
      const readyAt = kind === 'drying' ? NOW + MINUTE : NOW
      const one = peg({ kind, readyAt, closesAt: NOW + MINUTE })
      const { container, unmount } = render(
        <DryingLine pegs={[one]} now={NOW} onOpen={() => undefined} />,
      )
      const pulses = container.querySelector('.closing') !== null
      unmount()
      return pulses
    })
    expect(kinds).toEqual([true, false, false, false])
  })
  it('pulses anew with each minute it loses, not with each look at the clock', () => {
    const one = peg({ kind: 'closing', readyAt: NOW, closesAt: NOW + 3 * MINUTE })
    const line = (now: number) => <DryingLine pegs={[one]} now={now} onOpen={() => undefined} />
    const { container, rerender } = render(line(NOW))
    const pulse = () => container.querySelector('.closing')
    const first = pulse()
    rerender(line(NOW + 0.9 * MINUTE))
    expect(pulse()).toBe(first)
    rerender(line(NOW + 1.1 * MINUTE))
    expect(pulse()).not.toBe(first)
    expect(pulse()).not.toBeNull()
  })
  it('opened, logs the act in one click', async () => {
    const run = jest.fn()
    const one = peg({ kind: 'ready', readyAt: NOW, log: { say: 'Log coat 2 as done', run } })
    render(<DryingLine pegs={[one]} now={NOW} onOpen={() => undefined} />)
    await userEvent.click(screen.getByRole('button'))
    await userEvent.click(screen.getByRole('button', { name: 'Log coat 2 as done' }))
    expect(run).toHaveBeenCalledTimes(1)
  })
  it('closed again gives the focus back to the peg, and a second click closes it too', async () => {
    render(<DryingLine pegs={[peg({})]} now={NOW} onOpen={() => undefined} />)
    const hook = screen.getByRole('button')
    await userEvent.click(hook)
    expect(hook.getAttribute('aria-expanded')).toBe('true')
    await userEvent.keyboard('{Escape}')
    await waitFor(() => expect(document.activeElement).toBe(hook))
    expect(hook.getAttribute('aria-expanded')).toBe('false')
    await userEvent.click(hook)
    expect(screen.getByRole('dialog')).toBeTruthy()
    await userEvent.click(hook)
    expect(screen.queryByRole('dialog')).toBeNull()
  })
  it('opens the part at the bench', async () => {
    const onOpen = jest.fn()
    render(<DryingLine pegs={[peg({})]} now={NOW} onOpen={onOpen} />)
    await userEvent.click(screen.getByRole('button'))
    await userEvent.click(screen.getByRole('button', { name: 'Open at the bench' }))
    expect(onOpen).toHaveBeenCalledWith('b/p')
  })
})
