'use client'
import { useMemo } from 'react'
import { differsFrom } from '@/core/builds'
import type { Variant } from '@/core/model/panel'
import type { PanelFigure } from '@/core/panel/measures/figures'
import { useProject } from '@/state/hooks'
import type { PanelDesks } from '@/state/panelDesks'
import { useRun } from '@/state/writing'
import { Button } from '@/ui/Button'
import { cx } from '@/ui/cx'
import { SmallPanel } from '../shared/panel/SmallPanel'
import { differsSaid, FIGURE_WORDS } from './panelWords'
import { sequenceTried, type Tried, trialOf } from './tried'

/** What was pinned of it, each with what it does otherwise; one of them lies left of the wiper. */
export function Pins({
  tried,
  pins,
  compared,
  desks,
  onCompare,
  onTake,
}: {
  tried: Tried
  pins: readonly Variant[]
  /** The id of the one that is compared with. */
  compared: string | null
  desks: PanelDesks
  onCompare: (id: string | null) => void
  /** Goes on from one of them. */
  onTake: (variant: Variant) => void
}) {
  const run = useRun()
  if (pins.length === 0) return null
  return (
    <section aria-labelledby="panel-pins" className="mt-6">
      <h2 id="panel-pins" className="font-display text-2xl font-semibold">
        Pinned
      </h2>
      <ul className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(12rem,1fr))] gap-4">
        {pins.map((variant) => (
          <li
            key={variant.id}
            className={cx('border-t-4', compared === variant.id ? 'border-act' : 'border-rule')}
          >
            <Sheet tried={tried} variant={variant} desks={desks} />
            <p className="mt-1 font-semibold">{variant.name}</p>
            <ul className="text-sm text-soft">
              {saidOf(tried, variant).map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ul>
            <p className="text-sm">{figuresSaid(variant)}</p>
            <div className="mt-1 flex flex-wrap gap-1">
              <Button
                size="small"
                aria-pressed={compared === variant.id}
                onClick={() => onCompare(compared === variant.id ? null : variant.id)}
              >
                Compare<span className="sr-only"> with {variant.name}</span>
              </Button>
              <Button size="small" onClick={() => onTake(variant)}>
                Go on from it<span className="sr-only">: {variant.name}</span>
              </Button>
              <Button
                size="small"
                look="quiet"
                onClick={() => void run('removeVariant', variant.id, `Removed: ${variant.name}`)}
              >
                Remove<span className="sr-only"> {variant.name}</span>
              </Button>
            </div>
          </li>
        ))}
      </ul>
    </section>
  )
}

/** A pinned panel as it comes out. */
function Sheet({ tried, variant, desks }: { tried: Tried; variant: Variant; desks: PanelDesks }) {
  const project = useProject()
  const asked = useMemo(() => {
    const trial = trialOf(variant)
    return trial && { sequence: sequenceTried(project, tried, trial), panel: variant.panel ?? {} }
  }, [project, tried, variant])
  return <SmallPanel desks={desks} asked={asked} say={variant.name ?? 'Pinned panel'} />
}

/** Figures that tell panels apart at a glance. */
const TOLD: readonly PanelFigure[] = ['lineContrast', 'faceStained', 'chipped', 'streaks', 'sheen']

/** What it came to when it was pinned. */
function figuresSaid({ figures = {} }: Variant): string {
  return TOLD.flatMap((name) => {
    const value = figures[name]
    return value == null ? [] : [`${FIGURE_WORDS[name].say}: ${FIGURE_WORDS[name].of(value)}`]
  }).join(' · ')
}

/** What a pinned panel does otherwise than the build as it is now. */
function saidOf(tried: Tried, variant: Variant): string[] {
  const trial = trialOf(variant)
  if (!trial) return ['Made by another version of this program']
  const differs = differsFrom(tried.steps, trial.steps).map(differsSaid)
  const scale = trial.scale === tried.scale ? [] : [`At 1:${trial.scale}`]
  const all = [...scale, ...differs]
  return all.length > 0 ? all : ['As the build has it now']
}
