import type { Build } from '../model/build'
import type { Project } from '../model/project'
/** Builds that are on the bench. */
export function benchBuilds(project: Project): Build[] {
  return (project.builds ?? []).filter((build) => build.shelved !== true)
}
