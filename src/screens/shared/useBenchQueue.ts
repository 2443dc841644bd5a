import { useMemo } from 'react'
import { isAct } from '@/core/model/isAct'
import { key, partOf } from '@/core/model/stepRef'
import { benchQueue, type QueueItem } from '@/core/schedule'
import { useParts, useProject } from '@/state/hooks'
import { useNow } from './now'
import { stepName } from './words'

/** A place in the queue with the names that are shown. */
export type NamedItem = QueueItem & {
  id: string
  buildName: string
  partName: string
  act: string
  colour: string | null
}

/** Every part's next act, the most pressing first, with names. */
export function useBenchQueue(): NamedItem[] {
  const parts = useParts()
  const project = useProject()
  const now = useNow(5000)
  return useMemo(
    () =>
      benchQueue(parts, now).map((item) => {
        const build = project.builds?.find((build) => build.id === item.build)
        const part = build?.parts.find((part) => part.id === item.part)
        const step = build?.steps.find((step) => step.id === item.next.step)
        const act = step && isAct(step) ? stepName(step) : ''
        const { coat, coats } = item.next
        const clock = parts.find((part) => part.build === item.build && part.part === item.part)
          ?.clocks[0]
        return {
          ...item,
          id: key(partOf(item)),
          buildName: build?.name ?? item.build,
          partName: part?.name ?? item.part,
          act: coat !== null && coats > 1 ? `${act}, coat ${coat} of ${coats}` : act,
          colour: clock?.colour ?? null,
        }
      }),
    [parts, project, now],
  )
}
