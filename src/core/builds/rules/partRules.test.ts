import { applyEdit, NOTHING_LOGGED } from '../../model/applyEdit'
import type { Build, BuildStep, Part } from '../../model/build'
import type { Project } from '../../model/project'
import { PROJECT_FORMAT, PROJECT_VERSION } from '../../model/projectFormat'
import type { Zone } from '../../model/zone'
import { PART_RULES, type PartRuleName } from '../../stack/rules/finding'
import { stateOf } from '../benchState'
import { judgePart } from '../judgePart'
import { PART_RULE_LIST } from './partRules'

const NOW = Date.parse('2026-03-14T19:05:00Z')
const PRIME = { do: 'prime', family: 'lacquer', coats: ['light', 'wet'] }
const COLOUR = { do: 'base', family: 'alcohol-acrylic', coats: ['light', 'wet'] }
const ZONES: Zone[] = [
  { id: 'roof', part: 'p', name: 'Roof', areaCm2: 30 },
  { id: 'inside', part: 'p', name: 'Inside', areaCm2: 20 },
  { id: 'body', part: 'p', name: 'Body', areaCm2: 100 },
]

type Fields = Record<string, unknown>

function build(steps: readonly Fields[], part: Partial<Part> = {}, zones = ZONES): Build {
  return {
    id: 'b',
    name: 'Ploughman 6',
    parts: [{ id: 'p', name: 'Frame', substrate: 'resin-printed', areaCm2: 150, ...part }],
    zones,
    steps: steps.map(
      (step, i) => ({ ...step, id: `s${i}`, parts: ['p'], protection: 'confirmed' }) as BuildStep,
    ),
  }
}

let count = 0
function judged(of: Build) {
  const project: Project = { format: PROJECT_FORMAT, version: PROJECT_VERSION, builds: [of] }
  return judgePart(stateOf(project), { build: 'b', part: 'p' }, NOW, () => `n${++count}`)
}
const found = (of: Build, rule: PartRuleName) =>
  judged(of).findings.filter((finding) => finding.rule === rule)

const SEAM = { id: 'a', kind: 'seam' } as const
const PIN = { id: 'b', kind: 'pinhole', zone: 'roof' } as const
const stick = (mm: number, more = 1) => ({ kind: 'stick', mm, count: more }) as const
const onlyOn = (...zones: string[]) => ({ ...COLOUR, zones })
const JOIN = { do: 'assemble', shuts: ['inside'], checked: ['fit'] }

