import fc from 'fast-check'
import type { Climate } from '../../model/climate'
import type { ActStep } from '../../model/sequence'
import { simulate } from '../simulate/simulate'
import { sequence } from '../tests/sequences'
import { explain } from './explain'

const FILMS: readonly ActStep[] = [
  { do: 'prime', family: 'lacquer' },
  { do: 'base', family: 'lacquer' },
  { do: 'base', family: 'alcohol-acrylic' },
  { do: 'base', family: 'water-acrylic' },
  { do: 'base', family: 'enamel' },
  { do: 'clear', family: 'lacquer', sheen: 'gloss' },
  { do: 'clear', family: 'acrylic-pu', sheen: 'gloss' },
  { do: 'line', family: 'enamel-wash' },
  { do: 'oil-dots', family: 'oil' },
  { do: 'decal', family: 'decal' },
]

const pair = fc.record({
  on: fc.constantFrom(...FILMS),
  put: fc.constantFrom(...FILMS),
  celsius: fc.constantFrom(13, 20, 27),
  humidity: fc.constantFrom(35, 50, 65),
})

it('the first good minute is the wait that a plan fills in', () => {
  fc.assert(
    fc.property(pair, ({ on, put, celsius, humidity }) => {
      const climate: Climate = { celsius, humidity, air: 'room' }
      const found = explain(on, put, 'polystyrene', climate)
      const planned = simulate(sequence([on, put], { waits: 'auto', climate }))
      const [lower, upper] = planned.simulated
      const waited = (upper?.context.at ?? 0) - (lower?.ends.at(-1) ?? 0)
      const calm = found.moments.find((moment) => moment.after >= waited - 1e-6)
      if (found.from === null) return
      expect(waited).toBeGreaterThanOrEqual(found.from - 1e-6)
      expect(calm?.worst ?? 'note').toBe('note')
    }),
    { numRuns: 150, seed: 20261128 },
  )
})

it('a colder room never lets it on sooner', () => {
  fc.assert(
    fc.property(pair, ({ on, put, humidity }) => {
      const at = (celsius: number) =>
        explain(on, put, 'polystyrene', { celsius, humidity, air: 'room' }).from
      const warm = at(26)
      const cold = at(14)
      if (warm === null || cold === null) return
      expect(cold).toBeGreaterThanOrEqual(warm)
    }),
    { numRuns: 100, seed: 20261129 },
  )
})
