import * as v from 'valibot'
import { accidentSchema } from './accident'
import { climateReadingSchema, correctionSchema, pinSchema, timerSchema } from './bench'
import { bottleSchema } from './bottle'
import { buildSchema } from './build'
import { idField, instantField, ranged } from './fields'
import { formatProblem, type Parsed, parse } from './input'
import { loggedActSchema } from './loggedAct'
import { meshSchema } from './mesh'
import { storedMixSchema } from './mix'
import { variantSchema } from './panel'
import { pictureSchema } from './picture'
import { PROJECT_FORMAT, PROJECT_VERSION } from './projectFormat'
import { broughtUp } from './projectUpgrades'
import { sessionsSchema } from './sessions'
import { ownTechniqueSchema } from './technique'
import { testPieceSchema } from './testPiece'
import { toolSchema } from './tool'
import { AIRS } from './vocabulary'

/** All of a modeller's data in one file. Source: docs/formats.md. */
export const projectSchema = v.looseObject({
  format: v.literal(PROJECT_FORMAT),
  version: v.literal(PROJECT_VERSION),
  exportedAt: v.optional(instantField),
  /** Which file this is, and which ones its maker knew: what two devices went on from. */
  handed: v.optional(
    v.looseObject({
      id: idField,
      knows: v.optional(v.pipe(v.array(idField), v.maxLength(20, 'a list of up to 20 ids'))),
    }),
  ),
  builds: v.optional(v.array(buildSchema)),
  shelf: v.optional(v.array(bottleSchema)),
  mixes: v.optional(v.array(storedMixSchema)),
  acts: v.optional(v.array(loggedActSchema)),
  sessions: v.optional(v.nullable(sessionsSchema)),
  climate: v.optional(v.array(climateReadingSchema)),
  /** What will be done to the room's air from now on: a heater, a fan. */
  outlook: v.optional(
    v.looseObject({ warmer: v.optional(ranged(-20, 20, '°C')), air: v.optional(v.picklist(AIRS)) }),
  ),
  /** What was tried on a panel and kept. */
  panels: v.optional(v.array(variantSchema)),
  corrections: v.optional(v.array(correctionSchema)),
  pins: v.optional(v.array(pinSchema)),
  timers: v.optional(v.array(timerSchema)),
  tools: v.optional(v.array(toolSchema)),
  /** Meshes that parts are drawn by. */
  meshes: v.optional(v.array(meshSchema)),
  /** What is known of pictures: they themselves lie beside the file. */
  pictures: v.optional(v.array(pictureSchema)),
  tests: v.optional(v.array(testPieceSchema)),
  accidents: v.optional(v.array(accidentSchema)),
  /** Techniques of the modeller's own. */
  techniques: v.optional(v.array(ownTechniqueSchema)),
})

/** A project that was read. */
export type Project = v.InferOutput<typeof projectSchema>

/** Reads a project from outside: shapes only; what refers to what is judged in formats/. */
export function parseProject(value: unknown): Parsed<Project> {
  const problem = formatProblem(value, PROJECT_FORMAT, PROJECT_VERSION)
  return problem ? { ok: false, problems: [problem] } : parse(projectSchema, broughtUp(value))
}
