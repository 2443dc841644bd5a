import * as v from 'valibot'
import { dateField, idField, nameField, noteField, ranged, wholeRanged } from './fields'
import { actStepSchema, schoolSchema, waitStepSchema } from './sequence'
import { SUBSTRATES } from './vocabulary'

/** A part of a build: what it is made of, how large it is, how deep its lines are and how wide its joint. */
export const partSchema = v.looseObject({
  id: idField,
  name: nameField,
  substrate: v.picklist(SUBSTRATES),
  /** Surface to paint, cm². */
  areaCm2: v.optional(ranged(0.1, 100000, 'cm²')),
  /** Depth of its panel lines, mm. */
  lineDepthMm: v.optional(ranged(0.01, 5, 'mm')),
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

/** A build: its parts and the steps they share. Source: docs/formats.md. */
export const buildSchema = v.looseObject({
  id: idField,
  name: nameField,
  scale: v.optional(ranged(1, 5000)),
  use: v.optional(v.picklist(['display', 'handled'])),
  school: v.optional(schoolSchema),
  story: noteField,
  parts: v.pipe(v.array(partSchema), v.minLength(1, 'a list of at least one part')),
  zones: v.optional(v.array(v.looseObject({ id: idField, part: idField, name: nameField }))),
  steps: v.pipe(v.array(buildStepSchema), v.maxLength(1000, 'a list of up to 1000 steps')),
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
