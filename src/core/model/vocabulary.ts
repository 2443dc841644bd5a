/** The words everything else is written in: handbook 2.1, 2.2, 2.4, 3.1 and the acts of the sequence format. */

/** Film families, by what they dry from. Source: handbook 2.1. */
export const FAMILIES = [
  'lacquer',
  'alcohol-acrylic',
  'water-acrylic',
  'acrylic-pu',
  'enamel',
  'enamel-wash',
  'oil',
  'urethane-2k',
  'water-wash',
  'watercolour',
  'release',
  'pigment',
  'mirror-metal',
  'chrome-ink',
  'metal-enamel',
  'reactive-iron',
  'decal',
  'texture',
  'graphite',
  'pencil',
  'latex',
  'tape',
  'salt',
  'putty-mask',
] as const

/** A family of materials. Source: handbook 2.1. */
export type Family = (typeof FAMILIES)[number]

/** What a product is for. Source: handbook 2.1. */
export const ROLES = [
  'primer',
  'colour',
  'metal',
  'clear',
  'clear-colour',
  'wash',
  'filter',
  'oil',
  'pigment',
  'fixer',
  'release',
  'mask',
  'decal',
  'decal-fluid',
  'texture',
  'thinner',
  'retarder',
  'flow-aid',
  'cleaner',
  'adhesive',
  'filler',
] as const

/** What a product is for. Source: handbook 2.1. */
export type Role = (typeof ROLES)[number]

/** Solvents, weakest first: the order is used for "hotter than". Source: handbook 2.2. */
export const SOLVENTS = [
  'water',
  'alcohol',
  'spirit-mild',
  'spirit-hot',
  'lacquer-mild',
  'lacquer-hot',
  'reducer-2k',
  'plastic-solvent',
] as const

/** A solvent. Source: handbook 2.2. */
export type Solvent = (typeof SOLVENTS)[number]

/** What a part is made of. Source: handbook 2.4. */
export const SUBSTRATES = [
  'polystyrene',
  'abs',
  'polycarbonate',
  'pvc-vinyl',
  'resin-cast',
  'resin-printed',
  'metal',
  'clear-styrene',
  'wood-mdf',
  'foam',
] as const

/** What a part is made of. Source: handbook 2.4. */
export type Substrate = (typeof SUBSTRATES)[number]

/** Sheens, brightest first. Source: handbook 2.1. */
export const SHEENS = ['gloss', 'semi-gloss', 'satin', 'matt'] as const

/** A sheen. Source: handbook 2.1. */
export type Sheen = (typeof SHEENS)[number]

/** Coat weights, thinnest first; `flood` is also "brush-thick". Source: handbook 3.2, f_W. */
export const COATS = ['mist', 'light', 'wet', 'flood'] as const

/** The weight of a coat. Source: handbook 3.2. */
export type Coat = (typeof COATS)[number]

/** What a film reaches as it dries, in order. Source: handbook 3.1. */
export const MILESTONES = ['flash', 'touch', 'recoat', 'sand', 'tape', 'cured'] as const

/** How far a film has dried. Source: handbook 3.1. */
export type Milestone = (typeof MILESTONES)[number]

/** What a step is done with; `swab` is damp, `wet-swab` is not. */
export const TOOLS = [
  'airbrush',
  'spray-can',
  'brush',
  'flat-brush',
  'damp-brush',
  'stiff-brush',
  'sponge',
  'swab',
  'wet-swab',
  'pen',
  'needle',
  'flood',
  'soak',
  'stencil',
  'hand',
] as const

/** What a step is done with. */
export type Tool = (typeof TOOLS)[number]

/** Every act a step may be. Source: the sequence format, docs/formats.md. */
export const ACTS = [
  'wash',
  'degrease',
  'scribe',
  'fill',
  'drill',
  'sand',
  'scuff',
  'prime',
  'base',
  'preshade',
  'toplight',
  'mottle',
  'glaze',
  'clear-colour',
  'metal',
  'mirror-metal',
  'chrome',
  'detail',
  'tape',
  'untape',
  'latex',
  'unlatex',
  'salt',
  'unsalt',
  'release',
  'chip-wet',
  'clear',
  'decal',
  'decal-soften',
  'line',
  'line-clean',
  'filter',
  'wash-clean',
  'wipe-back',
  'chip-sponge',
  'chip-brush',
  'drybrush',
  'scratch',
  'pencil',
  'graphite',
  'oil-dots',
  'blend',
  'streak',
  'stain',
  'dust',
  'streak-drag',
  'rust-wash',
  'iron',
  'iron-activate',
  'chalk',
  'soot',
  'speckle',
  'powder',
  'powder-fix',
  'mud',
  'splatter',
  'cut-polish',
  'compound',
  'glue-clear',
  'assemble',
  'handle',
] as const

/** What a step does. */
export type Act = (typeof ACTS)[number]

/** How the air moves round a drying part. Source: handbook 3.2, f_A. */
export const AIRS = ['room', 'still', 'fan', 'forced'] as const

