import { blendAnswer, readBlend } from './blendFile'
import { coverAnswer, readCover } from './coverFile'
import { matchAnswer, readMatch } from './matchFile'

const RED = { masstone: '#A8231F', hiding: 5, strength: 1 }
const COVER = { paint: RED, over: ['#FFFFFF', '#8C8C8C', '#111111'], coats: 6, share: 1 }
const BOTTLES = [
  { name: 'white', masstone: '#F4F4F2', hiding: 4 },
  { name: 'black', masstone: '#1A1A1A', hiding: 1, strength: 3 },
  { name: 'green', masstone: '#2F6B4A', hiding: 2 },
]
const MATCH = { target: '#7C8A84', bottles: BOTTLES }
const BLEND = {
  bottles: BOTTLES,
  recipes: [
    [5, 1, 2],
    [1, 0, 0],
  ],
}

function covered(request: object) {
  const parsed = readCover(request)
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems))
  return coverAnswer(parsed.value)
}

test.each([
  { read: readCover, value: 7, path: '', expected: 'tectoria-cover' },
  {
    read: readCover,
    value: { ...COVER, format: 'tectoria-mix' },
    path: 'format',
    expected: 'tectoria-cover',
  },
  { read: readCover, value: { ...COVER, version: 2 }, path: 'version', expected: 'newer' },
  { read: readCover, value: { ...COVER, coats: 31 }, path: 'coats', expected: '1 to 30' },
  { read: readCover, value: { ...COVER, share: 0 }, path: 'share', expected: 'paint share' },
  { read: readCover, value: { ...COVER, over: [] }, path: 'over', expected: '1 to 100' },
  { read: readCover, value: { ...COVER, over: ['white'] }, path: 'over[0]', expected: '#C9C4B4' },
  {
    read: readCover,
    value: { ...COVER, paint: { ...RED, hiding: 0 } },
    path: 'paint.hiding',
    expected: '0.2',
  },
  { read: readMatch, value: { ...MATCH, target: '#12' }, path: 'target', expected: '#C9C4B4' },
  { read: readMatch, value: { ...MATCH, maxBottles: 5 }, path: 'maxBottles', expected: '1 to 4' },
  { read: readMatch, value: { ...MATCH, maxDrops: 2.5 }, path: 'maxDrops', expected: 'whole' },
  { read: readMatch, value: { ...MATCH, bottles: [] }, path: 'bottles', expected: '1 to 1000' },
  {
    read: readMatch,
    value: { ...MATCH, bottles: [{ masstone: '#FFFFFF' }] },
    path: 'bottles[0].name',
    expected: 'name',
  },
  {
    read: readBlend,
    value: { ...BLEND, recipes: [[1, 2]] },
    path: 'recipes[0]',
    expected: '3 bottles',
  },
  {
    read: readBlend,
    value: { ...BLEND, recipes: [[0, 0, 0]] },
    path: 'recipes[0]',
    expected: 'one drop',
  },
  {
    read: readBlend,
    value: { ...BLEND, recipes: [[1, -1, 0]] },
    path: 'recipes[0][1]',
    expected: 'whole',
  },
])(
  '$path of a colour request is refused with what was expected',
  ({ read, value, path, expected }) => {
    const parsed = read(value)
    expect(parsed.ok).toBe(false)
    if (parsed.ok) return
    expect(parsed.problems[0]?.path).toBe(path)
    expect(parsed.problems[0]?.expected).toContain(expected)
  },
)

it('cover shows every coat over every background', () => {
  const { over } = covered(COVER)
  expect(over.map((one) => one.background)).toEqual(COVER.over)
  for (const { coats, deltaE00, toCover } of over) {
    expect(coats).toHaveLength(6)
    expect(deltaE00).toEqual(deltaE00.toSorted((a, b) => b - a))
    expect(deltaE00.findIndex((off) => off < 1.5) + 1).toBe(toCover)
  }
})

it.each([
  ['a thinned bottle', { ...COVER, share: 0.5 }],
  ['thinner coats', { ...COVER, paint: { ...RED, film: 0.5 } }],
])('%s: two coats are as one', (_, request) => {
  const [half] = covered(request).over
  const [whole] = covered(COVER).over
  expect(half?.coats[1]).toBe(whole?.coats[0])
  expect(half?.deltaE00[3]).toBeCloseTo(whole?.deltaE00[1] ?? 0, 3)
})

it('a colour that can’t cover in a hundred coats has none', () => {
  const [one] = covered({ ...COVER, paint: { masstone: '#A8231F', hiding: 200 } }).over
  expect(one?.toCover).toBeNull()
})

it('match and blend say the same colour', () => {
  const parsed = readMatch(MATCH)
  const mixed = readBlend(BLEND)
  if (!parsed.ok || !mixed.ok) throw new Error('the examples don’t read')
  const [first] = matchAnswer(parsed.value).recipes
  expect(first?.parts.map((part) => part.drops)).toEqual([5, 1, 2])
  const { predicted, lab } = blendAnswer(mixed.value)
  expect(predicted[0]).toBe(first?.predicted)
  expect(predicted[1]).toBe('#F4F4F2')
  expect(lab[0]?.every((value) => Number(value.toFixed(3)) === value)).toBe(true)
})

it('a white that absorbs nothing is told', () => {
  expect(covered({ ...COVER, paint: { masstone: '#FFFFFF' } }).warnings[0]).toContain('#F4F4F2')
  expect(covered(COVER).warnings).toEqual([])
})
