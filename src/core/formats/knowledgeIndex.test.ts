import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { CAUTIONS } from '../knowledge/cautions'
import { DECIDED, KEPT_BY_PLAN, knowledgeIndex } from './knowledgeIndex'

const handbook = (file: string) =>
  readFileSync(join(__dirname, '../../../docs/handbook', file), 'utf8')

it('the index in docs/handbook is what the tables hold', () => {
  expect(handbook('index.md')).toBe(knowledgeIndex())
})

/** Rule names in the first column of the two tables of chapter 2.6. */
function ruleNames(): string[] {
  const text = handbook('2-materials.md').split('## 2.6')[1] ?? ''
  return text
    .split('\n')
    .filter((line) => line.startsWith('| `'))
    .flatMap((line) =>
      [...(line.split('|')[1] ?? '').matchAll(/`([^`]+)`/g)].map((match) => match[1] ?? ''),
    )
}

it('every rule of chapter 2.6 speaks, or is kept by the plan', () => {
  const known = [...DECIDED, ...Object.keys(KEPT_BY_PLAN)]
  expect(ruleNames().filter((name) => !known.includes(name))).toEqual([])
  expect(ruleNames().length).toBeGreaterThan(70)
})

it('and nothing speaks that the chapter doesn’t know', () => {
  expect(DECIDED.filter((name) => !ruleNames().includes(name))).toEqual([])
})

it('every caution of chapter 9 is there', () => {
  const rows = handbook('9-safety.md')
    .split('\n')
    .filter((line) => line.startsWith('| ') && !line.startsWith('| when'))
    .map((line) => (line.split('|')[1] ?? '').replaceAll('`', '').trim())
  const ours = CAUTIONS.map((caution) => caution.when)
  const named = (row: string) =>
    ours.some(
      (when) => row.startsWith(when) || (when === 'two-part urethane' && row === 'urethane-2k'),
    )
  expect(rows.filter((row) => !named(row))).toEqual([])
  expect(ours.length).toBe(rows.length)
})
