import { deltaE00, labOf } from '../spectrum'
import { blend, match } from './match'
import type { MatchBottle } from './palette'
import { reducedRatios } from './ratios'

const NEUTRAL: MatchBottle[] = [
  { name: 'white', masstone: '#F4F4F2', hiding: 4 },
  { name: 'black', masstone: '#1A1A1A', hiding: 1, strength: 3 },
  { name: 'blue', masstone: '#2038B0', hiding: 3 },
  { name: 'ochre', masstone: '#B07A2A', hiding: 4 },
]

it('a bottle of that very colour is the whole recipe', () => {
  const [first] = match('#B07A2A', NEUTRAL, { maxBottles: 3, maxDrops: 12 })
  expect(first?.parts).toEqual([{ name: 'ochre', drops: 1, bottle: 3 }])
  expect(first?.deltaE00).toBeLessThan(0.05)
})

it('says the colour that blend says, and never takes more than it may', () => {
  const recipes = match('#6F7C86', NEUTRAL, { maxBottles: 4, maxDrops: 24 })
  for (const { parts, deltaE00: off } of recipes) {
    const drops = NEUTRAL.map((_, i) => parts.find((part) => part.bottle === i)?.drops ?? 0)
    expect(deltaE00(blend(NEUTRAL, drops), labOf('#6F7C86'))).toBeCloseTo(off, 9)
    expect(drops.reduce((sum, drop) => sum + drop, 0)).toBeLessThanOrEqual(24)
  }
})

it('a fourth bottle is taken only where it helps', () => {
  const three = match('#6F6A5C', NEUTRAL, { maxBottles: 3, maxDrops: 24 })[0]
  const four = match('#6F6A5C', NEUTRAL, { maxBottles: 4, maxDrops: 24 })[0]
  expect(four?.deltaE00).toBeLessThanOrEqual((three?.deltaE00 ?? 0) + 0.5)
})

it('progress runs to the end; an empty shelf has no recipe', () => {
  const told: number[] = []
  match('#6F7C86', NEUTRAL, { maxBottles: 3, maxDrops: 5, onProgress: (share) => told.push(share) })
  expect(told.at(-1)).toBe(1)
  expect(told).toEqual([...told].sort((a, b) => a - b))
  expect(match('#6F7C86', [], { maxBottles: 3, maxDrops: 5 })).toEqual([])
})

test.each([
  [1, 12, 1],
  [2, 12, 45],
  [3, 3, 1],
  [3, 4, 4],
])('%d bottles in up to %d drops have %d reduced ratios', (bottles, drops, count) => {
  expect(reducedRatios(bottles, drops)).toHaveLength(count)
})
