'use client'

import { Suspense, useState } from 'react'
import { useProject } from '@/state/hooks'
import { useHotkeys } from '../shared/hotkeys'
import { Lost } from '../shared/Lost'
import { Moved } from '../shared/Moved'
import { OnDemand } from '../shared/OnDemand'
import { useBenchQueue } from '../shared/useBenchQueue'
import { ActCard } from './ActCard'
import { FirstUse } from './FirstUse'
import { Queue } from './Queue'
import { Timers } from './Timers'
import { Tonight } from './Tonight'
import { useSelected } from './useSelected'

export function BenchScreen() {
  return (
    <Suspense>
      <Bench />
    </Suspense>
  )
}

const loadArmsLength = () => import('./ArmsLength')

function Bench() {
  const project = useProject()
  const queue = useBenchQueue()
  const { selected, select, step, hold } = useSelected(queue)
  const [away, setAway] = useState(false)
  useHotkeys(new Map([['a', () => setAway(true)]]))
  if ((project.builds ?? []).length === 0) return <FirstUse />
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-6 gap-y-8 p-4 lg:grid-cols-[minmax(0,1fr)_20rem] lg:p-6">
      <h1 className="sr-only">Bench</h1>
      {away && selected && (
        <OnDemand
          load={loadArmsLength}
          failed="The view for across the room couldn’t be loaded. Ask for it once more."
          onClose={() => setAway(false)}
        >
          {({ ArmsLength }) => (
            <ArmsLength
              items={queue}
              selected={selected}
              onSelect={select}
              onStep={step}
              onClose={() => setAway(false)}
            />
          )}
        </OnDemand>
      )}
      <div className="min-w-0">
        <Lost />
        <Moved />
        {selected ? (
          <ActCard
            key={`${selected.id}/${selected.next.step}`}
            item={selected}
            onAway={() => setAway(true)}
            onTyping={hold}
          />
        ) : (
          <Nothing />
        )}
        <Queue items={queue} selected={selected?.id ?? null} onSelect={select} />
        <Timers />
      </div>
      <Tonight />
    </div>
  )
}

function Nothing() {
  return (
    <section className="border-y-2 border-rule py-10">
      <h2 className="font-display text-3xl font-semibold">Everything is done</h2>
      <p className="mt-2 text-soft">
        No part has a step left. Add steps on a build’s core sample, or start another build.
      </p>
    </section>
  )
}
