import { useEffect, useState } from 'react'
import type { BenchPlan, ScheduledTask, SessionOption } from '@/core/schedule'
import { questioner } from '@/workers/planClient'
import { useBench } from '../shell/BenchContext'
import { pinId } from './pinRow'

/** The sessions that an act may go to and what each comes to; null while they are looked for, or for no act. */
export function usePlaces(plan: BenchPlan, task: ScheduledTask | null): SessionOption[] | null {
  const { project } = useBench()
  const [found, setFound] = useState<{ id: string; places: SessionOption[] } | null>(null)
  const id = task ? pinId(task) : null
  useEffect(() => {
    if (id === null) return
    let here = true
    setFound(null)
    questioner()
      .places(project, plan.now, plan, id)
      .then((places) => here && setFound({ id, places }))
      .catch(() => here && setFound({ id, places: [] }))
    return () => {
      here = false
    }
  }, [project, plan, id])
  return found && found.id === id ? found.places : null
}
