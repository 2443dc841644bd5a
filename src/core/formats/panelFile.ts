import { deltaE00, type Lab } from '../colour/spectrum'
import type { Parsed, Problem } from '../model/input'
import { isAct } from '../model/isAct'
import { type Inside, insideOf, lightsOf } from '../panel/compose'
import type { PanelState } from '../panel/films'
import { laidPanel } from '../panel/keptPanel'
import { meanLab, measuresOf } from '../panel/measures/measures'
import { panelSurface } from '../panel/panelSurface'
import { pictureOf } from '../panel/picture'
import { panelPlan } from '../panel/runPanel'
import { PRIMER } from '../stack/state/filmColours'
import type { Samples } from '../surface/samples'
import type { PanelRequest } from './panelRequest'
import { round } from './round'

/** A zone that names a plate that isn't there. */
function zoneProblems({ sequence }: PanelRequest, { plates }: Samples): Problem[] {
  return sequence.steps.flatMap((step, i) => {
    if (!isAct(step) || !step.zone || !('plate' in step.zone) || step.zone.plate < plates) return []
    return [
      {
        path: `sequence.steps[${i}].zone.plate`,
        found: String(step.zone.plate),
        expected: `one of the ${plates} plates of this panel, from 0`,
      },
    ]
  })
}

/** A picture, three bytes a pixel. */
export type PanelPicture = { width: number; height: number; data: Uint8Array }

type Row = { step: number; deltaL: number; deltaE00: number }

/**
 * Lays a sequence on its panel.
 *
 * @param wantsPicture is a picture asked for?
 * Source: handbook 10; docs/formats.md.
 */
export function panelAnswer(
  request: PanelRequest,
  wantsPicture: boolean,
): Parsed<{ answer: unknown; picture: PanelPicture | null }> {
  const run = panelSurface(request.panel, request.sequence.scale)
  const { samples, seed, scale } = run
  const problems = zoneProblems(request, samples)
  if (problems.length > 0) return { ok: false, problems }
  const plan = panelPlan(request.sequence, request.upTo)
  const { states } = laidPanel(plan, run)
  let state = states[0] as PanelState
  let inside: Inside = insideOf([], samples.count, PRIMER)
  let lights = lightsOf(inside, state)
  let mean = meanLab(samples, lights)
  const rows: Row[] = []
  states.slice(1).forEach((after, step) => {
    let next: Lab = mean
    if (after !== state) {
      inside = insideOf(after.films, samples.count, PRIMER, inside)
      lights = lightsOf(inside, after)
      next = meanLab(samples, lights)
    }
    rows.push({ step, deltaL: next.l - mean.l, deltaE00: deltaE00(next, mean) })
    state = after
    mean = next
  })
  const measures = measuresOf(samples, state, lights, { ground: PRIMER, scale })
  const { grid } = samples
  const picture =
    wantsPicture && grid
      ? {
          width: grid.width,
          height: grid.height,
          data: pictureOf(samples, state, lights, request.show ?? 'lit', seed),
        }
      : null
  return {
    ok: true,
    value: {
      answer: {
        format: 'tectoria-panel-answer',
        version: 1,
        measures: rounded(measures),
        steps: rows.map(({ step, ...more }) => ({ step, ...rounded(more) })),
      },
      picture,
    },
  }
}

/** Every number of an answer to five digits. */
function rounded<T>(value: T): T {
  if (typeof value === 'number') return round(value, 5) as T
  if (Array.isArray(value)) return value.map(rounded) as T
  if (typeof value !== 'object' || value === null) return value
  return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, rounded(one)])) as T
}
