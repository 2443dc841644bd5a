import { copyBuild } from '../builds/copyBuild'
import type { BuildAct, BuildStep } from '../model/build'
import type { Project } from '../model/project'
import { oneBuild } from './oneBuild'

/**
 * A build as a recipe for another kit: its parts, its plan and its mixes as a project of their own, under new ids; nothing of the log, of
 * what is on the shelf or of what it cost. Imported, it is a build that nothing was done to.
 *
 * @throws RangeError if the project has no such build
 * Source: handbook 13.6.
 */
export function recipeOf(project: Project, id: string, newId: () => string): Project {
  const { format, version, builds, mixes: own } = oneBuild(project, id)
  const [build] = builds ?? []
  if (!build) throw new RangeError(`recipeOf: no build "${id}"`)
  const copy = copyBuild(build, build.name, newId)
  const mixIds = new Map((own ?? []).map((mix) => [mix.id, newId()]))
  const mixes = (own ?? []).map(({ leftMl, rewetted, part, ingredients, ...mix }) => ({
    ...mix,
    id: mixIds.get(mix.id) as string,
    build: copy.id,
    ingredients: ingredients.map(({ bottle, ...ingredient }) => ingredient),
  }))
  const steps = copy.steps.map((step): BuildStep => {
    const { bottle, thinner, mix, ...kept } = step as BuildAct
    const known = mix === undefined ? undefined : mixIds.get(mix)
    return { ...kept, ...(known ? { mix: known } : {}) } as BuildStep
  })
  return { format, version, builds: [{ ...copy, steps }], mixes }
}
