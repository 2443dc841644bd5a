import * as v from 'valibot'
import { laysClear } from '../knowledge/acts'
import { ranged } from '../model/fields'
import { type ActStep, productSchema } from '../model/sequence'
import {
  ACTS,
  type Act,
  COATS,
  FAMILIES,
  ROLES,
  SHEENS,
  SOLVENTS,
  TOOLS,
} from '../model/vocabulary'

/** A film as a request names it: its family, and whatever else is known. */
export const filmSchema = v.looseObject({
  family: v.picklist(FAMILIES),
  role: v.optional(v.picklist(ROLES)),
  tool: v.optional(v.picklist(TOOLS)),
  act: v.optional(v.picklist(ACTS)),
  solvent: v.optional(v.picklist(SOLVENTS)),
  sheen: v.optional(v.picklist(SHEENS)),
  coats: v.optional(
    v.pipe(
      v.array(v.picklist(COATS)),
      v.minLength(1, 'a list of 1 to 30 coats'),
      v.maxLength(30, 'a list of 1 to 30 coats'),
    ),
  ),
  retarder: v.optional(ranged(0, 50, 'percent')),
  thinning: v.optional(ranged(0, 1, '(share of the mix)')),
  reworkHours: v.optional(ranged(0, 24 * 60, 'hours')),
  warmAir: v.optional(ranged(1, 3600, 'seconds')),
  product: v.optional(productSchema),
})

/** A film as a request describes it: family and role, and what else is known of how it was laid. */
export type RequestedFilm = v.InferOutput<typeof filmSchema>

/** The act by which a film of a role is laid, for what a film leaves out. */
const ROLE_ACT: Partial<Record<(typeof ROLES)[number], Act>> = {
  primer: 'prime',
  clear: 'clear',
  'clear-colour': 'clear-colour',
  metal: 'metal',
  wash: 'line',
  filter: 'filter',
  oil: 'oil-dots',
  release: 'release',
  decal: 'decal',
  pigment: 'powder',
  fixer: 'powder-fix',
  texture: 'mud',
}

const FAMILY_ROLE: Partial<Record<(typeof FAMILIES)[number], (typeof ROLES)[number]>> = {
  'enamel-wash': 'wash',
  'water-wash': 'wash',
  oil: 'oil',
  release: 'release',
  pigment: 'pigment',
  decal: 'decal',
  texture: 'texture',
}

/** The act that lays a film: the one it names, else the usual one of its role. */
export function filmStep({ act, ...film }: RequestedFilm): ActStep {
  const role = film.role ?? FAMILY_ROLE[film.family] ?? 'colour'
  const name = act ?? ROLE_ACT[role] ?? 'base'
  return {
    ...film,
    role,
    do: name,
    ...(laysClear({ do: name }) ? { sheen: film.sheen ?? 'gloss' } : {}),
  }
}
