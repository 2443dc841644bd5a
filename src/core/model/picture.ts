import * as v from 'valibot'
import {
  hexField,
  idField,
  instantField,
  nameField,
  noteField,
  ranged,
  wholeRanged,
} from './fields'

/** What a picture is of: the real thing, this model at a stage, a test piece, a box or a sheet. Source: handbook 13.1. */
export const PICTURE_KINDS = ['reference', 'model', 'test', 'paper'] as const

/** What a picture is of. */
export type PictureKind = (typeof PICTURE_KINDS)[number]

/** What a pin marks. Source: handbook 13.1. */
export const PIN_EFFECTS = [
  'rust',
  'chip',
  'streak',
  'stain',
  'soot',
  'chalk',
  'decal',
  'missing',
] as const

/** What a pin marks. */
export type PinEffect = (typeof PIN_EFFECTS)[number]

/** How a pin stands: still wanted, made, taken as it is, or left out with a reason. Source: handbook 13.1. */
export const PIN_STATES = ['wanted', 'done', 'accepted', 'waived'] as const

/** How a pin stands. */
export type PinState = (typeof PIN_STATES)[number]

/** A place in a picture, shares of its width and height. */
const share = ranged(0, 1)
const placeSchema = v.tuple([share, share])

/** A place that was marked in a picture. Source: handbook 13.1. */
const photoPinSchema = v.looseObject({
  id: idField,
  at: placeSchema,
  effect: v.picklist(PIN_EFFECTS),
  /** Where on the build it belongs. */
  zone: v.optional(idField),
  /** Its size on the model. */
  mm: v.optional(ranged(0.01, 10_000, 'mm')),
  /** The way it goes, degrees clockwise from the right. */
  direction: v.optional(ranged(0, 360, 'degrees')),
  strength: v.optional(ranged(0, 1)),
  /** The colour that was read there. */
  tone: v.optional(hexField),
  state: v.picklist(PIN_STATES),
  /** Why it is waived or accepted. */
  why: noteField,
})

/** A place that was marked in a picture. */
export type PhotoPin = v.InferOutput<typeof photoPinSchema>

/** Between two places lies a length that is known. */
const knownSchema = v.looseObject({
  from: placeSchema,
  to: placeSchema,
  mm: ranged(0.1, 1_000_000, 'mm'),
  /** On the real thing; left out: on the model. */
  real: v.optional(v.boolean()),
})

/** What is known of a picture; the picture itself is kept apart. Source: docs/formats.md. */
export const pictureSchema = v.looseObject({
  id: idField,
  name: nameField,
  at: instantField,
  kind: v.picklist(PICTURE_KINDS),
  build: v.optional(idField),
  part: v.optional(idField),
  step: v.optional(idField),
  /** Pixels, upright. */
  width: wholeRanged(1, 20_000, 'px'),
  height: wholeRanged(1, 20_000, 'px'),
  /** How it is looked at, never written into it: 1 is as it is; shadows are lifted by 0 to 1. */
  light: v.optional(
    v.looseObject({
      brightness: v.optional(ranged(0.2, 4)),
      contrast: v.optional(ranged(0.2, 4)),
      shadows: v.optional(ranged(0, 1)),
    }),
  ),
  /** A place that is neutral in truth, and how light it is, CIELAB L*. */
  grey: v.optional(v.looseObject({ at: placeSchema, l: v.optional(ranged(5, 100)) })),
  known: v.optional(knownSchema),
  pins: v.optional(v.pipe(v.array(photoPinSchema), v.maxLength(200, 'a list of up to 200 pins'))),
})

/** What is known of a picture. */
export type Picture = v.InferOutput<typeof pictureSchema>
