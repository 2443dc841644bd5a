import type { Sequence, Step } from '../../model/sequence'
import type { SequenceEdit } from '../rules/finding'

/** An edited sequence, and where each step of the old one went; null: it is gone. */
export type Edited = { sequence: Sequence; moved: (number | null)[] }

/**
 * Applies one edit: the sequence it gives, and where the steps went.
 *
 * @throws RangeError if an index lies outside the steps
 */
export function editSequence(sequence: Sequence, edit: SequenceEdit): Edited {
  const { steps } = sequence
  const places = steps.map((_, i) => i)
  if ('set' in edit) {
    const next = { ...sequence, ...edit.set }
    return {
      sequence: next,
      moved: edit.set.steps ? places.map(placeIn(steps, next.steps)) : places,
    }
  }
  if ('insert' in edit) {
    const { before } = edit.insert
    inside(before, steps.length, 'insert.before')
    const added = 'steps' in edit.insert ? edit.insert.steps : [edit.insert.step]
    return {
      sequence: {
        ...sequence,
        steps: [...steps.slice(0, before), ...added, ...steps.slice(before)],
      },
      moved: places.map((i) => (i < before ? i : i + added.length)),
    }
  }
  if ('replace' in edit) {
    const { step } = edit.replace
    inside(step, steps.length - 1, 'replace.step')
    const next = steps.map((old, i) => (i === step ? tidy(edit.replace.with) : old))
    return { sequence: { ...sequence, steps: next }, moved: places }
  }
  if ('remove' in edit) {
    const { step } = edit.remove
    inside(step, steps.length - 1, 'remove.step')
    return {
      sequence: { ...sequence, steps: steps.filter((_, i) => i !== step) },
      moved: places.map((i) => (i === step ? null : i > step ? i - 1 : i)),
    }
  }
  return moveStep(sequence, edit.move.step, edit.move.before)
}

/** Applies one edit. @throws RangeError if an index lies outside the steps */
export function applySequenceEdit(sequence: Sequence, edit: SequenceEdit): Sequence {
  return editSequence(sequence, edit).sequence
}

function moveStep(sequence: Sequence, step: number, before: number): Edited {
  const { steps } = sequence
  inside(step, steps.length - 1, 'move.step')
  inside(before, steps.length, 'move.before')
  const order = steps.map((_, i) => i).filter((i) => i !== step)
  order.splice(before > step ? before - 1 : before, 0, step)
  return {
    sequence: { ...sequence, steps: order.map((i) => steps[i] as Step) },
    moved: steps.map((_, i) => order.indexOf(i)),
  }
}

function inside(index: number, most: number, name: string): void {
  if (!Number.isInteger(index) || index < 0 || index > most)
    throw new RangeError(`applySequenceEdit: ${name} is ${index}, of 0 to ${most}`)
}

/** A step without the fields that are there but undefined, so that it reads back from JSON as it is. */
function tidy(step: Step): Step {
  return Object.fromEntries(Object.entries(step).filter(([, value]) => value !== undefined)) as Step
}

/**
 * Where each of the old steps is among the new ones: the same object, else one that reads the same; null: it is gone.
 * An unchanged list costs one comparison a step.
 */
export function followed(old: readonly unknown[], next: readonly unknown[]): (number | null)[] {
  const taken = new Set<number>()
  const claim = (at: number): number | null => {
    if (at < 0) return null
    taken.add(at)
    return at
  }
  const same = old.map((step, i) =>
    next[i] === step ? claim(i) : claim(next.findIndex((one, j) => one === step && !taken.has(j))),
  )
  return same.map((place, i) => {
    if (place !== null) return place
    const text = JSON.stringify(old[i])
    return claim(next.findIndex((one, j) => !taken.has(j) && JSON.stringify(one) === text))
  })
}

/** Where a step went: as `followed`, else to what stands in its place in a list as long, which is the step changed. */
function placeIn(old: readonly Step[], next: readonly Step[]): (step: number) => number | null {
  const places = followed(old, next)
  const taken = new Set(places)
  return (step) => places[step] ?? (next.length === old.length && !taken.has(step) ? step : null)
}
