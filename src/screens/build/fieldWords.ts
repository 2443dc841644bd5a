import type { StepField } from '@/core/formats/stepFields'
import { type ActRow, actRow, laysClear } from '@/core/knowledge'
import { WAY_WORDS } from '@/core/knowledge/words/ways'
import type { BuildAct } from '@/core/model/build'
import type { Family } from '@/core/model/vocabulary'
import type { Choice } from '@/ui/Field'
import { capital, familyName, plain } from '../shared/words'

/** A value of a field as it is said in a plan of words; else as its id reads. */
function wordOf(path: string, value: string): string {
  if (path === 'family') return familyName(value as Family)
  const way = WAY_WORDS.find(({ says }) => {
    const [field, said] = Object.entries(says)[0] ?? []
    return field === path && (Array.isArray(said) ? said[0] : said) === value
  })
  return way ? capital(way.words[0] ?? value) : plain(value)
}

/** What may be chosen for a field, with what it is where nobody says; a field that must be said has no such choice. */
export function choicesOf(field: StepField, step: BuildAct, row: ActRow): Choice[] {
  const { control, path } = field
  if (control.is !== 'one' && control.is !== 'several') return []
  const own = control.of.map((value) => ({ value, say: wordOf(path, value) }))
  const unsaid = control.is === 'one' ? unsaidOf(path, step, row) : null
  return unsaid === null ? own : [{ value: '', say: unsaid }, ...own]
}

/** How it is left unsaid; null: it has to be said. */
function unsaidOf(path: string, step: BuildAct, row: ActRow): string | null {
  switch (path) {
    case 'family':
      // A wash without a family is another act.
      if (row.family === 'must' || actRow(step.do, undefined).withPaint) return null
      return row.family ? `${familyName(row.family)} (usual)` : 'Not said'
    case 'sheen':
      return laysClear(step) ? null : 'As the family dries'
    case 'tool':
      return `${plain(row.tool)} (usual)`
    case 'solvent':
      return 'Its own'
    default:
      return 'Not said'
  }
}
