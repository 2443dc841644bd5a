import { readDecalLines, sayDecalLines } from './decalLines'

let count = 0
const read = (text: string, old: Parameters<typeof readDecalLines>[1] = []) =>
  readDecalLines(text, old, () => `n${++count}`)

test.each([
  ['Number 7, 24 x 11, 4', { name: 'Number 7', widthMm: 24, heightMm: 11, count: 4 }],
  [
    'Stripe 96 × 3 mm, 2, left',
    { name: 'Stripe', widthMm: 96, heightMm: 3, count: 2, hand: 'left' },
  ],
  ['Crest: 25,2 by 11.6', { name: 'Crest', widthMm: 25.2, heightMm: 11.6, count: 1 }],
  ['Star 10 x 10 x3', { name: 'Star', widthMm: 10, heightMm: 10, count: 3 }],
  ['Arrow 8x4 right', { name: 'Arrow', widthMm: 8, heightMm: 4, count: 1, hand: 'right' }],
])('%s', (line, expected) => {
  const { decals, problems } = read(line)
  expect(problems).toEqual([])
  expect(decals).toMatchObject([expected])
  expect(read(sayDecalLines(decals), decals).decals).toEqual(decals)
})

test.each([
  ['Crest', 'line 1', '“Crest”'],
  ['\nCrest, big', 'line 2', '“Crest, big”'],
  ['Crest, 2400 x 11', 'line 1, widthMm', '2400'],
])('%j is told, and the others are read', (line, path, found) => {
  const { decals, problems } = read(`${line}\nStar 10 x 10`)
  expect(decals.map(({ name }) => name)).toEqual(['Star'])
  expect(problems).toHaveLength(1)
  expect(problems[0]?.path).toBe(path)
  expect(problems[0]?.found).toContain(found.replaceAll(/[“”]/g, ''))
  expect(problems[0]?.expected).toMatch(/\S/)
})

it('a decal that is still there keeps its id', () => {
  const { decals } = read('Star, 10 x 10, 1\nCrest, 8 x 8, 1')
  const again = read('Crest, 8 x 8, 2\nBand, 30 x 4, 1', decals).decals
  expect(again[0]?.id).toBe(decals[1]?.id)
  expect(decals.map(({ id }) => id)).not.toContain(again[1]?.id)
})
