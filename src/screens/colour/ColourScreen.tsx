'use client'

import { Tabs } from 'radix-ui'
import { Suspense } from 'react'
import { useAddress } from './address'
import { Cover } from './Cover'
import { Layers } from './Layers'
import { Lines } from './Lines'
import { Reach } from './Reach'
import { Tones } from './Tones'
import { Variants } from './Variants'

const VIEWS = [
  { value: 'reach', say: 'Match a colour', View: Reach },
  { value: 'cover', say: 'Coats to cover', View: Cover },
  { value: 'layers', say: 'Layer by layer', View: Layers },
  { value: 'tones', say: 'Side by side', View: Tones },
  { value: 'line', say: 'Panel-line colour', View: Lines },
  { value: 'variants', say: 'Scale tint, chips, off-whites', View: Variants },
] as const

export function ColourScreen() {
  return (
    <Suspense>
      <Colour />
    </Suspense>
  )
}

function Colour() {
  const { get, set } = useAddress('/colour')
  const asked = get('do', 'reach')
  const view = VIEWS.some((view) => view.value === asked) ? asked : 'reach'
  return (
    <div className="p-4 lg:p-6">
      <h1 className="font-display text-4xl font-semibold">Colour</h1>
      <Tabs.Root value={view} onValueChange={(value) => set({ do: value })} className="mt-4">
        <Tabs.List
          aria-label="What is asked"
          className="flex flex-wrap gap-x-6 border-b-2 border-strong"
        >
          {VIEWS.map(({ value, say }) => (
            <Tabs.Trigger
              key={value}
              value={value}
              className="-mb-0.5 min-h-11 border-b-4 border-transparent font-semibold text-soft data-[state=active]:border-act data-[state=active]:text-ink"
            >
              {say}
            </Tabs.Trigger>
          ))}
        </Tabs.List>
        {VIEWS.map(({ value, View }) => (
          <Tabs.Content key={value} value={value} className="mt-5">
            <View />
          </Tabs.Content>
        ))}
      </Tabs.Root>
    </div>
  )
}
