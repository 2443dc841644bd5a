import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { stagesOf } from '../../builds/orderOfWork'
import { isAct } from '../../model/isAct'
import type { Sequence } from '../../model/sequence'
import { SCHOOLS, type SchoolQuestion } from '../../model/vocabulary'
import { check } from '../../stack/check'
import { FAULT_TABLE } from '../faults'
import { GUIDE } from '../guide'
import { SCHOOL_TABLE } from '../schools'
import { STAGE_NAMES } from '../stages'
import { STARTER_KINDS } from '../starters/starter'
import { STARTERS } from '../starters/starters'
import { TECHNIQUE_GROUPS } from './technique'
import { TECHNIQUES, technique } from './techniques'

const handbook = (file: string) =>
  readFileSync(join(__dirname, '../../../../docs/handbook', file), 'utf8')

it('has every heading of the chapter, in its order', () => {
  const headings = [...handbook('6-techniques.md').matchAll(/^## (.+)$/gm)].map((match) => match[1])
  expect(headings).toEqual([...TECHNIQUE_GROUPS])
})

it('has an entry for every entry of the chapter', () => {
  const text = handbook('6-techniques.md')
  for (const group of TECHNIQUE_GROUPS) {
    const section = text.split(`## ${group}`)[1]?.split('\n## ')[0] ?? ''
    const entries = [...section.matchAll(/^- \*\*/gm)].length
    expect([group, TECHNIQUES.filter((technique) => technique.group === group).length]).toEqual([
      group,
      entries,
    ])
  }
})

it('names every entry once, with faults that exist and a stage of the order of work', () => {
  expect(new Set(TECHNIQUES.map((technique) => technique.id)).size).toBe(TECHNIQUES.length)
  for (const technique of TECHNIQUES) {
    expect(technique.faults.filter((id) => !(id in FAULT_TABLE))).toEqual([])
    expect(STAGE_NAMES[technique.stage]).toBeDefined()
    expect(technique.schools.filter((id) => !(id in SCHOOLS))).toEqual([])
  }
  expect(() => technique('origami')).toThrow(RangeError)
})

it('compares the six ways of chipping', () => {
  const compared = TECHNIQUES.filter((technique) => technique.compare).map(
    (technique) => technique.id,
  )
  expect(compared).toEqual([
    'sponge-chips',
    'brush-chips',
    'release-chips',
    'salt-chips',
    'latex-chips',
    'needle-scratch',
  ])
})

it('has a row for every question of school, with all its choices', () => {
  const rows = [...handbook('1-the-work.md').matchAll(/^\| .+ \| .+\|$/gm)].length - 1
  expect(Object.keys(SCHOOL_TABLE).sort()).toEqual(Object.keys(SCHOOLS).sort())
  expect(Object.keys(SCHOOL_TABLE).length).toBeGreaterThanOrEqual(rows)
  for (const [question, row] of Object.entries(SCHOOL_TABLE))
    expect([question, row.choices.map((choice) => choice.value)]).toEqual([
      question,
      [...SCHOOLS[question as SchoolQuestion]],
    ])
})

it('has a row for every fault of the chapter, as it stands there', () => {
  const rows = handbook('8-faults.md')
    .split('\n')
    .filter((line) => line.startsWith('| ') && !line.startsWith('| symptom'))
    .map((line) =>
      line
        .split('|')
        .slice(1, 5)
        .map((cell) => cell.trim().replaceAll("'", '’')),
    )
  expect(
    Object.values(FAULT_TABLE).map((row) => [row.symptom, row.causes, row.mend, row.nextTime]),
  ).toEqual(rows)
})

it('starts ships, mecha, miniatures, terrain and cars: a dozen and more', () => {
  expect(STARTERS.length).toBeGreaterThanOrEqual(12)
  for (const kind of STARTER_KINDS)
    expect([kind, STARTERS.filter((starter) => starter.kind === kind).length > 1]).toEqual([
      kind,
      true,
    ])
  expect(new Set(STARTERS.map((starter) => starter.id)).size).toBe(STARTERS.length)
})

it('says how every act of its steps is done', () => {
  for (const { step } of TECHNIQUES.flatMap((technique) => technique.steps))
    expect(GUIDE[step.do].how).not.toBe('')
})

/** A painted, sealed, matt part: what most techniques come to. */
const PAINTED: Sequence = {
  format: 'tectoria-sequence',
  version: 1,
  substrate: 'polystyrene',
  waits: 'auto',
  steps: [
    { do: 'prime', family: 'lacquer', coats: ['mist', 'light', 'light'] },
    { do: 'base', family: 'alcohol-acrylic', coats: ['light', 'light'] },
    { do: 'clear', family: 'lacquer', sheen: 'gloss', coats: ['mist', 'light'] },
    { do: 'clear', family: 'acrylic-pu', sheen: 'matt', coats: ['mist', 'light'] },
  ],
}

const laid = TECHNIQUES.filter(
  (technique) => technique.steps.length > 0 && technique.steps.every(({ at }) => !at),
)
test.each(laid.map((one) => ({ id: one.id, steps: one.steps.map(({ step }) => step) })))(
  'the steps of $id bring no stop on a painted part',
  ({ steps }) => {
    const found = check({ ...PAINTED, steps: [...PAINTED.steps, ...steps] })
    expect(
      found.findings
        .filter((finding) => finding.severity === 'stop')
        .map((finding) => finding.rule),
    ).toEqual([])
  },
)

it('stages follow the order of work, a wait belongs to what comes after it', () => {
  const steps = [
    ...PAINTED.steps,
    { wait: '1 h' },
    { do: 'line' as const },
    { do: 'assemble' as const },
  ]
  expect(stagesOf(steps)).toEqual([3, 5, 7, 7, 9, 9, 13])
  expect(stagesOf(steps).length).toBe(steps.length)
  expect(steps.filter(isAct)).toHaveLength(6)
})
