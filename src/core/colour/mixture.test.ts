import fc from 'fast-check'
import { castOf, cover, rankUndercoats, shadeLeft } from './cover'
import { colourOver } from './film'
import { mixColour } from './mixture'
import { groundOf, labInside, layer, opticsOf, type Paint } from './optics'
import { deltaE00, labOf } from './spectrum'

const hex = fc
  .tuple(fc.nat(255), fc.nat(255), fc.nat(255))
  .map((rgb) => `#${rgb.map((value) => value.toString(16).padStart(2, '0')).join('')}`)
const paint: fc.Arbitrary<Paint> = fc.record({
  masstone: hex,
  hiding: fc.double({ min: 0.2, max: 200, noNaN: true }),
  strength: fc.double({ min: 0.05, max: 20, noNaN: true }),
})
const amount = fc.double({ min: 0.01, max: 100, noNaN: true })
const FEW = { seed: 5, numRuns: 40 }

const WHITE: Paint = { masstone: '#F4F4F2', hiding: 4 }
const BLACK: Paint = { masstone: '#161616', hiding: 1, strength: 3 }
const BLUE: Paint = { masstone: '#2038B0', hiding: 3 }
const YELLOW: Paint = { masstone: '#E8C81E', hiding: 7 }
const RED: Paint = { masstone: '#A8231F', hiding: 5 }

function of(...portions: [Paint, number][]) {
  return mixColour(portions.map(([portion, drops]) => ({ paint: portion, amount: drops })))
}

describe('mixing, the sanity list of handbook 5.1', () => {
  it.each([1, 2, 4, 6])('blue + %d yellow is a green, never grey', (drops) => {
    const { a, b } = of([BLUE, 1], [YELLOW, drops])
    expect(a).toBeLessThan(-8)
    expect(Math.hypot(a, b)).toBeGreaterThan(15)
  })
  it('black + yellow is olive: greener and darker than the yellow', () => {
    const { l, a, b } = of([YELLOW, 6], [BLACK, 0.3])
    expect(l).toBeLessThan(60)
    expect(a).toBeLessThan(labOf('#E8C81E').a)
    expect(b).toBeGreaterThan(10)
  })
  it('white + red leans cool: its hue turns from orange towards blue', () => {
    const hue = ({ a, b }: { a: number; b: number }) => Math.atan2(b, a)
    expect(hue(of([WHITE, 6], [RED, 1]))).toBeLessThan(hue(labOf('#A8231F')) - 0.02)
  })
  it('a drop of black changes white far more than a drop of white changes black', () => {
    const greyed = deltaE00(of([WHITE, 10], [BLACK, 1]), labOf('#F4F4F2'))
    const lightened = deltaE00(of([BLACK, 10], [WHITE, 1]), labOf('#161616'))
    expect(greyed).toBeGreaterThan(3 * lightened)
  })
  it('a colour with itself changes nothing', () => {
    fc.assert(
      fc.property(paint, amount, amount, (one, x, y) => {
        expect(deltaE00(of([one, x], [one, y]), of([one, 1]))).toBeLessThan(1e-6)
        expect(deltaE00(of([one, 1]), labOf(one.masstone))).toBeLessThan(1)
      }),
      FEW,
    )
  })
  it('the order does not matter, nor the amount of the whole', () => {
    fc.assert(
      fc.property(paint, paint, amount, amount, (one, other, x, y) => {
        const mixed = of([one, x], [other, y])
        expect(deltaE00(mixed, of([other, y], [one, x]))).toBeLessThan(1e-6)
        expect(deltaE00(mixed, of([one, x * 3], [other, y * 3]))).toBeLessThan(1e-6)
      }),
      FEW,
    )
  })
  it('no paint at all has no colour', () => {
    expect(() => mixColour([])).toThrow(RangeError)
    expect(() => of([WHITE, 0])).toThrow(RangeError)
  })
})

