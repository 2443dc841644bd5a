import { useMemo } from 'react'
import { usualStep } from '@/core/builds'
import type { ReadPlan } from '@/core/formats/text/readPlan'
import type { Build, BuildAct, BuildStep } from '@/core/model/build'
import type { ActStep } from '@/core/model/sequence'
import { useProject } from '@/state/hooks'
import { newId } from '@/store/newId'
import { stepName } from '../shared/words'
import { paintCalled, paintedStep } from './paintedStep'
import { type BuildEdits, stepsUpTo } from './useBuildEdits'
import { useKnown } from './useKnown'

/**
 * Laying steps on a part: what they may be taken from, and the ways to lay them, behind the chosen step.
 *
 * @param selected null: at the end
 * @param onLaid hears the step that was laid
 */
export function useAdding(
  build: Build,
  part: string,
  selected: string | null,
  edits: BuildEdits,
  onLaid: (id: string) => void,
) {
  const project = useProject()
  const known = useKnown(build)
  const before = useMemo(() => stepsUpTo(build, part, selected), [build, part, selected])
  const lay = (said: ActStep, after: string | null) => {
    const usual = usualStep(said, stepsUpTo(build, part, after))
    const made = { ...usual, id: newId(), parts: [part] } as BuildStep
    const label = `Added: ${stepName(made as BuildAct).toLowerCase()}`
    void edits.addSteps([made], after, label).then((written) => written && onLaid(made.id))
  }
  return {
    from: {
      known,
      before,
      shelf: project.shelf ?? [],
      mixes: project.mixes ?? [],
      technique: `/library?build=${build.id}&part=${part}`,
    },
    add: (said: ActStep) => lay(said, selected),
    say: (read: ReadPlan) => edits.saySteps(read, selected),
    /** What was dragged from the tray, onto a step. */
    drop: (paintId: string, on: string | null) => {
      const paint = paintCalled(project, paintId)
      const step = paint && paintedStep(paint)
      if (step) lay(step, on)
    },
  }
}
