import { useMemo, useState } from 'react'
import { type Differs, differsFrom } from '@/core/builds'
import type { BuildStep } from '@/core/model/build'
import { withFields } from '@/core/model/rowFields'
import { sameValue } from '@/core/model/sameValue'
import type { Trial, Tried } from './tried'

/** A trial as it is changed. */
export type Trying = {
  /** What it was made from, as that was when the first knob was turned. */
  from: Trial
  trial: Trial
  /** What it does otherwise than what it was made from. */
  differs: readonly Differs[]
  /** Is anything another than it was: a step, the scale, the school? */
  isChanged: boolean
  /** Changes fields of a step; what is undefined is left to what is usual. */
  turn: (id: string, fields: Record<string, unknown>) => void
  leaveOut: (id: string) => void
  /** Puts a step so many places later. */
  shift: (id: string, by: 1 | -1) => void
  set: (trial: Partial<Trial>) => void
  /** Takes one difference back. */
  takeBack: (differs: Differs) => void
  reset: () => void
}

/** What is tried of something, as it is changed step by step. */
export function useTrial({ steps, scale, school }: Tried): Trying {
  const own = useMemo<Trial>(() => ({ steps, scale, school }), [steps, scale, school])
  // What it was made from stays with it: the build may change meanwhile.
  const [changed, setChanged] = useState<{ from: Trial; trial: Trial } | null>(null)
  const from = changed?.from ?? own
  const trial = changed?.trial ?? own
  const differs = useMemo(() => differsFrom(from.steps, trial.steps), [from, trial])
  const set = (next: Partial<Trial>) => setChanged({ from, trial: { ...trial, ...next } })
  const put = (next: BuildStep[]) => set({ steps: next })
  const isChanged =
    differs.length > 0 || trial.scale !== from.scale || !sameValue(trial.school, from.school)
  return {
    from,
    trial,
    differs,
    isChanged,
    turn: (id, fields) =>
      put(trial.steps.map((step) => (step.id === id ? withFields(step, fields) : step))),
    leaveOut: (id) => put(trial.steps.filter((step) => step.id !== id)),
    shift: (id, by) => put(shifted(trial.steps, id, by)),
    set,
    takeBack: (one) => put(takenBack(from.steps, trial.steps, one)),
    reset: () => setChanged(null),
  }
}

function shifted(steps: readonly BuildStep[], id: string, by: 1 | -1): BuildStep[] {
  const at = steps.findIndex((step) => step.id === id)
  const to = at + by
  const step = steps[at]
  if (!step || to < 0 || to >= steps.length) return [...steps]
  return steps.toSpliced(at, 1).toSpliced(to, 0, step)
}

/** The steps with one difference less. */
function takenBack(
  before: readonly BuildStep[],
  steps: readonly BuildStep[],
  differs: Differs,
): BuildStep[] {
  const { id } = differs.step
  switch (differs.kind) {
    case 'changed':
      return steps.map((step) =>
        step.id === id ? withFields(step, { [differs.field]: differs.from }) : step,
      )
    case 'added':
      return steps.filter((step) => step.id !== id)
    default: {
      // Behind what it came after, as far as that is there.
      const own = before.find((step) => step.id === id) as BuildStep
      const kept = steps.find((step) => step.id === id) ?? own
      const rest = steps.filter((step) => step.id !== id)
      const under = before.slice(
        0,
        before.findIndex((step) => step.id === id),
      )
      const behind = under.findLast(({ id: low }) => rest.some((step) => step.id === low))
      const at = rest.findIndex((step) => step.id === behind?.id) + 1
      return rest.toSpliced(at, 0, kept)
    }
  }
}
