import * as v from 'valibot'
import { climateChangeSchema, climateSchema } from './climateSchema'
import {
  durationField,
  hexField,
  idField,
  nameField,
  noteField,
  ranged,
  wholeRanged,
} from './fields'
import { formatProblem, type Parsed, parse } from './input'
import {
  ACTS,
  ADHESIVES,
  CHECKS,
  COATS,
  DECAL_FILMS,
  FAMILIES,
  FILLERS,
  ROLES,
  SCHOOLS,
  SHEENS,
  SOFTENERS,
  SOLVENTS,
  SPRAYED_FROM,
  SUBSTRATES,
  TOOLS,
  WANTED,
  WETTED,
  WHERE,
} from './vocabulary'

/** The sequence format: the coats and acts meant for one surface, in order. Described in docs/formats.md. */
export const SEQUENCE_FORMAT = 'tectoria-sequence'

/** The version that is written. */
export const SEQUENCE_VERSION = 1

/** How many steps one sequence may have. */
export const MOST_STEPS = 1000

/** A product's own figures; durations at reference conditions. Source: handbook 2, "the maker's data sheet wins". */
export const productSchema = v.looseObject({
  name: v.optional(v.string()),
  flash: v.optional(durationField),
  touch: v.optional(durationField),
  recoat: v.optional(durationField),
  sand: v.optional(durationField),
  tape: v.optional(durationField),
  cured: v.optional(durationField),
  latest: v.optional(durationField),
  /** How long a wash of it can be worked, minutes: with retarder in it longer than its family. Source: handbook 3.1. */
  reworkMinutes: v.optional(ranged(0, 30 * 24 * 60, 'minutes')),
  /** How long a mixed two-part paint can be sprayed. Source: handbook 3.1. */
  potLife: v.optional(durationField),
  /** Families, roles or substrates that its sheet says it suits. */
  suits: v.optional(v.array(v.string())),
})

/** A product as a step names it: family, role, and what its label or sheet says otherwise. */
export type Product = v.InferOutput<typeof productSchema>

