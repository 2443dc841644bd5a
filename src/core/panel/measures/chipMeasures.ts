import type { Samples } from '../../surface/samples'
import { piecesOf } from '../../surface/spread'
import type { PanelState } from '../films'

/** Marks laid on and openings. Sizes in real mm, as discs of the same area. Source: handbook 10.4. */
export type ChipMeasures = {
  share: number
  count: number
  medianMmReal: number | null
  largestMmReal: number | null
  withCore: number
}

/** What is smaller is a crumb: in reality, and on the model, mm. Source: handbook 10.4. */
const CRUMB = { real: 10, model: 0.15 } as const
const HALF = 127

/** Chips of a state: pieces that hang together, over half coverage. Source: handbook 10.4. */
export function chipMeasures(
  samples: Samples,
  { films, opened }: PanelState,
  scale: number,
): ChipMeasures {
  const marks = films.filter(({ kind }) => kind === 'mark')
  const inks = [...new Set(marks.map(({ ink }) => ink?.colour))]
  const chipped = new Uint8Array(samples.count)
  const core = new Uint8Array(samples.count)
  for (let i = 0; i < samples.count; i++) {
    if ((opened[i] as number) > HALF) chipped[i] = 1
    for (const { cover, ink } of marks) {
      if (!cover || (cover[i] as number) <= HALF) continue
      // Deeper than another's mark, or than what was opened.
      const own = 1 + inks.indexOf(ink?.colour) + 1
      if (chipped[i] !== 0 && chipped[i] !== own) core[i] = 1
      chipped[i] = own
    }
  }
  const { of, sizes } = piecesOf(samples, (i) => chipped[i] !== 0)
  const areas = new Float64Array(sizes.length)
  const cored = new Uint8Array(sizes.length)
  let [share, whole] = [0, 0]
  for (let i = 0; i < samples.count; i++) {
    const area = samples.area[i] as number
    whole += area
    const piece = of[i] as number
    if (piece < 0) continue
    share += area
    areas[piece] = (areas[piece] as number) + area
    if (core[i] === 1) cored[piece] = 1
  }
  const least = Math.max(CRUMB.model, CRUMB.real / scale)
  const chips = Array.from(areas, (area, piece) => ({
    mm: 2 * Math.sqrt(area / Math.PI),
    cored: cored[piece] === 1,
  })).filter(({ mm }) => mm >= least)
  const real = chips.map(({ mm }) => mm * scale).sort((a, b) => a - b)
  return {
    share: share / whole,
    count: chips.length,
    medianMmReal: real[real.length >> 1] ?? null,
    largestMmReal: real.at(-1) ?? null,
    withCore: chips.length > 0 ? chips.filter((one) => one.cored).length / chips.length : 0,
  }
}
