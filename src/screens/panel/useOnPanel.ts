import { useQueryStates } from 'nuqs'
import { useEffect, useMemo, useRef, useState } from 'react'
import type { BuildStep } from '@/core/model/build'
import { isAct } from '@/core/model/isAct'
import type { Panel, Variant } from '@/core/model/panel'
import type { ActStep, Step } from '@/core/model/sequence'
import { useProject } from '@/state/hooks'
import type { PanelDesks } from '@/state/panelDesks'
import { type Look, type Looked, useLook } from '@/state/useLook'
import { type Painted, usePainted } from '@/state/usePainted'
import { usePiece } from '../shared/usePiece'
import { ADDRESS, ON_PART } from './panelAddress'
import { namedStep } from './panelWords'
import { hasShape, isOf, sequenceTried, type Tried, trialOf } from './tried'
import { usePartAsked } from './usePartAsked'
import { useTrial } from './useTrial'

const loadShapes = () => import('@/core/builds/shapeOfPart')

/** From so many steps above it on, a step is deep in the stack: what is tried of it is laid with fewer samples. */
const DEEP = 3

/** How long what a step did stays lit up once the slider rests, ms. */
const LIT_MS = 1500

/** What is on the panel: what is tried, how it is looked at, and what is seen. */
export function useOnPanel(tried: Tried, desks: PanelDesks) {
  const project = useProject()
  const [address, setAddress] = useQueryStates(ADDRESS)
  const trying = useTrial(tried)
  const { trial } = trying
  const { steps } = trial
  const at = placeIn(steps, address)
  const [keepLit, setKeepLit] = useState(false)
  const lit = useLitUp(at) || keepLit
  const { seed, show, away } = address
  const layout = address.layout ?? tried.layout
  const [ownPanel, setOwnPanel] = useState<Panel | null>(null)
  const panel = useMemo<Panel>(
    () => (ownPanel ? { ...ownPanel, seed } : { layout, seed }),
    [ownPanel, layout, seed],
  )
  const sequence = useMemo(() => sequenceTried(project, tried, trial), [project, tried, trial])
  const look = useMemo<Look>(
    () => ({ sequence, panel, at, show, away, lit, deep: at < steps.length - DEEP }),
    [sequence, panel, at, show, away, lit, steps.length],
  )
  const pins = (project.panels ?? []).filter((variant) => isOf(tried, variant))
  const compared = pins.find(({ id }) => id === address.with)
  const withOwn = address.with !== null && !compared
  const otherLook = useOtherLook(tried, compared, withOwn, look)
  const onPart = address.on === ON_PART && hasShape(tried)
  const onPanel = useLook(desks, onPart ? null : look, true)
  const other = useLook(desks, onPart ? null : otherLook)
  const failed =
    'The part’s shape can’t be drawn just now. Lay it on a panel, and on the part again.'
  const { piece: shapes } = usePiece(loadShapes, onPart, failed)
  const painted = usePainted(desks, usePartAsked(tried, { sequence, seed, at, away }, shapes))
  const last = steps[at - 1]
  return {
    ...{ address, setAddress, trying, at, last, lit, keepLit, setKeepLit, layout, panel },
    ...{ sequence, pins, compared, onPart, painted, ownPanel, setOwnPanel },
    looked: onPart ? lookedOn(onPanel, painted) : onPanel,
    /** What lies left of the wiper; null: nothing does. */
    other: otherLook && !onPart ? other : null,
    otherSays: compared?.name ?? (tried.build ? 'As the build has it' : 'As it was'),
    said: `${tried.say} after ${namedStep(last)}`,
    act: last && isAct(last as Step) ? (last as ActStep) : null,
    goTo: (next: number) => void setAddress({ at: next, step: null }),
  }
}

/** All of it, as `useOnPanel` gives it. */
export type OnPanelNow = ReturnType<typeof useOnPanel>

/** How many steps are laid: as many as the address says, up to the one it names, or all. */
function placeIn(
  steps: readonly BuildStep[],
  { at, step }: { at: number | null; step: string | null },
): number {
  const named = steps.findIndex(({ id }) => id === step) + 1
  return Math.max(0, Math.min(at ?? (named > 0 ? named : steps.length), steps.length))
}

/** What is measured on the part, in the place of the panel. */
function lookedOn(panel: Looked, { seen }: Painted): Looked {
  return { ...panel, figures: seen?.figures ?? null, measured: seen !== null, moved: null }
}

/** What is compared with, looked at as the trial is; null: nothing is. */
function useOtherLook(
  tried: Tried,
  compared: Variant | undefined,
  withOwn: boolean,
  look: Look,
): Look | null {
  const project = useProject()
  return useMemo(() => {
    const trial = compared ? trialOf(compared) : withOwn ? tried : null
    if (!trial) return null
    const sequence = sequenceTried(project, tried, trial)
    const all = sequence.steps.length
    const at = look.at >= look.sequence.steps.length ? all : Math.min(look.at, all)
    return { ...look, sequence, at, lit: false }
  }, [project, tried, compared, withOwn, look])
}

/** What a step did is lit up while the slider moves, and a little after. */
function useLitUp(at: number): boolean {
  const [lit, setLit] = useState(false)
  const before = useRef(at)
  useEffect(() => {
    if (before.current === at) return
    before.current = at
    setLit(true)
    const rests = setTimeout(() => setLit(false), LIT_MS)
    return () => clearTimeout(rests)
  }, [at])
  return lit
}
