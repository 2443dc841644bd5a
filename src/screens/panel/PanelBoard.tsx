'use client'
import { type ReactNode, useState } from 'react'
import type { Looked } from '@/state/useLook'
import { Button } from '@/ui/Button'
import { cx } from '@/ui/cx'
import { PanelCanvas } from '../shared/panel/PanelCanvas'
import { Wiper } from '../shared/Wiper'

/** How large a panel is shown: in its room, or so many px a mm. */
const ZOOMS = [
  { say: 'Whole', px: null },
  { say: '1 mm = 10 px', px: 10 },
  { say: '1 mm = 20 px', px: 20 },
] as const

/** The panel on its neutral surround, alone or wiped against another; nearer, it is moved about by scrolling. */
export function PanelBoard({
  looked,
  other,
  say,
  otherSays,
  nowSays,
  widthMm,
  heightMm,
  lit,
  handles,
  below,
  children,
}: {
  looked: Looked
  /** What lies left of the wiper; null: nothing does. */
  other: Looked | null
  say: string
  otherSays: string
  nowSays: string
  widthMm: number
  heightMm: number
  /** What the last step did is lit up. */
  lit: boolean
  handles: ReactNode
  /** Beside how near it is shown. */
  below: ReactNode
  /** Right under the picture. */
  children: ReactNode
}) {
  const [zoom, setZoom] = useState(0)
  const { px } = ZOOMS[zoom] ?? ZOOMS[0]
  const own = <PanelCanvas seen={looked.seen} say={say} lit={lit} />
  return (
    <div>
      <div className="relative bg-surround p-3 lg:p-5">
        <div className="max-h-[72vh] overflow-auto" {...(px === null ? {} : NEAR)}>
          <div
            className="relative mx-auto"
            style={
              px === null
                ? {
                    aspectRatio: `${widthMm} / ${heightMm}`,
                    maxWidth: `calc(max(46vh, 14rem) * ${widthMm / heightMm})`,
                  }
                : { width: widthMm * px, height: heightMm * px }
            }
          >
            {other ? (
              <Wiper
                left={<PanelCanvas seen={other.seen} say={otherSays} lit={false} />}
                right={own}
                leftSays={otherSays}
                rightSays={nowSays}
              />
            ) : (
              own
            )}
          </div>
        </div>
        {handles}
        <p
          role="status"
          className={cx(
            'pointer-events-none absolute text-sm',
            looked.seen ? 'right-3 bottom-0 lg:right-5' : 'inset-0 m-auto size-fit text-lg',
          )}
        >
          {!looked.seen && 'Laying the first picture…'}
          {looked.seen && !looked.whole && 'Coarse, the fine one follows…'}
        </p>
      </div>
      {children}
      <div className="mt-1 flex flex-wrap items-center gap-x-4 gap-y-2">
        {below}
        <span className="ml-auto flex flex-wrap gap-1">
          {ZOOMS.map((one, i) => (
            <Button key={one.say} size="small" aria-pressed={zoom === i} onClick={() => setZoom(i)}>
              {one.say}
            </Button>
          ))}
        </span>
      </div>
    </div>
  )
}

/** What scrolls can be reached by keys. */
const NEAR = { tabIndex: 0, role: 'region', 'aria-label': 'The panel, near' } as const
