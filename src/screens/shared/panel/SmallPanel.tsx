'use client'
import type { PanelDesks } from '@/state/panelDesks'
import { type SmallAsked, useSmallPanel } from '@/state/smallPanels'
import { PanelCanvas } from './PanelCanvas'

/** A panel as large as a stamp. */
export function SmallPanel({
  desks,
  asked,
  px,
  say,
}: {
  desks: PanelDesks
  asked: SmallAsked | null
  px?: number
  say: string
}) {
  const seen = useSmallPanel(desks, asked, px)
  const { widthMm = 96, heightMm = 60 } = asked?.panel ?? {}
  return (
    <div className="bg-surround p-2">
      <div className="relative" style={{ aspectRatio: `${widthMm} / ${heightMm}` }}>
        <PanelCanvas seen={seen} say={say} lit={false} />
      </div>
    </div>
  )
}
