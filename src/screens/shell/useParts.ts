import { startTransition, useEffect, useMemo, useRef, useState } from 'react'
import { benchBuilds, type PartPlan } from '@/core/builds'
import { planPart, planParts } from '@/core/builds/planParts'
import type { Project } from '@/core/model/project'
import { useNow } from './now'

/** Parts are reckoned again this often, ms, beside every change. */
const REFRESH = 10_000

type Reckoned = { project: Project; parts: PartPlan[] }

const breath = () => new Promise<void>((resolve) => setTimeout(resolve))

/**
 * What every part says: at once after a change; when only time has passed, one part after the other with a breath between,
 * so that what is typed or dragged meanwhile isn't held up.
 */
export function useParts(project: Project): PartPlan[] {
  const now = useNow(REFRESH)
  const atOnce = useMemo(() => planParts(project, Date.now()).map(({ plan }) => plan), [project])
  const [later, setLater] = useState<Reckoned | null>(null)
  const reckoned = useRef({ project, now })
  useEffect(() => {
    const before = reckoned.current
    reckoned.current = { project, now }
    if (before.project !== project || before.now === now) return
    let gone = false
    const reckon = async () => {
      const progress = progressOf(project.acts ?? [])
      const parts: PartPlan[] = []
      for (const build of benchBuilds(project))
        for (const part of build.parts) {
          await breath()
          if (gone) return
          parts.push(planPart(project, build.id, part.id, progress, now).plan)
        }
      startTransition(() => setLater({ project, parts }))
    }
    void reckon()
    return () => {
      gone = true
    }
  }, [project, now])
  return later?.project === project ? later.parts : atOnce
}
