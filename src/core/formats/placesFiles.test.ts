import type { Parsed } from '../model/input'
import { STAND_IN_LENGTHS, STAND_INS } from '../model/shape'
import { masksAnswer, readMasks } from './masksFile'
import { readWear, wearAnswer } from './wearFile'
import { readShape, shapeAnswer } from './zonesFile'

const BOX = { kind: 'box-hull', lengthMm: 120, widthMm: 60, heightMm: 40, complexity: 1.3 }
const SHAPE = { format: 'tectoria-shape', version: 1, standIn: BOX }
const MASKS = {
  format: 'tectoria-masks',
  version: 1,
  base: '#8C8C8C',
  colours: [
    { id: 'white', masstone: '#F1F0EA', hiding: 4 },
    { id: 'black', masstone: '#111111', hiding: 1 },
  ],
  zones: [
    { id: 'body', colour: 'white', areaCm2: 140 },
    { id: 'roof', colour: 'black', areaCm2: 30 },
  ],
  edges: [{ a: 'body', b: 'roof', mm: 210 }],
}
const WEAR = {
  format: 'tectoria-wear',
  version: 1,
  scale: 72,
  seed: 7,
  school: { wear: 'restrained' },
  zones: [
    {
      id: 'nose',
      areaCm2: 20,
      facing: 'front',
      height: 0.4,
      edgeShare: 0.3,
      wear: ['leading'],
      iron: true,
    },
  ],
  story: [{ event: 'gravel-road', zone: 'nose', strength: 0.8 }],
  contrast: { chips: 22 },
}

function answered<T, A>(read: Parsed<T>, answer: (value: T) => A): A {
  if (!read.ok) throw new Error(JSON.stringify(read.problems))
  return answer(read.value)
}

it('zones of a hull', () => {
  const answer = answered(readShape(SHAPE), shapeAnswer)
  expect(answer).toMatchObject({
    format: 'tectoria-zones',
    version: 1,
    areaCm2: 374.4,
    facing: { up: 0.25, side: 0.5, down: 0.25 },
    edgeMm: 880,
  })
  expect(answer.zones[0]).toEqual({
    id: 'top',
    name: 'Top',
    facing: 'up',
    height: 1,
    areaCm2: 93.6,
  })
})

it('the order of two colours, with its mask and the next best', () => {
  expect(answered(readMasks(MASKS), masksAnswer)).toEqual({
    format: 'tectoria-masks-answer',
    version: 1,
    order: ['black', 'white'],
    minutes: 36.33,
    maskings: 1,
    masks: [{ for: 'white', zone: 'roof', mm: 210, minutes: 5.5, stays: false }],
    second: { order: ['white', 'black'], minutes: 39.83 },
    warnings: [],
  })
})

it('one colour has no other order, and a soft edge no mask', () => {
  const one = {
    ...MASKS,
    colours: [MASKS.colours[0]],
    zones: MASKS.zones.map((zone) => ({ ...zone, colour: 'white' })),
  }
  expect(answered(readMasks(one), masksAnswer)).toMatchObject({ second: null, maskings: 0 })
  const soft = { ...MASKS, edges: [{ a: 'body', b: 'roof', mm: 210, soft: true }] }
  expect(answered(readMasks(soft), masksAnswer).maskings).toBe(0)
})

it('marks of a story, within their budget', () => {
  const { zones, budgets } = answered(readWear(WEAR), wearAnswer)
  const chips = zones[0]?.effects.find(({ effect }) => effect === 'chips')
  expect(chips).toMatchObject({ score: 0.82, direction: 0, cause: 'Gravel road' })
  const budget = budgets.find(({ effect }) => effect === 'chips')
  expect(budget?.allowed).toBeCloseTo(0.022, 3)
  expect(budget?.planned).toBeLessThanOrEqual(budget?.allowed ?? 0)
})

test.each([
  [readShape, SHAPE, { standIn: { ...BOX, kind: 'saucer' } }, 'standIn.kind'],
  [readShape, SHAPE, { standIn: { ...BOX, widthMm: 0 } }, 'standIn.widthMm'],
  [readShape, SHAPE, { standIn: undefined }, 'standIn'],
  [readShape, SHAPE, { version: 2 }, 'version'],
  [readMasks, MASKS, { zones: [{ ...MASKS.zones[0], colour: 'red' }] }, 'zones[0].colour'],
  [readMasks, MASKS, { edges: [{ a: 'body', b: 'keel', mm: 1 }] }, 'edges[0].b'],
  [readMasks, MASKS, { edges: [{ a: 'body', b: 'body', mm: 1 }] }, 'edges[0].b'],
  [readMasks, MASKS, { zones: [MASKS.zones[0], MASKS.zones[0]] }, 'zones[1].id'],
  [
    readMasks,
    MASKS,
    { colours: Array.from({ length: 15 }, (_, i) => ({ ...MASKS.colours[0], id: `c${i}` })) },
    'colours',
  ],
  [readWear, WEAR, { story: [{ event: 'rain', zone: 'tail' }] }, 'story[0].zone'],
  [readWear, WEAR, { story: [{ event: 'war', zone: 'nose' }] }, 'story[0].event'],
  [readWear, WEAR, { zones: [{ ...WEAR.zones[0], height: 1.2 }] }, 'zones[0].height'],
  [readWear, WEAR, { zones: [{ ...WEAR.zones[0], edgeShare: -0.1 }] }, 'zones[0].edgeShare'],
  [readWear, WEAR, { zones: [] }, 'zones'],
] as const)('%p of %# is refused at its path', (read, whole, change, path) => {
  const parsed = read({ ...whole, ...change })
  expect(parsed.ok ? [] : parsed.problems.map((problem) => problem.path)).toContain(path)
})

test.each(STAND_INS.map((kind) => ({ kind })))('a $kind wants each of its lengths', ({ kind }) => {
  const { must } = STAND_IN_LENGTHS[kind]
  for (const left of must) {
    const lengths = Object.fromEntries(must.filter((key) => key !== left).map((key) => [key, 20]))
    const read = readShape({ ...SHAPE, standIn: { kind, ...lengths } })
    expect(read.ok ? null : read.problems[0]?.path).toBe(`standIn.${left}`)
  }
})
