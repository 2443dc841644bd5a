'use client'
import { useMemo, useState } from 'react'
import type { BenchTool } from '@/core/model/tool'
import { TOOL_KINDS } from '@/core/model/vocabulary'
import { wearOf } from '@/core/stock'
import { useStock } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { Button } from '@/ui/Button'
import { buildFields, ForBuild } from '../shared/ForBuild'
import { OnDemand } from '../shared/OnDemand'
import { ToolRow } from './ToolRow'

const loadNew = () => import('./NewTool')

/**
 * Tools and consumables with how far each is used up; the mixing desk offers the cups and nozzles that are here.
 */
export function Tools() {
  const stock = useStock()
  const run = useRun()
  const [usedFor, setUsedFor] = useState('')
  const [adding, setAdding] = useState(false)
  const wear = useMemo(() => wearOf(stock).sort((a, b) => byKind(a.tool, b.tool)), [stock])
  const use = ({ id, name }: BenchTool) => void run('useTool', id, name, buildFields(usedFor))
  return (
    <section aria-labelledby="tools" className="mt-10 border-t-2 border-strong pt-4">
      <h2 id="tools" className="font-display text-xl font-semibold">
        Tools
      </h2>
      {wear.length > 0 && (
        <div className="mt-2 max-w-sm">
          <ForBuild label="Used for" value={usedFor} onChange={setUsedFor} />
        </div>
      )}
      <ul className="mt-1 grid gap-x-8 md:grid-cols-2">
        {wear.map((worn) => (
          <ToolRow
            key={worn.tool.id}
            wear={worn}
            onUse={() => use(worn.tool)}
            onRemove={() => void run('removeTool', worn.tool)}
          />
        ))}
      </ul>
      <Button className="mt-3" aria-expanded={adding} onClick={() => setAdding(!adding)}>
        {adding ? 'Done with new tools' : 'Add a tool'}
      </Button>
      {adding && (
        <OnDemand
          load={loadNew}
          failed="The form of a tool couldn’t be loaded. Ask for it once more."
          onClose={() => setAdding(false)}
        >
          {({ NewTool }) => <NewTool />}
        </OnDemand>
      )}
    </section>
  )
}

function byKind(a: BenchTool, b: BenchTool): number {
  return (
    TOOL_KINDS.indexOf(a.kind) - TOOL_KINDS.indexOf(b.kind) ||
    (a.sizeMm ?? a.holdsMl ?? 0) - (b.sizeMm ?? b.holdsMl ?? 0)
  )
}
