import type { Step } from '../model/sequence'
import { check } from './check'
import { sequence, told } from './tests/sequences'
import { GLOSS, PRIME, type Practice, SOUND_PRACTICE } from './tests/soundPractice'

test.each(SOUND_PRACTICE)('sound: $why', ({ steps, more }) => {
  const found = check(sequence(steps, { waits: 'auto', ...more }))
  const bad = found.findings.filter((finding) => finding.severity !== 'note')
  expect(bad.map((finding) => `${finding.step} ${finding.rule}: ${finding.because}`)).toEqual([])
  expect(found.timeline).toHaveLength(steps.filter((step) => 'do' in step).length)
})

const DAY: Step = { wait: '24 h' }

/** Accidents that everybody has once. All that is told, cautions apart. Source: handbook 8. */
const ACCIDENTS: (Practice & { told: string[] })[] = [
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
