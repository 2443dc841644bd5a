import fc from 'fast-check'
import { mix } from '@/core/mixing'
import type { Bottle } from '@/core/model/bottle'
import { isPaint, keptMix, mixedColour } from './keep'
import { type Line, readMix, requestOf } from './request'

const bottle = (id: string, more: Partial<Bottle> = {}): Bottle => ({
  id,
  name: id,
  family: 'alcohol-acrylic',
  role: 'colour',
  colour: '#2F6B6A',
  sizeMl: 100,
  leftMl: 100,
  ...more,
})
const SHELF = [
  bottle('teal', { share: 0.8, dropsPerMl: 25 }),
  bottle('ochre', { colour: '#B98A2F' }),
  bottle('thinner', { role: 'thinner', colour: undefined, leftMl: 40 }),
]
const line = (key: number, bottleId: string, parts: number, share = ''): Line => ({
  key,
  bottle: bottleId,
  name: bottleId,
  parts: String(parts),
  share,
})
const amount = (volume: number) => ({
  by: 'volume' as const,
  volume: String(volume),
  area: '',
  coats: '',
  tool: 'airbrush',
  open: false,
})

function kept(lines: readonly Line[], volume: number, options = { takenOut: true, forBuild: '' }) {
  const { mixed } = readMix(requestOf(lines, amount(volume), '', SHELF))
  if (!mixed) throw new Error('it does not read')
  return { mixed, ...keptMix('Test', lines, mixed, SHELF, options) }
}

const parts = fc.integer({ min: 1, max: 9 })
const THREE = (a: number, b: number, c: number) => [
  line(1, 'teal', a, '80'),
  line(2, 'ochre', b, '100'),
  line(3, 'thinner', c),
]

it('what is mixed is what is drawn from the bottles, to 0.005 ml', () => {
  fc.assert(
    fc.property(
      parts,
      parts,
      fc.integer({ min: 4, max: 20 }),
      fc.integer({ min: 1, max: 40 }),
      (a, b, c, ml) => {
        const { mixed, drawn } = kept(THREE(a, b, c), ml)
        for (const [i, id] of ['teal', 'ochre', 'thinner'].entries()) {
          const wanted = mixed.ingredients[i]?.ml ?? 0
          const drew = drawn.find((portion) => portion.bottle === id)?.ml ?? 0
          expect(Math.abs(drew - wanted)).toBeLessThanOrEqual(0.005 + 1e-9)
        }
      },
    ),
    { numRuns: 200 },
  )
})

it('a saved mix is the same mix again, from its own row', () => {
  fc.assert(
    fc.property(parts, parts, fc.integer({ min: 4, max: 20 }), (a, b, c) => {
      const { mixed, mix: stored } = kept(THREE(a, b, c), 12)
      const again = mix({ ingredients: stored.ingredients, volumeMl: 12 })
      again.ingredients.forEach((ingredient, i) => {
        expect(ingredient.ml).toBeCloseTo(mixed.ingredients[i]?.ml ?? 0, 9)
      })
      expect(again.paintShare).toBeCloseTo(mixed.paintShare, 9)
    }),
    { numRuns: 100 },
  )
})

test.each([
  ['nothing is taken out when that isn’t wanted', { takenOut: false, forBuild: '' }, 0, undefined],
  ['for a build and a part', { takenOut: true, forBuild: 'b/p' }, 3, 'b'],
])('%s', (_, options, count, build) => {
  const { drawn, mix: stored } = kept(THREE(1, 1, 4), 10, options)
  expect(drawn).toHaveLength(count)
  expect(stored.build).toBe(build)
})

it('has the family of its first bottle and the colour of all of them', () => {
  const { mix: stored, mixed } = kept(THREE(1, 1, 4), 10)
  expect(stored.family).toBe('alcohol-acrylic')
  expect(stored.colour).toBe(mixedColour(THREE(1, 1, 4), mixed, SHELF))
  expect(mixedColour([line(1, 'thinner', 1)], mixed, SHELF)).toBeNull()
})

test.each([
  ['colour', true],
  ['clear', true],
  ['thinner', false],
  ['flow-aid', false],
] as const)('a %s is paint: %s', (role, paint) => {
  expect(isPaint(bottle('x', { role }))).toBe(paint)
})
