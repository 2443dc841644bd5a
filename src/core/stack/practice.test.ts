import type { Sequence, Step } from '../model/sequence'
import { check } from './check'
import { sequence, told } from './tests/sequences'

type Case = { why: string; steps: Step[]; more?: Partial<Sequence> }

const PRIME: Step = { do: 'prime', coats: ['mist', 'light', 'light'] }
const LOCK: Step = {
  do: 'clear',
  family: 'alcohol-acrylic',
  sheen: 'matt',
  coats: ['mist', 'light'],
}
const GLOSS: Step = {
  do: 'clear',
  family: 'lacquer',
  sheen: 'gloss',
  coats: ['mist', 'light', 'light'],
}
const SATIN: Step = { do: 'clear', family: 'acrylic-pu', sheen: 'satin', coats: ['mist', 'light'] }

/** Sound practice of many schools: with automatic waits nothing but notes is said. Source: handbook 1, 2.3, 6. */
const SOUND: Case[] = [
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

test.each(SOUND)('sound: $why', ({ steps, more }) => {
  const found = check(sequence(steps, { waits: 'auto', ...more }))
  const bad = found.findings.filter((finding) => finding.severity !== 'note')
  expect(bad.map((finding) => `${finding.step} ${finding.rule}: ${finding.because}`)).toEqual([])
  expect(found.timeline).toHaveLength(steps.filter((step) => 'do' in step).length)
})

const DAY: Step = { wait: '24 h' }

/** Accidents that everybody has once. All that is told, cautions apart. Source: handbook 8. */
const ACCIDENTS: (Case & { told: string[] })[] = [
  {
    why: 'enamel clear under enamel washes',
    steps: [
      PRIME,
      DAY,
      { do: 'base', family: 'lacquer' },
      DAY,
      { do: 'clear', family: 'enamel', sheen: 'gloss' },
      { wait: '30 h' },
      { do: 'line' },
    ],
    told: ['6 solvent-attacks-film risk'],
  },
  {
    why: 'lacquer over enamel that is not cured',
    steps: [PRIME, DAY, { do: 'base', family: 'enamel' }, { wait: '2 d' }, GLOSS],
    told: ['4 solvent-attacks-film risk', '4 hard-over-soft stop'],
  },
  {
    why: 'wet two-part clear straight over decals',
    steps: [
      PRIME,
      DAY,
      GLOSS,
      DAY,
      { do: 'decal' },
      { wait: '30 h' },
      { do: 'clear', family: 'urethane-2k', sheen: 'gloss', coats: ['wet'] },
    ],
    told: ['6 solvent-attacks-film risk', '6 decal-hot-clear risk', '6 decal-bubble-check note'],
  },
  {
    why: 'rubbing a wet swab over an acrylic clear',
    steps: [
      PRIME,
      DAY,
      { do: 'clear', family: 'alcohol-acrylic', sheen: 'gloss' },
      { wait: '3 d' },
      { do: 'line', solvent: 'alcohol', family: 'water-acrylic' },
      { wait: '4 min' },
      { do: 'line-clean', solvent: 'alcohol', tool: 'wet-swab' },
    ],
    told: ['6 solvent-attacks-film risk'],
  },
  {
    why: 'colour wiped away by clean-up over bare enamel',
    steps: [
      PRIME,
      DAY,
      { do: 'base', family: 'enamel' },
      { wait: '30 h' },
      { do: 'line' },
      { wait: '40 min' },
      { do: 'line-clean' },
    ],
    more: { school: { liningSurface: 'matt' } },
    told: ['4 seal-first risk', '6 solvent-attacks-film risk'],
  },
  {
    why: 'oils over fresh lining without a lock',
    steps: [
      PRIME,
      DAY,
      GLOSS,
      DAY,
      { do: 'line' },
      { wait: '45 min' },
      { do: 'line-clean' },
      { wait: '3 h' },
      { do: 'oil-dots' },
    ],
    told: ['8 lock-first risk', '8 tooth-needed note'],
  },
  {
    why: 'a cold garage and water acrylics',
    steps: [PRIME, DAY, { do: 'base', family: 'water-acrylic' }],
    more: { climate: { celsius: 7, humidity: 50 } },
    told: ['2 too-cold stop'],
  },
  {
    why: 'a damp evening and lacquer',
    steps: [PRIME],
    more: { climate: { celsius: 18, humidity: 88 } },
    told: ['0 too-damp stop'],
  },
  {
    why: 'spirit flooded over bare ABS',
    steps: [{ do: 'line', tool: 'flood' }],
    more: { substrate: 'abs' },
    told: ['0 solvent-attacks-substrate stop', '0 needs-primer risk'],
  },
  {
    why: 'salt sealed in for good',
    steps: [
      PRIME,
      DAY,
      { do: 'salt' },
      { wait: '3 h' },
      { do: 'base', family: 'lacquer' },
      DAY,
      GLOSS,
    ],
    told: ['6 mask-left-on stop'],
  },
]

test.each(ACCIDENTS)('an accident: $why', ({ steps, more, told: expected }) => {
  expect(told(sequence(steps, more))).toEqual(expected)
})

test.each(ACCIDENTS)('every finding of it has a way out: $why', ({ steps, more }) => {
  const stuck = check(sequence(steps, more)).findings.filter(
    (finding) => finding.remedies.length === 0,
  )
  expect(stuck.map((finding) => finding.rule)).toEqual([])
})
