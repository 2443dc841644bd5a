import type { Sequence, Step } from '../../model/sequence'
import { simulate } from '../simulate/simulate'
import { EXAMPLE } from '../tests/sequences'
import { coatsToCover } from './coatsToCover'
import type { BottleAtHand } from './stepContext'

const prime = (colour: string): Step => ({ do: 'prime', family: 'lacquer', colour })
const base = (more: object = {}): Step =>
  ({ do: 'base', family: 'lacquer', colour: '#A8231F', coats: ['light', 'light'], ...more }) as Step

function covers(...steps: Step[]) {
  return coversFrom([], ...steps)
}

function coversFrom(shelf: readonly BottleAtHand[], ...steps: Step[]) {
  const sequence: Sequence = { ...EXAMPLE, waits: 'auto', steps }
  const last = simulate(sequence, { shelf }).simulated.at(-1)
  if (!last) throw new Error('nothing was walked')
  return coatsToCover(last.context)
}

it('a red takes more coats over black than over a brown like it', () => {
  const dark = covers(prime('#222223'), base())?.toCover as number
  const near = covers(prime('#7A2A20'), base())?.toCover as number
  expect(dark).toBeGreaterThan(near)
})

it('thinner paint takes more of them, wetter coats fewer', () => {
  const usual = covers(prime('#E9E9E6'), base())?.toCover as number
  expect(covers(prime('#E9E9E6'), base({ thinning: 0.75 }))?.toCover).toBeGreaterThan(usual)
  expect(covers(prime('#E9E9E6'), base({ coats: ['wet'] }))?.toCover).toBeLessThan(usual)
})

it('what is left is more than the limit exactly while too few are planned', () => {
  for (const count of [1, 2, 3, 6, 12]) {
    const cover = covers(prime('#E9E9E6'), base({ coats: Array(count).fill('light') }))
    const enough = (cover?.toCover ?? Number.POSITIVE_INFINITY) <= count
    expect((cover?.left ?? 0) < 1.5).toBe(enough)
    expect(cover?.planned).toBe(count)
  }
})

it('a bottle with a swatch card covers as that says, not as its colour usually does', () => {
  const red: BottleAtHand = { name: 'Red', family: 'lacquer', role: 'colour', colour: '#a8231f' }
  const steps = [prime('#E9E9E6'), base()]
  const usual = covers(...steps)?.toCover
  expect(coversFrom([red], ...steps)?.toCover).toBe(usual)
  expect(coversFrom([{ ...red, hiding: 1 }], ...steps)?.toCover).toBeLessThan(usual as number)
  expect(coversFrom([{ ...red, hiding: 15 }], ...steps)?.toCover).toBeGreaterThan(usual as number)
  const other: BottleAtHand = { ...red, family: 'enamel', hiding: 1 }
  expect(coversFrom([other], ...steps)?.toCover).toBe(usual)
})

it('a bottle that was thinned takes more coats, and one that is ready to use no thinner', () => {
  const red: BottleAtHand = { name: 'Red', family: 'lacquer', role: 'colour', colour: '#A8231F' }
  const steps = [prime('#E9E9E6'), base()]
  const usual = coversFrom([red], ...steps)?.toCover as number
  expect(coversFrom([{ ...red, share: 0.5 }], ...steps)?.toCover).toBeGreaterThan(usual)
  expect(coversFrom([{ ...red, workingStrength: true }], ...steps)?.toCover).toBe(usual)
})

it('an undercoat that a bottle wants is missed where another lies there', () => {
  const red: BottleAtHand = { name: 'Red', family: 'lacquer', role: 'colour', colour: '#A8231F' }
  const pair = (undercoat: string | undefined, under: string) =>
    coversFrom([{ ...red, undercoat }], prime(under), base())?.pair
  expect(pair(undefined, '#222223')).toBeNull()
  expect(pair('#E9E9E6', '#222223')).toMatchObject({ wanted: '#E9E9E6' })
  expect(pair('#E9E9E6', '#222223')?.shift).toBeGreaterThan(5)
  expect(pair('#E9E9E6', '#E9E9E6')?.shift).toBeLessThan(0.5)
})

it.each([
  ['a clear', { do: 'clear', family: 'lacquer', sheen: 'gloss' }],
  ['no colour', { do: 'base', family: 'lacquer' }],
  ['a patchy film', { do: 'mottle', family: 'lacquer', colour: '#A8231F' }],
])('%s has none', (_, step) => {
  expect(covers(prime('#E9E9E6'), step as Step)).toBeNull()
})
