import type { ClimateChange } from '../../model/climateSchema'
import type { ActStep } from '../../model/sequence'

/** A field of a step that a phrase says whole. Lists are added to. Source: docs/formats.md, `tectoria-sequence`. */
export type SaidField = Partial<ActStep> & { together?: boolean; split?: boolean }

/** Phrases that say one field of a step; the first of each is written. */
export const WAY_WORDS: readonly { words: readonly string[]; says: SaidField }[] = [
  {
    words: ['tested', 'tried on scrap', 'tried on a test piece', 'scrap tested'],
    says: { tested: true },
  },
  { words: ['etching', 'etch'], says: { etch: true } },
  { words: ['not etching'], says: { etch: false } },
  { words: ['wicked up', 'wick pools', 'wick', 'wicked'], says: { wick: true } },
  { words: ['on purpose', 'meant to attack', 'damage wanted'], says: { intent: 'attack' } },
  { words: ['over all', 'all over', 'overall'], says: { over: 'all' } },
  { words: ['in patches', 'patchy', 'in places', 'patches'], says: { over: 'patch' } },
  {
    words: ['protected', 'respirator on', 'protection at hand'],
    says: { protection: 'confirmed' },
  },
  { words: ['inside', 'on the inside', 'from inside'], says: { side: 'inside' } },
  { words: ['outside', 'on the outside', 'from outside'], says: { side: 'outside' } },
  { words: ['with the fall', 'downwards', 'straight down'], says: { fall: 'with' } },
  { words: ['across the fall', 'sideways'], says: { fall: 'across' } },
  { words: ['against the fall', 'upwards'], says: { fall: 'against' } },
  { words: ['ghost wanted', 'ghost is wanted'], says: { wanted: ['ghost'] } },
  {
    words: ['tide ring wanted', 'tide mark wanted', 'rings wanted'],
    says: { wanted: ['tide-ring'] },
  },
  { words: ['salt frost wanted', 'frost wanted'], says: { wanted: ['salt-frost'] } },
  { words: ['bubbles checked', 'no bubbles'], says: { checked: ['bubbles'] } },
  { words: ['fit checked', 'dry fitted', 'dry-fitted'], says: { checked: ['fit'] } },
  {
    words: ['joint scraped bare', 'joint bare', 'joint scraped'],
    says: { checked: ['bare-joint'] },
  },
  { words: ['on tacky release', 'sprinkled on tacky', 'on tack'], says: { wetted: 'tacky' } },
  { words: ['laid wet', 'on wet'], says: { wetted: 'wet' } },
  { words: ['sprayed with water', 'sprayed wet'], says: { wetted: 'sprayed' } },
  {
    words: ['cyanoacrylate', 'superglue', 'super glue', 'ca glue'],
    says: { adhesive: 'cyanoacrylate' },
  },
  { words: ['white glue', 'white-glue', 'pva'], says: { adhesive: 'white-glue' } },
  { words: ['fog-free glue', 'fog-free', 'fog free'], says: { adhesive: 'fog-free' } },
  { words: ['thin film'], says: { decalFilm: 'thin' } },
  { words: ['usual film'], says: { decalFilm: 'usual' } },
  { words: ['thick film', 'patterned film'], says: { decalFilm: 'thick' } },
  { words: ['home-printed', 'home printed'], says: { decalFilm: 'home-printed' } },
  { words: ['mild softener'], says: { softener: 'mild' } },
  { words: ['usual softener'], says: { softener: 'usual' } },
  { words: ['strong softener'], says: { softener: 'strong' } },
  { words: ['putty'], says: { filler: 'putty' } },
  { words: ['two-part filler', 'two part filler', 'epoxy putty'], says: { filler: 'two-part' } },
  { words: ['light-cured', 'light cured', 'light-cured filler'], says: { filler: 'light-cured' } },
  { words: ['sprue in cement', 'sprue goo'], says: { filler: 'sprue-cement' } },
  { words: ['kicker', 'with kicker'], says: { kicker: true } },
  { words: ['in one go', 'all at once', 'together'], says: { together: true } },
  { words: ['each by itself', 'one by one'], says: { together: false } },
  { words: ['evenings apart', 'over several evenings'], says: { split: true } },
  { words: ['in one sitting'], says: { split: false } },
]

/** What a number or a text beside a word means: the field, its unit, and the factor on what is said. */
export type KeyWord = {
  words: readonly string[]
  field: keyof ActStep
  takes: 'duration' | 'percent' | 'number' | 'text'
  /** What is said times this is the field's own unit; durations are minutes. */
  times?: number
  /** Is nothing missing where no value comes? */
  mayStandAlone?: true
}

