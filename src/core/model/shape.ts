import * as v from 'valibot'
import { ranged } from './fields'

/** Where a zone faces on the model as it stands. Source: handbook 12.2. */
export const ZONE_FACINGS = ['up', 'side', 'down', 'front', 'rear', 'inside'] as const

/** Where a zone faces. Source: handbook 12.2. */
export type ZoneFacing = (typeof ZONE_FACINGS)[number]

/** Shapes that stand in for a part. Source: handbook 12.1. */
export const STAND_INS = [
  'box-hull',
  'wedge-hull',
  'cylinder',
  'cone',
  'bell',
  'dome',
  'sphere',
  'plate',
  'wing',
  'car-body',
  'limb',
  'figure',
] as const

/** A kind of stand-in shape. Source: handbook 12.1. */
export type StandInKind = (typeof STAND_INS)[number]

/** The lengths that a stand-in may have, mm on the model. */
export const DIMENSIONS = [
  'lengthMm',
  'widthMm',
  'heightMm',
  'frontMm',
  'diameterMm',
  'mouthMm',
  'thicknessMm',
] as const

/** A length of a stand-in. */
export type Dimension = (typeof DIMENSIONS)[number]

/** Lengths that each kind must have, and those that may be nothing: a hull that ends in an edge, a cone in a point. Source: handbook 12.1. */
export const STAND_IN_LENGTHS: Record<
  StandInKind,
  { must: readonly Dimension[]; may?: readonly Dimension[] }
> = {
  'box-hull': { must: ['lengthMm', 'widthMm', 'heightMm'] },
  'wedge-hull': { must: ['lengthMm', 'widthMm', 'heightMm'], may: ['frontMm'] },
  cylinder: { must: ['diameterMm', 'lengthMm'] },
  cone: { must: ['diameterMm', 'lengthMm'], may: ['mouthMm'] },
  bell: { must: ['diameterMm', 'mouthMm', 'lengthMm'] },
  dome: { must: ['diameterMm'] },
  sphere: { must: ['diameterMm'] },
  plate: { must: ['lengthMm', 'widthMm', 'thicknessMm'] },
  wing: { must: ['lengthMm', 'widthMm', 'thicknessMm'] },
  'car-body': { must: ['lengthMm', 'widthMm', 'heightMm'] },
  limb: { must: ['lengthMm', 'widthMm', 'thicknessMm'] },
  figure: { must: ['heightMm'] },
}

const length = v.optional(ranged(0.1, 10_000, 'mm'))
const lengthOrNone = v.optional(ranged(0, 10_000, 'mm'))

/** A shape that stands in for a part, with its lengths on the model. Source: handbook 12.1. */
export const standInSchema = v.pipe(
  v.looseObject({
    kind: v.picklist(STAND_INS),
    lengthMm: length,
    widthMm: length,
    heightMm: length,
    frontMm: lengthOrNone,
    diameterMm: length,
    mouthMm: lengthOrNone,
    thicknessMm: length,
    complexity: v.optional(ranged(0.5, 10)),
  }),
  v.rawCheck(({ dataset, addIssue }) => {
    if (!dataset.typed) return
    const shape = dataset.value as Record<string, unknown>
    const { kind } = dataset.value
    for (const key of STAND_IN_LENGTHS[kind].must)
      if (!shape[key])
        addIssue({
          input: shape[key],
          message: `its ${SAID[key]} in mm: a ${kind} has ${STAND_IN_LENGTHS[kind].must.map((one) => SAID[one]).join(', ')}`,
          path: [{ type: 'object', origin: 'value', input: shape, key, value: shape[key] }],
        })
  }),
)

const SAID: Record<Dimension, string> = {
  lengthMm: 'length',
  widthMm: 'width',
  heightMm: 'height',
  frontMm: 'front height',
  diameterMm: 'diameter',
  mouthMm: 'mouth',
  thicknessMm: 'thickness',
}

/** A stand-in that was read. */
export type StandIn = v.InferOutput<typeof standInSchema>
