'use client'
import { useMemo } from 'react'
import { type Caution, cautionsFor, generalCautions } from '@/core/knowledge'
import { sayDuration } from '@/core/model/duration'
import { isAct } from '@/core/model/isAct'
import type { ScheduledTask } from '@/core/schedule'
import { resolveStep } from '@/core/stack'
import { FILTER_CHANGED, sprayedSinceFilter } from '@/core/stock'
import { useStock } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { Button } from '@/ui/Button'

/** The cautions of a session's acts, each once, and those that hold for every session. Source: handbook 9; N94–N96. */
export function SessionCautions({ tasks }: { tasks: readonly ScheduledTask[] }) {
  const stock = useStock()
  const { project } = stock
  const run = useRun()
  const sprayed = useMemo(() => sprayedSinceFilter(stock), [stock])
  const found = new Map<string, Caution>()
  for (const task of tasks) {
    const build = project.builds?.find((build) => build.id === task.build)
    const step = build?.steps.find((step) => step.id === task.step)
    const part = build?.parts.find((part) => part.id === task.part)
    if (!step || !part || !isAct(step)) continue
    for (const caution of cautionsFor({
      step,
      ...resolveStep(step, null),
      substrate: part.substrate,
    }))
      found.set(caution.id, caution)
  }
  return (
    <details className="mt-4 border-t border-rule pt-2">
      <summary className="min-h-11 cursor-pointer py-2 font-semibold text-act">
        Cautions for this session: {found.size}
      </summary>
      <ul className="space-y-1.5 text-sm">
        {[...found.values()].map((caution) => (
          <li key={caution.id}>{caution.show}</li>
        ))}
      </ul>
      <p className="mt-3 flex flex-wrap items-center gap-3 text-sm">
        Sprayed since the respirator’s filter was changed: {sayDuration(sprayed)}.
        <Button onClick={() => void run('note', FILTER_CHANGED, {}, FILTER_CHANGED)}>
          It is changed
        </Button>
      </p>
      <p className="mt-3 text-sm font-semibold text-soft">Always</p>
      <ul className="mt-1 space-y-1 text-sm text-soft">
        {generalCautions().map((caution) => (
          <li key={caution.id}>{caution.show}</li>
        ))}
      </ul>
    </details>
  )
}
