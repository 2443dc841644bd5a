import type { Act, Role } from '../../model/vocabulary'

/** What a bottle of a role is most often opened for; null: it is mixed in or cleans up, and makes no step. Source: handbook 2.1, 6. */
export const ACT_OF_ROLE = {
  primer: 'prime',
  colour: 'base',
  metal: 'metal',
  clear: 'clear',
  'clear-colour': 'clear-colour',
  wash: 'line',
  filter: 'filter',
  oil: 'oil-dots',
  pigment: 'powder',
  fixer: 'powder-fix',
  release: 'release',
  mask: 'latex',
  decal: 'decal',
  'decal-fluid': 'decal-soften',
  texture: 'mud',
  thinner: null,
  retarder: null,
  'flow-aid': null,
  cleaner: null,
  adhesive: null,
  filler: 'fill',
} as const satisfies Record<Role, Act | null>
