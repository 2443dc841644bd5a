import type { FaultId } from '../../knowledge/faults'
import type { Sequence, Step } from '../../model/sequence'

/** A case of the bench: what was seen, what was done, what was known; and what it came from. */
export type FaultCase = {
  symptom: FaultId
  cause: string
  steps: Step[]
  sequence?: Partial<Sequence>
  /** The air that was read at steps. */
  facts?: { step: number; celsius?: number; humidity?: number }[]
  answers?: Record<string, boolean>
}

const wash: Step = { do: 'degrease' }
const dry = (wait: string): Step => ({ wait })
const prime: Step = { do: 'prime', family: 'lacquer', coats: ['mist', 'light'] }
const base: Step = {
  do: 'base',
  family: 'alcohol-acrylic',
  colour: '#C9C4B4',
  coats: ['light', 'light'],
}
const enamel: Step = { do: 'base', family: 'enamel', colour: '#5B6B3A', coats: ['light', 'light'] }
const gloss: Step = { do: 'clear', family: 'lacquer', sheen: 'gloss', coats: ['mist', 'light'] }
const matt: Step = { do: 'clear', family: 'lacquer', sheen: 'matt', coats: ['mist', 'light'] }
const line: Step = { do: 'line', colour: '#3B3A38', solvent: 'spirit-mild' }
const clean: Step = { do: 'line-clean', solvent: 'spirit-mild' }
const release: Step = { do: 'release', coats: ['light', 'light'] }
const top: Step = {
  do: 'base',
  family: 'water-acrylic',
  colour: '#B7A78A',
  coats: ['light', 'light'],
}
const chip: Step = { do: 'chip-wet' }
const chrome: Step = { do: 'chrome' }
const metal: Step = { do: 'metal', family: 'metal-enamel' }
const decal: Step = { do: 'decal' }
const start: Step[] = [wash, prime, dry('24 h'), base, dry('24 h')]
const glossed: Step[] = [...start, gloss, dry('24 h')]

