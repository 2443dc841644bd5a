import * as v from 'valibot'
import { accidentSchema } from '@/core/model/accident'
import { climateReadingSchema, correctionSchema, pinSchema, timerSchema } from '@/core/model/bench'
import { bottleSchema } from '@/core/model/bottle'
import { buildSchema } from '@/core/model/build'
import { loggedActSchema } from '@/core/model/loggedAct'
import { meshSchema } from '@/core/model/mesh'
import { storedMixSchema } from '@/core/model/mix'
import { variantSchema } from '@/core/model/panel'
import { pictureSchema } from '@/core/model/picture'
import { sessionsSchema } from '@/core/model/sessions'
import { ownTechniqueSchema } from '@/core/model/technique'
import { testPieceSchema } from '@/core/model/testPiece'
import { toolSchema } from '@/core/model/tool'

/** What there is only one of: when the modeller is at the bench, and fields of the project that this version doesn't know. */
const singleSchema = v.variant('id', [
  v.looseObject({ id: v.literal('sessions'), value: v.nullable(sessionsSchema) }),
  v.looseObject({ id: v.literal('extra'), value: v.record(v.string(), v.unknown()) }),
])

/** By table, how a row is read. */
export const ROW_SCHEMAS = {
  builds: buildSchema,
  shelf: bottleSchema,
  mixes: storedMixSchema,
  acts: loggedActSchema,
  climate: climateReadingSchema,
  panels: variantSchema,
  corrections: correctionSchema,
  techniques: ownTechniqueSchema,
  pins: pinSchema,
  timers: timerSchema,
  tools: toolSchema,
  meshes: meshSchema,
  pictures: pictureSchema,
  tests: testPieceSchema,
  accidents: accidentSchema,
  single: singleSchema,
} as const

export type Rows = { [T in keyof typeof ROW_SCHEMAS]: v.InferOutput<(typeof ROW_SCHEMAS)[T]> }
