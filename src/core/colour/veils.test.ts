import fc from 'fast-check'
import { colourOver } from './film'
import type { Paint } from './optics'
import { deltaE00, hexOf, labOf } from './spectrum'
import { interleaved, SPREAD_LIVELY, varietyOf } from './variety'
import { faceFor, nearestPass, veilSteps } from './veils'

const RUST: Paint = { masstone: '#8A4B22' }
const BLUE: Paint = { masstone: '#2038B0', hiding: 40 }
const hexes = fc.integer({ min: 0x101010, max: 0xefefef }).map((n) => `#${n.toString(16)}`)

it('passes of a veil are one film of their thickness together', () => {
  fc.assert(
    fc.property(hexes, hexes, fc.integer({ min: 1, max: 6 }), (face, masstone, passes) => {
      const steps = veilSteps(face, [{ paint: { masstone }, thickness: 0.1, passes }])
      const once = colourOver(face, [{ masstone, thickness: 0.1 * passes }])
      expect(deltaE00(steps.at(-1)?.lab ?? labOf(face), once)).toBeLessThan(1e-6)
      expect(steps).toHaveLength(passes)
    }),
    { numRuns: 60 },
  )
})

it('every pass leads further from the face, and towards the paint', () => {
  const steps = veilSteps('#DAD5C4', [{ paint: RUST, thickness: 0.06, passes: 5 }])
  const away = steps.map((step) => step.fromFace)
  expect(away).toEqual(away.toSorted((a, b) => a - b))
  const left = steps.map((step) => deltaE00(step.lab, labOf(RUST.masstone)))
  expect(left).toEqual(left.toSorted((a, b) => b - a))
})

it('the order of veils counts: an opaque one hides what was laid before it', () => {
  const [thin, thick] = [
    { paint: BLUE, thickness: 4, passes: 1 },
    { paint: RUST, thickness: 6, passes: 1 },
  ]
  const end = (veils: (typeof thin)[]) =>
    veilSteps('#DAD5C4', veils).at(-1)?.lab ?? labOf('#000000')
  expect(deltaE00(end([thin, thick]), labOf(RUST.masstone))).toBeLessThan(3)
  expect(deltaE00(end([thick, thin]), labOf(RUST.masstone))).toBeGreaterThan(5)
})

test.each([
  ['the third of five', 2, '#DAD5C4'],
  ['none, when the face is the target', -1, '#DAD5C4'],
])('stops at %s', (_, at, face) => {
  const veils = [{ paint: RUST, thickness: 0.08, passes: 5 }]
  const target = at < 0 ? face : (veilSteps(face, veils)[at]?.colour ?? face)
  expect(nearestPass(face, veilSteps(face, veils, target), target)).toBe(at)
})

it('a face is found that its veils bring to a colour', () => {
  fc.assert(
    fc.property(hexes, fc.double({ min: 0.01, max: 0.3, noNaN: true }), (face, thickness) => {
      const veils = [{ paint: RUST, thickness, passes: 2 }]
      const wanted = veilSteps(face, veils).at(-1)?.colour ?? face
      const found = faceFor(wanted, veils)
      expect(found.off).toBeLessThan(2.5)
    }),
    { numRuns: 60 },
  )
})

it('under a wash that darkens, the face is lighter; what no face gives is told', () => {
  const wash = [{ paint: { masstone: '#24221F' }, thickness: 0.02, passes: 1 }]
  const found = faceFor('#9AA08F', wash)
  expect(labOf(found.colour).l).toBeGreaterThan(labOf('#9AA08F').l + 3)
  expect(found.off).toBeLessThan(1)
  expect(faceFor('#F1F0EA', wash).off).toBeGreaterThan(2)
})

test.each([
  ['alike', ['#8A4B22', '#8B4C23', '#894A21'], [0, 1]],
  ['lively', ['#8A4B22', '#B4622D', '#7C4A30'], []],
  ['chaotic', ['#F1F0EA', '#1C1C1D', '#B4622D'], []],
] as const)('tones are %s', (verdict, colours, alike) => {
  const found = varietyOf(colours.map((colour) => ({ lab: labOf(colour), area: 1 })))
  expect(found.verdict).toBe(verdict)
  expect(found.tooAlike.map((one) => one.first)).toEqual([...alike])
})

it('a tone with little area counts little; none of them is an error', () => {
  const tones = (area: number) => [
    { lab: labOf('#8A4B22'), area: 1 },
    { lab: labOf('#F1F0EA'), area },
  ]
  expect(varietyOf(tones(1)).spread).toBeGreaterThan(SPREAD_LIVELY[1])
  expect(varietyOf(tones(0.001)).spread).toBeLessThan(SPREAD_LIVELY[1])
  expect(() => varietyOf([])).toThrow(RangeError)
  expect(hexOf(labOf('#8A4B22'))).toBe('#8A4B22')
})

it('strengths in a row are all there, and neighbours well apart', () => {
  fc.assert(
    fc.property(fc.integer({ min: 4, max: 20 }), (count) => {
      const row = interleaved(count, 2, 10)
      const step = 8 / (count - 1)
      expect(row.toSorted((a, b) => a - b).map((value, i) => value - (2 + step * i))).toEqual(
        row.map(() => expect.closeTo(0, 9)),
      )
      row.slice(1).forEach((value, i) => {
        expect(Math.abs(value - (row[i] as number))).toBeGreaterThan(1.5 * step)
      })
    }),
  )
  expect(interleaved(1, 3, 9)).toEqual([3])
})
