import { useState } from 'react'
import { key, type StepRef, stepOf } from '@/core/model/stepRef'
import type { BenchPlan, EveningBlock, SessionOption } from '@/core/schedule'
import { useProject, useSay } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { clockTime } from '@/ui/time'
import { namesOf } from '../../shared/names'
import { useSessionOptions } from '../useSessionOptions'

/** Steps of a block, each part's own. */
export function stepsOf({ acts }: EveningBlock): StepRef[] {
  return acts.map(stepOf)
}

/** Moving blocks to other sessions: where the one in hand may go, keeping it there, and letting it go again. */
export function useMoves(plan: BenchPlan) {
  const project = useProject()
  const run = useRun()
  const say = useSay()
  const [held, setHeld] = useState<EveningBlock | null>(null)
  const [only, setOnly] = useState<number | undefined>()
  const first = held && plan.tasks.find(({ id }) => id === held.id)
  const places = useSessionOptions(plan, first ?? null, only)
  const pins = new Set((project.pins ?? []).map(({ id }) => id))
  const nameOf = ({ acts }: EveningBlock) => (acts[0] ? namesOf(project, acts[0]).act : '')
  const keep = (block: EveningBlock, session: { from: number; to: number }) =>
    void run(
      'pin',
      stepsOf(block),
      session,
      `${nameOf(block)} kept in the session of ${clockTime(session.from, Date.now())}`,
    )
  const isPinned = (block: EveningBlock) => stepsOf(block).some((ref) => pins.has(key(ref)))
  return {
    held,
    places,
    nameOf,
    isPinned,
    /** Takes a block in hand; where it is meant for one session, only that is asked about. */
    hold: (block: EveningBlock | null, at?: number) => {
      setHeld(block)
      setOnly(at)
    },
    keep,
    /** Keeps it where it is, or lets it go. */
    toggle: (block: EveningBlock, session: { from: number; to: number }) =>
      isPinned(block)
        ? void run('unpin', stepsOf(block), `${nameOf(block)} let go`)
        : keep(block, session),
    /** Puts it into a session if that bears it; says so where it doesn't. */
    put: (block: EveningBlock, at: number, among: readonly SessionOption[]) => {
      const place = among.find(({ session }) => session.from === at)
      if (place?.outcome) keep(block, place.session)
      else say(`${nameOf(block)} can’t be done in that session: a window would be lost.`)
    },
  }
}

export type Moves = ReturnType<typeof useMoves>