const CASES: readonly [string, PartRuleName, Build, string | null][] = [
  ['a seam under colour', 'open-defects', build([PRIME, COLOUR], { spots: [SEAM] }), 's1'],
  [
    'a seam that is sanded first',
    'open-defects',
    build([PRIME, { do: 'sand', grit: 400 }, COLOUR], { spots: [SEAM] }),
    null,
  ],
  [
    'a seam that was seen good',
    'open-defects',
    build([PRIME, COLOUR], { spots: [{ ...SEAM, state: 'good' }] }),
    null,
  ],
  [
    'a sanded one, not yet looked at',
    'open-defects',
    build([PRIME, COLOUR], { spots: [{ ...SEAM, state: 'sanded' }] }),
    's1',
  ],
  ['no colour is planned', 'open-defects', build([PRIME], { spots: [SEAM] }), null],
  ['colour elsewhere', 'open-defects', build([PRIME, onlyOn('body')], { spots: [PIN] }), null],
  [
    'sanded elsewhere',
    'open-defects',
    build([{ do: 'sand', grit: 400, zones: ['body'] }, COLOUR], { spots: [PIN] }),
    's1',
  ],
  [
    'filled with putty first',
    'open-defects',
    build([{ do: 'fill', filler: 'putty', zones: ['roof'] }, PRIME, COLOUR], { spots: [PIN] }),
    null,
  ],
  ['paint where a joint has shut', 'out-of-reach', build([PRIME, JOIN, onlyOn('inside')]), 's2'],
  ['paint before it is shut', 'out-of-reach', build([PRIME, onlyOn('inside'), JOIN]), null],
  ['paint elsewhere after it', 'out-of-reach', build([PRIME, JOIN, onlyOn('roof')]), null],
  ['all of it after it', 'out-of-reach', build([PRIME, JOIN, COLOUR]), null],
  [
    '39 g on a stick of 3 mm',
    'mount-too-weak',
    build([PRIME], { weightG: 39, holder: stick(3) }),
    null,
  ],
  ['41 g on it', 'mount-too-weak', build([PRIME], { weightG: 41, holder: stick(3) }), 's0'],
  ['79 g on two', 'mount-too-weak', build([PRIME], { weightG: 79, holder: stick(3, 2) }), null],
  [
    '119 g on one of 6 mm',
    'mount-too-weak',
    build([PRIME], { weightG: 119, holder: stick(6) }),
    null,
  ],
  ['121 g on it', 'mount-too-weak', build([PRIME], { weightG: 121, holder: stick(6) }), 's0'],
  [
    '36 cm³ of printed resin, 41 g',
    'mount-too-weak',
    build([PRIME], { volumeCm3: 36, holder: stick(3) }),
    's0',
  ],
  [
    '34 cm³ of it, 39 g',
    'mount-too-weak',
    build([PRIME], { volumeCm3: 34, holder: stick(3) }),
    null,
  ],
  [
    'the same cast in metal',
    'mount-too-weak',
    build([PRIME], { volumeCm3: 34, substrate: 'metal', holder: stick(6) }),
    's0',
  ],
  [
    'a clip bears what it bears',
    'mount-too-weak',
    build([PRIME], { weightG: 400, holder: { kind: 'clip' } }),
    null,
  ],
  [
    'held where this paints',
    'held-on-wet',
    build([onlyOn('roof')], { holder: { kind: 'clip', zone: 'roof' } }),
    's0',
  ],
  [
    'held elsewhere',
    'held-on-wet',
    build([onlyOn('roof')], { holder: { kind: 'clip', zone: 'inside' } }),
    null,
  ],
  [
    'held where nothing is painted',
    'held-on-wet',
    build([COLOUR], { holder: { kind: 'stick' } }),
    null,
  ],
  [
    'taken by another zone meanwhile',
    'held-on-wet',
    build([{ ...onlyOn('roof'), heldBy: 'body' }], { holder: { kind: 'clip', zone: 'roof' } }),
    null,
  ],
  [
    'turned over while the grip is wet',
    'held-on-wet',
    build([onlyOn('roof'), { ...onlyOn('body'), heldBy: 'roof' }]),
    's1',
  ],
  [
    'turned over once it is dry',
    'held-on-wet',
    build([onlyOn('roof'), { wait: '12 h' }, { ...onlyOn('body'), heldBy: 'roof' }]),
    null,
  ],
]

test.each(CASES)('%s: %s', (_, rule, of, step) => {
  const all = found(of, rule)
  expect(all.map((one) => one.step)).toEqual(step === null ? [] : [step])
  for (const { because } of all) expect(because).toMatch(/^[A-Z].*[.]$/)
})

test.each(CASES.filter(([, , , step]) => step !== null))(
  '%s: each way out ends it',
  (_, rule, of) => {
    const [finding] = found(of, rule)
    for (const { edit, say } of finding?.remedies ?? []) {
      const edited = applyEdit(of, edit, NOTHING_LOGGED, () => `n${++count}`)
      if (!edited.ok) throw new Error(`${say}: ${edited.why}`)
      expect([say, found(edited.build, rule).length]).toEqual([say, 0])
    }
  },
)

it('names what is open by its kinds, and counts them', () => {
  const spots = ['a', 'b', 'c'].map((id) => ({ ...SEAM, id }))
  const [told] = found(build([COLOUR], { spots: [...spots, PIN] }), 'open-defects')
  expect(told?.because).toContain('3 seams and a pinhole are still open')
  expect(told?.zones).toEqual(['roof'])
})

it('says which joint shuts what', () => {
  const [told] = found(build([JOIN, onlyOn('inside')]), 'out-of-reach')
  expect(told?.severity).toBe('stop')
  expect(told?.because).toMatch(/^Inside can’t be reached any more: “Assemble/)
})

it('every rule of a part has its file', () => {
  expect(PART_RULE_LIST.map(({ name }) => name)).toEqual([...PART_RULES])
})
