import { useMemo } from 'react'
import type { Part } from '@/core/model/build'
import { isAct } from '@/core/model/isAct'
import { paintFor, stepCard } from '@/core/shelf'
import { useStock } from '@/state/hooks'
import type { NamedItem } from '../shared/useBenchQueue'

/** The step and the card of a place in the queue; null when it is gone. */
export function useStep(item: NamedItem) {
  const { project, room } = useStock()
  return useMemo(() => {
    const build = project.builds?.find((build) => build.id === item.build)
    const part: Part | undefined = build?.parts.find((part) => part.id === item.part)
    const step = build?.steps.find((step) => step.id === item.next.step)
    if (!part || !step || !isAct(step)) return null
    const done = item.next.coat === null ? 0 : item.next.coat - 1
    const coatsLeft = Math.max(1, item.next.coats - done)
    return {
      step,
      part,
      done,
      card: stepCard(step, part, coatsLeft, paintFor(project, step), room.latest.celsius),
    }
  }, [project, room, item.build, item.part, item.next.step, item.next.coat, item.next.coats])
}
