import { FEW, FEW_WEIGHTS, FILM_STEPS, fewOf, filmTable } from './fewBands'
import { groundOf, labInside, layer, opticsOf, outside } from './optics'
import { type Curve, deltaE00, type Lab, labOfLight } from './spectrum'

/** A reflectance as the few wavelengths see it. */
function labOfFew(seen: Curve): Lab {
  const channel = (c: number) =>
    seen.reduce((sum, one, b) => sum + (FEW_WEIGHTS[c * FEW + b] as number) * one, 0)
  return labOfLight([channel(0), channel(1), channel(2)])
}

/** Colours that are spread over all there are, the same every time. */
function colours(count: number): string[] {
  return Array.from({ length: count }, (_, i) => {
    const at = (Math.imul(i + 1, 2654435761) >>> 8) & 0xffffff
    return `#${at.toString(16).padStart(6, '0').toUpperCase()}`
  })
}

test('few wavelengths see a mixed stack as all of them do, within ΔE00 0.5', () => {
  const all = colours(240)
  let worst = 0
  for (let i = 0; i + 3 < all.length; i += 3) {
    let curve = groundOf(all[i] as string)
    for (const k of [1, 2])
      curve = layer(opticsOf({ masstone: all[i + k] as string }), (i % 7) / (2 + k), curve)
    worst = Math.max(worst, deltaE00(labOfFew(fewOf(outside(curve))), labInside(curve)))
  }
  expect(worst).toBeLessThan(0.5)
})

test.each([
  ['#A8231F', 0.02],
  ['#A8231F', 1],
  ['#3B3A38', 0.2],
  ['#F1F0EA', 2.9],
])('a film of %s of X %d is read from its table as it is reckoned', (masstone, thickness) => {
  const optics = opticsOf({ masstone })
  const { pq, perRoot } = filmTable(optics, 3)
  const ground = groundOf('#8B8C8B')
  const right = fewOf(layer(optics, thickness, ground))
  const step = Math.min(FILM_STEPS - 1, Math.round(Math.sqrt(thickness) * perRoot))
  const read = fewOf(ground).map((r, b) => {
    const [p, q] = [pq[(step * FEW + b) * 2] as number, pq[(step * FEW + b) * 2 + 1] as number]
    return (r * (1 - q) + p) / (1 + q - r * p)
  })
  read.forEach((r, b) => {
    expect(r).toBeCloseTo(right[b] as number, 2)
  })
})
