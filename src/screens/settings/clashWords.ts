import { isAct } from '@/core/model/isAct'
import type { RowClash } from '@/core/model/mergeRows'
import type { Project } from '@/core/model/project'
import type { ActStep } from '@/core/model/sequence'
import { spaced, stepName } from '../shared/words'

/** Longest word of a value that is told, characters. */
const LONGEST = 80

/** What clashed and how, in words: the things that lead to it by their names, and what stands on either side. */
export function clashWords(
  { path, mine, theirs }: RowClash,
  project: Project,
): { of: string; mine: string; theirs: string } {
  return { of: nameOf(path, project), mine: shown(mine), theirs: shown(theirs) }
}

function nameOf(path: string, project: Project): string {
  let at: unknown = project
  const names = path.split(/\.(?![^[]*\])/).map((piece) => {
    const [, list, id] = /^(.*?)\[(.*)\]$/.exec(piece) ?? []
    const own = at as Record<string, unknown> | undefined
    if (list === undefined || id === undefined) {
      at = own?.[piece]
      return spaced(piece)
    }
    const rows = own?.[list]
    at = Array.isArray(rows) ? rows.find((row) => row?.id === id) : undefined
    return called(at) ?? id
  })
  return names.join(', ')
}

function called(row: unknown): string | null {
  if (typeof row !== 'object' || row === null) return null
  if ('name' in row && typeof row.name === 'string') return row.name
  return isAct(row as ActStep) ? stepName(row as ActStep) : null
}

function shown(value: unknown): string {
  if (value === undefined) return 'removed'
  const text = typeof value === 'string' ? value : (JSON.stringify(value) ?? '')
  if (text === '') return 'nothing'
  return text.length > LONGEST ? `${text.slice(0, LONGEST)}…` : text
}
