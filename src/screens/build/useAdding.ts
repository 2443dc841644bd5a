import { useMemo, useState } from 'react'
import { usualStep } from '@/core/builds'
import type { ReadPlan } from '@/core/formats/text/readPlan'
import { laysClear } from '@/core/knowledge'
import type { Build, BuildAct, BuildStep } from '@/core/model/build'
import { isAct } from '@/core/model/isAct'
import type { ActStep } from '@/core/model/sequence'
import { useProject } from '@/state/hooks'
import { newId } from '@/store/newId'
import { stepName } from '../shared/words'
import type { TrayPaint } from './BottleTray'
import { paintCalled, paintedStep, paintOf } from './paintedStep'
import { type BuildEdits, stepsUpTo } from './useBuildEdits'
import { useKnown } from './useKnown'

/** How long a wait is until it is said. */
const USUAL_WAIT = '12 h'

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
  const [laidId, setLaidId] = useState<string | null>(null)
  const laid = build.steps.find(({ id }) => id === laidId)
  const [on, setOn] = useState<string[]>([part])
  const there = on.filter((id) => build.parts.some((other) => other.id === id))
  const parts = there.length > 0 ? there : [part]
  const lay = (said: ActStep, after: string | null) => {
    const usual = usualStep(said, stepsUpTo(build, part, after))
    const made = { ...usual, id: newId(), parts } as BuildStep
    const label = `Added: ${stepName(made as BuildAct).toLowerCase()}`
    void edits.addSteps([made], after, label).then((written) => {
      if (!written) return
      setLaidId(made.id)
      onLaid(made.id)
    })
  }
  return {
    from: {
      known,
      before,
      shelf: project.shelf ?? [],
      mixes: project.mixes ?? [],
      technique: `/library?build=${build.id}&part=${part}`,
      layOn: { parts: build.parts, own: part, chosen: parts, onChoose: setOn },
    },
    laid: laid && isAct(laid) && laid.id === selected ? (laid as BuildAct) : null,
    paint: (paint: TrayPaint) => {
      if (!laid || !isAct(laid)) return
      const fields = paintOf(paint, laysClear(laid as BuildAct))
      const label = `Painted from ${paint.is === 'mix' ? paint.mix.name : paint.bottle.name}`
      void edits.edit(label, { do: 'change', targets: [{ step: laid.id }], on: 'every', fields })
    },
    add: (said: ActStep) => lay(said, selected),
    wait: () => {
      const made = { id: newId(), parts, wait: USUAL_WAIT } as BuildStep
      void edits
        .addSteps([made], selected, `Added: wait ${USUAL_WAIT}`)
        .then((written) => written && onLaid(made.id))
    },
    say: (read: ReadPlan) => edits.saySteps(read, parts, selected),
    /** What was dragged from the tray, onto a step. */
    drop: (paintId: string, on: string | null) => {
      const paint = paintCalled(project, paintId)
      const step = paint && paintedStep(paint)
      if (step) lay(step, on)
    },
  }
}
