'use client'
import { useEffect, useRef, useState } from 'react'
import { reasonOf } from '@/store/reason'
import type {
  PanelAsked,
  PanelFigures,
  PanelLaid,
  PanelMoved,
  PanelSeen,
} from '@/workers/panelMessages'
import { WorkerEnded } from './host'
import { newestOnly } from './newestOnly'
import type { PanelDesks } from './panelDesks'

/** What is to be seen of a panel. */
export type Look = PanelLaid & Pick<PanelAsked, 'show' | 'away' | 'lit'> & { deep: boolean }

/** What is seen of a panel; null: nothing yet. */
export type Looked = {
  seen: PanelSeen | null
  /** Is it every sample of what is asked now? */
  whole: boolean
  /** What it came to when it was measured last. */
  figures: PanelFigures | null
  /** Are these the figures of what is asked now? */
  measured: boolean
  /** Which step moved each figure most; null while it isn't known. */
  moved: PanelMoved | null
  failed: string | null
}

const NOTHING: Looked = {
  seen: null,
  whole: false,
  figures: null,
  measured: false,
  moved: null,
  failed: null,
}

/**
 * Samples a mm: of a panel that nothing was laid on yet; at once, with what was changed near the top of the stack or deep in it; in the end;
 * and for what only compares.
 */
const PX = { first: 2.5, near: 5, deep: 10 / 3, whole: 10, compared: 3 } as const
/** What is dragged is left alone until it rests so long, ms. */
const RESTS = 160

/**
 * A panel as it is asked for: with few samples at once, then whole, then measured. What was asked meanwhile is passed over but for
 * the newest.
 *
 * @param look null: nothing is looked at
 * @param tellsMoved is it asked which step moved each figure most?
 */
export function useLook(desks: PanelDesks, look: Look | null, tellsMoved = false): Looked {
  const [looked, setLooked] = useState(NOTHING)
  const newest = useRef<Look | null>(null)
  const [quickly] = useState(() =>
    newestOnly(({ deep, first, ...asked }: Look & { first: boolean }) =>
      desks.quick.ask((worker) =>
        worker.look({ ...asked, px: first ? PX.first : deep ? PX.deep : PX.near }),
      ),
    ),
  )
  const told = useRef<Told | null>(null)
  const [wholly] = useState(() => newestOnly((of: Whole) => laidWhole(desks, of, told)))
  useEffect(() => {
    const last = newest.current
    const first = last?.panel !== look?.panel
    newest.current = look
    if (!look) return setLooked(NOTHING)
    const isMeasured = last !== null && comesToTheSame(last, look)
    setLooked((before) => ({
      ...before,
      whole: false,
      measured: before.measured && isMeasured,
      moved: isMeasured ? before.moved : null,
    }))
    const tell = (part: Partial<Looked>) => {
      const isNow = newest.current === look
      if (isNow) setLooked((before) => ({ ...before, ...part }))
      return isNow
    }
    const failed = (error: unknown) => {
      if (!(error instanceof WorkerEnded)) tell({ failed: reasonOf(error) })
    }
    // A picture that is dragged on is shown all the same; the whole one of the same may have come first.
    const show = (seen: PanelSeen) =>
      setLooked((before) =>
        before.whole || newest.current === null ? before : { ...before, seen, failed: null },
      )
    const lay = (first: boolean) =>
      quickly(
        { ...look, first },
        (seen) => {
          show(seen)
          if (first && newest.current === look) lay(false)
        },
        failed,
      )
    lay(first)
    const rests = setTimeout(
      () => wholly({ look, tellsMoved, tell }, () => undefined, failed),
      RESTS,
    )
    return () => clearTimeout(rests)
  }, [look, quickly, wholly, tellsMoved])
  return looked
}

/** What is shown of it, and what is lit up, changes no figure. */
function comesToTheSame(a: Look, b: Look): boolean {
  return a.sequence === b.sequence && a.panel === b.panel && a.at === b.at && a.away === b.away
}

/** What is laid whole, and who is told; told that nothing newer is asked, it goes on. */
type Whole = { look: Look; tellsMoved: boolean; tell: (part: Partial<Looked>) => boolean }

/** What is told of a look: what it comes to, and what moved that, once that was asked. */
type Told = { look: Look } & Partial<Pick<Looked, 'figures' | 'moved'>>

/**
 * Every sample, then what it comes to, then what moved that; each only if nothing newer is asked, and it isn't told already.
 *
 * @param told what was told last
 */
async function laidWhole(
  { whole }: PanelDesks,
  { look, tellsMoved, tell }: Whole,
  told: { current: Told | null },
): Promise<void> {
  const { deep: _, ...asked } = look
  const { sequence, panel, at, away } = asked
  const laid = { sequence, panel, at }
  if (!tell({})) return
  const seen = await whole.ask((worker) => worker.look({ ...asked, px: PX.whole }))
  if (!tell({ seen, whole: true, failed: null })) return
  const known = told.current && comesToTheSame(told.current.look, look) ? told.current : { look }
  const figures =
    known.figures ?? (await whole.ask((worker) => worker.figures({ ...laid, px: PX.whole, away })))
  told.current = { ...known, figures }
  if (!tell({ figures, measured: true }) || !tellsMoved) return
  const moved =
    known.moved ?? (await whole.ask((worker) => worker.moved({ ...laid, px: PX.compared })))
  told.current = { ...told.current, moved }
  tell({ moved })
}
