import type { Starter } from '../knowledge/starters/starter'
import type { Build, Part } from '../model/build'

/**
 * A build from a starting sequence.
 *
 * @param name what the modeller calls it, not empty
 * @param id gives a new id each time
 */
export function buildFromStarter(starter: Starter, name: string, id: () => string): Build {
  const parts = starter.parts.map((part): Part => ({ ...part }))
  const all = parts.map((part) => part.id)
  return {
    id: id(),
    name,
    scale: starter.scale,
    use: starter.use,
    school: { ...starter.school },
    parts,
    steps: starter.steps.map(({ on, step }) => ({ ...step, id: id(), parts: [...(on ?? all)] })),
  }
}
