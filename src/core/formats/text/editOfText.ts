import type { Build } from '../../model/build'
import type { Edit, EditTarget } from '../../model/edit'
import { buildStepsOf } from './buildOfText'
import type { ReadPlan } from './readPlan'

/**
 * What a text means for a build: its steps before another one, with the parts that it tells of and the build hasn't, and what
 * its head says of the whole.
 *
 * @param on parts of steps that name none, in a text that tells of no parts of its own
 * @param before null: at the end
 * @returns null where the text says nothing
 */
export function editOfText(
  read: ReadPlan,
  build: Build,
  on: readonly string[],
  before: EditTarget | null,
  newId: () => string,
): Edit | null {
  const ids = new Map<string, string>()
  const added = read.header.parts.flatMap((part): Edit[] => {
    const known = build.parts.find(({ name }) => name.toLowerCase() === part.name.toLowerCase())
    const id = known?.id ?? newId()
    ids.set(part.id, id)
    return known ? [] : [{ do: 'addPart', part: { ...part, id } }]
  })
  const own = [...ids.values()]
  // A plan with parts of its own needs no stand-in for them.
  const standIns =
    build.steps.length > 0 || own.length === 0
      ? []
      : build.parts.filter(({ id }) => !own.includes(id))
  const steps = buildStepsOf(read, own.length > 0 ? own : on, newId).map((step) => ({
    ...step,
    parts: step.parts.map((id) => ids.get(id) ?? id),
  }))
  const { name, ...fields } = read.header.fields
  const edits: Edit[] = [
    ...added,
    ...standIns.map(({ id }): Edit => ({ do: 'removePart', part: id })),
    ...(Object.keys(fields).length > 0 ? [{ do: 'set', fields } as Edit] : []),
    ...(steps.length > 0 ? [{ do: 'insert', before, steps } as Edit] : []),
  ]
  return edits.length === 0 ? null : { do: 'all', edits }
}