/** How the air moves. Source: handbook 3.2. */
export type Air = (typeof AIRS)[number]

/** What parts and lenses are glued with. Source: handbook 6. */
export const ADHESIVES = ['cyanoacrylate', 'white-glue', 'fog-free'] as const

/** What fills gaps and sinks. Source: handbook 12.4. */
export const FILLERS = [
  'putty',
  'two-part',
  'cyanoacrylate',
  'light-cured',
  'sprue-cement',
] as const

/** What fills a gap. */
export type Filler = (typeof FILLERS)[number]

/** How salt is stuck on: sprinkled on tacky release, laid wet, sprayed with water. Source: handbook 3.1. */
export const WETTED = ['tacky', 'wet', 'sprayed'] as const

/** Marks that may be meant: a ghost of a wiped wash, the ring of a dried pool, frost left by salt. Source: handbook 2.6. */
export const WANTED = ['ghost', 'tide-ring', 'salt-frost'] as const

/** Where of a face an effect lies. Source: handbook 10.3, 12.8. */
export const WHERE = ['edges', 'recess', 'low', 'high', 'all'] as const

/** What can be looked at before an act: air under decals, the fit of a joint. Source: handbook 2.6, second table. */
export const CHECKS = ['bubbles', 'fit', 'bare-joint'] as const

/** Severity of a finding, worst first. Source: handbook 2.6. */
export const SEVERITIES = ['stop', 'risk', 'note'] as const

/** How much a finding weighs, worst first. */
export type Severity = (typeof SEVERITIES)[number]

/** What practitioners differ in, and the schools of each question, the usual one first. Source: handbook 1, schools. */
export const SCHOOLS = {
  liningSurface: ['gloss', 'satin', 'matt'],
  liningCarrier: ['enamel', 'oil', 'water-acrylic', 'watercolour', 'pen'],
  cleanUp: ['dry', 'damp', 'feathered'],
  liningColours: ['one', 'by-colour', 'graded'],
  liningLook: ['normal', 'restrained', 'graphic'],
  wear: ['restrained', 'bold'],
  chips: ['on-top', 'revealed', 'both'],
  chipBase: ['metal', 'rust', 'primer'],
  shielding: ['family-change', 'lacquer-throughout'],
  betweenLayers: ['set', 'seal', 'switch'],
  decanting: ['decant', 'can'],
  colourCoats: ['more-thinner', 'fewer-wetter'],
  mouldedPlastic: ['paint', 'clear-only'],
  priming: ['overall', 'by-zone', 'self-priming'],
  finalSheen: ['matt', 'satin', 'gloss-body', 'wet-after-matt'],
  subAssemblies: ['in-parts', 'built-first'],
  speed: ['patient', 'water-and-warm-air'],
} as const

/** A question on which practice differs. Source: handbook 1, schools. */
export type SchoolQuestion = keyof typeof SCHOOLS

/** What is written into the log. The log is only ever added to; `undone` takes an earlier act back, `corrected` says when it really was. */
export const ACT_KINDS = [
  'started',
  'coat-done',
  'finished',
  'skipped',
  'observed',
  'mixed',
  'filled',
  'poured',
  'weighed',
  'noted',
  'corrected',
  'undone',
] as const

/** What wears a place, in words that are said of a zone. Source: handbook 12.2. */
export const WEARS = [
  'edge',
  'walked-on',
  'held',
  'leading',
  'splashed',
  'behind-exhaust',
  'under-leak',
  'trap',
  'sheltered',
  'joint',
] as const

/** A word for what wears a place. Source: handbook 12.2. */
export type WearWord = (typeof WEARS)[number]

/** What may have happened to it. Source: handbook 12.8, story. */
export const WEAR_EVENTS = [
  'docked',
  'boarded',
  'gravel-road',
  'brush',
  'rain',
  'towed',
  'exhaust',
  'hail',
  'repainted',
  'salt-water',
  'sun',
  'knocked',
] as const

/** An event of a story. Source: handbook 12.8. */
export type WearEvent = (typeof WEAR_EVENTS)[number]

/** From where a face is sprayed; all but the front slant. Source: handbook 10.3. */
export const SPRAYED_FROM = ['front', 'above', 'below', 'left', 'right'] as const

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

/** What a decal is printed on. Source: handbook 12.5. */
export const DECAL_FILMS = ['thin', 'usual', 'thick', 'home-printed'] as const

/** A film of decals. */
export type DecalFilm = (typeof DECAL_FILMS)[number]

/** How strong a softener is. Source: handbook 12.5. */
export const SOFTENERS = ['mild', 'usual', 'strong'] as const

/** Which side a decal, or a place, is for. */
export const HANDS = ['left', 'right'] as const

/** What a decal has to settle over. Source: handbook 12.5. */
export const DECAL_GROUNDS = ['flat', 'line', 'hinge', 'bump', 'curve'] as const

/** What a decal has to settle over. */
export type DecalGround = (typeof DECAL_GROUNDS)[number]
