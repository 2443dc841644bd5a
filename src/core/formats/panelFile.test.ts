import { expectSame } from '../model/tests/expectSame'
import { ACTS } from '../model/vocabulary'
import { PANEL_ACTS } from '../panel/actTable'
import { readPanel } from './panelRequest'
import { cleared, laid, painted } from './tests/laid'

/** So small that every act can be tried. */
const TINY = { widthMm: 12, heightMm: 8, pxPerMm: 5 }
const tiny = (steps: readonly Record<string, unknown>[], more = {}) =>
  laid(steps, { panel: { ...TINY, layout: LINED, ...more } })

/** A line over a plate, and a rivet: something of everything. */
const LINED = {
  features: [
    { kind: 'plate', x: 3, y: 2.5, w: 4, h: 3, height: 0.6, bevel: 0.3, corner: 0.4 },
    {
      kind: 'line',
      path: [
        [0, 5.5],
        [12, 5.5],
      ],
      width: 0.5,
      depth: 0.3,
    },
    { kind: 'rivets', from: [8, 2], to: [11, 2], every: 1.5, size: 0.8, height: 0.3 },
  ],
}

const FAMILY: Record<string, string> = {
  base: 'alcohol-acrylic',
  preshade: 'alcohol-acrylic',
  toplight: 'alcohol-acrylic',
  mottle: 'alcohol-acrylic',
  glaze: 'alcohol-acrylic',
  'clear-colour': 'lacquer',
  metal: 'lacquer',
  clear: 'lacquer',
  chalk: 'water-acrylic',
  speckle: 'water-acrylic',
  wash: 'enamel-wash',
}
const step = (act: string) => ({ do: act, ...(FAMILY[act] ? { family: FAMILY[act] } : {}) })

/** Acts that lay something which is seen, on a painted panel. */
const SEEN = ACTS.filter(
  (act) =>
    PANEL_ACTS[act] &&
    !/^(un|tape|latex|salt|release|clear|.*-clean|.*-fix|.*-drag|.*-activate|.*-soften|blend|scuff|cut|compound|decal)/.test(
      act,
    ),
)

test.each(SEEN)('%s is seen on a painted panel, and is the same every time', (act) => {
  const steps = [
    ...painted(),
    { ...step(act), amount: 0.9, ...(act === 'sand' ? { grit: 300 } : {}) },
  ]
  const { picture, steps: rows } = tiny(steps)
  expect(rows.at(-1)?.deltaE00).toBeGreaterThan(0)
  expectSame(tiny(steps).picture.data, picture.data)
})

test.each([
  ['oil-dots', 'blend'],
  ['streak', 'streak-drag'],
  ['wash', 'wash-clean'],
  ['line', 'line-clean'],
  ['powder', 'powder-fix'],
  ['decal', 'decal-soften'],
])('%s is worked by %s', (act, then) => {
  const before = tiny([...painted(), cleared('matt'), { ...step(act), amount: 0.9 }])
  const after = tiny([...painted(), cleared('matt'), { ...step(act), amount: 0.9 }, { do: then }])
  expect(after.picture.data).not.toEqual(before.picture.data)
})

test.each([
  ['tape', 'untape'],
  ['latex', 'unlatex'],
  ['salt', 'unsalt'],
])('%s keeps colour off until %s', (on, off) => {
  const over = { do: 'base', family: 'alcohol-acrylic', colour: '#101010' }
  expect(tiny([...painted(), { do: on, amount: 1 }]).measures.masked).toBeGreaterThan(0.1)
  const bare = tiny([...painted(), over]).measures.mean[0]
  const { measures } = tiny([...painted(), { do: on, amount: 1 }, over, { do: off }])
  expect(measures.masked).toBe(0)
  expect(measures.mean[0]).toBeGreaterThan(bare)
})

test('iron rusts in three days, and no further', () => {
  const after = (wait: string) =>
    tiny([...painted(), { do: 'iron', amount: 1 }, { do: 'iron-activate' }, { wait }]).measures
      .mean[1]
  expect(after('3 d')).toBeGreaterThan(after('12 h'))
  expect(after('6 d')).toBeCloseTo(after('3 d'), 3)
})

test('a later chip of another colour lies inside of earlier ones', () => {
  const chips = [
    { do: 'chip-sponge', amount: 1, markMm: 1.2 },
    { do: 'chip-brush', colour: '#2A1A12' },
  ]
  const { withCore, share } = tiny([...painted(), ...chips]).measures.chips
  expect(withCore).toBeGreaterThan(0.2)
  expect(share).toBeCloseTo(tiny([...painted(), chips[0] as never]).measures.chips.share, 5)
})

test.each(['lit', 'sheen', 'thickness', 'accident'])(
  '%s shows another picture than flat',
  (show) => {
    const steps = [...painted(), cleared('gloss')]
    const flat = tiny(steps).picture
    const other = laid(steps, { panel: { ...TINY, layout: LINED }, show }).picture
    expect(other).toMatchObject({ width: flat.width, height: flat.height })
    expect(other.data).not.toEqual(flat.data)
  },
)

test('what check stops is shown as what it is', () => {
  const { measures } = laid(
    [
      { do: 'base', family: 'enamel', colour: '#A8231F', coats: ['wet', 'wet'] },
      { do: 'base', family: 'lacquer', colour: '#C9C4B4', coats: ['wet'], solvent: 'lacquer-hot' },
    ],
    { panel: { ...TINY, layout: LINED }, waits: 'as-written' },
  )
  expect(measures.accidents).toEqual([
    { step: 1, kind: expect.stringMatching(/lifted|dissolved/), share: expect.any(Number) },
  ])
  expect(measures.accidents[0]?.share).toBeGreaterThan(0.1)
})

const SEQUENCE = { format: 'tectoria-sequence', version: 1, substrate: 'polystyrene' }
const asked = (more: object, steps: object[] = []) =>
  readPanel({ format: 'tectoria-panel', version: 1, sequence: { ...SEQUENCE, steps }, ...more })

test.each([
  ['panel.layout', asked({ panel: { layout: 'door' } })],
  ['panel.pxPerMm', asked({ panel: { pxPerMm: 40, widthMm: 900, heightMm: 900 } })],
  ['panel.layout.features[0]', asked({ panel: { layout: { features: [{ kind: 'knob' }] } } })],
  ['sequence.steps[0].family', asked({}, [{ do: 'base' }])],
  ['show', asked({ show: 'x-ray' })],
  ['upTo', asked({ upTo: -1 })],
  ['version', readPanel({ format: 'tectoria-panel', version: 2 })],
])('%s is refused with its place', (path, read) => {
  if (read.ok) throw new Error('it was taken')
  expect(read.problems[0]?.path).toContain(path)
})

test('a plate that there isn’t is refused', () => {
  expect(() => tiny([...painted(), { do: 'tape', zone: { plate: 30 } }])).toThrow('plates of this')
})
