import * as v from 'valibot'
import { hexField, idField, instantField, nameField, ranged, wholeRanged } from './fields'
import { formatProblem, type Parsed, parse } from './input'
import { actStepSchema, productSchema, schoolSchema, waitStepSchema } from './sequence'
import { ownTechniqueSchema } from './technique'
import {
  ACT_KINDS,
  AIRS,
  FAMILIES,
  MILESTONES,
  ROLES,
  SHEENS,
  SOLVENTS,
  SUBSTRATES,
} from './vocabulary'

/** The project format: one build or a whole bench. Described in docs/formats.md. */
export const PROJECT_FORMAT = 'tectoria-project'
export const PROJECT_VERSION = 1

const note = v.optional(v.pipe(v.string(), v.maxLength(4000, 'a note of up to 4000 characters')))

/** A day of the calendar. */
const dateField = v.pipe(
  v.string(),
  v.regex(/^\d{4}-\d\d-\d\d$/, 'a date such as "2026-03-14"'),
  v.check((text) => Number.isFinite(Date.parse(`${text}T00:00:00Z`)), 'a date of the calendar'),
)

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
  note,
})
export type Part = v.InferOutput<typeof partSchema>

const buildStepFields = { id: idField, parts: v.array(idField) }
const buildActSchema = v.looseObject({
  ...buildStepFields,
  ...actStepSchema.entries,
  /** Findings that the modeller takes as they are, each with the reason. */
  accepted: v.optional(v.array(v.looseObject({ rule: v.string(), reason: v.string() }))),
  /** The kept mix that it is painted from. */
  mix: v.optional(idField),
})
const buildWaitSchema = v.looseObject({ ...buildStepFields, ...waitStepSchema.entries })
export type BuildAct = v.InferOutput<typeof buildActSchema>
export type BuildStep = BuildAct | v.InferOutput<typeof buildWaitSchema>

export const buildStepSchema = v.lazy((input) =>
  typeof input === 'object' && input !== null && 'wait' in input && !('do' in input)
    ? buildWaitSchema
    : buildActSchema,
) as v.GenericSchema<unknown, BuildStep>

export const buildSchema = v.looseObject({
  id: idField,
  name: nameField,
  scale: v.optional(ranged(1, 5000)),
  use: v.optional(v.picklist(['display', 'handled'])),
  school: v.optional(schoolSchema),
  story: note,
  parts: v.pipe(v.array(partSchema), v.minLength(1, 'a list of at least one part')),
  zones: v.optional(v.array(v.looseObject({ id: idField, part: idField, name: nameField }))),
  steps: v.pipe(v.array(buildStepSchema), v.maxLength(1000, 'a list of up to 1000 steps')),
  /** The day it is wanted for. */
  due: v.optional(dateField),
  /** Put away: neither planned nor on the bench. */
  shelved: v.optional(v.boolean()),
})
export type Build = v.InferOutput<typeof buildSchema>

export const BOTTLE_STATES = ['sealed', 'open', 'decanted'] as const

export const bottleSchema = v.looseObject({
  id: idField,
  name: nameField,
  maker: v.optional(v.pipe(v.string(), v.maxLength(80, 'a maker of up to 80 characters'))),
  family: v.picklist(FAMILIES),
  role: v.picklist(ROLES),
  sheen: v.optional(v.picklist(SHEENS)),
  colour: v.optional(hexField),
  solvent: v.optional(v.picklist(SOLVENTS)),
  sizeMl: ranged(0.1, 5000, 'ml'),
  leftMl: ranged(0, 5000, 'ml'),
  /** Paint share of what is in it: 1 is neat. */
  share: v.optional(ranged(0.01, 1, '(paint share)')),
  dropsPerMl: v.optional(ranged(1, 200, 'drops to the ml')),
  state: v.optional(v.picklist(BOTTLE_STATES)),
  decantedAt: v.optional(instantField),
  /** How the lid of decanted paint lies: resting on it, or closed. */
  lid: v.optional(v.picklist(['resting', 'closed'])),
  product: v.optional(productSchema),
  /** Its look over white after one normal light coat. */
  undertone: v.optional(hexField),
  /** The colour that it wants under it: white beneath a light blue. */
  undercoat: v.optional(hexField),
  /** Normal light coats until it hides. */
  hiding: v.optional(ranged(0.2, 200, 'light coats')),
  /** Tinting strength in a mix, 1 like most. */
  strength: v.optional(ranged(0.05, 20)),
  /** g/ml. */
  density: v.optional(ranged(0.3, 5, 'g/ml')),
  /** The maker's code. */
  code: v.optional(v.pipe(v.string(), v.maxLength(40, 'a code of up to 40 characters'))),
  /** Codes that it had before, the oldest first. */
  earlierCodes: v.optional(v.array(v.looseObject({ code: v.string(), until: instantField }))),
  /** Where it was bought. */
  boughtAt: v.optional(v.pipe(v.string(), v.maxLength(120, 'a place of up to 120 characters'))),
  /** How long a wash of it can be worked on, hours. */
  reworkHours: v.optional(ranged(0, 24 * 60, 'hours')),
  /** The day it was opened, and how long it keeps from then on, months. */
  openedOn: v.optional(dateField),
  keepsMonths: v.optional(wholeRanged(1, 600, 'months')),
  /** What the full bottle cost, in the modeller's own money. */
  price: v.optional(ranged(0, 100000)),
  /** Every time something was poured into it: paint share before and after. */
  thinnings: v.optional(
    v.array(
      v.looseObject({
        at: instantField,
        addedMl: ranged(0.01, 5000, 'ml'),
        addedShare: ranged(0, 1, '(paint share of what was added)'),
        with: v.optional(nameField),
        shareAfter: ranged(0, 1, '(paint share)'),
      }),
    ),
  ),
  note,
})
export type Bottle = v.InferOutput<typeof bottleSchema>

