import fc from 'fast-check'
import { colourOver } from './film'
import { defaultHiding } from './hiding'
import { opticsOf } from './optics'
import { curveOf, deltaE00, labOf, labOfCurve } from './spectrum'

const hex = fc
  .tuple(fc.nat(255), fc.nat(255), fc.nat(255))
  .map((rgb) => `#${rgb.map((value) => value.toString(16).padStart(2, '0')).join('')}`)

it('a curve has its colour, and lies between 0 and 1', () => {
  fc.assert(
    fc.property(hex, (colour) => {
      const curve = curveOf(colour)
      expect(Math.min(...curve)).toBeGreaterThan(0)
      expect(Math.max(...curve)).toBeLessThan(1)
      expect(deltaE00(labOfCurve(curve), labOf(colour))).toBeLessThan(1)
    }),
    { numRuns: 60, seed: 5 },
  )
})

it.each(['#8B8C8B', '#DAD5C4', '#2F6B6A', '#8A4B22', '#1F3B2C'])(
  'the curve of %s is exact',
  (c) => {
    expect(deltaE00(labOfCurve(curveOf(c)), labOf(c))).toBeLessThan(0.05)
  },
)

it('no film changes nothing; a thick one is its masstone', () => {
  const none = colourOver('#8B8C8B', [{ masstone: '#A8231F', hiding: 5, thickness: 0 }])
  expect(deltaE00(none, labOf('#8B8C8B'))).toBeLessThan(0.05)
  const thick = colourOver('#8B8C8B', [{ masstone: '#A8231F', hiding: 5, thickness: 400 }])
  expect(deltaE00(thick, labOf('#A8231F'))).toBeLessThan(0.1)
})

it.each([1, 2, 5, 40])(
  'a paint of hiding %d looks the same over black and white after so many coats',
  (hiding) => {
    const film = { masstone: '#A8231F', hiding, thickness: hiding }
    expect(deltaE00(colourOver('#FFFFFF', [film]), colourOver('#000000', [film]))).toBeCloseTo(2, 1)
  },
)

it('two coats are one of twice the thickness', () => {
  const coat = { masstone: '#2F6B6A', hiding: 3, thickness: 1 }
  const twice = colourOver('#DAD5C4', [coat, coat])
  const once = colourOver('#DAD5C4', [{ ...coat, thickness: 2 }])
  expect(deltaE00(twice, once)).toBeLessThan(1e-6)
})

it('optics are reckoned once', () => {
  const paint = { masstone: '#123456', hiding: 3 }
  expect(opticsOf(paint)).toBe(opticsOf({ ...paint }))
})

test.each([
  ['#101010', 1],
  ['#8B8C8B', 2],
  ['#F4F4F2', 4],
  ['#A8231F', 5],
  ['#D87A1E', 6],
  ['#E8C81E', 7],
  ['#2038B0', 3],
  ['#5A3A24', 2],
  ['#24452C', 2],
])('%s hides in %d coats', (colour, coats) => {
  expect(defaultHiding(labOf(colour))).toBe(coats)
})

test.each(['#12345', 'red-ish'])('%s is refused', (text) => {
  expect(() => curveOf(text)).toThrow(RangeError)
})
