import type { Build, BuildStep } from '../model/build'
import type { Edit, EditFields, EditTarget } from '../model/edit'
import { isAct } from '../model/isAct'
import { sameValue } from '../model/sameValue'
import type { Step } from '../model/sequence'
import { unpainted } from '../shelf/sheet'
import { followed } from '../stack/remedies/sequenceEdit'
import type { SequenceEdit } from '../stack/rules/finding'
import type { PartEntry, PartSimulation } from './simulatedPart'

/** What an edit of a part's sequence needs to know of it. */
export type EditedPart = Pick<PartSimulation, 'part' | 'entries' | 'sequence'>

/**
 * An edit of a part's simulated sequence as an edit of its build, for this part alone: places become ids, and what is left
 * of a step under way is named by its coat.
 *
 * @param newId gives a new id each time
 * @throws RangeError if a place lies outside the sequence
 */
export function buildEditOf(
  { part, entries, sequence }: EditedPart,
  edit: SequenceEdit,
  newId: () => string,
): Edit {
  const on = [part.id]
  const at = (index: number) => targetAt(entries, index)
  const before = (index: number) => (index === entries.length ? null : at(index))
  if ('insert' in edit) {
    const added = 'steps' in edit.insert ? edit.insert.steps : [edit.insert.step]
    const steps = added.map((step) => rowOf(step, newId(), on))
    return { do: 'insert', before: before(edit.insert.before), steps }
  }
  if ('remove' in edit) return { do: 'remove', targets: [at(edit.remove.step)], on }
  if ('move' in edit)
    return { do: 'move', target: at(edit.move.step), before: before(edit.move.before), on }
  if ('replace' in edit) {
    const { step, with: next } = edit.replace
    const fields = changedFields(sequence.steps[step] as Step, next)
    return { do: 'change', targets: [at(step)], on, fields }
  }
  return setEdit(part.id, entries, sequence.steps, edit.set, newId)
}

function targetAt(entries: readonly PartEntry[], index: number): EditTarget {
  const entry = entries[index]
  if (!entry) throw new RangeError(`buildEditOf: place ${index}, of ${entries.length} steps`)
  return entry.coatsBefore > 0
    ? { step: entry.step.id, coat: entry.coatsBefore + 1 }
    : { step: entry.step.id }
}

function rowOf(step: Step, id: string, parts: string[]): BuildStep {
  return { ...unpainted(step), id, parts } as BuildStep
}

/** What a bottle's sheet and its swatch brought into the simulated step, and no edit writes into the build. */
const OF_THE_SHEET = ['product', 'reworkHours', 'hiding'] as const

/** Fields that differ; what only the bottle's sheet says of the step is no change of it. */
function changedFields(before: Step, after: Step): EditFields {
  const [old, next] = [before as Record<string, unknown>, after as Record<string, unknown>]
  const own = unpainted(before) as Record<string, unknown>
  const names = [...new Set([...Object.keys(old), ...Object.keys(next)])].filter((field) => {
    if (sameValue(old[field], next[field])) return false
    const fromSheet =
      OF_THE_SHEET.some((sheetField) => sheetField === field) && own[field] === undefined
    return !fromSheet || (next[field] !== undefined && next.bottle === undefined)
  })
  return Object.fromEntries(names.map((field) => [field, next[field] ?? null]))
}

/** Fields of the sequence: those of the build, those of the part, and its steps. */
function setEdit(
  part: string,
  entries: readonly PartEntry[],
  steps: readonly Step[],
  { school, lineDepthMm, steps: next }: Extract<SequenceEdit, { set: unknown }>['set'],
  newId: () => string,
): Edit {
  const edits: Edit[] = []
  if (school) edits.push({ do: 'set', fields: { school } })
  if (lineDepthMm !== undefined) edits.push({ do: 'part', part, fields: { lineDepthMm } })
  if (next) edits.push(orderEdit(part, entries, steps, next, newId))
  return edits.length === 1 ? (edits[0] as Edit) : { do: 'all', edits }
}

/** The steps in their new order; one that reads otherwise but does the same act is changed, and stays the step it is. */
function orderEdit(
  part: string,
  entries: readonly PartEntry[],
  old: readonly Step[],
  next: readonly Step[],
  newId: () => string,
): Edit {
  const places = followed(old, next)
  const gone = new Set(places.flatMap((place, from) => (place === null ? [from] : [])))
  const changes: Edit[] = []
  const steps: Extract<Edit, { do: 'order' }>['steps'] = []
  next.forEach((step, i) => {
    const same = places.indexOf(i)
    const from = same >= 0 ? same : [...gone].find((place) => sameAct(old[place], step))
    // What is done comes first and stays.
    if (from !== undefined && entries[from]?.fact) return
    if (from === undefined) {
      steps.push({ added: rowOf(step, newId(), [part]) })
      return
    }
    const known = targetAt(entries, from)
    steps.push({ known })
    if (same >= 0) return
    gone.delete(from)
    const fields = changedFields(old[from] as Step, step)
    changes.push({ do: 'change', targets: [known], on: [part], fields })
  })
  const order: Edit = { do: 'order', part, steps }
  return changes.length === 0 ? order : { do: 'all', edits: [...changes, order] }
}

function sameAct(one: Step | undefined, other: Step): boolean {
  return one !== undefined && isAct(one) && isAct(other) && one.do === other.do
}

/**
 * A way out for one part as one for every part that shares its step: what it lays is laid on all of them, what it changes or
 * takes off, on all of them.
 *
 * @param step where the finding is
 * @returns null where no other part has the step, or the way out is an order of one part's own
 */
export function forEveryPart(build: Build, edit: Edit, step: string): Edit | null {
  const parts = build.steps.find(({ id }) => id === step)?.parts ?? []
  if (parts.length < 2) return null
  switch (edit.do) {
    case 'insert':
      return { ...edit, steps: edit.steps.map((added) => ({ ...added, parts: [...parts] })) }
    case 'change':
    case 'remove':
    case 'move':
      return { ...edit, on: 'every' }
    default:
      return null
  }
}
