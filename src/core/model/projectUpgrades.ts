/** What makes a project of one version one of the next. It is given what a file holds, before that is read, and changes nothing of it. */
export type Upgrade = (project: Readonly<Record<string, unknown>>) => Record<string, unknown>

/** By version: the first makes version 2 of version 1. None was needed yet, since all that came was added beside what was there. */
export const PROJECT_UPGRADES: readonly Upgrade[] = []

/**
 * A project of any version as one of the newest.
 *
 * @param project of a version from 1 to the newest
 * @param upgrades one for each version but the newest
 */
export function broughtUp(project: unknown, upgrades = PROJECT_UPGRADES): unknown {
  const { version } = project as { version: number }
  return upgrades
    .slice(version - 1)
    .reduce(
      (older, upgrade, i) => ({ ...upgrade(older), version: version + i + 1 }),
      project as Record<string, unknown>,
    )
}
