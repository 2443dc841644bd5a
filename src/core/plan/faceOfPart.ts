import { progressOf } from '../journal'
import type { Project } from '../model/project'
import { faceColour } from '../stack'
import { walkPart } from './partWalk'

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
  const { walk, places } = walkPart(project, build, part, progressOf(project.acts ?? []), now)
  const done = walk.walked.findLast(({ index }) => places[index]?.fact)
  const films = when === 'planned' ? walk.stack.films : (done?.after.films ?? [])
  return faceColour(films, walk.walked[0]?.moment.setting.steps ?? [])
}
