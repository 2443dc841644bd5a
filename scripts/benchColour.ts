import { type MatchBottle, match } from '../src/core/colour'
import { yardstickMs } from './yardstick'

const yardstick = yardstickMs()

/** Repeatable numbers from 0 to 1. */
function numbers(seed: number): () => number {
  let state = seed
  return () => {
    state = (state * 48271) % 2147483647
    return state / 2147483647
  }
}

const BOTTLES = 300

/** A shelf of colours between a least and a most value of every channel. */
function shelf(next: () => number, least: number, most: number): MatchBottle[] {
  const channel = () =>
    Math.floor(least + next() * (most - least))
      .toString(16)
      .padStart(2, '0')
  return Array.from({ length: BOTTLES }, (_, i) => ({
    name: `bottle ${i}`,
    masstone: `#${channel()}${channel()}${channel()}`,
    hiding: 0.5 + next() * 8,
    strength: 0.5 + next() * 3,
  }))
}

const CASES = [
  { name: 'any colours, a middle blue', target: '#3874C6', least: 0, most: 256 },
  { name: 'any colours, a violet', target: '#721F95', least: 0, most: 256 },
  { name: 'any colours, an off-white', target: '#E9E6DC', least: 0, most: 256 },
  { name: 'any colours, near black', target: '#1B1D1E', least: 0, most: 256 },
  { name: 'dull colours, one out of reach', target: '#FD029D', least: 70, most: 180 },
]

// Recipes of three of 300 bottles and up to twelve drops: the first search reckons the curves of all bottles too.
for (const [i, { name, target, least, most }] of CASES.entries()) {
  const bottles = shelf(numbers(i + 1), least, most)
  const run = () => {
    const began = performance.now()
    const [first] = match(target, bottles, { maxBottles: 3, maxDrops: 12 })
    return { ms: performance.now() - began, off: first?.deltaE00 ?? 0 }
  }
  const cold = run()
  const warm = run()
  console.log(
    `${name}: ${cold.ms.toFixed(0)} ms, again ${warm.ms.toFixed(0)} ms, ${(warm.ms / yardstick).toFixed(0)} yardsticks (ΔE00 ${cold.off.toFixed(2)})`,
  )
}
