import { byteOfLight, LIGHT_OF_BYTE } from '../colour/bytesOfLight'
import { patchLight, whiteBalance } from '../colour/picture'
import { deltaE00, type Lab, labOf } from '../colour/spectrum'
import { countedPixels } from './countedPixels'
import { labsOfPixels } from './pixels'
import { type Growth, grownBetween } from './share'

const bytes = (hex: string): [number, number, number] =>
  [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16)) as [number, number, number]
const pixel = (rgb: readonly number[], opacity = 255) => [...rgb, opacity]

it('a pixel is the colour that its bytes say; what is transparent is left out', () => {
  const labs = labsOfPixels(
    Uint8ClampedArray.from([...pixel(bytes('#8FA07A')), ...pixel([1, 2, 3], 0)]),
  )
  expect(labs).toHaveLength(1)
  expect(deltaE00(labs[0] as Lab, labOf('#8FA07A'))).toBeLessThan(0.01)
})

/** Light of a lamp, as factors of linear red, green and blue. */
const CASTS = [
  { lamp: 'a warm lamp', cast: [1, 0.82, 0.55] },
  { lamp: 'shade', cast: [0.78, 0.9, 1] },
  { lamp: 'a green tube', cast: [0.8, 1, 0.75] },
]
const COLOURS = ['#8FA07A', '#5A2E1F', '#C9C4B4', '#3B3A38', '#B7A78A']

test.each(CASTS)(
  'under $lamp a grey card gives colours back within 2, and without it they are farther off',
  ({ cast }) => {
    const coded = (light: number) => byteOfLight(Math.min(1, light))
    const seen = (hex: string) =>
      pixel(
        bytes(hex).map((byte, i) => coded((LIGHT_OF_BYTE[byte] as number) * (cast[i] as number))),
      )
    const grey = patchLight(Uint8ClampedArray.from(seen('#777777')))
    const balance = grey && whiteBalance(grey, LIGHT_OF_BYTE[0x77] as number)
    if (!balance) throw new Error('no balance')
    for (const hex of COLOURS) {
      const read = labsOfPixels(Uint8ClampedArray.from(seen(hex)), balance)[0] as Lab
      const raw = labsOfPixels(Uint8ClampedArray.from(seen(hex)))[0] as Lab
      expect(deltaE00(read, labOf(hex))).toBeLessThan(2)
      expect(deltaE00(raw, labOf(hex))).toBeGreaterThan(deltaE00(read, labOf(hex)))
    }
  },
)

test('of many pixels fewer are taken, evenly', () => {
  const many = Uint8ClampedArray.from(Array.from({ length: 40 }, (_, i) => pixel([i, i, i])).flat())
  expect(labsOfPixels(many, undefined, 4)).toHaveLength(10)
})

test.each([
  [0.03, 0.0312, true],
  [0.03, 0.0333, false],
  [0.03, 0.02, false],
  [0, 0, true],
  [0, 0.01, false],
])('a share of %d that comes to %d stands still: %s', (before, after, still) => {
  const { still: found, perDay } = grownBetween(
    { share: before, at: null },
    { share: after, at: null },
  )
  expect([found, perDay]).toEqual([still, null])
})

test.each<[string, number, number, Partial<Growth>]>([
  ['three days later', 0, 3, { by: 0.3, days: 3, perDay: 0.1, backwards: false }],
  ['three days before', 3, 0, { by: -0.3 / 1.3, days: 3, perDay: -0.1 / 1.3, backwards: true }],
  ['an hour later', 0, 1 / 24, { by: 0.3, days: null, perDay: null, backwards: false }],
])('growth is told by day: the second look %s', (_, from, to, said) => {
  const at = (day: number) => Date.parse('2026-03-14T19:00:00Z') + day * 86_400_000
  const growth = grownBetween({ share: 0.1, at: at(from) }, { share: 0.13, at: at(to) })
  for (const [field, value] of Object.entries(said)) {
    const found = growth[field as keyof Growth]
    if (typeof value === 'number') expect(found).toBeCloseTo(value, 9)
    else expect(found).toBe(value)
  }
})

test('a face is counted by its pixels, and a large one by fewer of them', () => {
  const dark = [46, 30, 22, 255]
  const pale = [143, 160, 122, 255]
  const face = (count: number) =>
    Uint8ClampedArray.from(
      Array.from({ length: count }, (_, i) => (i % 11 === 0 ? dark : pale)).flat(),
    )
  const of = (pixel: number[]) => Uint8ClampedArray.from([...pixel, ...pixel])
  for (const count of [1100, 250_000]) {
    const { share, from, to } = countedPixels({ face: face(count), is: of(dark), isnt: of(pale) })
    expect(share).toBeCloseTo(1 / 11, 2)
    expect([from, to]).toEqual([share, share])
  }
  expect(() =>
    countedPixels({ face: face(11), is: new Uint8ClampedArray(0), isnt: of(pale) }),
  ).toThrow(RangeError)
})
