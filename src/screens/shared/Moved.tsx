'use client'

import { usePlan, useProject } from '@/state/hooks'
import { Button } from '@/ui/Button'
import { useNow } from './now'
import { sayFinish, sayMove } from './planWords'

/** How many moves are told. */
const SHOWN = 5

/** What the last change moved, in words. */
export function Moved() {
  const project = useProject()
  const { moved, plan, dismissMoved } = usePlan()
  const now = useNow(30_000)
  if (!moved || !plan) return null
  const { moves, finish } = moved
  return (
    <section
      aria-label="What moved"
      className="mt-4 border-l-4 border-note bg-note-wash py-2 pr-2 pl-4"
    >
      <div className="flex items-start justify-between gap-3">
        <p className="pt-2 font-semibold">Planned again: {sayFinish(finish.from, finish.to)}</p>
        <Button size="small" className="min-h-11" onClick={dismissMoved}>
          Seen
        </Button>
      </div>
      <ul className="mt-1 space-y-1">
        {moves.slice(0, SHOWN).map((move) => (
          <li key={move.task}>{sayMove({ project, plan, now }, move)}</li>
        ))}
      </ul>
      {moves.length > SHOWN && (
        <p className="mt-1 text-sm text-soft">{moves.length - SHOWN} more steps move with them.</p>
      )}
    </section>
  )
}
