'use client'

import type { Caution } from '@/core/knowledge'
import { Button } from '@/ui/Button'

/** Is protection confirmed before an act with these cautions? */
export function asksProtection(cautions: readonly Caution[]): boolean {
  return cautions.some(({ confirm }) => confirm === true)
}

/** Before a start: what to put on, and the act that says it is on. Nothing is held back for good. */
export function Protect({
  cautions,
  onReady,
  onWithout,
  onClose,
}: {
  cautions: readonly Caution[]
  onReady: () => void
  onWithout: () => void
  onClose: () => void
}) {
  return (
    <fieldset
      aria-label="Before you start"
      className="mt-3 border-2 border-note bg-note-wash p-4 *:scroll-mb-28"
      onKeyDown={(event) => event.key === 'Escape' && onClose()}
    >
      <ul className="space-y-1">
        {cautions.map((caution) => (
          <li key={caution.id}>{caution.show}</li>
        ))}
      </ul>
      <div className="mt-3 flex flex-wrap gap-2.5">
        <Button size="bench" look="act" autoFocus className="scroll-mb-28" onClick={onReady}>
          Protection is on: start
        </Button>
        <Button size="bench" onClick={onWithout}>
          Start without
        </Button>
        <Button size="bench" onClick={onClose}>
          Not yet
        </Button>
      </div>
    </fieldset>
  )
}
