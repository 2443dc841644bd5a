/** @jest-environment jsdom */
import { cleanup, render, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { FAMILIES, SHEENS } from '@/core/model/vocabulary'
import { Button } from './Button'
import { ClockFigure } from './ClockFigure'
import { CoreSample, type SampleRow } from './CoreSample'
import { DryingLine, type Peg } from './DryingLine'
import { SelectField, TextField } from './Field'
import { FilmBand } from './FilmBand'
import { FAMILY_TEXTURE } from './filmTexture'
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

describe('FilmBand', () => {
  it('has a texture for every family', () => {
    expect(Object.keys(FAMILY_TEXTURE).sort()).toEqual([...FAMILIES].sort())
    for (const family of FAMILIES) {
      const { container, unmount } = render(
        <FilmBand family={family} colour="#2F6B6A" sheen="matt" patchy={false} settled={1} />,
      )
      expect(container.querySelector('pattern')?.innerHTML).toMatch(/path|circle/)
      unmount()
    }
  })
  it('tells the sheen at its top edge, none for matt', () => {
    const edges = SHEENS.map((sheen) => {
      const { container, unmount } = render(
        <FilmBand family={null} colour={null} sheen={sheen} patchy={false} settled={1} />,
      )
      const edge = [...container.querySelectorAll('rect')].find(
        (element) => element.getAttribute('y') === '0',
      )
      const height = Number(edge?.getAttribute('height') ?? 0)
      unmount()
      return height
    })
    expect(edges).toEqual([...edges].sort((a, b) => b - a))
    expect(edges.at(-1)).toBe(0)
  })
  it('is broken where it is patchy, and veiled while it is fresh', () => {
    const patchy = render(<FilmBand family="oil" colour={null} sheen={null} patchy settled={1} />)
    expect(patchy.container.querySelector('mask')).not.toBeNull()
    patchy.unmount()
    const veil = (settled: number) => {
      const { container, unmount } = render(
        <FilmBand family="oil" colour={null} sheen={null} patchy={false} settled={settled} />,
      )
      const count = container.querySelectorAll('g > rect').length
      unmount()
      return count
    }
    expect(veil(0.1)).toBe(veil(1) + 1)
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
  it('opened, logs the act in one click', async () => {
    const run = jest.fn()
    const one = peg({ kind: 'ready', readyAt: NOW, log: { say: 'Log coat 2 as done', run } })
    render(<DryingLine pegs={[one]} now={NOW} onOpen={() => undefined} />)
    await userEvent.click(screen.getByRole('button'))
    await userEvent.click(screen.getByRole('button', { name: 'Log coat 2 as done' }))
    expect(run).toHaveBeenCalledTimes(1)
  })
  it('opens the part at the bench', async () => {
    const onOpen = jest.fn()
    render(<DryingLine pegs={[peg({})]} now={NOW} onOpen={onOpen} />)
    await userEvent.click(screen.getByRole('button'))
    await userEvent.click(screen.getByRole('button', { name: 'Open at the bench' }))
    expect(onOpen).toHaveBeenCalledWith('b/p')
  })
})

describe('CoreSample', () => {
  const row = (id: string, more: Partial<SampleRow> = {}): SampleRow => ({
    id,
    name: id,
    detail: '',
    when: '',
    soonest: null,
    band: null,
    under: null,
    coats: 1,
    done: false,
    current: false,
    findings: null,
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

  it('findings stand under their step', () => {
    sample({ rows: [row('Base', { findings: <p>No release coat</p> })] })
    const step = list().querySelector<HTMLElement>('[data-step="Base"]')
    expect(step && within(step).getByText('No release coat')).toBeTruthy()
  })
})
