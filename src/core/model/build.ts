import * as v from 'valibot'
import { briefSchema } from './brief'
import { decalPlaceSchema, sheetSchema } from './decals'
import { dateField, idField, nameField, noteField, ranged, wholeRanged } from './fields'
import { holderSchema } from './holder'
import { actStepSchema, schoolSchema, waitStepSchema } from './sequence'
import { standInSchema } from './shape'
import { spotSchema } from './spot'
import { SUBSTRATES, WEAR_EVENTS } from './vocabulary'
import { zoneSchema } from './zone'

/** A part of a build: what it is made of, how large it is, how deep its lines are and how wide its joint. */
export const partSchema = v.looseObject({
  id: idField,
  name: nameField,
  substrate: v.picklist(SUBSTRATES),
  /** Surface to paint, cm². */
  areaCm2: v.optional(ranged(0.1, 100000, 'cm²')),
  /** The shape that stands in for it. */
  standIn: v.optional(standInSchema),
  /** Or the mesh of the project that it is drawn by. */
  mesh: v.optional(idField),
  /** Depth of its panel lines, mm. */
  lineDepthMm: v.optional(ranged(0.01, 5, 'mm')),
  /** What it weighs, g, or how much there is of it, cm³. Source: handbook 12.7. */
  weightG: v.optional(ranged(0.1, 100000, 'g')),
  volumeCm3: v.optional(ranged(0.01, 100000, 'cm³')),
  /** How it is held while it is painted. Source: handbook 12.7. */
  holder: v.optional(holderSchema),
  /** Places that want mending before colour. Source: handbook 12.4. */
  spots: v.optional(v.pipe(v.array(spotSchema), v.maxLength(500, 'a list of up to 500 spots'))),
  /** Room in the joint that it fits into, mm. */
  jointGapMm: v.optional(ranged(0.01, 5, 'mm')),
  note: noteField,
})

/** A part that was read. */
export type Part = v.InferOutput<typeof partSchema>

const buildStepFields = { id: idField, parts: v.array(idField) }
const buildActSchema = v.looseObject({
  ...buildStepFields,
  ...actStepSchema.entries,
  /** Findings that the modeller takes as they are, each with the reason. */
  accepted: v.optional(v.array(v.looseObject({ rule: v.string(), reason: v.string() }))),
  /** The kept mix that it is painted from. */
  mix: v.optional(idField),
  /** The bottle that it is painted from, where one was chosen: colour, sheet, share and stock follow it. */
  bottle: v.optional(idField),
  /** The bottle that it is thinned from. */
  thinner: v.optional(idField),
  /** It is done once, for all its parts in one go; left out: joining and glazing are, the rest isn't. */
  together: v.optional(v.boolean()),
  /** Its coats may lie in several sittings; left out: they are one. */
  split: v.optional(v.boolean()),
  /** By part: so many of its coats are meant there and no more, since what was left of it was changed when they were laid. */
  endsAfter: v.optional(v.record(idField, wholeRanged(0, 30, 'coats'))),
})
const buildWaitSchema = v.looseObject({ ...buildStepFields, ...waitStepSchema.entries })

/** A step of a build at which hands do something, and for which parts. */
export type BuildAct = v.InferOutput<typeof buildActSchema>

/** A step of a build: an act or a wait. */
export type BuildStep = BuildAct | v.InferOutput<typeof buildWaitSchema>

/** A step of a build; what has `wait` and no `do` is a wait. */
export const buildStepSchema = v.lazy((input) =>
  typeof input === 'object' && input !== null && 'wait' in input && !('do' in input)
    ? buildWaitSchema
    : buildActSchema,
) as v.GenericSchema<unknown, BuildStep>

/** A length of the model and of the real thing. Source: handbook 12.9. */
export const lengthSchema = v.looseObject({
  name: nameField,
  modelMm: ranged(0.1, 10_000, 'mm'),
  realM: ranged(0.001, 10_000, 'm'),
})

/** Something that happened to the real thing. Source: handbook 12.8. */
const eventSchema = v.looseObject({
  event: v.picklist(WEAR_EVENTS),
  zone: v.optional(idField),
  strength: v.optional(ranged(0, 1)),
})

/** A build: its parts and the steps they share. Source: docs/formats.md. */
export const buildSchema = v.looseObject({
  id: idField,
  name: nameField,
  scale: v.optional(ranged(1, 5000)),
  use: v.optional(v.picklist(['display', 'handled'])),
  school: v.optional(schoolSchema),
  /** Lengths measured on the model, and what they are in reality. Source: handbook 12.9. */
  lengths: v.optional(v.array(lengthSchema)),
  /** Left and right differ on purpose. */
  lopsided: v.optional(v.boolean()),
  story: noteField,
  /** What happened to it, where (a zone; left out: all over) and how strongly, 0 to 1. Source: handbook 12.8. */
  events: v.optional(v.pipe(v.array(eventSchema), v.maxLength(200, 'a list of up to 200 events'))),
  parts: v.pipe(v.array(partSchema), v.minLength(1, 'a list of at least one part')),
  zones: v.optional(v.pipe(v.array(zoneSchema), v.maxLength(1000, 'a list of up to 1000 zones'))),
  /** Sheets of decals, and where decals are wanted. Source: handbook 12.5. */
  sheets: v.optional(v.pipe(v.array(sheetSchema), v.maxLength(50, 'a list of up to 50 sheets'))),
  decalPlaces: v.optional(
    v.pipe(v.array(decalPlaceSchema), v.maxLength(500, 'a list of up to 500 places')),
  ),
  steps: v.pipe(v.array(buildStepSchema), v.maxLength(1000, 'a list of up to 1000 steps')),
  /** What it is to be, and for whom. Source: handbook 13.2. */
  brief: v.optional(briefSchema),
  /** The day it is wanted for. */
  due: v.optional(dateField),
  /** Where it stands among the builds, the lowest first. */
  place: v.optional(v.number()),
  /** The day it was finished. */
  finishedOn: v.optional(dateField),
  /** In the archive: kept for its record, neither planned nor on the bench. */
  shelved: v.optional(v.boolean()),
})

/** A build that was read. */
export type Build = v.InferOutput<typeof buildSchema>
