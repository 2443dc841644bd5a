import type { Problem } from '../model/input'
import { merged, type RowClash, type Side } from '../model/mergeRows'
import type { Project } from '../model/project'
import { FILE_FIELDS, PROJECT_LISTS } from '../model/projectLists'
import { brokenBuild } from './brokenBuild'
import { readProject } from './projectFile'

/** Two projects brought together, and what both had changed; or why they can't be. */
export type Merged =
  | { ok: true; project: Project; clashes: RowClash[] }
  | { ok: false; problems: Problem[] }

/** What of a bottle says one thing together: its level as it was at an instant. */
const LEVEL = ['leftMl', 'leftSince', 'share'] as const

/**
 * Brings two devices' benches together: of the log all that either has, of everything else each field as whoever changed it left it.
 * A build that two good changes would leave broken is taken from one side whole.
 *
 * @param base what both were made from; null: nobody knows, and what differs clashes
 * @param wins whose change counts where both changed the same
 */
export function mergeProjects(
  base: Project | null,
  mine: Project,
  theirs: Project,
  wins: Side,
): Merged {
  const clashes: RowClash[] = []
  const sides = [base ?? undefined, mine, theirs].map((one) => one && partsOf(one))
  const [was, own, other] = sides as [Parts | undefined, Parts, Parts]
  const rest = merged(was?.rest, own.rest, other.rest, wins, clashes) as Record<string, unknown>
  const lists = Object.fromEntries(
    PROJECT_LISTS.map((list) => {
      if (list === 'acts') return [list, allActs(mine, theirs)]
      const rows = merged(was?.lists[list], own.lists[list], other.lists[list], wins, clashes, list)
      return [list, (rows as Row[]).map(asRow)]
    }),
  )
  const project = { ...rest, ...lists, format: mine.format, version: mine.version } as Project
  const whole = { ...project, builds: wholeBuilds(project, mine, theirs, wins, clashes) }
  const read = readProject(whole)
  return read.ok ? { ok: true, project: whole, clashes } : { ok: false, problems: read.problems }
}

type Row = Record<string, unknown> & { id: string }
type Parts = { lists: Record<string, Row[]>; rest: Record<string, unknown> }

/** A project's lists, levels of bottles as one value each, and what else it says. */
function partsOf(project: Project): Parts {
  const lists = Object.fromEntries(
    PROJECT_LISTS.map((list) => [list, (project[list] ?? []).map((row) => fromRow(row as Row))]),
  )
  const known: readonly string[] = [...PROJECT_LISTS, ...FILE_FIELDS]
  const rest = Object.fromEntries(
    Object.entries(project).filter(([field]) => !known.includes(field)),
  )
  return { lists, rest }
}

function fromRow(row: Row): Row {
  if (!('leftMl' in row)) return row
  const { leftMl, leftSince, share, ...rest } = row
  return { ...rest, level: [leftMl, leftSince ?? null, share ?? null] } as Row
}

function asRow(row: Row): Row {
  if (!('level' in row)) return row
  const { level, ...rest } = row
  const fields = LEVEL.flatMap((field, i) => {
    const value = (level as unknown[])[i]
    return value === null ? [] : [[field, value] as const]
  })
  return { ...rest, ...Object.fromEntries(fields) } as Row
}

/** What happened on either device; an act is never changed. */
function allActs(mine: Project, theirs: Project): unknown[] {
  const known = new Set((mine.acts ?? []).map(({ id }) => id))
  return [...(mine.acts ?? []), ...(theirs.acts ?? []).filter(({ id }) => !known.has(id))]
}

function wholeBuilds(
  project: Project,
  mine: Project,
  theirs: Project,
  wins: Side,
  clashes: RowClash[],
): NonNullable<Project['builds']> {
  return (project.builds ?? []).map((build) => {
    if (brokenBuild(build).length === 0) return build
    const of = (one: Project) => one.builds?.find(({ id }) => id === build.id)
    clashes.push({ path: `builds[${build.id}]`, mine: of(mine), theirs: of(theirs) })
    return (wins === 'mine' ? of(mine) : of(theirs)) ?? of(mine) ?? of(theirs) ?? build
  })
}