const ACT_FIELDS = {
  do: v.picklist(ACTS),
  family: v.optional(v.picklist(FAMILIES)),
  role: v.optional(v.picklist(ROLES)),
  tool: v.optional(v.picklist(TOOLS)),
  coats: v.optional(
    v.pipe(
      v.array(v.picklist(COATS)),
      v.minLength(1, 'a list of 1 to 30 coats'),
      v.maxLength(30, 'a list of 1 to 30 coats'),
    ),
  ),
  gap: v.optional(durationField),
  minutes: v.optional(ranged(0, 1440, 'minutes')),
  sheen: v.optional(v.picklist(SHEENS)),
  solvent: v.optional(v.picklist(SOLVENTS)),
  colour: v.optional(hexField),
  retarder: v.optional(ranged(0, 50, 'percent')),
  thinning: v.optional(ranged(0, 1, '(share of the mix)')),
  intent: v.optional(v.picklist(['attack'])),
  over: v.optional(v.picklist(['all', 'patch'])),
  reworkHours: v.optional(ranged(0, 24 * 60, 'hours')),
  etch: v.optional(v.boolean()),
  grit: v.optional(ranged(60, 20000)),
  adhesive: v.optional(v.picklist(ADHESIVES)),
  product: v.optional(productSchema),
  climate: v.optional(climateChangeSchema),
  /** Ours: what the modeller calls this step: "rust, second tone". */
  name: v.optional(nameField),
  /** Ours: a note to oneself. */
  note: noteField,
  /** Ours: the cautions of this step have been read and the protection is at hand. */
  protection: v.optional(v.picklist(['confirmed'])),
  /** Ours: rubs or passes over one place in this act. Source: handbook 2.6, wear-through. */
  passes: v.optional(wholeRanged(1, 200, 'passes')),
  /** Ours: marks that are meant and not a fault. Source: handbook 2.6. */
  wanted: v.optional(v.array(v.picklist(WANTED))),
  /** Ours: how salt was stuck on: how long it dries. Source: handbook 3.1. */
  wetted: v.optional(v.picklist(WETTED)),
  /** Ours: what has been looked at and found good before this act. */
  checked: v.optional(v.array(v.picklist(CHECKS))),
  /** Ours: it was tried on a test piece. */
  tested: v.optional(v.boolean()),
  /** Ours: pools are wicked up as they form. */
  wick: v.optional(v.boolean()),
  /** Ours: warm air over what was just laid, s. Source: handbook 3.3, warm air. */
  warmAir: v.optional(ranged(1, 3600, 'seconds')),
  /** Ours: flow aid in the mix, percent. */
  flowAid: v.optional(ranged(0, 50, 'percent')),
  /** Ours: the side of clear glass that is painted. */
  side: v.optional(v.picklist(['inside', 'outside'])),
  /** Ours: how a streak runs against the fall of water. */
  fall: v.optional(v.picklist(['with', 'across', 'against'])),
  /** Ours: the zones of a part that it is for; of a part of which none is named, all of it. Source: handbook 12.2. */
  zones: v.optional(v.array(idField)),
  /** Ours: what is filled with, how deep, and whether a kicker is sprayed on it. Source: handbook 12.4. */
  filler: v.optional(v.picklist(FILLERS)),
  depthMm: v.optional(ranged(0.01, 20, 'mm')),
  kicker: v.optional(v.boolean()),
  /** Ours: what decals are printed on, and how strong what softens them is. Source: handbook 12.5. */
  decalFilm: v.optional(v.picklist(DECAL_FILMS)),
  softener: v.optional(v.picklist(SOFTENERS)),
  /** Ours: zones that nobody reaches any more once this has joined its parts. Source: handbook 12.7. */
  shuts: v.optional(v.array(idField)),
  /** Ours: the zone that the part is held by meanwhile. Source: handbook 12.7. */
  heldBy: v.optional(idField),
  /** How much of a face it takes, where of it, how large its marks are, mm on the model, and which way they run, degrees. Source: handbook 12.8. */
  amount: v.optional(ranged(0, 1, '(share of the face)')),
  where: v.optional(
    v.union(
      [v.picklist(WHERE), v.record(v.picklist(WHERE), ranged(0, 100))],
      `${WHERE.join(', ')}, or weights of these`,
    ),
  ),
  markMm: v.optional(ranged(0.01, 100, 'mm')),
  direction: v.optional(ranged(-360, 360, 'degrees')),
  /** From where it is sprayed, which way a clean-up wipes, degrees, how well its colour hides, and where of a panel it is for. Source: handbook 10.3. */
  from: v.optional(v.picklist(SPRAYED_FROM)),
  wipe: v.optional(ranged(-360, 360, 'degrees')),
  hiding: v.optional(ranged(0.2, 200, 'light coats')),
  zone: v.optional(
    v.union(
      [
        v.strictObject({ plate: wholeRanged(0, 254) }),
        v.strictObject({
          rect: v.tuple([
            ranged(-5000, 5000, 'mm'),
            ranged(-5000, 5000, 'mm'),
            ranged(0, 5000, 'mm'),
            ranged(0, 5000, 'mm'),
          ]),
        }),
      ],
      'a plate, from 0 in the order of reading, or a rect [x, y, w, h] in mm',
    ),
  ),
  /** Ours: what a mark comes from. */
  cause: v.optional(v.pipe(v.string(), v.maxLength(400, 'a cause of up to 400 characters'))),
}

/** A step at which hands do something. Source: docs/formats.md. */
export const actStepSchema = v.looseObject(ACT_FIELDS)

/** A step at which a film is left alone for a time. */
export const waitStepSchema = v.looseObject({
  wait: durationField,
  climate: v.optional(climateChangeSchema),
  name: v.optional(nameField),
  note: noteField,
})