export const storedMixSchema = v.looseObject({
  id: idField,
  name: nameField,
  at: instantField,
  build: v.optional(idField),
  part: v.optional(idField),
  colour: v.optional(hexField),
  family: v.optional(v.picklist(FAMILIES)),
  ingredients: v.pipe(
    v.array(
      v.looseObject({
        name: nameField,
        bottle: v.optional(idField),
        parts: ranged(0.001, 10000, 'parts'),
        share: v.optional(ranged(0, 1, '(paint share)')),
        dropsPerMl: v.optional(ranged(1, 200, 'drops to the ml')),
      }),
    ),
    v.minLength(1, 'a list of at least one ingredient'),
  ),
  volumeMl: ranged(0.01, 10000, 'ml'),
  /** What was left over and kept, ml; 0: used up. */
  leftMl: v.optional(ranged(0, 10000, 'ml')),
  /** Times that a dried left-over was wetted again. */
  rewetted: v.optional(v.array(instantField)),
  note,
})
export type StoredMix = v.InferOutput<typeof storedMixSchema>

export const loggedActSchema = v.looseObject({
  id: idField,
  at: instantField,
  kind: v.picklist(ACT_KINDS),
  build: v.optional(idField),
  part: v.optional(idField),
  step: v.optional(idField),
  /** Which coat of the step, from 1. */
  coat: v.optional(wholeRanged(1, 30)),
  milestone: v.optional(v.picklist(MILESTONES)),
  /** What was observed of the milestone: still tacky, reached just now, or dry already. */
  seen: v.optional(v.picklist(['not-yet', 'just', 'reached'])),
  mix: v.optional(idField),
  /** What a mix took out of bottles. */
  drawn: v.optional(v.array(v.looseObject({ bottle: idField, ml: ranged(0, 10000, 'ml') }))),
  text: note,
  /** The tool or consumable that was used up by so many uses. */
  tool: v.optional(idField),
  uses: v.optional(wholeRanged(1, 1000, 'uses')),
  /** The act that this one takes back. */
  undoes: v.optional(idField),
})
export type LoggedAct = v.InferOutput<typeof loggedActSchema>

export const DAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as const
const CLOCK_EXPECTED = 'a time such as "19:00"'
const clockField = v.pipe(
  v.string(CLOCK_EXPECTED),
  v.regex(/^([01]\d|2[0-3]):[0-5]\d$|^24:00$/, CLOCK_EXPECTED),
)
const ENDS_EXPECTED = 'a session that ends after it begins, or within 12 h past midnight'

/** Later on the same day, or past midnight and no longer than half a day: 22:00 to 01:00. */
function endsInTime(one: { from: string; to: string }): boolean {
  if (one.to > one.from) return true
  const minutes = (clock: string) => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3))
  return one.to < one.from && minutes(one.to) + 1440 - minutes(one.from) <= 720
}

const sessionSchema = v.pipe(
  v.looseObject({ day: v.picklist(DAYS), from: clockField, to: clockField }),
  v.check((one) => endsInTime(one), ENDS_EXPECTED),
)
const exceptionSchema = v.looseObject({
  date: dateField,
  /** No session on that day; otherwise the times replace the day's own. */
  off: v.optional(v.boolean()),
  from: v.optional(clockField),
  to: v.optional(clockField),
})

const extraSchema = v.pipe(
  v.looseObject({ date: dateField, from: clockField, to: clockField }),
  v.check((one) => endsInTime(one), ENDS_EXPECTED),
)

export const zoneField = v.pipe(
  v.string(),
  v.check((zone) => isZone(zone), 'a time zone such as "Europe/Lisbon"'),
)

