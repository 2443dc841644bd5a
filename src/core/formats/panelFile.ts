import * as v from 'valibot'
import { remembered } from '../colour/remembered'
import { deltaE00, type Lab } from '../colour/spectrum'
import { ranged, wholeRanged } from '../model/fields'
import { formatProblem, type Parsed, type Problem, parse } from '../model/input'
import { isAct } from '../model/isAct'
import { sequenceSchema } from '../model/sequence'
import { type Inside, insideOf, lightsOf } from '../panel/compose'
import type { PanelState } from '../panel/films'
import { laidPanel } from '../panel/keptPanel'
import { meanLab, measuresOf } from '../panel/measures/measures'
import { pictureOf, SHOWS } from '../panel/picture'
import { panelPlan } from '../panel/runPanel'
import { PRIMER } from '../stack/state/filmColours'
import { type Feature, featureSchema } from '../surface/features'
import { LAYOUTS, layoutFeatures } from '../surface/layouts'
import { panelSamples } from '../surface/panelSamples'
import type { Samples } from '../surface/samples'
import { round } from './round'
import { stepProblems } from './stepProblems'

/** The panel request. Described in docs/formats.md. */
export const PANEL_FORMAT = 'tectoria-panel'

const MOST_SAMPLES = 4_000_000

/** How a panel is made and stands. Source: handbook 10.2. */
export const panelSchema = v.looseObject({
  layout: v.optional(
    v.union(
      [
        v.picklist(LAYOUTS),
        v.looseObject({
          features: v.pipe(
            v.array(featureSchema),
            v.maxLength(500, 'a list of up to 500 features'),
          ),
        }),
      ],
      `${LAYOUTS.join(', ')}, or an object with features`,
    ),
  ),
  widthMm: v.optional(ranged(2, 1000, 'mm')),
  heightMm: v.optional(ranged(2, 1000, 'mm')),
  pxPerMm: v.optional(ranged(1, 40, 'samples a mm')),
  seed: v.optional(ranged(-2147483648, 4294967295)),
  stands: v.optional(v.picklist(['upright', 'lying'])),
  gravity: v.optional(ranged(-360, 360, 'degrees')),
  travel: v.optional(ranged(-360, 360, 'degrees')),
})

/** A sequence with panel settings. Source: docs/formats.md. */
export const panelRequestSchema = v.looseObject({
  format: v.literal(PANEL_FORMAT),
  version: v.literal(1),
  sequence: sequenceSchema,
  panel: v.optional(panelSchema),
  /** Only so many entries of `steps`. */
  upTo: v.optional(wholeRanged(0, 1000, 'steps')),
  show: v.optional(v.picklist(SHOWS)),
})

/** A panel request that was read. */
export type PanelRequest = v.InferOutput<typeof panelRequestSchema>

/** How a panel is when nobody says. Source: handbook 10.2. */
const USUAL = {
  layout: 'hull',
  widthMm: 96,
  heightMm: 60,
  pxPerMm: 10,
  seed: 1,
  stands: 'upright',
  gravity: 90,
  travel: 0,
} as const
/** The scale that a sequence is meant for, where it doesn't say. */
const USUAL_SCALE = 72

/** Reads a panel request: its sequence as `check` reads one, and zones that there are. */
export function readPanel(value: unknown): Parsed<PanelRequest> {
  const problem = formatProblem(value, PANEL_FORMAT, 1)
  if (problem) return { ok: false, problems: [problem] }
  const parsed = parse(panelRequestSchema, value)
  if (!parsed.ok) return parsed
  const request = parsed.value
  const steps = stepProblems(request.sequence.steps).map((one) => ({
    ...one,
    path: `sequence.${one.path}`,
  }))
  const { widthMm, heightMm, pxPerMm } = { ...USUAL, ...request.panel }
  const many = widthMm * heightMm * pxPerMm * pxPerMm
  const problems: Problem[] = [...steps]
  if (many > MOST_SAMPLES)
    problems.push({
      path: 'panel.pxPerMm',
      found: `${Math.round(many)} samples`,
      expected: `no more than ${MOST_SAMPLES} samples in all`,
    })
  return problems.length > 0 ? { ok: false, problems } : parsed
}

/** Surfaces that were asked lately: what is tried on one is tried again. */
const surfaces = remembered<Samples>(3)

/** The surface of a request, and what is asked of it. */
export function surfaceOf({ panel, sequence }: PanelRequest): {
  samples: Samples
  seed: number
  scale: number
} {
  const { layout, widthMm, heightMm, pxPerMm, seed, stands, gravity, travel } = {
    ...USUAL,
    ...panel,
  }
  const scale = sequence.scale ?? USUAL_SCALE
  const features: readonly Feature[] =
    typeof layout === 'string' ? layoutFeatures(layout, scale, widthMm, heightMm) : layout.features
  const shape = { features, widthMm, heightMm, pxPerMm, stands, gravity, travel }
  const samples = surfaces(JSON.stringify(shape), () => panelSamples(shape))
  return { samples, seed, scale }
}

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
  const run = surfaceOf(request)
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
