import type { Family } from '@/core/model/vocabulary'

/** How a family is drawn in section, so that it can be told without colour. */
export type Texture =
  | 'plain'
  | 'hatch'
  | 'counter'
  | 'dots'
  | 'flow'
  | 'flake'
  | 'grain'
  | 'rungs'
  | 'weave'
  | 'void'

/** One row a family: solvent films hatched, water films dotted, slow films flowing, metals flaked. docs/design.md. */
export const FAMILY_TEXTURE = {
  lacquer: 'hatch',
  'alcohol-acrylic': 'counter',
  'water-acrylic': 'dots',
  'acrylic-pu': 'weave',
  enamel: 'flow',
  'enamel-wash': 'flow',
  oil: 'flow',
  'urethane-2k': 'rungs',
  'water-wash': 'dots',
  watercolour: 'dots',
  release: 'void',
  pigment: 'grain',
  'mirror-metal': 'flake',
  'chrome-ink': 'flake',
  'metal-enamel': 'flake',
  'reactive-iron': 'grain',
  decal: 'rungs',
  texture: 'grain',
  graphite: 'flake',
  pencil: 'hatch',
  latex: 'void',
  tape: 'void',
  salt: 'grain',
  'putty-mask': 'void',
} as const satisfies Record<Family, Texture>
