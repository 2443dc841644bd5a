'use client'
import { parseAsString, useQueryState } from 'nuqs'
import { Suspense, useEffect, useMemo, useState } from 'react'
import type { BuildStep } from '@/core/model/build'
import { USUAL_SCALE } from '@/core/model/panelFormat'
import { useProject } from '@/state/hooks'
import { type PanelDesks, usePanelDesks } from '@/state/panelDesks'
import { usePiece } from '../shared/usePiece'
import { OnPanel } from './OnPanel'
import { colourTried, partsTried, type Tried, zoneTried } from './tried'

export function PanelScreen() {
  return (
    <Suspense>
      <Panel />
    </Suspense>
  )
}

/** Steps tried on a panel before the evening is spent on them. */
function Panel() {
  const { builds = [] } = useProject()
  const [of] = useQueryState('of', parseAsString)
  const desks = usePanelDesks()
  const parts = useMemo(() => partsTried(builds), [builds])
  const other = useOther(desks, of)
  const all = other ? [other, ...parts] : parts
  const [zone] = useQueryState('zone', parseAsString)
  const whole = all.find(({ id }) => id === of) ?? (other === undefined ? undefined : all[0])
  const tried = useMemo(() => whole && zoneTried(whole, zone), [whole, zone])
  return (
    <div className="p-4 lg:p-6">
      {tried ? (
        <OnPanel key={`${tried.id} ${zone}`} tried={tried} all={all} desks={desks} />
      ) : (
        <h1 className="font-display text-4xl font-semibold">Test panel</h1>
      )}
      {!tried && other !== undefined && (
        <p className="mt-4 max-w-prose">
          Nothing to try yet. Add steps to a build, or open a technique or a colour on the panel,
          and see here what comes out before you spend an evening on it.
        </p>
      )}
    </div>
  )
}

const loadTechniques = () => import('@/core/knowledge/techniques/techniques')

/** A technique or a colour that the address names; null: it names none; undefined: its steps are looked for. */
function useOther(desks: PanelDesks, of: string | null): Tried | null | undefined {
  const [kind = '', first = '', second] = (of ?? '').split(' ')
  const isTechnique = kind === 'technique'
  const failed = 'Techniques can’t be had just now. Load the page once more.'
  const { piece: known } = usePiece(loadTechniques, isTechnique, failed)
  const technique = known?.TECHNIQUES.find(({ id }) => id === first)
  const [steps, setSteps] = useState<{ of: string; steps: BuildStep[] } | null>(null)
  useEffect(() => {
    if (!technique) return
    desks.quick
      .ask((worker) => worker.onPainted(technique))
      .then(({ after }) => setSteps({ of: technique.id, steps: after }))
      .catch(() => undefined)
  }, [desks, technique])
  return useMemo(() => {
    if (kind === 'colour' && /^#[0-9A-F]{6}$/i.test(first))
      return colourTried(first, second ?? null)
    if (isTechnique && !known) return undefined
    if (!technique) return null
    if (steps?.of !== technique.id) return undefined
    return {
      id: of ?? '',
      say: technique.name,
      steps: steps.steps,
      scale: Number(second) || USUAL_SCALE,
      school: undefined,
      layout: 'hull',
      build: null,
      part: null,
      technique: technique.id,
    }
  }, [of, kind, first, second, isTechnique, known, technique, steps])
}
