'use client'

import { Tabs } from 'radix-ui'
import { type ReactNode, Suspense } from 'react'
import { OnDemand } from '../shared/OnDemand'
import { useAddress } from './address'
import { Reach } from './Reach'

/** What asks one thing. */
type Piece = { View: () => ReactNode }

/** What is asked first is there with the page, the others come when they are turned to. */
const VIEWS: readonly { value: string; say: string; load?: () => Promise<Piece> }[] = [
  { value: 'reach', say: 'Match a colour' },
  {
    value: 'cover',
    say: 'Coats to cover',
    load: async () => ({ View: (await import('./Cover')).Cover }),
  },
  {
    value: 'layers',
    say: 'Layer by layer',
    load: async () => ({ View: (await import('./Layers')).Layers }),
  },
  {
    value: 'tones',
    say: 'Side by side',
    load: async () => ({ View: (await import('./Tones')).Tones }),
  },
  {
    value: 'line',
    say: 'Panel-line colour',
    load: async () => ({ View: (await import('./Lines')).Lines }),
  },
  {
    value: 'variants',
    say: 'Scale tint, chips, off-whites',
    load: async () => ({ View: (await import('./Variants')).Variants }),
  },
]

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
        {VIEWS.map(({ value, say, load }) => (
          <Tabs.Content key={value} value={value} className="mt-5">
            {load ? (
              <OnDemand load={load} failed={`“${say}” can’t be had just now.`}>
                {({ View }) => <View />}
              </OnDemand>
            ) : (
              <Reach />
            )}
          </Tabs.Content>
        ))}
      </Tabs.Root>
    </div>
  )
}
