import { useMemo, useState } from 'react'
import { key, partOf, type StepRef, stepOf } from '@/core/model/stepRef'
import { useParts, usePlan, useProject } from '@/state/hooks'
import type { NamedItem } from '../shared/useBenchQueue'

/** Another part of the run that the act in hand belongs to. */
export type AlongPart = { ref: StepRef; name: string }

/** The run: the parts that are as far as this one, those that its keys are for, and how one is left out or taken in again. */
export type Along = {
  all: readonly AlongPart[]
  chosen: readonly AlongPart[]
  toggle: (id: string) => void
}

/** The same work on other parts that the plan lays into one run with the act in hand. All of them are meant until one is left out. */
export function useAlong({ build, part, next }: NamedItem): Along {
  const project = useProject()
  const parts = useParts()
  const { plan } = usePlan()
  const [leftOut, setLeftOut] = useState<ReadonlySet<string>>(new Set())
  const all = useMemo(() => {
    const tasks = plan?.tasks ?? []
    const own = tasks.find(
      (task) =>
        task.build === build &&
        task.part === part &&
        task.step === next.step &&
        task.coat === next.coat,
    )
    if (!own?.batch) return []
    return tasks.flatMap((task): AlongPart[] => {
      if (task === own || task.batch !== own.batch) return []
      // Only a part that is as far: what still has something before it isn't done with this.
      const there = parts.find((one) => one.build === task.build && one.part === task.part)?.next
      if (there?.step !== task.step || there.coat !== task.coat) return []
      const of = project.builds?.find(({ id }) => id === task.build)
      const name = of?.parts.find(({ id }) => id === task.part)?.name ?? task.part
      return [{ ref: stepOf(task), name }]
    })
  }, [plan, parts, project, build, part, next.step, next.coat])
  const chosen = useMemo(
    () => all.filter(({ ref }) => !leftOut.has(key(partOf(ref)))),
    [all, leftOut],
  )
  return {
    all,
    chosen,
    toggle: (id) =>
      setLeftOut((before) => {
        const after = new Set(before)
        if (!after.delete(id)) after.add(id)
        return after
      }),
  }
}
