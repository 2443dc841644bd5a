import type { Coat, Family, Role, Sheen, Solvent, Substrate, Tool } from '../../model/vocabulary'

type Words<K extends string> = Record<K, readonly string[]>

/** How families are called, the word that is written first. Source: handbook 2.1. */
export const FAMILY_WORDS = {
  lacquer: ['lacquer', 'lacquers'],
  'alcohol-acrylic': ['alcohol acrylic', 'alcohol-acrylic', 'solvent acrylic'],
  'water-acrylic': ['water acrylic', 'water-acrylic', 'acrylic', 'water-based', 'vinyl acrylic'],
  'acrylic-pu': ['acrylic-pu', 'acrylic pu', 'pu', 'polyurethane'],
  enamel: ['enamel', 'enamels'],
  'enamel-wash': ['enamel wash', 'enamel-wash', 'spirit wash'],
  oil: ['oil', 'oil paint', 'artist oil'],
  'urethane-2k': ['two-part urethane', 'urethane-2k', '2k', 'two-part', 'two part', 'urethane'],
  'water-wash': ['water wash', 'water-wash', 'acrylic wash', 'ink wash', 'ink'],
  watercolour: ['watercolour', 'watercolours', 'watercolor'],
  release: ['release fluid'],
  pigment: ['dry pigment'],
  'mirror-metal': ['mirror paint', 'mirror-metal'],
  'chrome-ink': ['chrome-ink'],
  'metal-enamel': ['metal enamel', 'metal-enamel', 'enamel metallic'],
  'reactive-iron': ['iron paint', 'reactive-iron'],
  decal: ['decal film'],
  texture: ['texture', 'texture paste', 'paste'],
  graphite: ['graphite powder'],
  pencil: ['coloured pencil'],
  latex: ['latex mask'],
  tape: ['tape strips'],
  salt: ['salt grains'],
  'putty-mask': ['putty mask', 'putty-mask', 'masking putty', 'tack putty'],
} as const satisfies Words<Family>

/** How roles are called after "as"; a word of it inside a step is taken as its role where it fits. Source: handbook 2.1. */
export const ROLE_WORDS = {
  primer: ['primer'],
  colour: ['colour', 'color', 'paint'],
  metal: ['metal', 'metallic'],
  clear: ['clear', 'varnish'],
  'clear-colour': ['clear colour'],
  wash: ['wash'],
  filter: ['filter'],
  oil: ['oil'],
  pigment: ['pigment', 'powder', 'pigments'],
  fixer: ['fixer'],
  release: ['release'],
  mask: ['mask'],
  decal: ['decal', 'decals'],
  'decal-fluid': ['decal fluid'],
  texture: ['texture'],
  thinner: ['thinner'],
  retarder: ['retarder'],
  'flow-aid': ['flow aid'],
  cleaner: ['cleaner'],
  adhesive: ['adhesive', 'glue'],
  filler: ['filler'],
} as const satisfies Words<Role>

/** Tools. Source: handbook 2.3, energy. */
export const TOOL_WORDS = {
  airbrush: ['airbrush', 'airbrushed', 'sprayed'],
  'spray-can': ['spray can', 'spray-can', 'rattle can', 'can', 'from the can'],
  brush: ['brush', 'brushed', 'by brush', 'fine brush'],
  'flat-brush': ['flat brush', 'flat-brush', 'broad brush'],
  'damp-brush': ['damp brush', 'damp-brush'],
  'stiff-brush': ['stiff brush', 'stiff-brush', 'toothbrush'],
  sponge: ['sponge', 'sponged'],
  swab: ['swab', 'damp swab', 'cotton bud'],
  'wet-swab': ['wet swab', 'wet-swab'],
  pen: ['pen', 'marker', 'by pen'],
  needle: ['needle'],
  flood: ['flooded', 'flooding', 'poured on'],
  soak: ['soak', 'soaked', 'dipped'],
  stencil: ['stencil', 'through a stencil'],
  hand: ['by hand', 'hand', 'finger'],
} as const satisfies Words<Tool>

/** Weights of a coat. Source: handbook 3.2. */
export const COAT_WORDS = {
  mist: ['mist', 'misted', 'dusted', 'tack', 'tack coat', 'dry coat'],
  light: ['light', 'thin', 'normal'],
  wet: ['wet'],
  flood: ['flood', 'thick', 'heavy'],
} as const satisfies Words<Coat>

/** Sheens. Source: handbook 2.1. */
export const SHEEN_WORDS = {
  gloss: ['gloss', 'glossy', 'shiny', 'high gloss'],
  'semi-gloss': ['semi-gloss', 'semi gloss', 'semigloss'],
  satin: ['satin', 'eggshell', 'silk'],
  matt: ['matt', 'matte', 'mat', 'flat', 'dull', 'dead matt'],
} as const satisfies Words<Sheen>

/** Solvents. Source: handbook 2.2. */
export const SOLVENT_WORDS = {
  water: ['water'],
  alcohol: ['alcohol', 'isopropyl'],
  'spirit-mild': ['mild spirit', 'spirit-mild', 'white spirit', 'odourless spirit', 'spirit'],
  'spirit-hot': ['hot spirit', 'spirit-hot', 'turpentine', 'enamel thinner'],
  'lacquer-mild': [
    'levelling lacquer thinner',
    'mild lacquer thinner',
    'lacquer-mild',
    'levelling thinner',
  ],
  'lacquer-hot': ['hot lacquer thinner', 'lacquer-hot', 'lacquer thinner', 'cellulose thinner'],
  'reducer-2k': ['urethane reducer', 'reducer-2k', 'reducer'],
  'plastic-solvent': ['plastic solvent', 'plastic-solvent', 'plastic cement', 'acetone'],
} as const satisfies Words<Solvent>

/** What parts are made of. Source: handbook 2.4. */
export const SUBSTRATE_WORDS = {
  polystyrene: ['polystyrene', 'styrene', 'plastic'],
  abs: ['abs'],
  polycarbonate: ['polycarbonate'],
  'pvc-vinyl': ['vinyl', 'pvc', 'pvc-vinyl', 'soft plastic'],
  'resin-cast': ['cast resin', 'resin-cast', 'resin'],
  'resin-printed': ['printed resin', 'resin-printed', 'resin print', '3d print', 'print'],
  metal: ['metal', 'white metal', 'brass', 'photo-etch', 'die-cast'],
  'clear-styrene': ['clear styrene', 'clear-styrene', 'clear plastic', 'glass'],
  'wood-mdf': ['wood', 'mdf', 'wood-mdf', 'plywood'],
  foam: ['foam'],
} as const satisfies Words<Substrate>
