import { progressOf } from '../log/progress'
import type { Project } from '../model/project'
import { faceColour } from '../stack/state/faceColour'
import { simulatePart } from './partSimulation'

/**
 * The colour of a part's face: as it lies there now, or when everything planned is on it.
 *
 * @param now epoch milliseconds
 * @returns #RRGGBB; null where there is no such part, nothing lies on it, or its colour isn't known
 * Source: handbook 5.2.
 */
export function faceOfPart(
  project: Project,
  buildId: string,
  partId: string,
  when: 'now' | 'planned',
  now: number,
): string | null {
  const build = project.builds?.find((one) => one.id === buildId)
  const part = build?.parts.find((one) => one.id === partId)
  if (!build || !part) return null
  const { simulation, entries } = simulatePart(
    project,
    build,
    part,
    progressOf(project.acts ?? []),
    now,
  )
  const done = simulation.simulated.findLast(({ index }) => entries[index]?.fact)
  const films = when === 'planned' ? simulation.stack.films : (done?.after.films ?? [])
  return faceColour(films, simulation.simulated[0]?.context.setting.steps ?? [])
}
