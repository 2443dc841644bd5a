'use client'
import { useEffect, useRef } from 'react'
import type { PanelSeen } from '@/state/panelDesks'

/** What the last step didn't touch is so dark, of 255. */
const DIMMED = 150

/** A panel as it is seen, a pixel a sample, as large as what it stands in. */
export function PanelCanvas({
  seen,
  say,
  lit,
}: {
  seen: PanelSeen | null
  say: string
  lit: boolean
}) {
  const canvas = useRef<HTMLCanvasElement>(null)
  const over = useRef<HTMLCanvasElement>(null)
  useEffect(() => {
    if (!seen) return
    draw(canvas.current, seen, seen.pixels)
    if (seen.touched) draw(over.current, seen, shade(seen.touched))
  }, [seen])
  return (
    <>
      <canvas ref={canvas} role="img" aria-label={say} className="absolute inset-0 size-full" />
      <canvas
        ref={over}
        hidden={!lit || !seen?.touched}
        className="pointer-events-none absolute inset-0 size-full"
      />
    </>
  )
}

function draw(
  canvas: HTMLCanvasElement | null,
  { width, height }: PanelSeen,
  pixels: Uint8ClampedArray<ArrayBuffer>,
): void {
  if (!canvas) return
  canvas.width = width
  canvas.height = height
  canvas.getContext('2d')?.putImageData(new ImageData(pixels, width, height), 0, 0)
}

/** Black over what wasn't touched. */
function shade(touched: Uint8Array): Uint8ClampedArray<ArrayBuffer> {
  const out = new Uint8ClampedArray(touched.length * 4)
  for (let i = 0; i < touched.length; i++)
    out[i * 4 + 3] = ((255 - (touched[i] as number)) * DIMMED) / 255
  return out
}
