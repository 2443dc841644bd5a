import { deltaE00, labOf } from '../colour/spectrum'
import { LAYOUTS } from '../model/panelFormat'
import { cleared, laid, painted } from './tests/laid'

// The laws of 10.5 on every layout at every scale, each with a seed and a family of its own.
const SCALES = [24, 35, 72, 144, 350]
const FAMILIES = ['alcohol-acrylic', 'lacquer', 'water-acrylic', 'acrylic-pu', 'enamel']
const COLOURS = ['#C9C4B4', '#B5B89A', '#D8A99F', '#A9BAC4', '#DDDAD0']
const PLACES = LAYOUTS.flatMap((layout, l) =>
  SCALES.map((scale, s) => ({
    layout,
    scale,
    seed: 11 * l + s + 1,
    family: FAMILIES[(l + s) % FAMILIES.length] as string,
    colour: COLOURS[(l + 2 * s) % COLOURS.length] as string,
  })),
)
/** Acts whose share, stain or dust grows with their amount, and what is measured of them. */
const GROWS = {
  'chip-sponge': ({ chips }: Measures) => chips.share,
  line: ({ faceStained }: Measures) => faceStained,
  dust: ({ dust }: Measures) => dust.bottom,
} as const
/** Water opens so much of what an amount asks, by the family that lies on the release. */
const OPENS: [family: string, share: number][] = [
  ['alcohol-acrylic', 1],
  ['lacquer', 0.5],
  ['urethane-2k', 0],
]

/** Streaks are as long as a small panel at large scales: on a larger one pipes hold up only some. */
const LARGE = { widthMm: 96, heightMm: 60, pxPerMm: 3 } as const

type Measures = ReturnType<typeof laid>['measures']
const lab = ([l, a, b]: readonly [number, number, number]) => ({ l, a, b })

/** A place's own way of laying, and the paint that everything is laid over. */
function placed({ layout, scale, seed, family, colour }: (typeof PLACES)[number]) {
  const on = (steps: Parameters<typeof laid>[0], panel = {}, upTo?: number) =>
    laid(steps, {
      panel: { layout, seed, ...panel },
      scale,
      ...(upTo === undefined ? {} : { upTo }),
    })
  return { on, ground: painted(colour, family) }
}

const SAID = '$layout at 1:$scale in $family, seed $seed'
// Half of the laws on every other place: each meets every layout and every scale.
const [EVEN, ODD] = [0, 1].map((rest) => PLACES.filter((_, i) => i % 2 === rest)) as [
  typeof PLACES,
  typeof PLACES,
]

describe.each(EVEN)(SAID, (place) => {
  const { seed, family, colour } = place
  const { on, ground } = placed(place)

  test('1, 2: bare plastic, and an opaque coat is its masstone', () => {
    expect(deltaE00(lab(on([]).measures.mean), labOf('#8B8C8B'))).toBeLessThan(0.1)
    const opaque = [{ do: 'base', family, colour, hiding: 0.5, coats: ['wet', 'wet'] }]
    expect(deltaE00(lab(on(opaque).measures.face as never), labOf(colour))).toBeLessThan(1)
  })

  test('3: another seed measures alike', () => {
    const steps = [...ground, { do: 'chip-sponge', amount: 0.8 }, { do: 'dust' }]
    const [one, other] = [on(steps), on(steps, { seed: seed + 1 })]
    expect(Buffer.from(one.picture.data).equals(Buffer.from(other.picture.data))).toBe(false)
    for (const of of [GROWS['chip-sponge'], GROWS.dust])
      expect(Math.abs(of(other.measures) / of(one.measures) - 1)).toBeLessThan(0.25)
  })

  test.each(Object.entries(GROWS))('4: more of %s is never less', (act, of) => {
    const [little, much] = [0.3, 0.9].map((amount) =>
      of(on([...ground, cleared('matt'), { do: act, amount }]).measures),
    )
    expect(much).toBeGreaterThanOrEqual(little as number)
    expect(much).toBeGreaterThan(0)
  })

  test('5: water opens what the paint over the release lets it', () => {
    for (const [over, share] of OPENS) {
      const { opened } = on([
        { do: 'prime' },
        { do: 'base', family: 'lacquer', colour: '#5A2E1F' },
        { do: 'release' },
        { do: 'base', family: over, colour },
        { do: 'chip-wet', amount: 0.6 },
      ]).measures
      expect(opened).toBeCloseTo(0.15 * share, 2)
    }
  })
})

