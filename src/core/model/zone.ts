import * as v from 'valibot'
import { idField, nameField, ranged, wholeRanged } from './fields'
import { ZONE_FACINGS } from './shape'
import { WEARS } from './vocabulary'

/** What a zone may stay as, with no colour on it. Source: handbook 12.2, ends as. */
export const PLAIN_ENDS = ['plastic', 'metal', 'glass'] as const

/** A place of a part that may be treated in its own way. Source: handbook 12.2. */
export const zoneSchema = v.looseObject({
  id: idField,
  part: idField,
  name: nameField,
  /** The faces of its part's shape or mesh that it has; left out: the one that it was proposed from. */
  faces: v.optional(v.array(idField)),
  facing: v.optional(v.picklist(ZONE_FACINGS)),
  /** 0 low to 1 high on the model as it stands. */
  height: v.optional(ranged(0, 1)),
  /** How large it is: in cm², or as a share of its part. */
  areaCm2: v.optional(ranged(0.01, 100000, 'cm²')),
  share: v.optional(ranged(0, 1)),
  /** Hidden (0), seen when turned, seen at once, looked at first (3). */
  seen: v.optional(v.picklist([0, 1, 2, 3], '0, 1, 2 or 3')),
  wear: v.optional(v.array(v.picklist(WEARS))),
  /** The zone that is its mirror image. */
  mirror: v.optional(idField),
  /** The bottle or mix that it ends in, or what it stays as. */
  endsAs: v.optional(nameField),
  /** Stages of work that it does without, and nobody has to ask about: 1 to 13. Source: handbook 1. */
  without: v.optional(v.array(wholeRanged(1, 13))),
  /** Places easily missed. */
  spots: v.optional(v.array(nameField)),
  /** The zones that it meets, and how: a soft edge needs no mask. */
  edges: v.optional(
    v.array(
      v.looseObject({
        zone: idField,
        mm: ranged(0, 100000, 'mm'),
        soft: v.optional(v.boolean()),
        /** How tightly it turns; left out: it runs straight. Source: handbook 12.3. */
        radiusMm: v.optional(ranged(0.1, 10_000, 'mm')),
        /** A line is cut along it. */
        groove: v.optional(v.boolean()),
      }),
    ),
  ),
})

/** A zone that was read. */
export type Zone = v.InferOutput<typeof zoneSchema>
