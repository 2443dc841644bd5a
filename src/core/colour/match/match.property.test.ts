import fc from 'fast-check'
import { groundOf, ratioOf } from '../optics'
import { deltaE00, labOf } from '../spectrum'
import { blend, match } from './match'
import type { MatchBottle } from './palette'
import { reducedRatios } from './ratios'
import { sightOf } from './sight'

/** A repeatable row of numbers from 0 to 1. */
function numbers(seed: number): () => number {
  let state = seed
  return () => {
    state = (state * 1103515245 + 12345) % 2147483648
    return state / 2147483648
  }
}

function shelf(next: () => number, count: number): MatchBottle[] {
  return Array.from({ length: count }, (_, i) => ({
    name: `bottle ${i}`,
    masstone: hexFrom(next),
    hiding: 0.5 + next() * 8,
    strength: 0.5 + next() * 3,
    share: 0.6 + next() * 0.4,
  }))
}

function hexFrom(next: () => number): string {
  const channel = () =>
    Math.floor(next() * 256)
      .toString(16)
      .padStart(2, '0')
  return `#${channel()}${channel()}${channel()}`
}

/** Every set of bottles with its best difference, by trying everything. */
function bruteForce(target: string, bottles: readonly MatchBottle[], most: number, drops: number) {
  const wanted = labOf(target)
  const best = new Map<string, number>()
  const sets = (from: number, set: number[]): number[][] =>
    set.length === most
      ? [set]
      : [
          ...(set.length > 0 ? [set] : []),
          ...bottles.slice(from).flatMap((_, i) => sets(from + i + 1, [...set, from + i])),
        ]
  for (const set of sets(0, []))
    for (const ratio of reducedRatios(set.length, drops)) {
      const members = set.map((one) => bottles[one] as MatchBottle)
      const off = deltaE00(blend(members, ratio), wanted)
      const key = set.join()
      if (off < (best.get(key) ?? Number.POSITIVE_INFINITY)) best.set(key, off)
    }
  return best
}

const sizeOf = (key: string) => key.split(',').length

it('is as good as trying everything, on 200 random small shelves', () => {
  const next = numbers(11)
  for (let run = 0; run < 200; run++) {
    const bottles = shelf(next, 2 + Math.floor(next() * 4))
    const target = hexFrom(next)
    const drops = 3 + Math.floor(next() * 3)
    const recipes = match(target, bottles, { maxBottles: 3, maxDrops: drops })
    const all = bruteForce(target, bottles, 3, drops)
    const least = Math.min(...all.values())
    const bestOf = (size: number) =>
      Math.min(...[...all].filter(([key]) => sizeOf(key) === size).map(([, off]) => off))
    const size = [1, 2, 3].find((one) => bestOf(one) <= least + 0.5) as number
    const [first, ...others] = recipes
    expect(first?.parts).toHaveLength(size)
    expect(first?.deltaE00).toBeLessThanOrEqual(bestOf(size) + 0.05 + 1e-9)
    const key = (recipe: (typeof recipes)[number]) => recipe.parts.map((part) => part.bottle).join()
    const rest = [...all]
      .filter(([one]) => first && one !== key(first))
      .map(([, off]) => off)
      .sort((a, b) => a - b)
    others.forEach((recipe, i) => {
      expect(recipe.deltaE00).toBeLessThanOrEqual((rest[i] as number) + 0.05 + 1e-9)
    })
    expect(recipes).toHaveLength(Math.min(4, all.size))
    expect(new Set(recipes.map(key)).size).toBe(recipes.length)
  }
})

it.each([1, 2, 3])('the screen leaves out nothing that counts, shelf %d', (seed) => {
  const next = numbers(seed * 97)
  const bottles = shelf(next, 27)
  const target = hexFrom(next)
  const screened = match(target, bottles, { maxBottles: 3, maxDrops: 6 })
  const tried = match(target, bottles, { maxBottles: 3, maxDrops: 6, exhaustiveUpTo: 40 })
  expect(screened).toEqual(tried)
})

it.each(['#FD029D', '#28AE08', '#E204A8'])(
  'comes as near as anything does to %s, out of reach',
  (target) => {
    const bottles = shelf(numbers(5), 26).map((bottle) => ({
      ...bottle,
      masstone: dulled(bottle.masstone),
    }))
    const climbed = match(target, bottles, { maxBottles: 3, maxDrops: 6 })
    const tried = match(target, bottles, { maxBottles: 3, maxDrops: 6, exhaustiveUpTo: 40 })
    expect(tried[0]?.deltaE00).toBeGreaterThan(5)
    expect(climbed.map((one) => one.deltaE00)).toEqual(tried.map((one) => one.deltaE00))
  },
)

/** A colour half way to grey. */
function dulled(hex: string): string {
  const half = (at: number) => Math.round((Number.parseInt(hex.slice(at, at + 2), 16) + 128) / 2)
  return `#${[1, 3, 5].map((at) => half(at).toString(16).padStart(2, '0')).join('')}`
}

const hexes = fc
  .integer({ min: 0, max: 0xffffff })
  .map((n) => `#${n.toString(16).padStart(6, '0')}`)

it('gives up a colour only where it is surely over the limit', () => {
  fc.assert(
    fc.property(hexes, hexes, (target, other) => {
      const sight = sightOf(labOf(target))
      const ratio = ratioOf(groundOf(other))
      const exact = sight.difference(ratio, Number.POSITIVE_INFINITY)
      expect(sight.difference(ratio, exact + 1e-9)).toBe(exact)
    }),
    { numRuns: 400 },
  )
})
