import { cover } from '../colour/cover'
import { lineContrast } from '../colour/lineContrast'
import { groundOf, labInside, layer, opticsOf } from '../colour/optics'
import { deltaE00, hexOf, labOf } from '../colour/spectrum'
import { LAYOUTS } from '../model/panelFormat'
import { expectSame } from '../model/tests/expectSame'
import { cleared, laid, painted } from './tests/laid'

const lab = ([l, a, b]: readonly [number, number, number]) => ({ l, a, b })
const SCALES = [72, 350] as const
/** Bare patches of the plates of a hull, in samples of the small panel. */
const FACES = [
  [5, 3],
  [180, 3],
  [5, 96],
  [180, 90],
] as const
/** Samples across the small panel. */
const WIDE = 240
const lines = (sheen: string, more = {}) => [...painted(), cleared(sheen), { do: 'line', ...more }]

type Measures = ReturnType<typeof laid>['measures']
const chipped = ({ chips }: Measures) => chips.share
const dusted = ({ dust }: Measures) => dust.bottom

describe('the laws of the panel', () => {
  test.each(LAYOUTS)('1: nothing done to %s is bare plastic everywhere', (layout) => {
    const { measures, picture } = laid([], { panel: { layout } })
    expect(deltaE00(lab(measures.mean), labOf('#8B8C8B'))).toBeLessThan(0.1)
    expect(new Set(picture.data).size).toBeLessThanOrEqual(3)
  })

  test.each(LAYOUTS)(
    '2: an opaque coat on %s is its masstone, n coats are what cover says',
    (layout) => {
      const opaque = laid(
        [{ do: 'base', family: 'lacquer', colour: '#7C8A84', hiding: 0.5, coats: ['wet', 'wet'] }],
        { panel: { layout } },
      )
      expect(deltaE00(lab(opaque.measures.face as never), labOf('#7C8A84'))).toBeLessThan(1)
      const flat = { panel: { layout: { features: [] } } }
      const coats = cover({ masstone: '#A8231F' }, groundOf('#8B8C8B'), 3, 1).coats
      for (const n of [1, 2, 3]) {
        const { measures } = laid(
          [{ do: 'base', family: 'lacquer', colour: '#A8231F', coats: Array(n).fill('light') }],
          flat,
        )
        expect(deltaE00(lab(measures.face as never), coats[n - 1] as never)).toBeLessThan(0.5)
      }
    },
  )

  test('3: the same request gives the same bytes, another seed others that measure alike', () => {
    const steps = [...painted(), { do: 'chip-sponge' }, { do: 'dust' }]
    const [one, again] = [laid(steps), laid(steps)]
    expect(Buffer.from(one.picture.data).equals(Buffer.from(again.picture.data))).toBe(true)
    const other = laid(steps, { panel: { seed: 8 } })
    expect(Buffer.from(one.picture.data).equals(Buffer.from(other.picture.data))).toBe(false)
    for (const of of [chipped, dusted]) {
      const ratio = of(other.measures) / of(one.measures)
      expect(Math.abs(ratio - 1)).toBeLessThan(0.25)
    }
  })

  test.each([
    ['chip-sponge', (m: ReturnType<typeof laid>['measures']) => m.chips.share],
    ['line', (m: ReturnType<typeof laid>['measures']) => m.faceStained],
    ['dust', (m: ReturnType<typeof laid>['measures']) => m.dust.bottom],
  ] as const)('4: more of %s is never less', (act, of) => {
    let before = 0
    for (const amount of [0.1, 0.4, 0.7, 1]) {
      const now = of(laid([...painted(), cleared('matt'), { do: act, amount }]).measures)
      expect(now).toBeGreaterThanOrEqual(before)
      before = now
    }
    expect(before).toBeGreaterThan(0)
  })

  test('5: water opens what its release and its paint let it', () => {
    const opened = (family: string, release = true) =>
      laid([
        { do: 'prime' },
        { do: 'base', family: 'lacquer', colour: '#5A2E1F' },
        ...(release ? [{ do: 'release' }] : []),
        { do: 'base', family, colour: '#C9C4B4' },
        { do: 'chip-wet', amount: 0.6 },
      ]).measures.opened
    expect(opened('alcohol-acrylic')).toBeCloseTo(0.15, 2)
    expect(opened('alcohol-acrylic', false)).toBe(0)
    expect(opened('urethane-2k')).toBe(0)
    expect(opened('lacquer')).toBeCloseTo(opened('alcohol-acrylic') / 2, 2)
  })

  test('6: chips keep their real size from scale to scale', () => {
    const size = (scale: number) =>
      laid([...painted(), { do: 'chip-sponge', amount: 0.8 }], { scale }).measures.chips
        .medianMmReal as number
    expect(size(35) / size(72)).toBeGreaterThan(0.75)
    expect(size(35) / size(72)).toBeLessThan(1.34)
  })

  test('7: a line stains least on gloss; cleaned, faces are cleaner and lines keep their fill', () => {
    const [gloss, satin, matt] = ['gloss', 'satin', 'matt'].map(
      (sheen) => laid(lines(sheen)).measures,
    )
    expect(gloss?.faceStained).toBeLessThanOrEqual(satin?.faceStained as number)
    expect(satin?.faceStained).toBeLessThanOrEqual(matt?.faceStained as number)
    expect(gloss?.faceStained).toBeLessThan(matt?.faceStained as number)
    const clean = laid([...lines('matt'), { wait: '45 min' }, { do: 'line-clean' }]).measures
    expect(clean.faceStained).toBeLessThan(matt?.faceStained as number)
    expect(clean.lineFill).toBeGreaterThan(0.8 * (matt?.lineFill as number))
  })

  test('9: streaks run down, and turn with the panel', () => {
    const steps = [...painted(), cleared('satin'), { do: 'streak', amount: 1 }]
    for (const gravity of [90, 0, 225]) {
      const { streaks } = laid(steps, { panel: { gravity } }).measures
      expect(streaks?.count).toBeGreaterThan(2)
      const off = ((streaks?.direction as number) - gravity + 540) % 360
      expect(Math.abs(off - 180)).toBeLessThan(10)
    }
  })

  test('10: dust lies below, and on what looks up', () => {
    const { dust } = laid([...painted(), { do: 'dust' }], { panel: { layout: 'armour' } }).measures
    expect(dust.bottom).toBeGreaterThan(dust.top)
    expect(dust.up).toBeGreaterThan(dust.down as number)
  })

  test('11: a matt clear at the end takes contrast and lifts darks, a gloss one does not', () => {
    const closed = (sheen: string) => laid([...lines('gloss'), cleared(sheen)]).measures
    const lined = laid(lines('gloss')).measures
    expect(closed('matt').lineContrast).toBeLessThan(lined.lineContrast as number)
    expect(closed('matt').lines?.[0]).toBeGreaterThan(lined.lines?.[0] as number)
    expect(closed('gloss').lineContrast).toBeGreaterThanOrEqual(lined.lineContrast as number)
  })

  test('12: what was masked shows what was there before', () => {
    const zone = { rect: [5, 5, 10, 8] }
    const bare = laid(painted()).picture
    const { picture, measures } = laid([
      ...painted(),
      { do: 'tape', zone },
      { do: 'base', family: 'alcohol-acrylic', colour: '#111111', coats: ['light', 'light'] },
      { do: 'untape' },
    ])
    expect(measures.masked).toBe(0)
    const at = (data: Uint8Array, x: number, y: number) => [
      ...data.slice((y * WIDE + x) * 3, (y * WIDE + x) * 3 + 3),
    ]
    expect(at(picture.data, 60, 54)).toEqual(at(bare.data, 60, 54))
    expect(at(picture.data, 180, 54)).not.toEqual(at(bare.data, 180, 54))
  })

  test.each([0.3, 0.8])('13: salt of %d covers about its share', (amount) => {
    const { masked } = laid([...painted(), { do: 'salt', amount }]).measures
    expect(masked / (0.3 * amount)).toBeCloseTo(1, 1)
  })

  test('14: sanding goes through on edges first', () => {
    const { film } = laid([...painted(), { do: 'sand', grit: 800, amount: 1 }]).measures
    const whole = laid(painted()).measures.film
    expect((whole.edge as number) - (film.edge as number)).toBeGreaterThan(
      (whole.face as number) - (film.face as number),
    )
    expect(film.line).toBeCloseTo(whole.line as number, 3)
  })

  test('15: steps undone one by one give the pictures of before', () => {
    const steps = [...lines('gloss'), { do: 'streak' }, { do: 'chip-brush' }]
    for (const upTo of [4, 3, 2])
      expectSame(laid(steps, { upTo }).picture.data, laid(steps.slice(0, upTo)).picture.data)
  })
})