/** So many acts, one after the other: what is kept of them outside of a build. */
export function actsField(most: number) {
  const many = `a list of 1 to ${most} acts`
  return v.pipe(v.array(actStepSchema), v.minLength(1, many), v.maxLength(most, many))
}

/** A step is a wait when it says `wait`, otherwise an act. */
export const stepSchema = v.lazy((input) =>
  typeof input === 'object' && input !== null && 'wait' in input && !('do' in input)
    ? waitStepSchema
    : actStepSchema,
) as v.GenericSchema<unknown, Step>

/** An act of a sequence. */
export type ActStep = v.InferOutput<typeof actStepSchema>

/** A wait of a sequence. */
export type WaitStep = v.InferOutput<typeof waitStepSchema>

/** A step of a sequence: an act or a wait. */
export type Step = ActStep | WaitStep

/** The schools of a build; what isn't said is left to the handbook's usual one. Source: handbook 1, schools. */
export const schoolSchema = v.looseObject({
  liningSurface: v.optional(v.picklist(SCHOOLS.liningSurface)),
  liningCarrier: v.optional(v.picklist(SCHOOLS.liningCarrier)),
  cleanUp: v.optional(v.picklist(SCHOOLS.cleanUp)),
  liningColours: v.optional(v.picklist(SCHOOLS.liningColours)),
  liningLook: v.optional(v.picklist(SCHOOLS.liningLook)),
  wear: v.optional(v.picklist(SCHOOLS.wear)),
  chips: v.optional(v.picklist(SCHOOLS.chips)),
  chipBase: v.optional(v.picklist(SCHOOLS.chipBase)),
  shielding: v.optional(v.picklist(SCHOOLS.shielding)),
  betweenLayers: v.optional(v.picklist(SCHOOLS.betweenLayers)),
  decanting: v.optional(v.picklist(SCHOOLS.decanting)),
  colourCoats: v.optional(v.picklist(SCHOOLS.colourCoats)),
  mouldedPlastic: v.optional(v.picklist(SCHOOLS.mouldedPlastic)),
  priming: v.optional(v.picklist(SCHOOLS.priming)),
  finalSheen: v.optional(v.picklist(SCHOOLS.finalSheen)),
  subAssemblies: v.optional(v.picklist(SCHOOLS.subAssemblies)),
  speed: v.optional(v.picklist(SCHOOLS.speed)),
})

/** The schools that a build holds to. */
export type School = v.InferOutput<typeof schoolSchema>

/** One part's steps in order, with its substrate, air and schools. Source: docs/formats.md. */
export const sequenceSchema = v.looseObject({
  format: v.literal(SEQUENCE_FORMAT),
  version: v.literal(SEQUENCE_VERSION),
  substrate: v.picklist(SUBSTRATES),
  scale: v.optional(ranged(1, 5000)),
  use: v.optional(v.picklist(['display', 'handled'])),
  waits: v.optional(v.picklist(['as-written', 'auto'])),
  climate: v.optional(climateSchema),
  school: v.optional(schoolSchema),
  /** Ours: depth of the panel lines, mm. Source: handbook 6, rescribe. */
  lineDepthMm: v.optional(ranged(0.01, 5, 'mm')),
  /** Ours: room in the joint that this part fits into, mm. Source: handbook 2.6, tight-fit. */
  jointGapMm: v.optional(ranged(0.01, 5, 'mm')),
  steps: v.pipe(
    v.array(stepSchema),
    v.maxLength(MOST_STEPS, `a list of up to ${MOST_STEPS} steps`),
  ),
})

/** A sequence that was read. */
export type Sequence = v.InferOutput<typeof sequenceSchema>

/** Reads a sequence from outside. */
export function parseSequence(value: unknown): Parsed<Sequence> {
  const problem = formatProblem(value, SEQUENCE_FORMAT, SEQUENCE_VERSION)
  return problem ? { ok: false, problems: [problem] } : parse(sequenceSchema, value)
}
