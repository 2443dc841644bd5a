'use client'
import { useEffect, useRef, useState } from 'react'
import { reasonOf } from '@/store/reason'
import type { PanelWorker, PartAsked, PartSeen } from '@/workers/panelMessages'
import { type Host, WorkerEnded } from './host'
import { newestOnly } from './newestOnly'
import type { PanelDesks } from './panelDesks'

/** A part as it is painted; null: not yet. */
export type Painted = { seen: PartSeen | null; whole: boolean; failed: string | null }

/** A part is painted with few points first, then with as many as it bears. */
const POINTS = { quick: 12_000, whole: 50_000 } as const
const RESTS = 300

type Asked = Omit<PartAsked, 'most'>

const painting = (desk: Host<PanelWorker>, asked: Asked, most: number) =>
  desk.ask((worker) => worker.part({ ...asked, most }))

/**
 * A part in three dimensions as its steps leave it: with few points at once, then with many.
 *
 * @param asked null: nothing is painted
 */
export function usePainted(desks: PanelDesks, asked: Asked | null): Painted {
  const [painted, setPainted] = useState<Painted>({ seen: null, whole: false, failed: null })
  const newest = useRef<typeof asked>(null)
  const [quickly] = useState(() =>
    newestOnly((of: Asked) => painting(desks.quick, of, POINTS.quick)),
  )
  const [wholly] = useState(() =>
    newestOnly((of: Asked) => painting(desks.whole, of, POINTS.whole)),
  )
  useEffect(() => {
    newest.current = asked
    if (!asked) return
    const told = (next: Partial<Painted>) => {
      if (newest.current === asked) setPainted((before) => ({ ...before, ...next }))
    }
    const failed = (error: unknown) => {
      if (!(error instanceof WorkerEnded)) told({ failed: reasonOf(error) })
    }
    told({ whole: false })
    // The one with many points may have come first; one that is passed over is shown all the same.
    quickly(
      asked,
      (seen) =>
        setPainted((before) => (before.whole ? before : { seen, whole: false, failed: null })),
      failed,
    )
    const rests = setTimeout(
      () => wholly(asked, (seen) => told({ seen, whole: true, failed: null }), failed),
      RESTS,
    )
    return () => clearTimeout(rests)
  }, [asked, quickly, wholly])
  return painted
}
