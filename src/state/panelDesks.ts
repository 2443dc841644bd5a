'use client'
import { useEffect, useState } from 'react'
import type { PanelWorker } from '@/workers/panelMessages'
import { type Host, hostWorker } from './host'

export type { PanelFigures, PanelSeen, PartAsked, PartSeen } from '@/workers/panelMessages'

/** The panel's workers: one answers at once with few samples, the other takes its time for all of them. */
export type PanelDesks = { quick: Host<PanelWorker>; whole: Host<PanelWorker> }

function begin(): Host<PanelWorker> {
  return hostWorker<PanelWorker>(
    () => new Worker(new URL('../workers/panel.worker.ts', import.meta.url), { type: 'module' }),
  )
}

/** The panel's workers, begun when they are first asked, ended with whoever holds them. */
export function usePanelDesks(): PanelDesks {
  const [desks] = useState<PanelDesks>(() => ({ quick: begin(), whole: begin() }))
  useEffect(
    () => () => {
      desks.quick.end()
      desks.whole.end()
    },
    [desks],
  )
  return desks
}