describe('films, handbook 5.1 and 5.2', () => {
  it('a reflectance lies between 0 and 1, whatever lies on whatever', () => {
    const thickness = fc.double({ min: 0, max: 1e4, noNaN: true })
    fc.assert(
      fc.property(paint, hex, thickness, (one, ground, x) => {
        const seen = layer(opticsOf(one), x, groundOf(ground))
        expect(Math.min(...seen)).toBeGreaterThanOrEqual(0)
        expect(Math.max(...seen)).toBeLessThanOrEqual(1)
      }),
      FEW,
    )
  })
  it('two films in turn are one of both thicknesses', () => {
    fc.assert(
      fc.property(paint, hex, fc.double({ min: 0, max: 20, noNaN: true }), (one, ground, x) => {
        const twice = layer(opticsOf(one), x, layer(opticsOf(one), x, groundOf(ground)))
        const once = layer(opticsOf(one), 2 * x, groundOf(ground))
        expect(deltaE00(labInside(twice), labInside(once))).toBeLessThan(1e-5)
      }),
      FEW,
    )
  })
  it.each(['#D88A80', '#C4564C'])('one coat over white shows the undertone %s', (undertone) => {
    const one = colourOver('#FFFFFF', [{ masstone: '#A8231F', undertone, thickness: 1 }])
    expect(deltaE00(one, labOf(undertone))).toBeLessThan(0.5)
  })
  it('hiding scales a paint with an undertone too', () => {
    const film = { masstone: '#A8231F', undertone: '#D88A80', hiding: 6, thickness: 6 }
    expect(deltaE00(colourOver('#FFFFFF', [film]), colourOver('#000000', [film]))).toBeCloseTo(2, 1)
  })
  it.each(['#FFFFFF', '#000000', '#A8231F'])(
    'an undertone beyond white or masstone is clamped: %s',
    (undertone) => {
      const { s, k } = opticsOf({ masstone: '#A8231F', undertone })
      for (const one of [...s, ...k]) expect(Number.isFinite(one) && one >= 0).toBe(true)
    },
  )
})

describe('coats to cover, handbook 5.2', () => {
  it('is the fewest under ΔE00 1.5 of the masstone', () => {
    const { deltaE00: off, toCover } = cover(RED, groundOf('#FFFFFF'), 8, 1)
    const n = toCover as number
    expect(off[n - 1]).toBeLessThan(1.5)
    expect(off[n - 2]).toBeGreaterThanOrEqual(1.5)
  })
  it('thinner coats take more; a clear colour never covers white', () => {
    const whole = cover(RED, groundOf('#FFFFFF'), 1, 1).toCover as number
    expect(cover(RED, groundOf('#FFFFFF'), 1, 0.5).toCover).toBeGreaterThanOrEqual(2 * whole - 1)
    expect(
      cover({ masstone: '#A8231F', hiding: 200 }, groundOf('#FFFFFF'), 1, 1).toCover,
    ).toBeNull()
  })
  it('ranks undercoats by how soon a colour covers them', () => {
    const ranked = rankUndercoats(RED, ['#111111', '#FFFFFF', '#7A2A20'], 4, 1)
    expect(ranked[0]?.colour).toBe('#7A2A20')
    expect(ranked.map(({ covering }) => covering.toCover as number)).toEqual(
      ranked.map(({ covering }) => covering.toCover as number).toSorted((a, b) => a - b),
    )
  })
})

it('a pre-shading fades coat by coat, and is gone under enough of them', () => {
  const left = shadeLeft(RED, groundOf('#8B8C8B'), groundOf('#222223'), 12, 1)
  const off = left.map((one) => one.deltaE00)
  expect(off).toEqual(off.toSorted((a, b) => b - a))
  expect(off[0]).toBeCloseTo(deltaE00(labOf('#8B8C8B'), labOf('#222223')), 1)
  expect(off.at(-1)).toBeLessThan(1)
  expect(left.map((one) => one.coats)).toEqual(left.map((_, i) => i))
})

test.each([
  ['#111111', 'darker'],
  ['#FFFFFF', 'lighter'],
])('over %s a red looks %s after one coat', (ground, cast) => {
  const [one] = rankUndercoats(RED, [ground], 1, 1)
  expect(one?.cast).toContain(cast)
  expect(castOf(labOf('#A8231F'), labOf('#A8231F'))).toEqual([])
})

test.each([
  ['#C08A40', 'warmer'],
  ['#4060C0', 'cooler'],
])('over %s a grey looks %s after one coat', (ground, cast) => {
  expect(rankUndercoats({ masstone: '#8B8C8B' }, [ground], 1, 1)[0]?.cast).toContain(cast)
})
