import type { Sequence, Step } from '../../model/sequence'

/** A job as it is done, with automatic waits. */
export type Practice = { why: string; steps: Step[]; more?: Partial<Sequence> }

export const PRIME: Step = { do: 'prime', coats: ['mist', 'light', 'light'] }
const LOCK: Step = {
  do: 'clear',
  family: 'alcohol-acrylic',
  sheen: 'matt',
  coats: ['mist', 'light'],
}
export const GLOSS: Step = {
  do: 'clear',
  family: 'lacquer',
  sheen: 'gloss',
  coats: ['mist', 'light', 'light'],
}
const SATIN: Step = { do: 'clear', family: 'acrylic-pu', sheen: 'satin', coats: ['mist', 'light'] }

/** Sound practice of many schools: with automatic waits nothing but notes is said. Source: handbook 1, 2.3, 6. */
export const SOUND_PRACTICE: Practice[] = [
  {
    why: 'the classical change of family',
    steps: [
      PRIME,
      { do: 'base', family: 'lacquer', coats: ['light', 'light', 'wet'] },
      GLOSS,
      { do: 'decal' },
      { ...GLOSS, coats: ['mist', 'mist', 'light'] } as Step,
      { do: 'line' },
      { do: 'line-clean' },
      LOCK,
      { do: 'filter' },
      LOCK,
    ],
  },
  {
    why: 'satin under the lining',
    more: { school: { liningSurface: 'satin' } },
    steps: [
      PRIME,
      { do: 'base', family: 'alcohol-acrylic' },
      SATIN,
      { do: 'line' },
      { do: 'line-clean' },
      LOCK,
    ],
  },
  {
    why: 'straight on matt, on purpose',
    more: { school: { liningSurface: 'matt' } },
    steps: [
      PRIME,
      { do: 'base', family: 'lacquer' },
      LOCK,
      { do: 'line' },
      { do: 'line-clean' },
      LOCK,
    ],
  },
  {
    why: 'water only',
    steps: [
      { do: 'prime', family: 'acrylic-pu' },
      { do: 'base', family: 'water-acrylic', coats: ['light', 'light', 'light'] },
      { do: 'clear', family: 'acrylic-pu', sheen: 'gloss', coats: ['mist', 'light'] },
      { do: 'wash', family: 'water-wash' },
      { do: 'clear', family: 'water-acrylic', sheen: 'matt' },
    ],
  },
  {
    why: 'artist’s oils over a lock, with patience',
    steps: [
      PRIME,
      { do: 'base', family: 'lacquer' },
      LOCK,
      { do: 'oil-dots' },
      { do: 'blend' },
      LOCK,
    ],
  },
  {
    why: 'chips from a release coat',
    steps: [
      PRIME,
      { do: 'base', family: 'lacquer', colour: '#6A3A2B' },
      { do: 'release', coats: ['light', 'light'] },
      { do: 'base', family: 'water-acrylic' },
      { do: 'chip-wet' },
      SATIN,
    ],
  },
  {
    why: 'salt',
    steps: [
      PRIME,
      { do: 'base', family: 'lacquer' },
      { do: 'salt' },
      { do: 'base', family: 'alcohol-acrylic', coats: ['light', 'light'] },
      { do: 'unsalt' },
      LOCK,
    ],
  },
  {
    why: 'wipe-back of alcohol acrylic over cured metal',
    steps: [
      PRIME,
      { do: 'metal', family: 'lacquer' },
      { wait: '3 d' },
      { do: 'base', family: 'alcohol-acrylic' },
      { wait: '70 min' },
      { do: 'wipe-back', solvent: 'alcohol' },
    ],
  },
  {
    why: 'two colours and tape',
    steps: [
      PRIME,
      { do: 'base', family: 'lacquer' },
      { do: 'tape' },
      { do: 'base', family: 'lacquer', colour: '#1F3B2C' },
      { do: 'untape' },
      GLOSS,
    ],
  },
  {
    why: 'a polished body under two-part clear',
    steps: [
      PRIME,
      { do: 'base', family: 'lacquer' },
      { do: 'clear', family: 'urethane-2k', sheen: 'gloss', coats: ['mist', 'light', 'light'] },
      { do: 'cut-polish', grit: 3000 },
      { do: 'compound' },
    ],
  },
  {
    why: 'resin, degreased and primed',
    more: { substrate: 'resin-cast' },
    steps: [{ do: 'degrease' }, PRIME, { do: 'base', family: 'alcohol-acrylic' }],
  },
  {
    why: 'brass, etched',
    more: { substrate: 'metal' },
    steps: [{ do: 'degrease' }, { do: 'prime', etch: true }, { do: 'metal', family: 'lacquer' }],
  },
  {
    why: 'unpainted plastic: satin on the moulded colour, then lining',
    more: { school: { liningSurface: 'satin' } },
    steps: [SATIN, { do: 'line' }, { do: 'line-clean' }],
  },
  {
    why: 'streaks, dragged at once, locked later',
    steps: [
      PRIME,
      { do: 'base', family: 'lacquer' },
      LOCK,
      { do: 'streak' },
      { do: 'streak-drag' },
      LOCK,
    ],
  },
  {
    why: 'powders last, fixed',
    steps: [PRIME, { do: 'base', family: 'lacquer' }, LOCK, { do: 'powder' }, { do: 'powder-fix' }],
  },
  {
    why: 'watercolour lining, sealed',
    more: { school: { liningSurface: 'matt' } },
    steps: [
      PRIME,
      { do: 'base', family: 'lacquer' },
      { do: 'line', family: 'watercolour' },
      { do: 'line-clean', solvent: 'water' },
      { do: 'clear', family: 'lacquer', sheen: 'satin', coats: ['mist', 'light'] },
    ],
  },
]
