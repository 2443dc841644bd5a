import type { Accident } from '../model/accident'
import type { Build } from '../model/build'
import type { Picture } from '../model/picture'
import type { ActStep, Step } from '../model/sequence'
import type { TestPiece } from '../model/testPiece'
import type { Act } from '../model/vocabulary'
import { pairKey } from '../stack/state/stepContext'
import type { TestedOn } from '../stack/state/testPieces'
import { actOf, againEdit, placesAgain } from './accidents'
import { briefReview } from './brief'
import { pairsOf, stepsToTry, testedOn } from './testedOn'

const ENAMEL: ActStep[] = [
  { do: 'base', family: 'enamel', colour: '#5B6B3A' },
  { do: 'line', family: 'enamel' },
]
const LACQUER: ActStep[] = [
  { do: 'base', family: 'water-acrylic' },
  { do: 'clear', family: 'lacquer' },
]
const PAIR = pairKey('enamel', 'spirit-mild')
const OTHER = pairKey('water-acrylic', 'lacquer-mild')
const piece = (fields: Partial<TestPiece>): TestPiece => ({
  id: 't',
  name: 'Spoon',
  at: '2026-03-14T19:00:00Z',
  on: 'spoon',
  areaCm2: 4,
  result: 'good',
  tried: [
    { id: 'a', steps: ENAMEL },
    { id: 'b', steps: LACQUER },
  ],
  ...fields,
})

test('a pair is each solvent with the films that lie open', () => {
  expect([...pairsOf(ENAMEL)]).toEqual([PAIR])
  expect([...pairsOf(LACQUER)]).toEqual([OTHER])
})

const LINED = { tool: 'brush', sheen: 'semi-gloss' } as const
const CLEAR = { tool: 'airbrush', sheen: 'matt' } as const

test.each<[string, Partial<TestPiece>[], [string, TestedOn[]][], [Act, TestedOn[]][]]>([
  [
    'all that was tried, for ten times its area',
    [{}],
    [
      [PAIR, [{ areaCm2: 40, ...LINED }]],
      [OTHER, [{ areaCm2: 40, ...CLEAR }]],
    ],
    [
      ['line', [{ areaCm2: 40, ...LINED }]],
      ['clear', [{ areaCm2: 40, ...CLEAR }]],
    ],
  ],
  [
    'the chosen one alone',
    [{ chosen: 'b' }],
    [[OTHER, [{ areaCm2: 40, ...CLEAR }]]],
    [['clear', [{ areaCm2: 40, ...CLEAR }]]],
  ],
  ['nothing where it came out badly', [{ result: 'bad' }], [], []],
  [
    'what each of two says',
    [{ chosen: 'a' }, { chosen: 'a', areaCm2: 9 }],
    [[PAIR, [40, 90].map((areaCm2) => ({ areaCm2, ...LINED }))]],
    [['line', [40, 90].map((areaCm2) => ({ areaCm2, ...LINED }))]],
  ],
])('a test piece is good for %s', (_, pieces, pairs, acts) => {
  const good = testedOn(pieces.map(piece))
  expect([...good.pairs]).toEqual(pairs)
  expect([...good.acts]).toEqual(acts)
})

test('nothing is good before it is said; an act on bare plastic is good for bare plastic', () => {
  const { result: _, ...unsaid } = piece({})
  expect(testedOn([unsaid]).pairs.size).toBe(0)
  const bare = testedOn([piece({ tried: [{ id: 'a', steps: [{ do: 'prime' }] }] })])
  expect(bare.acts.get('prime')).toEqual([{ areaCm2: 40, tool: 'airbrush', sheen: null }])
})

test('what is tried is the step and the films that it comes on, as acts alone', () => {
  const before = [
    { do: 'prime', id: '1', parts: ['hull'] },
    { do: 'base', family: 'enamel', id: '2', parts: ['hull'], bottle: 'x' },
    { wait: '24 h', id: '3', parts: ['hull'] },
    { do: 'tape', id: '4', parts: ['hull'] },
  ] as unknown as Step[]
  const step = { do: 'line', id: '5', parts: ['hull'], accepted: [], zones: ['top'] } as ActStep
  expect(stepsToTry(before, step)).toEqual([{ do: 'base', family: 'enamel' }, { do: 'line' }])
})

