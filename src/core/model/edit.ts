import * as v from 'valibot'
import { type Build, buildStepSchema, type Part, partSchema } from './build'
import { idField, wholeRanged } from './fields'
import { type Parsed, parse } from './input'

/** A step, or what is left of it from a coat on (from 1): the coats before are laid, and stay. */
const targetSchema = v.object({
  step: idField,
  coat: v.optional(wholeRanged(1, 30, '(coat)')),
})

/** A step by its id, or what is left of it from a coat on. */
export type EditTarget = v.InferOutput<typeof targetSchema>

/** Whom an edit is for: every part that the step is meant for, or these. */
const scopeSchema = v.union([v.literal('every'), v.array(idField)])

/** Every part of the step, or parts by id. */
export type EditScope = v.InferOutput<typeof scopeSchema>

/** What a row is, and what has edits of its own: no edit of fields changes it. */
const FIXED = ['id', 'parts', 'steps', 'endsAfter'] as const

/** Fields by name; null takes one away. */
const fieldsSchema = v.pipe(
  v.record(v.string(), v.unknown()),
  v.check(
    (fields) => FIXED.every((field) => !(field in fields)),
    `fields other than ${FIXED.join(', ')}`,
  ),
)

/** Fields of a step and their new values; null takes a field out. */
export type EditFields = v.InferOutput<typeof fieldsSchema>

/** Lays steps before another one; null: at the end. Each says which parts it is for. */
const insertSchema = v.object({
  do: v.literal('insert'),
  before: v.nullable(targetSchema),
  steps: v.array(buildStepSchema),
})

/** Changes fields of steps; what of them is done stays as it was logged. */
const changeSchema = v.object({
  do: v.literal('change'),
  targets: v.array(targetSchema),
  on: scopeSchema,
  fields: fieldsSchema,
})

/** Takes steps off parts; a step that no part has left is gone. */
const removeSchema = v.object({
  do: v.literal('remove'),
  targets: v.array(targetSchema),
  on: scopeSchema,
})

/** Puts a step before another one; null: at the end. */
const moveSchema = v.object({
  do: v.literal('move'),
  target: targetSchema,
  before: v.nullable(targetSchema),
  on: scopeSchema,
})

/** What is still to do on a part, anew and in this order: steps that it has, and new ones; what isn't named is taken off. */
const orderSchema = v.object({
  do: v.literal('order'),
  part: idField,
  steps: v.array(
    v.union([v.object({ known: targetSchema }), v.object({ added: buildStepSchema })]),
  ),
})

/** Steps that other parts share from now on. */
const shareSchema = v.object({
  do: v.literal('share'),
  steps: v.array(idField),
  with: v.array(idField),
})

/** Takes a finding at a step as it is, with the reason; null: it is judged again. */
const acceptSchema = v.object({
  do: v.literal('accept'),
  step: idField,
  rule: v.string(),
  reason: v.nullable(v.string()),
})

/** Changes fields of the build itself. */
const setSchema = v.object({ do: v.literal('set'), fields: fieldsSchema })

/** Changes fields of a part. */
const partEditSchema = v.object({ do: v.literal('part'), part: idField, fields: fieldsSchema })

/** Adds a part to the build. */
const addPartSchema = v.object({ do: v.literal('addPart'), part: partSchema })

/** Takes a part out, with what is meant for it alone; what was logged of it stays in the log. */
const removePartSchema = v.object({ do: v.literal('removePart'), part: idField })

/** Puts the parts in order: all of them, by id. */
const orderPartsSchema = v.object({ do: v.literal('orderParts'), parts: v.array(idField) })

/** One row before and after; null: it isn't there. */
const stepPatch = v.object({
  id: idField,
  before: v.nullable(buildStepSchema),
  after: v.nullable(buildStepSchema),
})
const partPatch = v.object({
  id: idField,
  before: v.nullable(partSchema),
  after: v.nullable(partSchema),
})

/** Exactly what differs between two states of a build: what every edit comes to, and its own inverse turned round. */
const patchSchema = v.object({
  do: v.literal('patch'),
  steps: v.array(stepPatch),
  parts: v.array(partPatch),
  /** Ids of all steps in order of work, where it changes. */
  order: v.nullable(v.object({ before: v.array(idField), after: v.array(idField) })),
  /** Ids of all parts in order, where it changes. */
  partOrder: v.optional(
    v.nullable(v.object({ before: v.array(idField), after: v.array(idField) })),
  ),
  fields: v.object({ before: fieldsSchema, after: fieldsSchema }),
})

/** What differs between two states of a build, row by row. */
export type Patch = v.InferOutput<typeof patchSchema>

type Simple =
  | v.InferOutput<typeof insertSchema>
  | v.InferOutput<typeof changeSchema>
  | v.InferOutput<typeof removeSchema>
  | v.InferOutput<typeof moveSchema>
  | v.InferOutput<typeof orderSchema>
  | v.InferOutput<typeof shareSchema>
  | v.InferOutput<typeof acceptSchema>
  | v.InferOutput<typeof setSchema>
  | v.InferOutput<typeof partEditSchema>
  | v.InferOutput<typeof addPartSchema>
  | v.InferOutput<typeof removePartSchema>
  | v.InferOutput<typeof orderPartsSchema>
  | Patch

/** One change of a build, in ids of its steps, never in places of a sequence. Several as one: all of them or none. */
export type Edit = Simple | { do: 'all'; edits: Edit[] }

/**
 * An edit, or how it follows from the build as it is when it is written. What gives a list anew is said so: two taps in quick
 * succession would else both go by the build that was shown, and the second would lose what the first put in.
 */
export type EditOfNow = Edit | ((now: Build) => Edit)

/** How an edit follows from a part as it is when it is written; a part that is gone refuses it. */
export function editOfPart(id: string, edit: (part: Part) => Edit): (now: Build) => Edit {
  return (now) => {
    const part = now.parts.find((one) => one.id === id)
    return part ? edit(part) : { do: 'part', part: id, fields: {} }
  }
}

const editSchema: v.GenericSchema<unknown, Edit> = v.lazy(() =>
  v.variant('do', [
    insertSchema,
    changeSchema,
    removeSchema,
    moveSchema,
    orderSchema,
    shareSchema,
    acceptSchema,
    setSchema,
    partEditSchema,
    addPartSchema,
    removePartSchema,
    orderPartsSchema,
    patchSchema,
    v.object({ do: v.literal('all'), edits: v.array(editSchema) }),
  ]),
) as v.GenericSchema<unknown, Edit>

/** Reads an edit from JSON. */
export function parseEdit(value: unknown): Parsed<Edit> {
  return parse(editSchema, value)
}
