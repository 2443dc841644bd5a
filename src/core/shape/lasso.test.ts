import { drawnStandIn } from './drawn'
import { aboveLevel, withinLasso } from './lasso'
import { pictured, USUAL_EYE } from './pictured'

const ball = drawnStandIn({ kind: 'sphere', diameterMm: 30 })
const picture = pictured(ball, USUAL_EYE, 200, 160)
const ALL = [
  [0, 0],
  [200, 0],
  [200, 160],
  [0, 160],
] as const
const middle = (t: number) =>
  [0, 1, 2].map(
    (c) => [0, 3, 6].reduce((sum, k) => sum + (ball.points[t * 9 + k + c] as number), 0) / 3,
  ) as [number, number, number]

it('takes what is seen inside the line, and nothing of what lies behind it', () => {
  const taken = withinLasso(ball, picture, ALL)
  const share = taken.length / ball.zoneOf.length
  expect(share).toBeGreaterThan(0.4)
  expect(share).toBeLessThan(0.6)
  const back = pictured(ball, { round: USUAL_EYE.round + 180, above: -USUAL_EYE.above }, 200, 160)
  const other = new Set(withinLasso(ball, back, ALL))
  // Of the rim both may see a little.
  expect(taken.filter((t) => other.has(t)).length).toBeLessThan(ball.zoneOf.length * 0.1)
})

it('takes only what the line goes round', () => {
  const [x, y] = [100, 80]
  const small = withinLasso(ball, picture, [
    [x - 20, y - 20],
    [x + 20, y - 20],
    [x + 20, y + 20],
    [x - 20, y + 20],
  ])
  expect(small.length).toBeGreaterThan(0)
  for (const t of small) {
    const [px, py] = picture.placeOf(...middle(t))
    expect(Math.abs(px - x) <= 20 && Math.abs(py - y) <= 20).toBe(true)
  }
})

it.each([
  [[]],
  [[[1, 1]]],
  [
    [
      [1, 1],
      [2, 2],
    ],
  ],
] as const)('a line of no extent takes nothing', (line) => {
  expect(withinLasso(ball, picture, line as never)).toEqual([])
})

it('parts a zone at a height', () => {
  const upper = ball.zones.indexOf('upper')
  const own = [...ball.zoneOf.keys()].filter((t) => ball.zoneOf[t] === upper)
  const above = aboveLevel(ball, upper, 0.5)
  expect(above.length).toBeGreaterThan(0)
  expect(above.length).toBeLessThan(own.length)
  const lowest = Math.min(...above.map((t) => middle(t)[2]))
  const rest = own.filter((t) => !above.includes(t))
  expect(Math.max(...rest.map((t) => middle(t)[2]))).toBeLessThanOrEqual(lowest)
})
