import type { ActStep } from '../model/sequence'
import type { Act } from '../model/vocabulary'

/** What of a step can be turned on the panel, a field of it each. */
export type Knob = 'amount' | 'markMm' | 'direction' | 'thinning' | 'sheen' | 'tool' | 'wipe'

const COAT = ['sheen'] as const
const CHIPS = ['amount', 'markMm'] as const
const TINT = ['amount', 'thinning'] as const
const RUNS = ['amount', 'markMm', 'thinning'] as const
const CLEANS = ['tool', 'wipe'] as const
const ALONE = ['amount'] as const
/** Seen, with nothing to turn. */
const SEEN = [] as const

/** By act that is seen, what changes its look: what an act of the panel asks of its step. Source: handbook 10.3. */
const KNOBS: Partial<Record<Act, readonly Knob[]>> = {
  prime: SEEN,
  release: SEEN,
  'mirror-metal': SEEN,
  chrome: SEEN,
  detail: SEEN,
  tape: SEEN,
  untape: SEEN,
  unlatex: SEEN,
  unsalt: SEEN,
  'wipe-back': SEEN,
  'streak-drag': SEEN,
  'powder-fix': SEEN,
  decal: SEEN,
  'decal-soften': SEEN,
  base: COAT,
  metal: COAT,
  clear: COAT,
  glaze: ['thinning'],
  'clear-colour': ['thinning'],
  preshade: ALONE,
  toplight: ALONE,
  mottle: ALONE,
  chalk: TINT,
  latex: CHIPS,
  salt: CHIPS,
  'chip-wet': CHIPS,
  'chip-sponge': CHIPS,
  'chip-brush': CHIPS,
  pencil: CHIPS,
  scratch: ['amount', 'markMm', 'direction'],
  line: TINT,
  wash: TINT,
  filter: TINT,
  'line-clean': CLEANS,
  'wash-clean': CLEANS,
  'oil-dots': ALONE,
  blend: ['direction'],
  streak: RUNS,
  stain: RUNS,
  'rust-wash': RUNS,
  iron: CHIPS,
  speckle: ALONE,
  splatter: ALONE,
  soot: ['amount', 'direction'],
  dust: TINT,
  powder: ALONE,
  mud: ALONE,
  graphite: ALONE,
  drybrush: ALONE,
  sand: ALONE,
  scuff: ALONE,
  'cut-polish': ALONE,
  compound: ALONE,
}

/** Is anything of a step seen on a panel? */
export function isSeen({ do: act }: ActStep): boolean {
  return KNOBS[act] !== undefined
}

/** What of a step can be turned on the panel. */
export function knobsOf(step: ActStep): readonly Knob[] {
  return KNOBS[step.do] ?? SEEN
}