describe.each(ODD)(SAID, (place) => {
  const { family } = place
  const { on, ground } = placed(place)

  test('7: a line stains least on gloss; cleaned, the lines keep their fill', () => {
    const lined = (sheen: string) => [...ground, cleared(sheen), { do: 'line' }]
    const [gloss, satin, matt] = ['gloss', 'satin', 'matt'].map(
      (sheen) => on(lined(sheen)).measures,
    )
    expect(gloss?.faceStained).toBeLessThanOrEqual(satin?.faceStained as number)
    expect(satin?.faceStained).toBeLessThanOrEqual(matt?.faceStained as number)
    expect(gloss?.faceStained).toBeLessThan(matt?.faceStained as number)
    const clean = on([...lined('matt'), { wait: '45 min' }, { do: 'line-clean' }]).measures
    expect(clean.faceStained).toBeLessThan(matt?.faceStained as number)
    // Cloth has folds and no lines.
    if (matt?.lineFill != null)
      expect(clean.lineFill).toBeGreaterThan(0.8 * (matt?.lineFill as number))
  })

  test('9: streaks run with gravity', () => {
    for (const gravity of [90, 200]) {
      const { streaks } = on([...ground, cleared('satin'), { do: 'streak', amount: 1 }], {
        ...LARGE,
        gravity,
      }).measures
      const off = ((streaks?.direction as number) - gravity + 540) % 360
      expect(Math.abs(off - 180)).toBeLessThan(10)
    }
  })

  test('10: dust is thicker below', () => {
    const { dust } = on([...ground, { do: 'dust' }]).measures
    expect(dust.bottom).toBeGreaterThan(dust.top)
  })

  test('11: a matt clear at the end takes contrast, a gloss one does not', () => {
    const lined = [...ground, cleared('gloss'), { do: 'line', colour: '#161617' }]
    const [before, matt, gloss] = [[], [cleared('matt')], [cleared('gloss')]].map(
      (more) => on([...lined, ...more]).measures,
    )
    if (before?.lines == null) return
    expect(matt?.lines?.[0]).toBeGreaterThan(gloss?.lines?.[0] as number)
    expect(matt?.lineContrast).toBeLessThan(gloss?.lineContrast as number)
    expect(gloss?.lineContrast).toBeGreaterThanOrEqual(before?.lineContrast as number)
    // Paint that dries matt is no lighter under a matt clear.
    if (family === 'water-acrylic') return
    expect(matt?.lines?.[0]).toBeGreaterThan(before?.lines?.[0] as number)
    expect(matt?.lineContrast).toBeLessThan(before?.lineContrast as number)
  })

  test('12: a mask keeps what was there', () => {
    const zone = { rect: [4, 4, 14, 10] }
    const bare = on(ground).picture
    const { picture } = on([
      ...ground,
      { do: 'tape', zone },
      { do: 'base', family: 'lacquer', colour: '#0A0A0A', coats: ['wet', 'wet'] },
      { do: 'untape' },
    ])
    for (let y = 28; y < 80; y++) {
      const from = (y * bare.width + 28) * 3
      const row = (data: Uint8Array) => Buffer.from(data.slice(from, from + 76 * 3))
      expect(row(picture.data).equals(row(bare.data))).toBe(true)
    }
  })

  test('13: salt ends near what was asked', () => {
    for (const amount of [0.3, 0.8])
      expect(on([...ground, { do: 'salt', amount }]).measures.masked / (0.3 * amount)).toBeCloseTo(
        1,
        1,
      )
  })

  test('14: sanding goes through on edges first', () => {
    const whole = on(ground).measures.film
    const { film } = on([...ground, { do: 'sand', grit: 800, amount: 1 }]).measures
    // A soft body has no edges.
    if (whole.edge === null) return
    const left = (where: 'edge' | 'face') => (film[where] as number) / (whole[where] as number)
    expect(left('edge')).toBeLessThan(left('face'))
  })

  test('15: a step undone is as it was', () => {
    const steps = [...ground, cleared('gloss'), { do: 'line' }, { do: 'streak' }]
    const fewer = on(steps, {}, steps.length - 1)
    expect(
      Buffer.from(fewer.picture.data).equals(Buffer.from(on(steps.slice(0, -1)).picture.data)),
    ).toBe(true)
  })
})

test.each(LAYOUTS)('6: chips on %s keep their real size between scales', (layout) => {
  const size = (scale: number) =>
    laid([...painted(), { do: 'chip-sponge', amount: 0.8 }], { panel: { layout }, scale }).measures
      .chips.medianMmReal as number
  expect(size(35) / size(72)).toBeGreaterThan(0.7)
  expect(size(35) / size(72)).toBeLessThan(1.43)
})
