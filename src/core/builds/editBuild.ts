import { bare } from '../model/bare'
import type { Build, BuildStep } from '../model/build'
import type { Step } from '../model/sequence'
import { unpainted } from '../shelf/sheet'
import { followed } from '../stack/remedies/sequenceEdit'
import type { Edit } from '../stack/rules/finding'

/** Where the steps of a part stand in its walked sequence: the ids, in order. */
export type PartOrder = readonly string[]

/**
 * Applies an edit of one part's sequence to the build. A step that other parts share is left to them and copied for this
 * part; everything else about the build stays.
 *
 * @param order ids of the build's steps as they stand in the part's sequence, the indices of the edit
 * @param id gives a new id each time
 * @throws RangeError if an index lies outside the order
 */
export function editBuild(
  build: Build,
  part: string,
  order: PartOrder,
  edit: Edit,
  id: () => string,
): Build {
  if ('set' in edit) return setFields(build, part, order, edit.set, id)
  if ('insert' in edit) {
    const added = 'steps' in edit.insert ? edit.insert.steps : [edit.insert.step]
    const rows = added.map((step) => rowOf(step, id(), [part]))
    return insertBefore(build, order[edit.insert.before], rows)
  }
  if ('remove' in edit) return dropPart(build, part, at(order, edit.remove.step))
  if ('replace' in edit) {
    const { step, with: next } = edit.replace
    return replaceFor(build, part, at(order, step), next, id)
  }
  return moveFor(build, part, at(order, edit.move.step), order[edit.move.before], id)
}

function at(order: PartOrder, index: number): string {
  const id = order[index]
  if (id === undefined) throw new RangeError(`editBuild: index ${index}, of ${order.length} steps`)
  return id
}

function rowOf(step: Step, id: string, parts: string[]): BuildStep {
  return { ...step, id, parts } as BuildStep
}

function insertBefore(build: Build, anchor: string | undefined, rows: BuildStep[]): Build {
  const place = build.steps.findIndex((step) => step.id === anchor)
  const index = place < 0 ? build.steps.length : place
  return {
    ...build,
    steps: [...build.steps.slice(0, index), ...rows, ...build.steps.slice(index)],
  }
}

function dropPart(build: Build, part: string, id: string): Build {
  return {
    ...build,
    steps: build.steps.flatMap((step) => {
      if (step.id !== id) return [step]
      const parts = step.parts.filter((one) => one !== part)
      return parts.length > 0 ? [{ ...step, parts }] : []
    }),
  }
}

function isShared(build: Build, id: string): boolean {
  return (build.steps.find((step) => step.id === id)?.parts.length ?? 0) > 1
}

function replaceFor(
  build: Build,
  part: string,
  id: string,
  next: Step,
  newId: () => string,
): Build {
  if (!isShared(build, id))
    return {
      ...build,
      steps: build.steps.map((step) => (step.id === id ? rowOf(next, id, step.parts) : step)),
    }
  const rest = dropPart(build, part, id)
  const index = rest.steps.findIndex((step) => step.id === id)
  return insertBefore(rest, rest.steps[index + 1]?.id, [rowOf(next, newId(), [part])])
}

function moveFor(
  build: Build,
  part: string,
  id: string,
  anchor: string | undefined,
  newId: () => string,
): Build {
  const step = build.steps.find((one) => one.id === id)
  if (!step || anchor === id) return build
  const shared = isShared(build, id)
  const moved = shared ? { ...step, id: newId(), parts: [part] } : step
  return insertBefore(
    dropPart(shared ? build : { ...build, steps: without(build, id) }, part, id),
    anchor,
    [moved],
  )
}

function without(build: Build, id: string): BuildStep[] {
  return build.steps.filter((step) => step.id !== id)
}

/** Fields of the sequence, and its steps: those that read the same keep their ids, in the new order. */
function setFields(
  build: Build,
  part: string,
  order: PartOrder,
  fields: {
    school?: Build['school']
    lineDepthMm?: number | undefined
    steps?: readonly Step[] | undefined
  },
  newId: () => string,
): Build {
  const school = fields.school ? { ...build, school: fields.school } : build
  const parts = build.parts.map((one) =>
    one.id === part && fields.lineDepthMm !== undefined
      ? { ...one, lineDepthMm: fields.lineDepthMm }
      : one,
  )
  const changed = { ...school, parts }
  return fields.steps ? setSteps(changed, part, order, fields.steps, newId) : changed
}

function setSteps(
  build: Build,
  part: string,
  order: PartOrder,
  simulated: readonly Step[],
  newId: () => string,
): Build {
  const old = order.map((id) => bare(build.steps.find((step) => step.id === id) as BuildStep))
  const next = simulated.map(unpainted)
  const entries = followed(old, next)
  const gone = order.filter((_, i) => entries[i] === null)
  let edited = gone.reduce((one, id) => dropPart(one, part, id), build)
  const ids: string[] = next.map((step, i) => {
    const from = entries.indexOf(i)
    if (from >= 0) return order[from] as string
    const id = newId()
    edited = insertBefore(edited, undefined, [rowOf(step, id, [part])])
    return id
  })
  // From the end on, each step is put before the one that follows it, where it isn't already.
  for (let i = ids.length - 2; i >= 0; i--) {
    const now = edited.steps.filter((step) => step.parts.includes(part)).map((step) => step.id)
    const id = ids[i] as string
    if (now[now.indexOf(id) + 1] === ids[i + 1]) continue
    const copied: string[] = []
    edited = moveFor(edited, part, id, ids[i + 1], () => {
      const made = newId()
      copied.push(made)
      return made
    })
    if (copied[0]) ids[i] = copied[0]
  }
  return edited
}
