import type { Role } from '../model/vocabulary'

/**
 * Roles of bottles that an act of a role can be done with, the usual one first; what they are by nature still decides (acts.ts,
 * `takes`). Source: handbook 2.1, 6: a sprayed primer is a rust colour, oils line, enamel colours dust.
 */
export const SERVED_BY = {
  primer: ['primer', 'colour', 'metal', 'clear'],
  colour: [
    'colour',
    'clear-colour',
    'primer',
    'metal',
    'wash',
    'filter',
    'oil',
    'pigment',
    'texture',
  ],
  metal: ['metal', 'colour', 'pigment', 'primer'],
  clear: ['clear', 'clear-colour'],
  'clear-colour': ['clear-colour', 'colour', 'wash', 'filter', 'oil'],
  wash: ['wash', 'filter', 'oil', 'colour', 'clear-colour', 'primer', 'pigment'],
  filter: ['filter', 'wash', 'oil', 'colour', 'clear-colour'],
  oil: ['oil', 'wash', 'filter', 'colour'],
  pigment: ['pigment', 'colour'],
  fixer: ['fixer'],
  release: ['release'],
  mask: ['mask'],
  decal: ['decal'],
  'decal-fluid': ['decal-fluid'],
  texture: ['texture', 'colour', 'wash', 'pigment', 'oil'],
  thinner: ['thinner'],
  retarder: ['retarder'],
  'flow-aid': ['flow-aid'],
  cleaner: ['cleaner', 'thinner'],
  adhesive: ['adhesive'],
  filler: ['filler'],
} as const satisfies Record<Role, readonly Role[]>
