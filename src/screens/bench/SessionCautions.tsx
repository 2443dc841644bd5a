'use client'

import { isAct } from '@/core/model/sequence'
import type { ScheduledTask } from '@/core/plan'
import { type Caution, cautionsFor, generalCautions } from '@/core/safety'
import { workOf } from '@/core/stack'
import { useBench } from '../shell/BenchContext'

/** The cautions of a session's acts, each once, and those that hold for every session. Source: handbook 9; N94–N96. */
export function SessionCautions({ tasks }: { tasks: readonly ScheduledTask[] }) {
  const { project } = useBench()
  const found = new Map<string, Caution>()
  for (const task of tasks) {
    const build = project.builds?.find((one) => one.id === task.build)
    const step = build?.steps.find((one) => one.id === task.step)
    const part = build?.parts.find((one) => one.id === task.part)
    if (!step || !part || !isAct(step)) continue
    for (const one of cautionsFor({ step, ...workOf(step, null), substrate: part.substrate }))
      found.set(one.id, one)
  }
  return (
    <details className="mt-4 border-t border-rule pt-2">
      <summary className="min-h-11 cursor-pointer py-2 font-semibold text-act">
        Cautions for this session: {found.size}
      </summary>
      <ul className="space-y-1.5 text-sm">
        {[...found.values()].map((one) => (
          <li key={one.id}>{one.show}</li>
        ))}
      </ul>
      <p className="mt-3 text-sm font-semibold text-soft">Always</p>
      <ul className="mt-1 space-y-1 text-sm text-soft">
        {generalCautions().map((one) => (
          <li key={one.id}>{one.show}</li>
        ))}
      </ul>
    </details>
  )
}
