import { useMemo } from 'react'
import type { Part, Project } from '@/core/model/project'
import { type ActStep, isAct } from '@/core/model/sequence'
import { type Paint, stepCard } from '@/core/plan'
import { useBench } from '../shell/BenchContext'
import type { NamedItem } from '../shell/useBenchQueue'

/** The bottle a step would be painted from: same family, and the same colour or, for a clear, the same sheen; fullest first. */
export function paintFor(project: Project, step: ActStep): Paint | null {
  const suits = (project.shelf ?? []).filter(
    (bottle) =>
      bottle.family === step.family &&
      bottle.role !== 'thinner' &&
      (step.do === 'clear'
        ? bottle.role === 'clear' && bottle.sheen === step.sheen
        : step.colour !== undefined && bottle.colour?.toLowerCase() === step.colour.toLowerCase()),
  )
  const fullest = suits.sort((a, b) => b.leftMl - a.leftMl)[0]
  return fullest
    ? { name: fullest.name, share: fullest.share ?? 1, dropsPerMl: fullest.dropsPerMl }
    : null
}

/** The step and the card of a place in the queue; null when it is gone. */
export function useStep(item: NamedItem) {
  const { project } = useBench()
  return useMemo(() => {
    const build = project.builds?.find((one) => one.id === item.build)
    const part: Part | undefined = build?.parts.find((one) => one.id === item.part)
    const step = build?.steps.find((one) => one.id === item.next.step)
    if (!part || !step || !isAct(step)) return null
    const done = item.next.coat === null ? 0 : item.next.coat - 1
    const coatsLeft = Math.max(1, (step.coats?.length ?? 1) - done)
    return { step, part, done, card: stepCard(step, part, coatsLeft, paintFor(project, step)) }
  }, [project, item.build, item.part, item.next.step, item.next.coat])
}
