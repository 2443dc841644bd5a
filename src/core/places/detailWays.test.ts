import { type Detail, detailWays } from './detailWays'

const ways = (detail: Detail) => detailWays(detail).map(({ way }) => way)

it.each<[string, Detail, string[]]>([
  ['a small one by brush', { areaCm2: 2, edgeMm: 60 }, ['brush', 'mask']],
  ['a large one under a mask', { areaCm2: 30, edgeMm: 120 }, ['mask', 'brush']],
  [
    'a soft edge freehand',
    { areaCm2: 10, edgeMm: 120, softEdge: true },
    ['freehand', 'mask', 'brush'],
  ],
  [
    'a shallow recess by a wash',
    { areaCm2: 3, edgeMm: 40, recessMm: 1.9 },
    ['wash-fill', 'brush', 'mask'],
  ],
  ['a deep one not', { areaCm2: 3, edgeMm: 40, recessMm: 2 }, ['brush', 'mask']],
])('%s', (_, detail, order) => {
  expect(ways(detail)).toEqual(order)
})

it('tells the minutes of all', () => {
  expect(detailWays({ areaCm2: 6, edgeMm: 120, softEdge: true, recessMm: 1 })).toEqual([
    { way: 'wash-fill', minutes: 2 },
    { way: 'freehand', minutes: expect.closeTo(3.1, 6) },
    { way: 'brush', minutes: expect.closeTo(7, 6) },
    { way: 'mask', minutes: expect.closeTo(2 + 2 + 1 + 3.1 + 0.4, 6) },
  ])
})
