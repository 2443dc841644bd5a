import type { Project } from '@/core/model/project'
import { PROJECT_FORMAT, PROJECT_VERSION } from '@/core/model/projectFormat'
import { FILE_FIELDS, PROJECT_LISTS } from '@/core/model/projectLists'
import type { Store } from './store'
import { DATA_TABLES } from './tables'

/** Fields of a project that have a table or a row of their own, or are written by the export. */
export const KNOWN_FIELDS: readonly string[] = [...PROJECT_LISTS, ...FILE_FIELDS, 'sessions']

/** Everything that is stored, row by row as it is, damaged rows too. */
export async function rawTables({ db }: Store): Promise<Record<string, unknown[]>> {
  return db.transaction(
    'r',
    [...DATA_TABLES.map((table) => db.table(table)), db.damaged],
    async () => {
      const entries = await Promise.all(
        DATA_TABLES.map(async (table) => [table, await db.table(table).toArray()] as const),
      )
      return { ...Object.fromEntries(entries), damaged: await db.damaged.toArray() }
    },
  )
}

/** The project of stored rows: its lists, its sessions, and the fields that this version doesn't know. */
export function projectOf(tables: Record<string, unknown[]>): Project {
  const single = (tables.single ?? []) as { id: string; value: unknown }[]
  const singleOf = (id: string) => single.find((row) => row.id === id)?.value
  const lists = Object.fromEntries(PROJECT_LISTS.map((list) => [list, tables[list] ?? []]))
  return {
    ...((singleOf('extra') as Record<string, unknown> | undefined) ?? {}),
    format: PROJECT_FORMAT,
    version: PROJECT_VERSION,
    ...lists,
    sessions: (singleOf('sessions') as Project['sessions']) ?? null,
  } as Project
}

/** The project as the text of a file; damaged rows aren't in it. */
export async function exportProject(store: Store): Promise<string> {
  return fileText(projectOf(await rawTables(store)), store.now())
}

/** A project as the text of a file. @param now epoch milliseconds */
export function fileText(
  project: Project,
  now: number,
  more: Pick<Project, 'handed'> = {},
): string {
  return JSON.stringify({ ...project, exportedAt: new Date(now).toISOString(), ...more }, null, 2)
}

/** Everything that is stored as the text of a file, readable or not: what is left to do where nothing else works. */
export async function exportRaw(store: Store): Promise<string> {
  return JSON.stringify(
    { format: 'tectoria-raw', version: 1, tables: await rawTables(store) },
    null,
    2,
  )
}