/** Words that a value belongs to; the first of each is written before its value. Source: docs/formats.md. */
export const KEY_WORDS: readonly KeyWord[] = [
  { words: ['gap', 'between coats', 'apart', 'flash'], field: 'gap', takes: 'duration' },
  { words: ['takes', 'taking', 'each coat takes'], field: 'minutes', takes: 'duration' },
  { words: ['for'], field: 'minutes', takes: 'duration', mayStandAlone: true },
  {
    words: ['warm air', 'hair dryer', 'hairdryer'],
    field: 'warmAir',
    takes: 'duration',
    times: 60,
  },
  {
    words: ['workable for', 'workable', 'stays open'],
    field: 'reworkHours',
    takes: 'duration',
    times: 1 / 60,
  },
  { words: ['retarder', 'retarded'], field: 'retarder', takes: 'percent' },
  { words: ['flow aid', 'flow improver'], field: 'flowAid', takes: 'percent' },
  { words: ['thinned', 'thinner', 'thinned by'], field: 'thinning', takes: 'percent', times: 0.01 },
  { words: ['grit', 'paper'], field: 'grit', takes: 'number' },
  { words: ['passes', 'pass', 'rubs'], field: 'passes', takes: 'number' },
  { words: ['because of', 'caused by'], field: 'cause', takes: 'text' },
  { words: ['called', 'named'], field: 'name', takes: 'text' },
  { words: ['note', 'nb'], field: 'note', takes: 'text' },
]

/** Words for lengths of time without a number, minutes. */
export const TIME_WORDS = {
  'half an hour': 30,
  'an hour': 60,
  'a quarter of an hour': 15,
  'half a day': 720,
  overnight: 720,
  'over night': 720,
  'a night': 720,
  'a day': 1440,
  'two nights': 2880,
  'a weekend': 2880,
  'a week': 10080,
  'a month': 43200,
  'a year': 525600,
} as const

/** Words that open a wait, or stand beside one. */
export const WAIT_WORDS = [
  'wait',
  'dry',
  'let dry',
  'leave',
  'let it dry',
  'leave to dry',
  'cure',
  'let cure',
  'after',
  'later',
  'drying',
  'to dry',
  'hang',
] as const

/** Words that change nothing. */
export const FILLER_WORDS = [
  'and',
  'a',
  'an',
  'of',
  'with',
  'by',
  'in',
  'then',
  'it',
  'to',
  'at',
  'up',
  'is',
  'some',
  'now',
  'using',
  'use',
  'apply',
  'lay',
  'do',
  'again with',
  'please',
  'part',
  'parts',
  'model',
  'kit',
  'first',
  'next',
  'finally',
  'plus',
  'i',
  'will',
  'from',
  'as',
  'down',
  'very',
  'all of it',
] as const

/** Words that a number of coats stands before. */
export const COAT_NOUNS = ['coat', 'coats', 'layer', 'layers'] as const

/** Words before what a step lies on: it is told, and changes nothing. */
export const ABOVE_WORDS = ['over', 'on top of', 'above'] as const

/** Words before a thing: what isn't known behind them is a part. */
export const THE_WORDS = ['the', 'this', 'that', 'its'] as const

/** What a build is for. */
export const USE_WORDS = {
  display: ['display', 'for display', 'on display', 'shelf queen'],
  handled: ['handled', 'for handling', 'for play', 'tabletop', 'gaming'],
} as const

/** Who reckons the waits. */
export const WAITS_WORDS = {
  auto: ['waits auto', 'waits as needed', 'wait as needed', 'fill in the waits'],
  'as-written': ['waits as written', 'wait as written', 'no other waits'],
} as const

/** Numbers as words. */
export const NUMBER_WORDS = {
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  eight: 8,
  ten: 10,
} as const

/** So many times what was said. */
export const TIMES_WORDS = {
  once: 1,
  twice: 2,
  thrice: 3,
  'two times': 2,
  'three times': 3,
} as const

/** Words for the step before, once more. */
export const AGAIN_WORDS = [
  'again',
  'once more',
  'the same again',
  'same again',
  'repeat',
  'like before',
  'like the step before',
] as const

/** Words after which parts are named; and for all of them. */
export const ON_WORDS = ['on', 'onto', 'for parts'] as const
export const ALL_WORDS = ['all', 'everything', 'all parts', 'every part'] as const
export const BUT_WORDS = ['but', 'except', 'but not', 'without'] as const

/** How the air moves from a step on. Source: handbook 3.2. */
export const AIR_WORDS: readonly { words: readonly string[]; says: ClimateChange }[] = [
  { words: ['room air'], says: { air: 'room' } },
  { words: ['still air', 'in a box'], says: { air: 'still' } },
  { words: ['fan', 'with a fan', 'fan on'], says: { air: 'fan' } },
  { words: ['forced air', 'drying cabinet', 'dehydrator'], says: { air: 'forced' } },
]

/** Words after which a product sheet's own figures stand. */
export const SHEET_WORDS = ['sheet', 'by its sheet', 'label says'] as const

/** The figures of a sheet by their words; durations. Source: handbook 2, "the maker's data sheet wins". */
export const SHEET_FIGURES = {
  flash: ['flash'],
  touch: ['touch'],
  recoat: ['recoat'],
  sand: ['sand'],
  tape: ['tape'],
  cured: ['cured', 'cure'],
  latest: ['latest'],
  potLife: ['pot life', 'pot-life'],
} as const
