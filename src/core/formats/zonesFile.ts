import * as v from 'valibot'
import { formatProblem, type Parsed, parse } from '../model/input'
import { standInSchema } from '../model/shape'
import type { ZonedMesh } from '../shape/meshFacts'
import { type ShapeFacts, standInFacts } from '../shape/standIn'
import { round } from './round'

const SHAPE_FORMAT = 'tectoria-shape'

/** A shape that stands in for a part. Source: docs/formats.md, handbook 12.1. */
export const shapeSchema = v.looseObject({
  format: v.literal(SHAPE_FORMAT),
  version: v.literal(1),
  standIn: standInSchema,
})

/** A shape that was read. */
export type ShapeFile = v.InferOutput<typeof shapeSchema>

/** Reads a shape. */
export function readShape(value: unknown): Parsed<ShapeFile> {
  const problem = formatProblem(value, SHAPE_FORMAT, 1)
  return problem ? { ok: false, problems: [problem] } : parse(shapeSchema, value)
}

/** The answer of `zones` for a stand-in. Source: docs/formats.md, handbook 12.1. */
export function shapeAnswer({ standIn }: ShapeFile) {
  return answerOf(standInFacts(standIn))
}

/** The answer of `zones` for a mesh, with its fields' means. Source: docs/formats.md, handbook 12.1. */
export function meshAnswer({ facts, means, triangles }: ZonedMesh) {
  return {
    ...answerOf(facts),
    fields: {
      open: round(means.open, 4),
      edge: round(means.edge, 4),
      recessMm: round(means.recess, 4),
    },
    triangles: triangles.read,
    warnings:
      triangles.kept < triangles.read
        ? [
            `It has ${triangles.read} triangles: its zones and fields were found on a coarser mesh of ${triangles.kept}. Areas and edges are those of the whole.`,
          ]
        : [],
  }
}

function answerOf({ areaCm2, facing, edgeMm, lineMm, zones }: ShapeFacts) {
  return {
    format: 'tectoria-zones',
    version: 1,
    areaCm2: round(areaCm2, 6),
    facing: {
      up: round(facing.up, 6),
      side: round(facing.side, 6),
      down: round(facing.down, 6),
    },
    edgeMm: round(edgeMm, 3),
    lineMm: round(lineMm, 3),
    zones: zones.map(({ id, name, facing: way, height, areaCm2: area }) => ({
      id,
      name,
      facing: way,
      height: round(height, 4),
      areaCm2: round(area, 6),
    })),
  } as const
}
