import * as v from 'valibot'
import { idField, nameField, ranged } from './fields'
import { LAYOUTS } from './panelFormat'
import { sequenceSchema } from './sequence'

const place = ranged(-5000, 5000, 'mm')
const size = ranged(0.02, 2000, 'mm')
const high = ranged(-20, 20, 'mm')
const pathSchema = v.pipe(
  v.array(v.tuple([place, place])),
  v.minLength(2, 'a path of 2 points or more'),
  v.maxLength(400, 'a path of up to 400 points'),
)

/** What a panel is made of, mm on the model. Source: handbook 10.2. */
const featureSchema = v.variant('kind', [
  /** Raised, or sunk where its height is negative; x and y are its middle. */
  v.looseObject({
    kind: v.literal('plate'),
    x: place,
    y: place,
    w: size,
    h: size,
    height: high,
    bevel: v.optional(ranged(0, 20, 'mm')),
    corner: v.optional(ranged(0, 100, 'mm')),
  }),
  v.looseObject({ kind: v.literal('line'), path: pathSchema, width: size, depth: size }),
  v.looseObject({
    kind: v.literal('rivets'),
    from: v.tuple([place, place]),
    to: v.tuple([place, place]),
    every: size,
    size,
    height: size,
  }),
  v.looseObject({ kind: v.literal('pipe'), path: pathSchema, size }),
  v.looseObject({ kind: v.literal('hole'), x: place, y: place, size, depth: size }),
  /** A cylinder along x. */
  v.looseObject({ kind: v.literal('curve'), y: place, radius: size, height: size }),
  /** Ours: a soft wave along a path; sunk where its height is negative. */
  v.looseObject({ kind: v.literal('fold'), path: pathSchema, width: size, height: high }),
])

/** A feature of a panel. */
export type Feature = v.InferOutput<typeof featureSchema>

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

/** How a panel is made and stands. */
export type Panel = v.InferOutput<typeof panelSchema>

/** What was tried on a panel and kept; a row without a sequence is of a version that this one doesn't know. Source: docs/formats.md. */
export const variantSchema = v.looseObject({
  id: idField,
  name: v.optional(nameField),
  /** Whose steps they are: a part's of a build, or a technique's. */
  build: v.optional(idField),
  part: v.optional(idField),
  technique: v.optional(idField),
  sequence: v.optional(sequenceSchema),
  panel: v.optional(panelSchema),
  /** What it came to when it was kept, by figure. Source: handbook 10.4. */
  figures: v.optional(v.record(v.string(), v.nullable(v.number()))),
})

/** What was tried on a panel and kept. */
export type Variant = v.InferOutput<typeof variantSchema>
