'use client'
import { useEffect, useState } from 'react'
import type { Panel } from '@/core/model/panel'
import type { Sequence } from '@/core/model/sequence'
import type { PanelSeen } from '@/workers/panelMessages'
import type { PanelDesks } from './panelDesks'

/** A small panel as it is asked for, all of its steps laid. */
export type SmallAsked = { sequence: Sequence; panel: Panel }

/** Small panels that were made: what is looked at again is there at once. */
const made = new Map<string, PanelSeen>()
/** So many are kept, of some 90 kB each. */
const MOST = 120

/**
 * A panel as large as a stamp; null until it is there.
 *
 * @param asked null: none is
 * @param px samples a mm
 */
export function useSmallPanel(
  desks: PanelDesks,
  asked: SmallAsked | null,
  px = 2,
): PanelSeen | null {
  const name = asked ? JSON.stringify([asked, px]) : ''
  const [seen, setSeen] = useState<{ name: string; seen: PanelSeen } | null>(null)
  // biome-ignore lint/correctness/useExhaustiveDependencies: its name says all of what is asked
  useEffect(() => {
    if (!asked || made.has(name)) return
    let gone = false
    desks.quick
      .ask((worker) =>
        worker.look({
          ...asked,
          at: asked.sequence.steps.length,
          show: 'lit',
          px,
          away: 0,
          lit: false,
        }),
      )
      .then((next) => {
        if (made.size >= MOST) made.clear()
        made.set(name, next)
        if (!gone) setSeen({ name, seen: next })
      })
      .catch(() => undefined)
    return () => {
      gone = true
    }
  }, [desks, name, px])
  return made.get(name) ?? (seen?.name === name ? seen.seen : null)
}
