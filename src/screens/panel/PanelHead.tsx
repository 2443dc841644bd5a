'use client'
import { zonesOf } from '@/core/builds'
import { LAYOUTS, type Layout } from '@/core/model/panelFormat'
import { Choose } from '@/ui/Choose'
import { ANEW, ON_PART } from './panelAddress'
import { LAYOUT_WORDS } from './panelWords'
import { hasShape, type Tried } from './tried'
import type { OnPanelNow } from './useOnPanel'

/** A panel of one's own, from a file or a pinned one. */
const OF_FILE = 'own'

const EYES = [
  { value: '0', say: 'Under the lens' },
  { value: '300', say: '30 cm away' },
  { value: '1000', say: '1 m away' },
]

/** Whose steps, on what, and from how far they are seen. */
export function PanelHead({
  tried,
  all,
  now: { address, setAddress, layout, onPart, ownPanel, setOwnPanel },
}: {
  tried: Tried
  all: readonly Tried[]
  now: OnPanelNow
}) {
  const zones = tried.build && tried.part ? zonesOf(tried.build, tried.part.id) : []
  const surfaces = LAYOUTS.map((value): { value: string; say: string } => ({
    value,
    say: LAYOUT_WORDS[value],
  }))
  return (
    <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
      <h1 className="mr-auto font-display text-4xl font-semibold">Test panel</h1>
      <div className="w-full sm:w-64">
        <Choose
          label="Steps of"
          value={tried.id}
          choices={all.map(({ id, say }) => ({ value: id, say }))}
          onChoose={(of) => void setAddress({ ...ANEW, of })}
        />
      </div>
      {zones.length > 0 && (
        <div className="min-w-36 flex-1 sm:w-40 sm:flex-none">
          <Choose
            label="Zone"
            value={address.zone ?? ''}
            choices={[
              { value: '', say: 'All of it' },
              ...zones.map(({ id, name }) => ({ value: id, say: name })),
            ]}
            onChoose={(zone) => void setAddress({ zone: zone || null, at: null, step: null })}
          />
        </div>
      )}
      <div className="min-w-36 flex-1 sm:w-44 sm:flex-none">
        <Choose
          label="Laid on"
          value={onPart ? ON_PART : ownPanel ? OF_FILE : layout}
          choices={[
            ...surfaces,
            ...(ownPanel ? [{ value: OF_FILE, say: 'Your own' }] : []),
            ...(hasShape(tried) ? [{ value: ON_PART, say: 'The part itself' }] : []),
          ]}
          onChoose={(next) => {
            if (next === ON_PART) return void setAddress({ on: ON_PART })
            if (next === OF_FILE) return void setAddress({ on: null })
            setOwnPanel(null)
            void setAddress({ layout: next as Layout, on: null })
          }}
        />
      </div>
      <div className="min-w-36 flex-1 sm:w-40 sm:flex-none">
        <Choose
          label="Seen from"
          value={String(address.away)}
          choices={EYES}
          onChoose={(next) => void setAddress({ away: Number(next) })}
        />
      </div>
    </div>
  )
}
