import { useCallback } from 'react'
import type { JudgedFinding } from '@/core/builds'
import type { Build, BuildAct, BuildStep } from '@/core/model/build'
import { isAct } from '@/core/model/isAct'
import type { LoggedAct } from '@/core/model/loggedAct'
import type { OwnTechnique } from '@/core/model/technique'
import type { Remedy } from '@/core/stack'
import { editBuild } from '@/store/actions/builds'
import { newId } from '@/store/store'
import type { Write } from '@/store/tables'
import { useBench } from '../shell/BenchContext'

/** Puts one step before another in order of work; null: at the end. */
export function reordered(
  steps: readonly BuildStep[],
  id: string,
  before: string | null,
): BuildStep[] {
  const step = steps.find((one) => one.id === id)
  if (!step || before === id) return [...steps]
  const rest = steps.filter((one) => one.id !== id)
  const at = before === null ? rest.length : rest.findIndex((one) => one.id === before)
  const index = at < 0 ? rest.length : at
  return [...rest.slice(0, index), step, ...rest.slice(index)]
}

/** Steps taken off one part; a step that no part has left is gone. */
export function dropped(build: Build, part: string, ids: ReadonlySet<string>): Build {
  const steps = build.steps.flatMap((step): BuildStep[] => {
    if (!ids.has(step.id)) return [step]
    const parts = step.parts.filter((one) => one !== part)
    return parts.length > 0 ? [{ ...step, parts }] : []
  })
  return { ...build, steps }
}

/** Steps shared with other parts too: the same step, in the same place of the order of work. */
export function copied(build: Build, ids: ReadonlySet<string>, parts: readonly string[]): Build {
  const steps = build.steps.map(
    (step): BuildStep =>
      ids.has(step.id) ? { ...step, parts: [...new Set([...step.parts, ...parts])] } : step,
  )
  return { ...build, steps }
}

/** The reason for taking a finding as it is, as a note of the log: one change with the acceptance itself. */
function noteOf(build: string, part: string, finding: JudgedFinding, reason: string): Write {
  const row: LoggedAct = {
    id: newId(),
    at: new Date(Date.now()).toISOString(),
    kind: 'noted',
    build,
    part,
    step: finding.step,
    text: `Accepted ${finding.rule}: ${reason}`,
  }
  return { table: 'acts', id: row.id, row }
}

/** What the build's screen can do to the build; each is one change with undo. */
export function useBuildEdits(build: Build, part: string, order: readonly string[]) {
  const { change } = useBench()
  const write = useCallback(
    (label: string, next: Build) => change(label, [{ table: 'builds', id: next.id, row: next }]),
    [change],
  )
  const withSteps = (label: string, steps: BuildStep[]) => write(label, { ...build, steps })
  return {
    write,
    apply: (remedy: Remedy) => write(remedy.say, editBuild(build, part, order, remedy.edit, newId)),
    saveStep: (step: BuildStep, label: string) =>
      withSteps(
        label,
        build.steps.map((one) => (one.id === step.id ? step : one)),
      ),
    removeStep: (id: string, label: string) =>
      withSteps(
        label,
        build.steps.filter((one) => one.id !== id),
      ),
    removeSteps: (ids: ReadonlySet<string>, label: string) =>
      write(label, dropped(build, part, ids)),
    copySteps: (ids: ReadonlySet<string>, parts: readonly string[], label: string) =>
      write(label, copied(build, ids, parts)),
    saveTechnique: (technique: OwnTechnique) =>
      change(`Saved: ${technique.name}`, [
        { table: 'techniques', id: technique.id, row: technique },
      ]),
    addStep: (step: BuildStep, after: string | null, label: string) => {
      const at = build.steps.findIndex((one) => one.id === after)
      const index = at < 0 ? build.steps.length : at + 1
      return withSteps(label, [...build.steps.slice(0, index), step, ...build.steps.slice(index)])
    },
    moveStep: (id: string, before: string | null, label: string) =>
      withSteps(label, reordered(build.steps, id, before)),
    accept: async (finding: JudgedFinding, reason: string | null) => {
      const steps = build.steps.map((step): BuildStep => {
        if (step.id !== finding.step || !isAct(step)) return step
        const before = (step as BuildAct).accepted ?? []
        const rest = before.filter((one) => one.rule !== finding.rule)
        return { ...step, accepted: reason ? [...rest, { rule: finding.rule, reason }] : rest }
      })
      const label = reason ? `Taken as it is: ${finding.rule}` : `Judged again: ${finding.rule}`
      const noted = reason ? [noteOf(build.id, part, finding, reason)] : []
      await change(label, [{ table: 'builds', id: build.id, row: { ...build, steps } }, ...noted])
    },
  }
}
