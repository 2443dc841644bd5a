import type { Bottle } from '@/core/model/bottle'
import { type Amount, BEGIN, cupSizes, type Line, readMix, requestOf, thinnedTo } from './request'

const SHELF: Bottle[] = [
  {
    id: 'bone',
    name: 'Bone',
    family: 'lacquer',
    role: 'colour',
    sizeMl: 20,
    leftMl: 9,
    share: 0.8,
  },
  { id: 'thin', name: 'Levelling', family: 'lacquer', role: 'thinner', sizeMl: 90, leftMl: 60 },
]
const VOLUME: Amount = {
  by: 'volume',
  volume: '6',
  area: '374',
  coats: 'light, light',
  tool: 'airbrush',
  open: false,
}
const read = (lines: readonly Line[], amount: Partial<Amount> = {}, cup = '') =>
  readMix(requestOf(lines, { ...VOLUME, ...amount }, cup, SHELF))

it('begins as two parts of paint and one of thinner', () => {
  const { mixed } = read(BEGIN)
  expect(mixed?.ratio).toBe('paint 2 : thinner 1')
  expect(mixed?.totalMl).toBe(6)
})

it('a bottle gives its name; a decimal comma is read', () => {
  const lines = BEGIN.map((line) => ({ ...line, bottle: line.key === 1 ? 'bone' : 'thin' }))
  const { mixed } = read(lines, { volume: '6,5' }, '7')
  expect(mixed?.ingredients.map((ingredient) => ingredient.name)).toEqual(['Bone', 'Levelling'])
  expect(mixed?.totalMl).toBe(6.5)
})

it('an area with its coats and a cup comes in fills', () => {
  const { mixed } = read(BEGIN, { by: 'area', coats: 'light light, wet' }, '2')
  expect(mixed?.fills).toBe(3)
  expect(mixed?.totalMl).toBeCloseTo(
    (374 * 0.006) / 0.65 + 3 * 0.4 + ((374 * 0.006) / 0.65 + 1.2) * 0.15,
    6,
  )
})

it('a cup that lays nothing is refused in its own field', () => {
  const { mixed, errors } = read(BEGIN, { by: 'area', coats: 'light' }, '0.4')
  expect(mixed).toBeNull()
  expect(errors.cupMl).toMatch(/^Enter a cup of more than 0.46 ml.*, not 0.4$/)
  expect(read(BEGIN, {}, '0.4').mixed?.fills).toBeGreaterThan(1)
})

test.each([
  [{ volume: '-1' }, 'volumeMl', /Enter a number from 0\.01/],
  [{ volume: 'much' }, 'volumeMl', /not “much”/],
  [{ by: 'area', area: '' }, 'volumeMl', /./],
  [{ by: 'area', coats: 'light, heavy' }, 'coats[1]', /Enter mist, light, wet/],
] as [Partial<Amount>, string, RegExp][])('%j is refused at %s', (amount, path, words) => {
  const { mixed, errors } = read(BEGIN, amount)
  expect(mixed).toBeNull()
  expect(errors[path] ?? Object.values(errors)[0]).toMatch(words)
})

it('no paint first is refused in its own field', () => {
  const lines = BEGIN.map((line) => ({ ...line, share: '0' }))
  expect(read(lines).errors['ingredients[0].share']).toMatch(/more than 0 %/)
})

test.each([
  [0.25, '0.667'],
  [0.5, '2'],
  [0.6, '3'],
])('thinned to %d of the mix, two parts of paint take %s of thinner', (share, parts) => {
  const thinned = thinnedTo(BEGIN, share, SHELF)
  expect(thinned.map((line) => line.parts)).toEqual(['2', parts])
  const total = thinned.reduce((sum, line) => sum + Number(line.parts), 0)
  expect(Number(thinned[1]?.parts) / total).toBeCloseTo(share, 3)
})

it('a thinner is added where there is none, and known by its role where it has another name', () => {
  const added = thinnedTo([{ ...(BEGIN[0] as Line), bottle: 'bone' }], 0.5, SHELF)
  expect(added.map((one) => [one.name, one.parts])).toEqual([
    ['paint', '2'],
    ['thinner', '2'],
  ])
  const byRole = BEGIN.map((line) => ({
    ...line,
    name: 'x',
    bottle: line.key === 1 ? 'bone' : 'thin',
  }))
  expect(thinnedTo(byRole, 0.5, SHELF).map((one) => one.parts)).toEqual(['2', '2'])
})

it('cups are the usual ones and those of the shelf, each once', () => {
  const cup = (id: string, holdsMl: number) => ({ id, kind: 'cup' as const, name: id, holdsMl })
  expect(cupSizes([cup('a', 3), cup('b', 7)])).toEqual([2, 3, 5, 7, 9])
})
