'use client'
import dynamic from 'next/dynamic'
import { useState } from 'react'
import { type Eye, USUAL_EYE } from '@/core/shape/pictured'
import type { Painted } from '@/state/usePainted'
import { hasGraphics } from '../shared/stage/hasGraphics'
import { Turns } from '../shared/stage/Turns'

const PaintedScene = dynamic(() => import('./PaintedScene').then((own) => own.PaintedScene), {
  ssr: false,
  loading: () => <p className="p-4">Taking it in hand…</p>,
})

/** How high the part is drawn, px. */
const HEIGHT = 400

/** The steps on the part itself, its stand-in or its mesh, by the same acts as on the panel. */
export function OnPart({
  painted: { seen, whole, failed },
  said,
  flat,
}: {
  painted: Painted
  /** What is seen. */
  said: string
  /** Colours alone. */
  flat: boolean
}) {
  const [eye, setEye] = useState<Eye>(USUAL_EYE)
  return (
    <div>
      <div className="relative bg-surround" role="img" aria-label={said}>
        {!hasGraphics() ? (
          <p className="p-6">This browser can’t draw in three dimensions. The panel can be seen.</p>
        ) : seen ? (
          <PaintedScene seen={seen} flat={flat} eye={eye} height={HEIGHT} />
        ) : (
          <p role="status" style={{ height: HEIGHT }} className="flex items-center justify-center">
            Cutting it into small pieces…
          </p>
        )}
        {seen && (
          <p role="status" className="pointer-events-none absolute right-3 bottom-1 text-sm">
            {whole ? '' : 'Coarse, the fine one follows…'}
          </p>
        )}
      </div>
      {failed && (
        <p role="alert" className="mt-2 border-l-4 border-stop pl-3">
          The part can’t be painted: {failed}
        </p>
      )}
      <div className="mt-2 flex flex-wrap gap-2">
        <Turns onTurn={setEye} />
      </div>
    </div>
  )
}