const BUILD = {
  id: 'b',
  name: 'Ploughman 6',
  scale: 72,
  parts: [{ id: 'leg', name: 'Leg', substrate: 'polystyrene', areaCm2: 30 }],
  zones: [
    {
      id: 'port',
      part: 'leg',
      name: 'Port knee',
      facing: 'side',
      height: 0.2,
      wear: ['trap'],
      mirror: 'starboard',
      share: 0.2,
    },
    {
      id: 'starboard',
      part: 'leg',
      name: 'Starboard knee',
      facing: 'side',
      height: 0.2,
      wear: ['trap'],
      share: 0.2,
    },
    {
      id: 'foot',
      part: 'leg',
      name: 'Foot',
      facing: 'side',
      height: 0.05,
      wear: ['trap'],
      share: 0.2,
    },
    { id: 'top', part: 'leg', name: 'Hip', facing: 'up', height: 0.9, share: 0.2 },
    { id: 'back', part: 'leg', name: 'Back', facing: 'side', height: 0.5, share: 0.2 },
  ],
  steps: [
    {
      id: 's1',
      parts: ['leg'],
      do: 'rust-wash',
      amount: 0.04,
      zones: ['port'],
      note: 'ran by itself',
    },
  ],
} as unknown as Build
const ACCIDENT: Accident = {
  id: 'x',
  name: 'The tide mark',
  at: '2026-03-14T19:00:00Z',
  build: 'b',
  part: 'leg',
  zone: 'port',
  steps: [{ do: 'rust-wash', amount: 0.04 }],
}

test('an accident is offered where it fits, the mirror told, and not where it is', () => {
  const found = placesAgain(BUILD, ACCIDENT)
  expect(found.map(({ zone, mirrored }) => [zone.id, mirrored])).toEqual([
    ['starboard', true],
    ['foot', false],
    ['back', false],
  ])
  expect(found[0]?.why).toBe('worn alike: trap')
  const laid = {
    ...BUILD,
    steps: [
      ...BUILD.steps,
      { id: 's2', parts: ['leg'], do: 'rust-wash', amount: 0.04, zones: ['foot'] },
    ],
  } as Build
  expect(placesAgain(laid, ACCIDENT).map(({ zone }) => zone.id)).not.toContain('foot')
})

test('it is laid again behind what is done on the zone’s own part', () => {
  const zone = { id: 'cab', part: 'cab', name: 'Cab' } as NonNullable<Build['zones']>[number]
  const build = {
    ...BUILD,
    parts: [...BUILD.parts, { id: 'cab', name: 'Cab', substrate: 'polystyrene' }],
    steps: [
      { id: 'c1', parts: ['cab'], do: 'prime' },
      ...BUILD.steps,
      { id: 'c2', parts: ['cab'], do: 'seal' },
    ],
  } as unknown as Build
  const edit = (done: string[]) =>
    againEdit(
      build,
      ACCIDENT,
      zone,
      (step) => done.includes(step),
      () => 'new',
    )
  const steps = [
    { ...ACCIDENT.steps[0], id: 'new', parts: ['cab'], zones: ['cab'], cause: ACCIDENT.name },
  ]
  expect(edit(['c1', 's1'])).toEqual({ do: 'insert', before: { step: 'c2' }, steps })
  expect(edit(['c1', 'c2'])).toEqual({ do: 'insert', before: null, steps })
  expect(edit([])).toMatchObject({ before: { step: 'c1' } })
})

test('what makes it again is what was done and how much, not where or why', () => {
  expect(actOf(BUILD.steps[0] as Build['steps'][number])).toEqual({ do: 'rust-wash', amount: 0.04 })
})

const picture = (id: string, fields: Partial<Picture>): Picture => ({
  id,
  name: id,
  at: '2026-03-14T19:00:00Z',
  kind: 'model',
  build: 'b',
  width: 4,
  height: 3,
  ...fields,
})

test('a brief is looked over with its own picture or the newest of the model', () => {
  const brief: Build['brief'] = {
    points: [
      { id: '1', say: 'Rust below the knees', state: 'done', picture: 'old' },
      { id: '2', say: 'No gloss anywhere', state: 'wanted' },
      { id: '3', say: 'Numbers on both sides', state: 'waived', why: 'The sheet has one' },
      { id: '4', say: 'Glass in the lamps', state: 'not-possible' },
    ],
  }
  const { points, open } = briefReview({ ...BUILD, brief }, [
    picture('old', {}),
    picture('new', { at: '2026-03-16T19:00:00Z' }),
    picture('real', { at: '2026-03-17T19:00:00Z', kind: 'reference' }),
    picture('other', { at: '2026-03-18T19:00:00Z', build: 'c' }),
  ])
  expect(points.map((one) => one.picture?.id)).toEqual(['old', 'new', 'new', 'new'])
  // Left without a reason is open as well.
  expect(open).toBe(2)
  expect(briefReview(BUILD, [])).toEqual({ points: [], open: 0 })
})
