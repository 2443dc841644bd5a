import type { Build } from '../model/build'
import type { Parsed, Problem } from '../model/input'
import { type Project, parseProject } from '../model/project'
import { PROJECT_LISTS, type ProjectList } from '../model/projectLists'
import { sameValue } from '../model/sameValue'
import { missingIn, senselessIn, stepProblems } from './stepProblems'

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

function doubled(rows: readonly { id: string }[], path: string): Problem[] {
  const seen = new Set<string>()
  return rows.flatMap((row, i): Problem[] => {
    const again = seen.has(row.id)
    seen.add(row.id)
    return again
      ? [{ path: `${path}[${i}].id`, found: JSON.stringify(row.id), expected: 'an id used once' }]
      : []
  })
}

function buildProblems(project: Project): Problem[] {
  return (project.builds ?? []).flatMap((build, i) => {
    const path = `builds[${i}].`
    return [...brokenBuild(build, path), ...senselessIn(build.steps, `${path}steps`)]
  })
}

/**
 * What keeps a build from being reckoned: ids that are there twice, parts that aren't there, acts without what they must say.
 *
 * @param path where the build stands in what was read, with a dot behind it
 */
export function brokenBuild(build: Build, path = ''): Problem[] {
  return [
    ...doubled(build.parts, `${path}parts`),
    ...doubled(build.steps, `${path}steps`),
    ...missingIn(build.steps, `${path}steps`),
    ...unknownParts(build, path),
  ]
}

function techniqueProblems(project: Project): Problem[] {
  return (project.techniques ?? []).flatMap((technique, i) =>
    stepProblems(technique.steps, `techniques[${i}].steps`),
  )
}

function unknownParts(build: Build, path: string): Problem[] {
  const known = new Set(build.parts.map((part) => part.id))
  return build.steps.flatMap((step, i) =>
    step.parts.flatMap((part, j): Problem[] =>
      known.has(part)
        ? []
        : [
            {
              path: `${path}steps[${i}].parts[${j}]`,
              found: JSON.stringify(part),
              expected: `the id of a part: ${[...known].join(', ')}`,
            },
          ],
    ),
  )
}

/** What an import would do to one list: how many rows are new, change what is there, or are the same. */
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
