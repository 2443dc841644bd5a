import { readProject } from '@/core/formats/projectFile'
import { demoProject } from '@/demo/demo'
import { db } from './db'
import { importProject } from './project'

/** Set once the demo was put on an empty bench: wiped, it stays away. */
const LOADED = 'tectoria-demo-loaded'

/** Is the bench empty, and was the demo never put on it? */
export async function shouldLoadDemo(): Promise<boolean> {
  if (localStorage.getItem(LOADED)) return false
  return (await db.builds.count()) === 0
}

/**
 * Loads the demo through the same reading and import as anybody's file.
 *
 * @throws Error if the demo isn't a valid project
 */
export async function loadDemo(now: number): Promise<void> {
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone
  const file: unknown = JSON.parse(JSON.stringify(demoProject(now, zone)))
  const parsed = readProject(file)
  if (!parsed.ok) throw new Error(`loadDemo: ${JSON.stringify(parsed.problems[0])}`)
  await importProject(parsed.value)
  localStorage.setItem(LOADED, 'yes')
}
