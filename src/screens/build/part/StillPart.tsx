'use client'

import { type PointerEvent, useEffect, useMemo, useRef, useState } from 'react'
import { type Pixel, withinLasso } from '@/core/shape/lasso'
import { type Pictured, pictured } from '@/core/shape/pictured'
import { useWidth } from '@/ui/useWidth'
import { paint, type SeenPart } from './paintPart'

/** Pixels of the picture for one of the screen: edges are smooth. */
const FINE = 1.5

/** A part as a still picture, which needs no graphics of the machine: a tap chooses a zone, a line goes round one. */
export function StillPart({
  drawn,
  looks,
  lit,
  eye,
  height,
  chosen,
  label,
  onPick,
  onLasso,
}: SeenPart & {
  label: string
  /** What a line was drawn round; null: a tap chooses. */
  onLasso: ((triangles: number[]) => void) | null
}) {
  const box = useRef<HTMLDivElement>(null)
  const canvas = useRef<HTMLCanvasElement>(null)
  const width = useWidth(box)
  const [line, setLine] = useState<readonly Pixel[]>([])
  const picture = useMemo(
    () =>
      width > 0 ? pictured(drawn, eye, Math.round(width * FINE), Math.round(height * FINE)) : null,
    [drawn, eye, width, height],
  )
  useEffect(() => {
    const context = canvas.current?.getContext('2d')
    if (context && picture) paint(context, picture, looks, lit, chosen)
  }, [picture, looks, lit, chosen])
  const at = (event: PointerEvent): Pixel => {
    const { left, top } = event.currentTarget.getBoundingClientRect()
    return [(event.clientX - left) * FINE, (event.clientY - top) * FINE]
  }
  return (
    <div ref={box} className="relative">
      <canvas
        ref={canvas}
        role="img"
        aria-label={label}
        width={picture?.width ?? 1}
        height={picture?.height ?? 1}
        style={{ width: '100%', height, touchAction: onLasso ? 'none' : 'auto' }}
        className={onLasso ? 'cursor-crosshair' : 'cursor-pointer'}
        onPointerDown={(event) => {
          if (!onLasso) return
          event.currentTarget.setPointerCapture(event.pointerId)
          setLine([at(event)])
        }}
        onPointerMove={(event) => {
          if (onLasso && line.length > 0) setLine([...line, at(event)])
        }}
        onPointerUp={() => {
          if (onLasso && picture) onLasso(withinLasso(drawn, picture, line))
          setLine([])
        }}
        onPointerCancel={() => setLine([])}
        onClick={(event) => {
          if (!onLasso && picture) onPick(zoneAt(picture, at(event as never)))
        }}
      />
      {line.length > 1 && (
        <svg
          aria-hidden="true"
          className="pointer-events-none absolute inset-0 size-full"
          viewBox={`0 0 ${width * FINE} ${height * FINE}`}
        >
          <polygon
            points={line.map((point) => point.join(',')).join(' ')}
            className="fill-act/25 stroke-act"
            strokeWidth={3}
          />
        </svg>
      )}
    </div>
  )
}

function zoneAt({ zone, width }: Pictured, [x, y]: Pixel): number {
  return zone[Math.floor(y) * width + Math.floor(x)] ?? -1
}
