import { PROJECT_FORMAT, PROJECT_VERSION, type Project } from '@/core/model/project'
import { DATA_TABLES, db } from './db'

/** Lists of the project that are tables of the same name. */
const LISTS = [
  'builds',
  'shelf',
  'mixes',
  'acts',
  'climate',
  'panels',
  'corrections',
  'techniques',
  'pins',
  'timers',
  'tools',
] as const

const KNOWN: readonly string[] = [...LISTS, 'format', 'version', 'exportedAt', 'sessions']

/** Everything there is, as one project. */
export async function loadProject(): Promise<Project> {
  return db.transaction(
    'r',
    DATA_TABLES.map((name) => db.table(name)),
    async () => {
      const [
        builds,
        shelf,
        mixes,
        acts,
        climate,
        panels,
        corrections,
        techniques,
        pins,
        timers,
        tools,
        sessions,
        extra,
      ] = await Promise.all([
        db.builds.toArray(),
        db.shelf.toArray(),
        db.mixes.toArray(),
        db.acts.toArray(),
        db.climate.toArray(),
        db.panels.toArray(),
        db.corrections.toArray(),
        db.techniques.toArray(),
        db.pins.toArray(),
        db.timers.toArray(),
        db.tools.toArray(),
        db.single.get('sessions'),
        db.single.get('extra'),
      ])
      return {
        ...(extra?.value ?? {}),
        format: PROJECT_FORMAT,
        version: PROJECT_VERSION,
        builds,
        shelf,
        mixes,
        acts,
        climate,
        panels,
        corrections: corrections as NonNullable<Project['corrections']>,
        techniques,
        pins,
        timers,
        tools,
        sessions: (sessions?.id === 'sessions' ? sessions.value : null) ?? null,
      }
    },
  )
}

/**
 * Takes a project in: rows with new ids are added, rows with known ids replaced; all or nothing. Fields that this version
 * does not know are kept and written out again.
 */
export async function importProject(project: Project): Promise<void> {
  await db.transaction(
    'rw',
    DATA_TABLES.map((name) => db.table(name)),
    async () => {
      for (const list of LISTS) await db.table(list).bulkPut([...(project[list] ?? [])])
      if (project.sessions) await db.single.put({ id: 'sessions', value: project.sessions })
      const extra = Object.fromEntries(
        Object.entries(project).filter(([field]) => !KNOWN.includes(field)),
      )
      if (Object.keys(extra).length > 0) await db.single.put({ id: 'extra', value: extra })
    },
  )
}

/** Takes everything away, what could be undone too. */
export async function wipe(): Promise<void> {
  await db.transaction(
    'rw',
    [...DATA_TABLES.map((name) => db.table(name)), db.changes],
    async () => {
      for (const name of DATA_TABLES) await db.table(name).clear()
      await db.changes.clear()
    },
  )
}

/** The project as the text of a file. */
export async function exportProject(now: number): Promise<string> {
  const project = await loadProject()
  return JSON.stringify({ ...project, exportedAt: new Date(now).toISOString() }, null, 2)
}
