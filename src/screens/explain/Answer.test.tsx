/** @jest-environment jsdom */
import { render, screen, within } from '@testing-library/react'
import { REFERENCE_CLIMATE } from '@/core/model/climate'
import type { Substrate } from '@/core/model/vocabulary'
import { explain } from '@/core/stack/questions/explain'
import { Answer } from './Answer'
import { asked, FILMS, filmOf, filmOfStep } from './films'

function ask(put: string, on: string, substrate: Substrate = 'polystyrene', coat = '') {
  const [upper, lower] = [filmOf(put), filmOf(on)]
  if (!upper || !lower) throw new Error('no such film')
  const found = explain(
    asked(lower, 'gloss', ''),
    asked(upper, 'gloss', coat),
    substrate,
    REFERENCE_CLIMATE,
  )
  render(<Answer found={found} on={lower} put={upper} substrate={substrate} />)
  return found
}

test.each([
  { put: 'base.alcohol-acrylic', on: 'prime.lacquer', word: 'Yes', from: 'from 1 h on' },
  { put: 'clear.lacquer', on: 'base.enamel', word: 'Yes', from: 'from 7 d on' },
  { put: 'clear.lacquer', on: 'chrome.chrome-ink', word: 'No', from: 'at no time' },
  { put: 'line.enamel-wash', on: 'base.enamel', word: 'Yes', from: 'from 7 d on' },
])('$put on $on: $word, $from', ({ put, on, word, from }) => {
  ask(put, on)
  expect(screen.getByText(word)).toBeTruthy()
  expect(screen.getByText(from)).toBeTruthy()
})

it('one mistake is one message: what follows from it isn’t told beside it', () => {
  ask('clear.lacquer', 'base.enamel')
  const first = screen.getAllByRole('listitem')[0] as HTMLElement
  expect(within(first).getAllByText('Stop')).toHaveLength(1)
})

it('says until when it keys, what shields, and what the bare part suffers', () => {
  ask('base.lacquer', 'clear.urethane-2k')
  expect(screen.getByText(/without a scuff until 24 h/)).toBeTruthy()
  expect(screen.getByText('No clear goes between the two.')).toBeTruthy()
  expect(screen.getByText('Nothing to fear.')).toBeTruthy()
})

it('names what takes it off again, or says that nothing does', () => {
  ask('detail.water-acrylic', 'base.lacquer')
  const off = screen.getByText('Takes water acrylic by brush off again')
    .parentElement as HTMLElement
  expect(within(off).getAllByRole('listitem')[0]?.textContent).toBe(
    'Water, on a damp brush · while fresh, until 1 h 30 min',
  )
})

it('spirit on bare ABS is told for the part', () => {
  ask('line.enamel-wash', 'clear.lacquer', 'abs')
  expect(screen.getByText(/creeps into its joints and cracks them/)).toBeTruthy()
})

it('every film can be put on every other', () => {
  for (const upper of FILMS)
    for (const lower of FILMS) {
      const found = explain(
        asked(lower, 'satin', ''),
        asked(upper, 'satin', ''),
        'polystyrene',
        REFERENCE_CLIMATE,
      )
      expect(found.moments.length).toBeGreaterThan(0)
    }
})

it('a step of a build is asked about as the film that it lays', () => {
  const build = {
    id: 'b',
    name: 'B',
    parts: [{ id: 'p', name: 'P', substrate: 'polystyrene' as const }],
    steps: [
      {
        id: '1',
        parts: ['p'],
        do: 'clear' as const,
        family: 'lacquer' as const,
        sheen: 'matt' as const,
      },
      { id: '2', parts: ['p'], do: 'soot' as const, family: 'lacquer' as const },
      { id: '3', parts: ['p'], do: 'assemble' as const },
    ],
  }
  expect(filmOfStep(build, '1')?.say).toBe('Lacquer clear')
  expect(filmOfStep(build, '2')?.step.family).toBe('lacquer')
  expect(filmOfStep(build, '3')).toBeNull()
  expect(filmOfStep(undefined, '1')).toBeNull()
})
