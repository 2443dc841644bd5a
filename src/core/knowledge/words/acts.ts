import type { ActStep } from '../../model/sequence'
import type { Act } from '../../model/vocabulary'

/** How each act is called at the bench, the word that is written first. Source: handbook 1, 6. */
export const ACT_WORDS = {
  wash: [
    'wash the part',
    'wash',
    'clean the part',
    'clean the model',
    'wash in soap',
    'soap',
    'rinse',
  ],
  degrease: ['degrease', 'wipe down', 'wipe with alcohol'],
  scribe: ['rescribe', 'scribe', 'scribe lines', 'deepen lines', 're-cut lines'],
  fill: ['fill', 'fill seams', 'putty', 'filler', 'fill gaps'],
  drill: ['drill', 'drill holes', 'pin'],
  sand: ['sand', 'wet sand', 'sand seams', 'sand back'],
  scuff: ['scuff', 'key', 'roughen'],
  prime: ['prime', 'primer', 'undercoat', 'priming'],
  base: ['base', 'base coat', 'basecoat', 'base colour', 'colour coat', 'main colour'],
  preshade: ['preshade', 'pre-shade', 'pre shade', 'shade the lines first'],
  toplight: ['toplight', 'top light', 'zenithal', 'light from above'],
  mottle: ['mottle', 'mottling', 'marble'],
  glaze: ['glaze', 'glazing', 'tint'],
  'clear-colour': ['clear colour', 'transparent colour', 'candy', 'clear tint'],
  metal: ['metal', 'metallic', 'metal coat', 'metal colour'],
  'mirror-metal': ['mirror metal', 'mirror'],
  chrome: ['chrome', 'chrome ink'],
  detail: ['detail', 'details', 'paint details', 'pick out', 'dab'],
  tape: ['tape', 'tape off', 'mask', 'mask off', 'masking', 'masking tape'],
  untape: ['untape', 'take the tape off', 'tape off again', 'remove tape', 'pull tape'],
  latex: ['latex', 'dab latex', 'liquid mask', 'masking fluid'],
  unlatex: ['unlatex', 'pick the latex off', 'peel latex', 'remove latex'],
  salt: ['salt', 'place salt', 'sprinkle salt', 'salt masking'],
  unsalt: ['unsalt', 'brush the salt off', 'remove salt', 'salt off'],
  release: ['release', 'release coat', 'hairspray', 'chipping fluid', 'chipping medium'],
  'chip-wet': [
    'chip with water',
    'wet chip',
    'wet chipping',
    'chip wet',
    'open chips',
    'scrub chips',
  ],
  clear: [
    'clear',
    'clear coat',
    'clearcoat',
    'varnish',
    'seal',
    'topcoat',
    'top coat',
    'lacquer over',
  ],
  decal: ['decal', 'decals', 'transfers', 'water slides', 'apply decals', 'markings'],
  'decal-soften': ['soften decals', 'decal softener', 'softener', 'setting fluid', 'soften'],
  line: [
    'line',
    'panel line',
    'panel lines',
    'panel lining',
    'lining',
    'pin wash',
    'line in',
    'line up',
  ],
  'line-clean': [
    'clean up the lining',
    'line clean',
    'clean lines',
    'clean the lines',
    'clean lining',
    'clean up lines',
  ],
  filter: ['filter', 'filtering', 'tone'],
  'wash-clean': [
    'clean up the wash',
    'wash clean',
    'clean the wash',
    'clean wash',
    'feather the wash',
  ],
  'wipe-back': ['wipe back', 'wipe off', 'rub back'],
  'chip-sponge': ['sponge chips', 'sponge chipping', 'chip by sponge', 'sponge on chips'],
  'chip-brush': ['brush chips', 'paint chips', 'chips by brush', 'chip by brush'],
  drybrush: ['drybrush', 'dry brush', 'dry-brush', 'drybrushing'],
  scratch: ['scratches', 'scratch', 'scuff marks'],
  pencil: ['pencil', 'pencil edges'],
  graphite: ['graphite', 'rub graphite', 'burnish with graphite'],
  'oil-dots': ['oil dots', 'dots of oil', 'oils', 'dot filter', 'oil dot'],
  blend: ['blend', 'blend the oils', 'blend oils', 'feather the oils', 'blend dots'],
  streak: ['streaks', 'streak', 'rain marks', 'streaking', 'rust streaks', 'grime streaks'],
  stain: ['stains', 'stain', 'oil stain', 'fuel stains', 'leaks'],
  dust: ['dust', 'dusting', 'dust wash'],
  'streak-drag': ['drag the streaks', 'drag streaks', 'drag', 'pull down', 'pull the streaks down'],
  'rust-wash': ['rust wash', 'rust', 'rust tones', 'rust tone'],
  iron: ['reactive iron', 'iron', 'iron coat'],
  'iron-activate': ['activate the iron', 'activate', 'activator', 'rust activator'],
  chalk: ['chalk', 'chalking', 'fade', 'fading'],
  soot: ['soot', 'exhaust soot', 'burn marks', 'scorch'],
  speckle: ['speckle', 'speckles', 'speckling', 'flick paint'],
  powder: [
    'powder',
    'powders',
    'pigment',
    'pigments',
    'weathering powder',
    'dust pigments',
    'pigment dust',
  ],
  'powder-fix': [
    'fix the powders',
    'fix',
    'fix powder',
    'fix pigments',
    'fixer',
    'fixed',
    'fixed with',
  ],
  mud: ['mud', 'muddy'],
  splatter: ['splatter', 'spatter', 'splashes', 'mud splashes'],
  'cut-polish': ['cut', 'cut flat', 'cut back', 'wet flat', 'colour sand', 'flat the clear'],
  compound: ['compound', 'polish', 'polish with compound', 'buff'],
  'glue-clear': [
    'fit the glass',
    'glaze the windows',
    'glue glass',
    'glue the glass',
    'fit windows',
    'glue canopy',
  ],
  assemble: ['assemble', 'join', 'glue together', 'glue', 'put together', 'assembly'],
  handle: ['handle', 'handling', 'play', 'transport'],
} as const satisfies Record<Act, readonly string[]>

