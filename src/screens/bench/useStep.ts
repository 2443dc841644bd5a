import { useMemo } from 'react'
import type { Part } from '@/core/model/build'
import { isAct } from '@/core/model/isAct'
import type { Project } from '@/core/model/project'
import type { StepRef } from '@/core/model/stepRef'
import { paintFor, stepCard } from '@/core/shelf'
import { useStock } from '@/state/hooks'
import type { NamedItem } from '../shared/useBenchQueue'
import type { AlongPart } from './useAlong'

/**
 * The step and the card of a place in the queue; null when it is gone.
 *
 * @param along the parts that are done in one run with it: the mix is for all of them
 */
export function useStep(item: NamedItem, along: readonly AlongPart[]) {
  const { project, room } = useStock()
  return useMemo(() => {
    const build = project.builds?.find((build) => build.id === item.build)
    const part: Part | undefined = build?.parts.find((part) => part.id === item.part)
    const step = build?.steps.find((step) => step.id === item.next.step)
    if (!part || !step || !isAct(step)) return null
    const done = item.next.coat === null ? 0 : item.next.coat - 1
    const coatsLeft = Math.max(1, item.next.coats - done)
    const others = along.flatMap(({ ref }) => areaOf(project, ref))
    const run = part.areaCm2 === undefined ? part : withArea(part, [part.areaCm2, ...others])
    return {
      step,
      part,
      done,
      mixedFor: run === part ? 1 : 1 + others.length,
      card: stepCard(step, run, coatsLeft, paintFor(project, step), room.latest.celsius),
    }
  }, [project, room, along, item.build, item.part, item.next.step, item.next.coat, item.next.coats])
}

function areaOf(project: Project, ref: StepRef): number[] {
  const build = project.builds?.find(({ id }) => id === ref.build)
  const area = build?.parts.find(({ id }) => id === ref.part)?.areaCm2
  return area === undefined ? [] : [area]
}

function withArea(part: Part, areas: readonly number[]): Part {
  return { ...part, areaCm2: areas.reduce((sum, area) => sum + area, 0) }
}