/** Cases of every symptom. Source: handbook 8. */
export const CASES: readonly FaultCase[] = [
  {
    symptom: 'white-frost',
    cause: 'damp-air',
    steps: [...start, matt],
    facts: [{ step: 5, celsius: 19, humidity: 81 }],
  },
  {
    symptom: 'white-frost',
    cause: 'cold-can',
    steps: [...start, { ...matt, tool: 'spray-can' }],
    facts: [{ step: 5, celsius: 14, humidity: 45 }],
    answers: { 'can-was-cold': true },
  },
  {
    symptom: 'white-frost',
    cause: 'too-thick',
    steps: [...start, { ...matt, coats: ['light', 'wet', 'wet'] }],
    facts: [{ step: 5, celsius: 21, humidity: 45 }],
  },
  {
    symptom: 'white-frost',
    cause: 'not-stirred',
    steps: [...start, matt],
    facts: [{ step: 5, celsius: 21, humidity: 45 }],
    answers: { 'not-stirred': true },
  },
  {
    symptom: 'white-frost',
    cause: 'wiped-with-spirit',
    steps: [...start, matt, dry('24 h'), { do: 'wipe-back', solvent: 'spirit-mild' }],
    sequence: { climate: { celsius: 21, humidity: 45 } },
  },
  {
    symptom: 'wrinkles',
    cause: 'hot-solvent',
    steps: [
      prime,
      dry('24 h'),
      enamel,
      dry('6 h'),
      { ...gloss, solvent: 'lacquer-hot', coats: ['wet'] },
    ],
  },
  {
    symptom: 'wrinkles',
    cause: 'bad-window',
    steps: [prime, dry('24 h'), enamel, dry('4 h'), enamel],
  },
  {
    symptom: 'wrinkles',
    cause: 'hard-over-soft',
    steps: [
      prime,
      dry('24 h'),
      { ...enamel, coats: ['light'] },
      dry('2 d'),
      { do: 'clear', family: 'urethane-2k', sheen: 'gloss', coats: ['mist', 'light'] },
    ],
  },
  {
    symptom: 'lifts-with-tape',
    cause: 'no-primer',
    steps: [wash, base, dry('3 d'), { do: 'tape' }, dry('1 h'), { do: 'untape' }],
  },
  {
    symptom: 'lifts-with-tape',
    cause: 'tape-too-early',
    steps: [...start.slice(0, 4), dry('20 min'), { do: 'tape' }, dry('10 min'), { do: 'untape' }],
  },
  {
    symptom: 'lifts-with-tape',
    cause: 'tape-too-strong',
    steps: [...start, dry('3 d'), { do: 'tape' }, dry('1 h'), { do: 'untape' }],
    answers: { 'tape-was-strong': true },
  },
  {
    symptom: 'lifts-with-tape',
    cause: 'resin-undercured',
    steps: [...start, dry('3 d'), { do: 'tape' }, dry('1 h'), { do: 'untape' }],
    sequence: { substrate: 'resin-printed' },
    answers: { 'feels-sticky': true },
  },
  {
    symptom: 'lifts-with-tape',
    cause: 'greasy',
    steps: [prime, dry('24 h'), base, dry('3 d'), { do: 'tape' }, dry('1 h'), { do: 'untape' }],
    answers: { 'touched-with-fingers': true },
  },
  { symptom: 'colour-wiped', cause: 'no-clear', steps: [...start, line, dry('45 min'), clean] },
  {
    symptom: 'colour-wiped',
    cause: 'solvent-moves-it',
    steps: [wash, prime, dry('24 h'), enamel, dry('24 h'), line, dry('45 min'), clean],
  },
  {
    symptom: 'colour-wiped',
    cause: 'acrylic-rubbed',
    steps: [
      ...start,
      { do: 'clear', family: 'water-acrylic', sheen: 'gloss', coats: ['light', 'light'] },
      dry('24 h'),
      line,
      dry('45 min'),
      { ...clean, tool: 'wet-swab', passes: 60 },
    ],
    answers: { 'rubbed-hard': true },
  },
  { symptom: 'colour-wiped', cause: 'window-missed', steps: [...glossed, line, dry('3 d'), clean] },
  { symptom: 'wash-wont-run', cause: 'matt-surface', steps: [...start, matt, dry('24 h'), line] },
  { symptom: 'wash-wont-run', cause: 'too-thick', steps: [...glossed, { ...line, thinning: 0.2 }] },
  {
    symptom: 'wash-wont-run',
    cause: 'surface-tension',
    steps: [...glossed, { do: 'line', family: 'water-wash' }],
  },
  {
    symptom: 'wash-wont-run',
    cause: 'not-stirred',
    steps: [...glossed, line],
    answers: { 'not-stirred': true },
  },
  {
    symptom: 'wash-wont-run',
    cause: 'greasy',
    steps: [...glossed, line],
    answers: { 'drips-of-greasy-water': true },
  },
  {
    symptom: 'wash-wont-clean',
    cause: 'matt-surface',
    steps: [...start, matt, dry('24 h'), line, dry('45 min'), clean],
  },
  {
    symptom: 'wash-wont-clean',
    cause: 'window-missed',
    steps: [...glossed, line, dry('4 d'), clean],
  },
  {
    symptom: 'wash-wont-clean',
    cause: 'sets-fast',
    steps: [...glossed, { ...line, reworkHours: 0.5 }, dry('25 min'), clean],
  },
  {
    symptom: 'wash-wont-clean',
    cause: 'too-hot',
    steps: [...glossed, line, dry('45 min'), clean],
    facts: [{ step: 7, celsius: 31, humidity: 40 }],
  },
  {
    symptom: 'wash-left-lines',
    cause: 'too-early',
    steps: [...glossed, line, dry('2 min'), { ...clean, tool: 'swab' }],
  },
  {
    symptom: 'wash-left-lines',
    cause: 'brush-too-wet',
    steps: [...glossed, line, dry('45 min'), clean],
    answers: { 'brush-was-wet': true },
  },
  {
    symptom: 'wash-left-lines',
    cause: 'swab-in-the-line',
    steps: [...glossed, line, dry('45 min'), { ...clean, tool: 'swab' }],
  },
  {
    symptom: 'tide-marks',
    cause: 'dried-from-edge',
    steps: [...glossed, { do: 'wash', family: 'water-wash', flowAid: 2, wick: true }],
    facts: [{ step: 7, celsius: 29, humidity: 30 }],
  },
  {
    symptom: 'tide-marks',
    cause: 'pooled',
    steps: [...glossed, { do: 'wash', family: 'enamel-wash', coats: ['flood'] }],
  },
  {
    symptom: 'tide-marks',
    cause: 'stood-tilted',
    steps: [...glossed, { do: 'wash', family: 'enamel-wash' }],
    answers: { 'stood-tilted': true },
  },
  {
    symptom: 'drawn-lines',
    cause: 'too-black',
    steps: [
      wash,
      prime,
      dry('24 h'),
      { ...base, colour: '#F1F0EA' },
      dry('24 h'),
      gloss,
      dry('24 h'),
      { ...line, colour: '#050505' },
    ],
    sequence: { scale: 35 },
  },
  {
    symptom: 'drawn-lines',
    cause: 'too-wide',
    steps: [...glossed, { do: 'line', tool: 'pen', colour: '#8A8678' }],
    sequence: { scale: 144 },
  },
  { symptom: 'orange-peel', cause: 'too-thick', steps: [...start, { ...gloss, thinning: 0.2 }] },
  {
    symptom: 'orange-peel',
    cause: 'too-hot',
    steps: [...start, gloss],
    facts: [{ step: 5, celsius: 31, humidity: 45 }],
  },
  {
    symptom: 'orange-peel',
    cause: 'too-cold',
    steps: [...start, gloss],
    facts: [{ step: 5, celsius: 12, humidity: 50 }],
  },
  {
    symptom: 'orange-peel',
    cause: 'too-far',
    steps: [...start, gloss],
    answers: { 'held-far': true },
  },
  {
    symptom: 'orange-peel',
    cause: 'too-dry',
    steps: [...start, { ...gloss, coats: ['mist', 'mist'] }],
  },
  {
    symptom: 'orange-peel',
    cause: 'pressure-low',
    steps: [...start, gloss],
    answers: { 'pressure-was-low': true },
  },
  {
    symptom: 'dusty-spray',
    cause: 'too-hot',
    steps: [wash, prime, dry('24 h'), { ...base, retarder: 3, solvent: 'lacquer-mild' }],
    facts: [{ step: 3, celsius: 32, humidity: 45 }],
  },
  {
    symptom: 'dusty-spray',
    cause: 'much-alcohol',
    steps: [wash, prime, dry('24 h'), { ...base, solvent: 'alcohol', thinning: 0.7, retarder: 3 }],
  },
  {
    symptom: 'dusty-spray',
    cause: 'dried-in-the-air',
    steps: [wash, prime, dry('24 h'), top],
    facts: [{ step: 3, celsius: 22, humidity: 22 }],
  },
  {
    symptom: 'dusty-spray',
    cause: 'too-far',
    steps: [wash, prime, dry('24 h'), top],
    answers: { 'held-far': true },
  },
  {
    symptom: 'runs',
    cause: 'too-wet',
    steps: [...start, { ...gloss, coats: ['wet', 'wet', 'wet'], gap: '1 min' }],
  },
  { symptom: 'runs', cause: 'too-thin', steps: [...start, { ...base, thinning: 0.8 }] },
  {
    symptom: 'runs',
    cause: 'too-near',
    steps: [...start, { ...base, thinning: 0.5 }],
    answers: { 'held-near': true },
  },
  {
    symptom: 'runs',
    cause: 'too-slow',
    steps: [...start, { ...base, thinning: 0.5, retarder: 20 }],
  },
  {
    symptom: 'spider-lines',
    cause: 'too-thin-and-near',
    steps: [...start, { do: 'mottle', family: 'alcohol-acrylic', thinning: 0.8 }],
  },
  {
    symptom: 'spider-lines',
    cause: 'pressure-high',
    steps: [...start, { do: 'mottle', family: 'alcohol-acrylic', thinning: 0.6 }],
    answers: { 'pressure-was-high': true },
  },
  {
    symptom: 'tip-dry',
    cause: 'no-retarder',
    steps: [wash, prime, dry('24 h'), top],
    facts: [{ step: 3, celsius: 20, humidity: 50 }],
  },
  {
    symptom: 'tip-dry',
    cause: 'hot-dry-air',
    steps: [wash, prime, dry('24 h'), { ...top, retarder: 3 }],
    facts: [{ step: 3, celsius: 30, humidity: 25 }],
  },
  {
    symptom: 'tip-dry',
    cause: 'big-pigment',
    steps: [...glossed, { do: 'metal', family: 'lacquer', retarder: 3 }],
    sequence: { climate: { celsius: 20, humidity: 50 } },
  },
  {
    symptom: 'fish-eyes',
    cause: 'grease',
    steps: [prime],
    answers: { 'touched-with-fingers': true },
  },
  {
    symptom: 'fish-eyes',
    cause: 'silicone',
    steps: [wash, prime],
    answers: { 'near-silicone': true },
  },
  {
    symptom: 'fish-eyes',
    cause: 'wax',
    steps: [prime],
    sequence: { substrate: 'resin-cast' },
    answers: { 'mould-release-on-it': true },
  },
  {
    symptom: 'silvering',
    cause: 'matt-surface',
    steps: [...start, matt, dry('24 h'), decal, { do: 'decal-soften' }],
  },
  { symptom: 'silvering', cause: 'no-fluid', steps: [...glossed, decal] },
  {
    symptom: 'silvering',
    cause: 'air-under-it',
    steps: [...glossed, decal, { do: 'decal-soften' }],
    answers: { 'air-under-it': true },
  },
  {
    symptom: 'decal-wrinkled',
    cause: 'wet-hot-clear',
    steps: [...glossed, decal, dry('24 h'), { ...gloss, solvent: 'lacquer-hot', coats: ['wet'] }],
  },
  {
    symptom: 'decal-wrinkled',
    cause: 'strong-fluid',
    steps: [...glossed, decal, { do: 'decal-soften', softener: 'strong' }],
    answers: { 'fluid-was-strong': true },
  },
  {
    symptom: 'bubbles',
    cause: 'air-under-decal',
    steps: [...glossed, decal, dry('24 h'), gloss, dry('7 d'), { do: 'cut-polish' }],
  },
  {
    symptom: 'bubbles',
    cause: 'dust',
    steps: [...glossed, dry('7 d'), { do: 'cut-polish' }],
    answers: { 'dust-was-on-it': true },
  },
  {
    symptom: 'bubbles',
    cause: 'too-early',
    steps: [...start, gloss, dry('3 h'), { do: 'cut-polish' }],
  },
  {
    symptom: 'rub-through',
    cause: 'too-few-coats',
    steps: [...start, { ...gloss, coats: ['light'] }, dry('7 d'), { do: 'cut-polish' }],
  },
  {
    symptom: 'rub-through',
    cause: 'pressed-edges',
    steps: [
      ...start,
      { ...gloss, coats: ['mist', 'light', 'light', 'wet', 'wet', 'wet'] },
      dry('30 d'),
      { do: 'cut-polish' },
    ],
    answers: { 'edges-were-pressed': true },
  },
  {
    symptom: 'chips-wont-open',
    cause: 'wrong-family',
    steps: [
      ...start,
      release,
      dry('30 min'),
      { do: 'base', family: 'enamel', colour: '#5B6B3A', coats: ['light'] },
      dry('8 h'),
      chip,
    ],
  },
  {
    symptom: 'chips-wont-open',
    cause: 'top-too-thick',
    steps: [
      ...start,
      release,
      dry('30 min'),
      { ...top, coats: ['light', 'light', 'wet', 'wet'] },
      dry('2 h'),
      chip,
    ],
  },
  {
    symptom: 'chips-wont-open',
    cause: 'too-late',
    steps: [...start, release, dry('30 min'), top, dry('3 d'), chip],
  },
  {
    symptom: 'chips-wont-open',
    cause: 'release-too-thin',
    steps: [...start, { ...release, coats: ['mist'] }, dry('30 min'), top, dry('2 h'), chip],
  },
  {
    symptom: 'chips-sheets',
    cause: 'top-not-dry',
    steps: [...start, release, dry('30 min'), top, dry('3 min'), chip],
  },
  {
    symptom: 'chips-sheets',
    cause: 'release-too-thick',
    steps: [
      ...start,
      { ...release, coats: ['light', 'wet', 'wet'] },
      dry('2 h'),
      top,
      dry('3 h'),
      chip,
    ],
  },
  {
    symptom: 'chips-sheets',
    cause: 'overthinned-top',
    steps: [...start, release, dry('30 min'), { ...top, thinning: 0.75 }, dry('3 h'), chip],
  },
  {
    symptom: 'chips-sheets',
    cause: 'brush-too-wet',
    steps: [...start, release, dry('30 min'), top, dry('3 h'), chip],
    answers: { 'chipping-brush-wet': true },
  },
  {
    symptom: 'undercoat-off',
    cause: 'undercoat-not-fast',
    steps: [
      wash,
      prime,
      dry('24 h'),
      { ...top, colour: '#4A2E22' },
      dry('30 d'),
      release,
      dry('30 min'),
      top,
      dry('3 h'),
      chip,
    ],
  },
  {
    symptom: 'undercoat-off',
    cause: 'undercoat-not-cured',
    steps: [
      wash,
      prime,
      dry('24 h'),
      { ...base, colour: '#4A2E22' },
      dry('40 min'),
      release,
      dry('30 min'),
      top,
      dry('3 h'),
      chip,
    ],
  },
  { symptom: 'metal-dull', cause: 'clear-over-it', steps: [...glossed, metal, dry('3 d'), matt] },
  {
    symptom: 'metal-dull',
    cause: 'handled',
    steps: [...glossed, metal, dry('1 h'), { do: 'handle' }],
  },
  {
    symptom: 'metal-dull',
    cause: 'fluid-on-it',
    steps: [...glossed, metal, dry('3 d'), decal, { do: 'decal-soften' }],
  },
  {
    symptom: 'chrome-smeared',
    cause: 'touched-early',
    steps: [...glossed, chrome, dry('4 h'), { do: 'handle' }],
  },
  {
    symptom: 'chrome-smeared',
    cause: 'wrong-clear',
    steps: [...glossed, chrome, dry('4 d'), gloss],
  },
  {
    symptom: 'sticky',
    cause: 'enamel-on-vinyl',
    steps: [wash, enamel],
    sequence: { substrate: 'pvc-vinyl' },
  },
  {
    symptom: 'sticky',
    cause: 'laid-thick',
    steps: [wash, prime, dry('24 h'), { ...enamel, coats: ['wet', 'wet'] }],
  },
  {
    symptom: 'sticky',
    cause: 'cold',
    steps: [wash, prime, dry('24 h'), enamel],
    facts: [{ step: 3, celsius: 9, humidity: 60 }],
  },
  {
    symptom: 'sticky',
    cause: 'off-ratio',
    steps: [wash, prime, dry('24 h'), { do: 'clear', family: 'urethane-2k', sheen: 'gloss' }],
    answers: { 'ratio-was-guessed': true },
  },
  {
    symptom: 'sticky',
    cause: 'resin-residue',
    steps: [wash, prime],
    sequence: { substrate: 'resin-printed' },
    answers: { 'feels-sticky': true },
  },
  {
    symptom: 'cracks',
    cause: 'hard-over-soft',
    steps: [wash, prime, dry('24 h'), enamel, dry('2 d'), gloss],
  },
  {
    symptom: 'cracks',
    cause: 'too-thick',
    steps: [...start, dry('14 d'), { ...gloss, coats: ['wet', 'wet', 'wet', 'wet'] }],
  },
  {
    symptom: 'cracks',
    cause: 'flexes',
    steps: [...start, dry('14 d'), gloss],
    answers: { 'part-flexes': true },
  },
  {
    symptom: 'plastic-cracked',
    cause: 'spirit-pooled',
    steps: [...glossed, { do: 'wash', family: 'enamel-wash', coats: ['flood'] }],
  },
  {
    symptom: 'plastic-cracked',
    cause: 'stressed-joint',
    steps: [...glossed, { do: 'wash', family: 'water-wash' }],
    answers: { 'joint-is-stressed': true },
  },
  {
    symptom: 'glass-fogged',
    cause: 'glue-fumes',
    steps: [{ do: 'glue-clear', adhesive: 'cyanoacrylate' }],
    sequence: { substrate: 'clear-styrene' },
  },
  {
    symptom: 'glass-fogged',
    cause: 'strong-solvent',
    steps: [
      { do: 'base', family: 'lacquer', colour: '#3B3A38', solvent: 'lacquer-hot' },
      { do: 'glue-clear', adhesive: 'white-glue' },
    ],
    sequence: { substrate: 'clear-styrene' },
  },
  {
    symptom: 'powders-gone',
    cause: 'wet-clear',
    steps: [...glossed, { do: 'powder' }, { ...matt, coats: ['wet'] }],
  },
  {
    symptom: 'powders-gone',
    cause: 'fixer-flooded',
    steps: [...glossed, { do: 'powder' }, { do: 'powder-fix', coats: ['flood'] }],
  },
  {
    symptom: 'effect-lost',
    cause: 'matt-hides-it',
    steps: [...glossed, { do: 'dust' }, dry('24 h'), matt],
  },
  {
    symptom: 'effect-lost',
    cause: 'was-faint',
    steps: [...glossed, { do: 'dust' }, dry('24 h'), matt],
    answers: { 'effect-was-weak': true },
  },
  {
    symptom: 'too-stark',
    cause: 'scale',
    steps: [...glossed, { do: 'chip-sponge', colour: '#6E7275' }],
    sequence: { scale: 350 },
  },
  {
    symptom: 'too-stark',
    cause: 'contrast',
    steps: [
      wash,
      prime,
      dry('24 h'),
      { ...base, colour: '#F1F0EA' },
      dry('24 h'),
      gloss,
      dry('24 h'),
      { ...line, colour: '#050505' },
    ],
    sequence: { scale: 35 },
  },
  {
    symptom: 'uneven-cover',
    cause: 'weak-over-primer',
    steps: [
      wash,
      { ...prime, colour: '#2A2A2A' },
      dry('24 h'),
      { ...base, colour: '#F2D024', hiding: 8, thinning: 0.5 },
    ],
  },
  {
    symptom: 'uneven-cover',
    cause: 'overthinned',
    steps: [wash, prime, dry('24 h'), { ...base, thinning: 0.8 }],
  },
  {
    symptom: 'primer-texture',
    cause: 'too-dry',
    steps: [wash, { ...prime, coats: ['mist', 'mist'] }],
  },
  {
    symptom: 'primer-texture',
    cause: 'cold-can',
    steps: [wash, { ...prime, tool: 'spray-can' }],
    facts: [{ step: 1, celsius: 12, humidity: 50 }],
  },
  {
    symptom: 'closed-lines',
    cause: 'coats-too-thick',
    steps: [
      wash,
      { ...prime, coats: ['wet', 'wet', 'wet'] },
      dry('24 h'),
      { ...base, coats: ['wet', 'wet', 'wet', 'wet'] },
      dry('24 h'),
      { ...gloss, coats: ['wet', 'wet', 'wet'] },
    ],
  },
  {
    symptom: 'closed-lines',
    cause: 'lines-too-shallow',
    steps: [...start],
    sequence: { lineDepthMm: 0.1 },
  },
]
