'use client'
import Link from 'next/link'
import { useEffect, useMemo, useState } from 'react'
import type { Technique } from '@/core/knowledge'
import type { BuildStep } from '@/core/model/build'
import type { Sequence, Step } from '@/core/model/sequence'
import { usePanelDesks } from '@/state/panelDesks'
import { SmallPanel } from '../shared/panel/SmallPanel'
import { panelHref } from '../shared/panelHref'

/** A cut of a panel: as large as shows what is done, mm, and samples a mm. */
const CUT = { widthMm: 48, heightMm: 30 } as const
const PX = 6

/** What a technique does to a painted part: before it, and after. */
export function OnSmallPanel({ technique, scale }: { technique: Technique; scale: number }) {
  const desks = usePanelDesks()
  const [steps, setSteps] = useState<{ before: BuildStep[]; after: BuildStep[] } | null>(null)
  useEffect(() => {
    let gone = false
    desks.quick
      .ask((worker) => worker.onPainted(technique))
      .then((next) => gone || setSteps(next))
      .catch(() => undefined)
    return () => {
      gone = true
    }
  }, [desks, technique])
  const asked = useMemo(
    () =>
      steps && {
        before: { sequence: sequenceOn(steps.before, scale), panel: CUT },
        after: { sequence: sequenceOn(steps.after, scale), panel: CUT },
      },
    [steps, scale],
  )
  return (
    <section aria-label="On the panel">
      <div className="grid grid-cols-2 gap-3">
        {(['before', 'after'] as const).map((when) => (
          <figure key={when}>
            <SmallPanel
              desks={desks}
              asked={asked?.[when] ?? null}
              px={PX}
              say={`A painted panel ${when} ${technique.name.toLowerCase()}`}
            />
            <figcaption className="mt-1 text-sm text-soft">
              {when === 'before' ? 'Before' : `After, at 1:${scale}`}
            </figcaption>
          </figure>
        ))}
      </div>
      <Link
        href={panelHref({ technique: technique.id, scale })}
        className="mt-1 inline-flex min-h-11 items-center text-act underline"
      >
        Try it on the panel
      </Link>
    </section>
  )
}

function sequenceOn(steps: readonly BuildStep[], scale: number): Sequence {
  return {
    format: 'tectoria-sequence',
    version: 1,
    substrate: 'polystyrene',
    waits: 'auto',
    scale,
    steps: steps as unknown as Step[],
  }
}
