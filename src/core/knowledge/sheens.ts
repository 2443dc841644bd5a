import type { Family, Role, Sheen } from '../model/vocabulary'
import { familyRow } from './families'

/** 60° gloss units kept for each sheen. Source: handbook 2.1. */
export const GLOSS_UNITS = {
  gloss: 85,
  'semi-gloss': 50,
  satin: 25,
  matt: 5,
} as const satisfies Record<Sheen, number>

/** One step shinier: what a last wet coat does to a default sheen. Source: handbook 2.1. */
export const SHINIER = {
  gloss: 'gloss',
  'semi-gloss': 'gloss',
  satin: 'semi-gloss',
  matt: 'satin',
} as const satisfies Record<Sheen, Sheen>

/** The grit at and above which sanding leaves satin instead of matt. Source: handbook 2.1. */
export const SATIN_GRIT = 1500

/** How well a sheen serves lining and decals: semi-gloss serves as gloss. Source: handbook 2.1, 2.5. */
export const FLOW = {
  gloss: 'gloss',
  'semi-gloss': 'gloss',
  satin: 'satin',
  matt: 'matt',
} as const satisfies Record<Sheen, 'gloss' | 'satin' | 'matt'>

/** Sheen by role where it overrides the family's own; the others follow the family. Source: handbook 2.1. */
const ROLE_SHEEN: Partial<Record<Role, Sheen>> = {
  primer: 'matt',
  'clear-colour': 'gloss',
  wash: 'matt',
  filter: 'matt',
}

/** Metals are semi-gloss, except the mirror kinds, whose family says gloss. Source: handbook 2.1. */
export function defaultSheen(family: Family, role: Role, lastWet: boolean): Sheen {
  const own = familyRow(family).sheen
  const base = ROLE_SHEEN[role] ?? (role === 'metal' && own !== 'gloss' ? 'semi-gloss' : own)
  return lastWet ? SHINIER[base] : base
}
