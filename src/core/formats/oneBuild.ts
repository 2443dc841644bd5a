import type { BuildAct } from '../model/build'
import type { LoggedAct } from '../model/loggedAct'
import type { Project } from '../model/project'

/**
 * A build by itself: its steps, what it is painted from, its mixes, its pins, the meshes that it is drawn by, what was photographed, tried and
 * liked of it, and everything that was logged of it, acts that take back or correct included.
 *
 * @throws RangeError if the project has no such build
 */
export function oneBuild(project: Project, id: string): Project {
  const build = project.builds?.find((row) => row.id === id)
  if (!build) throw new RangeError(`oneBuild: no build "${id}"`)
  const steps = build.steps as BuildAct[]
  const mixes = (project.mixes ?? []).filter(
    (mix) => mix.build === id || steps.some((step) => step.mix === mix.id),
  )
  const bottles = new Set([
    ...steps.flatMap(({ bottle, thinner }) => [bottle, thinner]),
    ...mixes.flatMap(({ ingredients }) => ingredients.map(({ bottle }) => bottle)),
  ])
  return {
    format: project.format,
    version: project.version,
    builds: [build],
    shelf: (project.shelf ?? []).filter((bottle) => bottles.has(bottle.id)),
    mixes,
    acts: actsOf(project.acts ?? [], id),
    pins: (project.pins ?? []).filter((pin) => pin.id.startsWith(`${id}/`)),
    meshes: (project.meshes ?? []).filter((mesh) =>
      build.parts.some((one) => one.mesh === mesh.id),
    ),
    pictures: ofBuild(project.pictures, id),
    tests: ofBuild(project.tests, id),
    accidents: ofBuild(project.accidents, id),
  }
}

function ofBuild<T extends { build?: string | undefined }>(
  rows: readonly T[] = [],
  id: string,
): T[] {
  return rows.filter(({ build }) => build === id)
}

function actsOf(acts: readonly LoggedAct[], build: string): LoggedAct[] {
  const kept = new Set(acts.filter((act) => act.build === build).map((act) => act.id))
  // What takes back what takes back comes later in the log than what it speaks of.
  for (const { id, undoes, corrects } of acts) if (kept.has(undoes ?? corrects ?? '')) kept.add(id)
  return acts.filter((act) => kept.has(act.id))
}
