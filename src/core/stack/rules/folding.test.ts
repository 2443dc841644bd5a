import type { Step } from '../../model/sequence'
import { check } from '../check'
import { sequence } from '../tests/sequences'

const PRIME: Step = { do: 'prime' }
const DAY: Step = { wait: '24 h' }
const BLACK: Step = { do: 'base', family: 'lacquer', sheen: 'gloss', colour: '#0A0A0A' }

/** Every finding but the cautions, with what it follows from. */
function folded(steps: Step[], substrate: 'polystyrene' | 'abs' | 'pvc-vinyl' = 'polystyrene') {
  return check(sequence(steps, { substrate }))
    .findings.filter((finding) => finding.rule !== 'ppe')
    .map(({ step, rule, follows }) =>
      follows ? `${step} ${rule} < ${follows.step} ${follows.rule}` : `${step} ${rule}`,
    )
}

test.each([
  {
    why: 'three powders on one gloss face are one mistake, a powder on the next gloss another',
    steps: [
      PRIME,
      DAY,
      { do: 'clear', family: 'lacquer', sheen: 'gloss' },
      DAY,
      { do: 'powder' },
      { do: 'powder' },
      { do: 'powder' },
      { do: 'clear', family: 'lacquer', sheen: 'gloss', coats: ['mist', 'mist'] },
      DAY,
      { do: 'powder' },
    ],
    told: [
      '4 tooth-needed',
      '5 tooth-needed < 4 tooth-needed',
      '6 tooth-needed < 4 tooth-needed',
      '9 tooth-needed',
    ],
  },
  {
    why: 'too early: the solvent’s bite follows from the missing wait, both are stops',
    steps: [
      PRIME,
      DAY,
      { do: 'base', family: 'alcohol-acrylic' },
      { do: 'clear', family: 'lacquer', sheen: 'gloss' },
    ],
    told: ['3 solvent-attacks-film < 3 recoat-too-early', '3 recoat-too-early'],
  },
  {
    why: 'a set film that is attacked stands for itself: waiting would not have helped',
    steps: [
      PRIME,
      DAY,
      { do: 'base', family: 'alcohol-acrylic' },
      { wait: '65 min' },
      { do: 'clear', family: 'lacquer', sheen: 'gloss', coats: ['wet'] },
    ],
    told: ['4 solvent-attacks-film'],
  },
  {
    why: 'metal that is killed is told as such',
    steps: [
      PRIME,
      DAY,
      BLACK,
      { wait: '4 d' },
      { do: 'chrome', coats: ['mist'] },
      { wait: '4 d' },
      { do: 'clear', family: 'lacquer', sheen: 'gloss' },
    ],
    told: ['6 solvent-attacks-film < 6 clear-kills-metal', '6 clear-kills-metal'],
  },
  {
    why: 'the clean-up follows from having lined bare enamel',
    steps: [
      PRIME,
      DAY,
      { do: 'base', family: 'enamel', sheen: 'gloss' },
      { wait: '30 h' },
      { do: 'line' },
      { wait: '1 h' },
      { do: 'line-clean' },
    ],
    told: ['4 seal-first', '6 solvent-attacks-film < 4 seal-first'],
  },
  {
    why: 'a missing primer follows from the spirit that cracks the plastic',
    steps: [{ do: 'line', tool: 'flood' }],
    substrate: 'abs' as const,
    told: ['0 solvent-attacks-substrate', '0 needs-primer < 0 solvent-attacks-substrate'],
  },
  {
    why: 'water under a decal follows from clear that comes too early',
    steps: [
      PRIME,
      DAY,
      { do: 'clear', family: 'lacquer', sheen: 'gloss' },
      DAY,
      { do: 'decal' },
      { wait: '2 h' },
      { do: 'clear', family: 'acrylic-pu', sheen: 'gloss', coats: ['mist'], checked: ['bubbles'] },
    ],
    told: ['6 recoat-too-early', '6 decal-moisture < 6 recoat-too-early'],
  },
  {
    why: 'edges that rub through follow from too little clear',
    steps: [
      PRIME,
      DAY,
      { do: 'clear', family: 'lacquer', sheen: 'gloss', coats: ['mist'] },
      { wait: '5 d' },
      { do: 'cut-polish' },
    ],
    told: ['4 clear-too-thin-to-polish', '4 edge-rub-through < 4 clear-too-thin-to-polish'],
  },
] as { why: string; steps: Step[]; substrate?: 'abs'; told: string[] }[])(
  '$why',
  ({ steps, substrate, told }) => {
    expect(folded(steps, substrate)).toEqual(told)
  },
)

it('what follows never stands above what it follows from: heads stand for themselves', () => {
  const steps: Step[] = [
    PRIME,
    { do: 'base', family: 'enamel' },
    { do: 'line' },
    { do: 'line-clean' },
  ]
  const { findings } = check(sequence(steps))
  for (const finding of findings) {
    if (!finding.follows) continue
    const head = findings.find(
      (f) => f.step === finding.follows?.step && f.rule === finding.follows.rule,
    )
    expect(head?.follows).toBeUndefined()
  }
})

it('what goes for several steps names them', () => {
  const steps: Step[] = [
    PRIME,
    { wait: '3 d' },
    { do: 'base', family: 'enamel', coats: ['light'] },
    { wait: '2 d' },
    { do: 'filter' },
    { do: 'oil-dots' },
    { do: 'streak' },
  ]
  const sealed = check(sequence(steps)).findings.filter(({ rule }) => rule === 'seal-first')
  expect(sealed.map(({ step, follows }) => [step, follows?.step])).toEqual([
    [4, undefined],
    [5, 4],
    [6, 4],
  ])
  expect(sealed[0]?.because).toContain('The same goes for oil dots and streaks.')
})
