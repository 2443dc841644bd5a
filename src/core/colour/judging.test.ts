import { chipColours } from './chips'
import { colourOver } from './film'
import { lightened, offWhites, scaleEffectShare } from './lighten'
import type { Paint } from './optics'
import { colourOfLight, patchLight, patchUnsure, whiteBalance } from './picture'
import { surfaceReflection, underSheen } from './sheen'
import { deltaE00, hexOf, labOf } from './spectrum'
import { fitHiding, type SwatchFit } from './swatch'

test.each([
  [12, 0],
  [24, 0],
  [35, 0.07],
  [48, 0.1],
  [72, 0.15],
  [144, 0.2],
  [350, 0.23],
  [700, 0.23],
])('scale effect at 1:%d is a share of %d', (scale, share) => {
  expect(scaleEffectShare(scale)).toBeCloseTo(share, 12)
})

it('between two scales it runs on their logarithm', () => {
  expect(scaleEffectShare(Math.sqrt(72 * 144))).toBeCloseTo(0.175, 9)
})

it('distance lightens and greys', () => {
  const green: Paint = { masstone: '#1F3B2C' }
  const far = lightened(green, 0.15)
  const near = labOf('#1F3B2C')
  expect(far.l).toBeGreaterThan(near.l)
  expect(deltaE00(lightened(green, 0), near)).toBeLessThan(0.1)
})

it('an off-white is darker the more grey is in it', () => {
  const lightness = offWhites({ masstone: '#F4F4F2' }, { masstone: '#8B8C8B' }).map(
    ({ lab }) => lab.l,
  )
  expect(lightness).toEqual(lightness.toSorted((a, b) => b - a))
  expect(lightness[0]).toBeLessThan(labOf('#F4F4F2').l)
})

test.each([
  ['#1A1A1A', 85, 5, 1],
  ['#1A1A1A', 5, 85, -1],
])('%s from %d to %d gloss units', (colour, own, next, way) => {
  const before = labOf(colour)
  expect(Math.sign(underSheen(colour, own, next).l - before.l)).toBe(way)
  expect(surfaceReflection(100)).toBe(0)
  expect(deltaE00(underSheen(colour, own, own), before)).toBeLessThan(0.1)
})

it('matt takes chroma', () => {
  const chroma = ({ a, b }: { a: number; b: number }) => Math.hypot(a, b)
  expect(chroma(underSheen('#A8231F', 85, 5))).toBeLessThan(chroma(labOf('#A8231F')))
})

test.each([
  ['dense', 6, 15],
  ['few', 15, 30],
] as const)('%s chips are %d to %d lighter', (density, from, to) => {
  const face = '#45523A'
  const [least, most] = chipColours(face, density)
  expect(labOf(least).l - labOf(face).l).toBeCloseTo(from, 0)
  expect(labOf(most).l - labOf(face).l).toBeCloseTo(to, 0)
})

describe('a patch of a picture', () => {
  const pixels = (...all: number[][]) => Uint8ClampedArray.from(all.flat())
  it('is averaged as light, without what is see-through', () => {
    const one = patchLight(pixels([200, 100, 50, 255], [0, 0, 0, 0]))
    expect(one && colourOfLight(one)).toBe('#C86432')
    const half = patchLight(pixels([255, 255, 255, 255], [0, 0, 0, 255]))
    expect(half && colourOfLight(half)).toBe('#BCBCBC')
    expect(patchLight(pixels([0, 0, 0, 0]))).toBeNull()
  })
  it('is the less sure the more it varies, and surer once a grey is known', () => {
    const even = pixels([200, 100, 50, 255], [200, 100, 50, 255])
    const mixed = pixels([220, 120, 70, 255], [160, 60, 20, 255])
    expect(patchUnsure(even, true)).toBeCloseTo(2, 6)
    expect(patchUnsure(even, false)).toBeCloseTo(5, 6)
    expect(patchUnsure(mixed, true)).toBeGreaterThan(5)
    expect(patchUnsure(pixels([0, 0, 0, 0]), false)).toBe(5)
  })
  it('a patch that is grey in truth comes out grey, and the rest moves with it', () => {
    const grey = patchLight(pixels([180, 150, 110, 255]))
    const balance = grey && whiteBalance(grey)
    if (!grey || !balance) throw new Error('no balance')
    const { a, b } = labOf(colourOfLight(grey, balance))
    expect(Math.hypot(a, b)).toBeLessThan(0.5)
    expect(whiteBalance([0.001, 0.2, 0.2])).toBeNull()
  })
})

test.each<[number, SwatchFit['worth']]>([
  [1.5, 'open'],
  [4, 'firm'],
  [12, 'firm'],
])('a swatch of a paint that hides in %d coats gives that back', (hiding, worth) => {
  const film = { masstone: '#A8231F', hiding, thickness: 2 }
  const seen = hexOf(colourOver('#222223', [film]))
  const swatch = { ground: '#222223', coats: 2, thickness: 1, seen }
  const fit = fitHiding({ masstone: '#A8231F', hiding: 5 }, swatch)
  expect(Math.abs(fit.hiding / hiding - 1)).toBeLessThan(0.05)
  expect(fit.after).toBeLessThan(0.3)
  expect(fit.after).toBeLessThan(fit.before)
  expect(fit.worth).toBe(worth)
  expect(fit.span[0]).toBeLessThanOrEqual(hiding)
  expect(fit.span[1]).toBeGreaterThanOrEqual(hiding * 0.95)
})

test.each<[string, string, number, number, SwatchFit['worth']]>([
  ['a swatch that covers can’t tell how well it hides', '#A8231F', 40, 2, 'open'],
  ['one read without a grey tells less than one with it', '#8C201D', 1, 8, 'open'],
  ['a green swatch of a red paint is of another paint', '#2F7A3C', 1, 2, 'strange'],
])('%s', (_, seen, coats, unsure, worth) => {
  const swatch = { ground: '#222223', coats, thickness: 1, seen, unsure }
  expect(fitHiding({ masstone: '#A8231F' }, swatch).worth).toBe(worth)
})