/** Words for an act that depends on what was done before: the newest that one of these works on decides, else the last. */
export const LIKELY_WORDS: readonly {
  words: readonly string[]
  acts: readonly [Act, ...Act[]]
  /** It says the act only where no other word does. */
  weak?: true
}[] = [
  { words: ['paint', 'spray', 'airbrush on', 'coat with', 'lay down'], acts: ['base'], weak: true },
  {
    words: [
      'clean',
      'clean up',
      'clean-up',
      'cleanup',
      'clean it up',
      'wipe clean',
      'wipe',
      'wipe the excess',
    ],
    acts: ['line-clean', 'wash-clean', 'blend', 'wash'],
  },
  {
    words: ['unmask', 'demask', 'masks off', 'remove masks', 'remove mask', 'peel', 'peel off'],
    acts: ['unlatex', 'unsalt', 'untape'],
  },
  { words: ['chip', 'chips', 'chipping'], acts: ['chip-wet', 'chip-sponge'] },
]

/** Words that say an act and something of it at once. */
export const STEP_WORDS: readonly {
  words: readonly string[]
  step: Partial<ActStep> & { do: Act }
  /** It says the act only where no other word does. */
  weak?: true
}[] = [
  { words: ['metal primer', 'etch primer', 'etching primer'], step: { do: 'prime', etch: true } },
  {
    words: ['wash over all', 'all-over wash', 'overall wash', 'shade wash', 'colour wash'],
    step: { do: 'wash', family: 'water-wash' },
  },
  {
    words: ['water wash', 'acrylic wash', 'ink wash'],
    step: { do: 'wash', family: 'water-wash' },
    weak: true,
  },
  {
    words: ['enamel wash', 'spirit wash'],
    step: { do: 'wash', family: 'enamel-wash' },
    weak: true,
  },
  { words: ['enamel wash over all'], step: { do: 'wash', family: 'enamel-wash' } },
  { words: ['matt down', 'dull down'], step: { do: 'clear', sheen: 'matt' } },
  { words: ['gloss up', 'gloss coat'], step: { do: 'clear', sheen: 'gloss' } },
]
