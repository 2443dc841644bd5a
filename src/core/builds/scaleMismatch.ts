import { actRow } from '../knowledge/acts'
import { SMALLEST_MARK } from '../knowledge/limits'
import { REAL_SIZES } from '../knowledge/realSizes'
import type { Build } from '../model/build'
import { isAct } from '../model/isAct'
import type { BuildFinding } from './buildFinding'

/** Two measured lengths that differ by more disagree; a stated scale may be off by so much. Source: handbook 12.9. */
const APART = { measured: 0.04, stated: 0.08 } as const
const METRE = 1000
/** How tall people are, mm. Source: handbook 12.9. */
const PERSON = 1750

/** A length of a build that was measured, and the scale that it gives. */
type Measured = { name: string; scale: number }

/**
 * Is it the scale that it says? Lengths measured on the model against the real ones, and against the scale that is said.
 *
 * Source: handbook 12.9, 2.6.
 */
export function scaleMismatch(build: Build): BuildFinding[] {
  const measured = (build.lengths ?? []).map(
    ({ name, modelMm, realM }): Measured => ({ name, scale: (realM * METRE) / modelMm }),
  )
  if (measured.length === 0) return []
  const low = measured.reduce((a, b) => (b.scale < a.scale ? b : a))
  const high = measured.reduce((a, b) => (b.scale > a.scale ? b : a))
  const told = (because: string, [one, other]: readonly [number, number]): BuildFinding => ({
    rule: 'scale-mismatch',
    severity: 'note',
    parts: build.parts.map(({ id }) => id),
    because: `${because} ${figures(one, other)}${marks(build, one, other)}`,
    steps: [],
  })
  if (high.scale / low.scale > 1 + APART.measured)
    return [
      told(
        `${low.name} makes it ${said(low.scale)}, ${high.name} ${said(high.scale)}: one of the two was measured or looked up wrongly, or the kit has two scales.`,
        [low.scale, high.scale],
      ),
    ]
  const { scale } = build
  const found = Math.sqrt(low.scale * high.scale)
  if (scale === undefined || Math.max(found / scale, scale / found) <= 1 + APART.stated) return []
  return [told(`${low.name} makes it ${said(found)}, and it says ${said(scale)}.`, [found, scale])]
}

function said(scale: number): string {
  return `1:${scale < 10 ? scale.toFixed(1) : Math.round(scale)}`
}

/** What each scale would mean for a person beside it. */
function figures(one: number, other: number): string {
  const tall = (scale: number) => `${(PERSON / scale).toFixed(1)} mm at ${said(scale)}`
  return `A person of 1.75 m is ${tall(one)}, ${tall(other)}.`
}

/** Steps whose smallest mark is believable at one of the scales and too coarse at the other. */
function marks({ steps }: Build, one: number, other: number): string {
  const [low, high] = [Math.min(one, other), Math.max(one, other)]
  const names = steps.flatMap((step) => {
    if (!isAct(step)) return []
    const { marks: kind, name } = actRow(step.do, step.family)
    const mark = SMALLEST_MARK[step.do]
    if (!kind || mark === undefined) return []
    return mark * low <= REAL_SIZES[kind].to && mark * high > REAL_SIZES[kind].to
      ? [name.toLowerCase()]
      : []
  })
  const coarse = [...new Set(names)].join(', ')
  return coarse === '' ? '' : ` At ${said(high)} the marks of ${coarse} are too coarse.`
}