test.each(SCALES)('8: at 1:%d a filter changes every face alike', (scale) => {
  const [before, after] = [[], [{ do: 'filter', amount: 1 }]].map(
    (more) => laid([...painted(), ...more], { scale }).picture,
  )
  // A clear patch in the middle of each of the four plates.
  const seen = (picture: typeof before, [x, y]: readonly [number, number]) => {
    const sum = [0, 0, 0]
    for (let j = y; j < y + 18; j++)
      for (let i = x; i < x + 36; i++)
        for (const c of [0, 1, 2])
          sum[c] =
            (sum[c] as number) + (picture?.data[(j * WIDE + i) * 3 + c] as number) / (18 * 36)
    return labOf(`#${sum.map((one) => Math.round(one).toString(16).padStart(2, '0')).join('')}`)
  }
  const changed = FACES.map((at) => deltaE00(seen(after, at), seen(before, at)))
  expect(Math.min(...changed)).toBeGreaterThan(1)
  expect(Math.max(...changed) / Math.min(...changed)).toBeLessThan(1.2)
})

test.each(['#C9C4B4', '#5B6B3A', '#DDDAD0'])(
  'a line on %s is as far from it as the picker says',
  (face) => {
    const { measures } = laid([
      { do: 'base', family: 'lacquer', colour: face, hiding: 0.2, coats: ['wet', 'wet'] },
      cleared('gloss'),
      { do: 'line', amount: 1 },
    ])
    const picked = lineContrast({ face, paint: { masstone: '#3B3A38' }, share: 0.06, depthMm: 0.2 })
    expect(measures.lineContrast).toBeGreaterThan(picked.deltaE00 - 1)
    expect(measures.lineContrast).toBeLessThan(picked.deltaE00 + 1)
    expect(hexOf(picked.lab)).toMatch(/^#/)
  },
)

test('a flat face is what its films come to, whatever they are, within ΔE00 0.5', () => {
  const hexAt = (i: number) =>
    `#${((Math.imul(i + 1, 2654435761) >>> 8) & 0xffffff).toString(16).padStart(6, '0').toUpperCase()}`
  for (let k = 0; k < 200; k++) {
    const films = Array.from({ length: 1 + (k % 3) }, (_, f) => ({
      colour: hexAt(3 * k + f),
      coats: Array<string>(1 + ((k + f) % 3)).fill('light'),
    }))
    const curve = films.reduce(
      (under, { colour, coats }) =>
        coats.reduce((one) => layer(opticsOf({ masstone: colour }), 1, one), under),
      groundOf('#8B8C8B'),
    )
    const { measures } = laid(
      films.map((film) => ({ do: 'base', family: 'lacquer', ...film })),
      { panel: { layout: { features: [] }, widthMm: 6, heightMm: 6, pxPerMm: 3 } },
    )
    expect(deltaE00(lab(measures.face as never), labInside(curve))).toBeLessThan(0.5)
  }
})