export const sessionsSchema = v.looseObject({
  zone: zoneField,
  pattern: v.pipe(v.array(sessionSchema), v.maxLength(50, 'a list of up to 50 sessions a week')),
  exceptions: v.optional(v.array(exceptionSchema)),
  /** Sessions beside those of the pattern, on single days. */
  extra: v.optional(v.array(extraSchema)),
  /** Without power: no compressor, from one instant to another. */
  outages: v.optional(v.array(v.looseObject({ from: instantField, to: instantField }))),
  /** No compressor and no sanding between these times; may run past midnight. */
  quiet: v.optional(v.nullable(v.looseObject({ from: clockField, to: clockField }))),
  /** Clean-out of the airbrush between different paints, minutes. */
  changeoverMinutes: v.optional(wholeRanged(0, 120, 'minutes')),
})
export type Sessions = v.InferOutput<typeof sessionsSchema>

/** Is it an IANA time zone? */
export function isZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone })
    return true
  } catch {
    return false
  }
}

export const climateReadingSchema = v.looseObject({
  id: idField,
  at: instantField,
  celsius: ranged(-20, 60, '°C'),
  humidity: ranged(0, 100, 'percent relative humidity'),
  air: v.optional(v.picklist(AIRS)),
})
export type ClimateReading = v.InferOutput<typeof climateReadingSchema>

export const correctionSchema = v.looseObject({
  id: idField,
  family: v.picklist(FAMILIES),
  /** The bottle it is for; left out: the whole family. */
  bottle: v.optional(idField),
  /** Factor on the drying time, k, instead of what the log says; 1 goes back to the sheet. */
  factor: ranged(0.25, 4),
})

/** An act that was put into a session by hand: it begins between these instants. */
export const pinSchema = v.pipe(
  v.looseObject({
    /** Build, part and step, as `build/part/step`. */
    id: v.pipe(v.string(), v.minLength(5, 'an id such as "build/part/step"'), v.maxLength(300)),
    from: instantField,
    to: instantField,
  }),
  v.check((one) => Date.parse(one.to) > Date.parse(one.from), 'a pin that ends after it begins'),
)
export type Pin = v.InferOutput<typeof pinSchema>

/** What a timer counts that is no film on a part. */
export const TIMER_KINDS = [
  'pot-life',
  'gassing-off',
  'decal',
  'release',
  'warm-air',
  'other',
] as const
export const timerSchema = v.looseObject({
  id: idField,
  kind: v.picklist(TIMER_KINDS),
  name: nameField,
  startedAt: instantField,
  minutes: ranged(0.25, 60 * 24 * 30, 'minutes'),
  /** When it was stopped by hand. */
  stoppedAt: v.optional(instantField),
})
export type Timer = v.InferOutput<typeof timerSchema>

/** What paint is laid on, measured and mixed with. */
export const TOOL_KINDS = [
  'needle',
  'cup',
  'brush',
  'sponge',
  'blade',
  'swabs',
  'filter',
  'other',
] as const
export const toolSchema = v.looseObject({
  id: idField,
  kind: v.picklist(TOOL_KINDS),
  name: nameField,
  /** Of a nozzle or the width of a brush, mm. */
  sizeMm: v.optional(ranged(0.05, 100, 'mm')),
  /** What a cup holds, ml. */
  holdsMl: v.optional(ranged(0.1, 1000, 'ml')),
  /** How many uses it lasts: the pieces of a pack, the jobs of a blade. */
  lasts: v.optional(wholeRanged(1, 100000, 'uses')),
  /** What it cost, or the whole pack, in the modeller's own money. */
  price: v.optional(ranged(0, 100000)),
  note,
})
export type BenchTool = v.InferOutput<typeof toolSchema>

export const projectSchema = v.looseObject({
  format: v.literal(PROJECT_FORMAT),
  version: v.literal(PROJECT_VERSION),
  exportedAt: v.optional(instantField),
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
  panels: v.optional(v.array(v.looseObject({ id: idField }))),
  corrections: v.optional(v.array(correctionSchema)),
  pins: v.optional(v.array(pinSchema)),
  timers: v.optional(v.array(timerSchema)),
  tools: v.optional(v.array(toolSchema)),
  /** Techniques of the modeller's own. */
  techniques: v.optional(v.array(ownTechniqueSchema)),
})
export type Project = v.InferOutput<typeof projectSchema>

/** Reads a project from outside: shapes only; what refers to what is judged in formats/. */
export function parseProject(value: unknown): Parsed<Project> {
  const problem = formatProblem(value, PROJECT_FORMAT, PROJECT_VERSION)
  return problem ? { ok: false, problems: [problem] } : parse(projectSchema, value)
}
