import type { Parsed, Problem } from '../model/input'
import { type Project, parseProject } from '../model/project'
import { PROJECT_LISTS, type ProjectList } from '../model/projectLists'
import { sameValue } from '../model/sameValue'
import { brokenBuild, doubled } from './brokenBuild'
import { senselessIn, stepProblems } from './stepProblems'

/** Reads a project file: shapes first, then what refers to what. Nothing is let through half. */
export function readProject(value: unknown): Parsed<Project> {
  const parsed = parseProject(value)
  if (!parsed.ok) return parsed
  const problems = [
    ...doubledIds(parsed.value),
    ...buildProblems(parsed.value),
    ...techniqueProblems(parsed.value),
  ]
  return problems.length > 0 ? { ok: false, problems } : parsed
}

function doubledIds(project: Project): Problem[] {
  return PROJECT_LISTS.flatMap((list) => doubled(project[list] ?? [], list))
}

function buildProblems(project: Project): Problem[] {
  return (project.builds ?? []).flatMap((build, i) => {
    const path = `builds[${i}].`
    return [
      ...brokenBuild(build, path),
      ...zoneProblems(build, path),
      ...senselessIn(build.steps, `${path}steps`),
    ]
  })
}

function techniqueProblems(project: Project): Problem[] {
  return (project.techniques ?? []).flatMap((technique, i) =>
    stepProblems(technique.steps, `techniques[${i}].steps`),
  )
}

/** What an import would do to one list: how many rows are new, change what is there, or are the same. */
import { zoneProblems } from './zoneProblems'
export type ImportRow = {
  list: ProjectList | 'sessions'
  added: string[]
  replaced: string[]
  same: number
}

/** Ids are kept: a row with an id that is there and differs would replace it, and is asked about. */
export function previewImport(current: Project, incoming: Project): ImportRow[] {
  const rows = PROJECT_LISTS.map((list): ImportRow => {
    const known = new Map<string, unknown>((current[list] ?? []).map((row) => [row.id, row]))
    const row: ImportRow = { list, added: [], replaced: [], same: 0 }
    for (const otherRow of incoming[list] ?? []) {
      const before = known.get(otherRow.id)
      if (before === undefined) row.added.push(nameOf(otherRow))
      else if (sameValue(before, otherRow)) row.same += 1
      else row.replaced.push(nameOf(otherRow))
    }
    return row
  })
  if (!incoming.sessions) return rows
  const same = sameValue(current.sessions, incoming.sessions)
  const replaced = current.sessions && !same ? ['When you are at the bench'] : []
  const added = current.sessions ? [] : ['When you are at the bench']
  return [...rows, { list: 'sessions', added, replaced, same: same ? 1 : 0 }]
}

function nameOf(row: { id: string; name?: unknown }): string {
  return typeof row.name === 'string' ? row.name : row.id
}
