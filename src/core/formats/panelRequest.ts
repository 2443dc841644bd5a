import * as v from 'valibot'
import { wholeRanged } from '../model/fields'
import { formatProblem, type Parsed, type Problem, parse } from '../model/input'
import { panelSchema } from '../model/panel'
import { PANEL_FORMAT, SHOWS, USUAL_PANEL } from '../model/panelFormat'
import { sequenceSchema } from '../model/sequence'
import { stepProblems } from './stepProblems'

const MOST_SAMPLES = 4_000_000

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
  const { widthMm, heightMm, pxPerMm } = { ...USUAL_PANEL, ...request.panel }
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
