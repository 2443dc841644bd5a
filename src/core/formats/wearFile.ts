import * as v from 'valibot'
import { idField, nameField, ranged } from '../model/fields'
import { formatProblem, type Parsed, parse } from '../model/input'
import { schoolSchema } from '../model/sequence'
import { ZONE_FACINGS } from '../model/shape'
import { WEAR_EVENTS, WEARS } from '../model/vocabulary'
import { wearMap } from '../places/wearMap'
import { doubled, unknownId } from './brokenBuild'
import { round } from './round'

const WEAR_FORMAT = 'tectoria-wear'
const ZONES = 'a list of 1 to 1000 zones'
const share = v.optional(ranged(0, 1))

/** Zones and what happened to them. Source: docs/formats.md, handbook 12.8. */
export const wearSchema = v.looseObject({
  format: v.literal(WEAR_FORMAT),
  version: v.literal(1),
  scale: v.optional(ranged(1, 5000)),
  seed: v.optional(ranged(-2147483648, 4294967295)),
  school: v.optional(schoolSchema),
  zones: v.pipe(
    v.array(
      v.looseObject({
        id: idField,
        name: v.optional(nameField),
        areaCm2: ranged(0.01, 100000, 'cm²'),
        facing: v.optional(v.picklist(ZONE_FACINGS)),
        height: share,
        edgeShare: share,
        wear: v.optional(v.array(v.picklist(WEARS))),
        iron: v.optional(v.boolean()),
        diameters: v.optional(ranged(0, 1000, 'diameters')),
        /** Ours: how far the part is turned on the model, degrees clockwise. */
        turned: v.optional(ranged(-360, 360, 'degrees')),
      }),
      ZONES,
    ),
    v.minLength(1, ZONES),
    v.maxLength(1000, ZONES),
  ),
  story: v.optional(
    v.pipe(
      v.array(
        v.looseObject({
          event: v.picklist(WEAR_EVENTS),
          /** Where it was; left out: all over. */
          zone: v.optional(idField),
          strength: share,
        }),
      ),
      v.maxLength(1000, 'a list of up to 1000 events'),
    ),
  ),
  /** How far marks stand out of what they lie on, ΔE00. */
  contrast: v.optional(v.looseObject({ chips: v.optional(ranged(0.1, 120, 'ΔE00')) })),
})

/** A wear request that was read. */
export type WearFile = v.InferOutput<typeof wearSchema>

/** Reads a wear request: every event at a zone that is there. */
export function readWear(value: unknown): Parsed<WearFile> {
  const problem = formatProblem(value, WEAR_FORMAT, 1)
  if (problem) return { ok: false, problems: [problem] }
  const read = parse(wearSchema, value)
  if (!read.ok) return read
  const { zones, story = [] } = read.value
  const known = new Set(zones.map(({ id }) => id))
  const problems = [
    ...doubled(zones, 'zones'),
    ...story.flatMap(({ zone }, i) => unknownId(known, zone, `story[${i}].zone`, 'zone')),
  ]
  return problems.length > 0 ? { ok: false, problems } : read
}

/** The answer of `wear`. Source: docs/formats.md, handbook 12.8. */
export function wearAnswer({
  scale = 72,
  seed = 1,
  school,
  zones,
  story = [],
  contrast,
}: WearFile) {
  const map = wearMap({
    scale,
    seed,
    wear: school?.wear,
    chipContrast: contrast?.chips ?? null,
    zones: zones.map((zone) => ({
      id: zone.id,
      areaCm2: zone.areaCm2,
      facing: zone.facing ?? 'side',
      height: zone.height ?? 0.5,
      edgeShare: zone.edgeShare ?? 0,
      wear: zone.wear ?? [],
      iron: zone.iron ?? true,
      diameters: zone.diameters ?? 1,
      turned: zone.turned ?? 0,
    })),
    story: story.map(({ event, zone = null, strength = 1 }) => ({ event, zone, strength })),
  })
  return {
    format: 'tectoria-wear-answer',
    version: 1,
    zones: map.zones.map(({ zone, effects }) => ({
      zone,
      effects: effects.map((one) => ({
        ...one,
        score: round(one.score, 6),
        share: round(one.share, 6),
        medianMmReal: one.medianMmReal === null ? null : round(one.medianMmReal, 3),
        medianMm: one.medianMm === null ? null : round(one.medianMm, 5),
      })),
    })),
    budgets: map.budgets.map(({ effect, allowed, planned }) => ({
      effect,
      allowed: round(allowed, 6),
      planned: round(planned, 6),
    })),
  } as const
}
