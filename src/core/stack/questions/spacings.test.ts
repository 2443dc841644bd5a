import { LATEX } from '../../knowledge/drying'
import type { Step } from '../../model/sequence'
import { simulate } from '../simulate/simulate'
import { sequence } from '../tests/sequences'
import { type Spacing, spacingsOf } from './spacings'

const DAY: Step = { wait: '24 h' }
const ready: Step[] = [{ do: 'prime', colour: '#8B8C8B' }, DAY]
const BASE: Step = { do: 'base', family: 'alcohol-acrylic' }
/** A rule's own figure is found between two ages, to so many minutes. */
const NEAR = 1

/** How far the last of some steps keeps from what another of them left. */
function spacing(steps: Step[], since: number): Spacing | undefined {
  const last = simulate(sequence(steps)).simulated.at(-1)
  if (!last) throw new Error('Nothing was simulated')
  return spacingsOf(last.context).find((one) => one.since.step === since)
}

test('paint keeps from wet latex until it is dry', () => {
  const over = spacing([...ready, { do: 'latex' }, { wait: '2 h' }, BASE], 2)
  expect(over?.least).toBeGreaterThan(LATEX.dry - NEAR)
  expect(over?.least).toBeLessThanOrEqual(LATEX.dry + NEAR)
  expect(over?.most).toBeNull()
})

test('latex comes off before it sets in the corners, whatever other mask lies beside it', () => {
  const steps: Step[] = [...ready, { do: 'latex' }, { wait: '2 h' }, BASE, DAY]
  for (const others of [[], [{ do: 'tape' } as Step]]) {
    const off = spacing(
      [...ready, ...others, ...steps.slice(2, 5), { wait: '3 h' }, { do: 'unlatex' }],
      2 + others.length,
    )
    expect(Math.abs((off?.most ?? 0) - LATEX.off)).toBeLessThanOrEqual(NEAR)
  }
})

test('a coat of another product keeps from the film below until its recoat time, and nothing from what is cured', () => {
  const clear: Step = { do: 'clear', family: 'lacquer', sheen: 'gloss' }
  const over = spacing([...ready, BASE, DAY, clear], 2)
  expect(over?.least).toBeGreaterThan(0)
  expect(spacing([...ready, BASE, { wait: '30 d' }, clear], 0)?.least ?? 0).toBe(0)
})
