import {
  type CSSProperties,
  type KeyboardEvent,
  type PointerEvent,
  type ReactNode,
  useEffect,
  useRef,
  useState,
} from 'react'
import type { PicturePoint } from '@/core/pictures/align'
import type { ShownPicture } from './shown'

/** How far the arrow keys move the cross, shares of the picture. */
const STEP = { one: 0.01, many: 0.08 } as const

const WAYS: Record<string, readonly [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}

/** A mark on a picture: where, and what it says. */
export type Marked = { at: PicturePoint; say: string }

/** A picture on which places are chosen: by pointer, or with the arrow keys and Enter. */
export function PointPicture({
  picture,
  label,
  marks,
  seenStyle,
  onPoint,
  children,
}: {
  picture: ShownPicture
  label: string
  marks: readonly Marked[]
  /** How the picture itself is looked at. */
  seenStyle?: CSSProperties
  onPoint: (at: PicturePoint) => void
  children?: ReactNode
}) {
  const { width, height } = picture.canvas
  const [cross, setCross] = useState({ x: 0.5, y: 0.5 })
  const [isKeyed, setKeyed] = useState(false)
  const toPixel = ({ x, y }: PicturePoint) => ({ x: x * width, y: y * height })
  const point = (event: PointerEvent<HTMLElement>) => {
    const box = event.currentTarget.getBoundingClientRect()
    const at = {
      x: (event.clientX - box.left) / box.width,
      y: (event.clientY - box.top) / box.height,
    }
    setCross(at)
    setKeyed(false)
    onPoint(toPixel(at))
  }
  const key = (event: KeyboardEvent) => {
    const way = WAYS[event.key]
    if (way) {
      const far = event.shiftKey ? STEP.many : STEP.one
      const clamped = (share: number) => Math.min(1, Math.max(0, share))
      setCross({ x: clamped(cross.x + way[0] * far), y: clamped(cross.y + way[1] * far) })
      setKeyed(true)
    } else if (event.key === 'Enter' || event.key === ' ') onPoint(toPixel(cross))
    else return
    event.preventDefault()
  }
  return (
    <div className="bg-surround p-3">
      <div
        role="application"
        aria-label={`${label}: arrow keys move the cross, Enter chooses`}
        // biome-ignore lint/a11y/noNoninteractiveTabindex: it is worked with the arrow keys
        tabIndex={0}
        className="relative w-full cursor-crosshair touch-manipulation overflow-hidden"
        style={{ aspectRatio: `${width} / ${height}` }}
        onPointerUp={point}
        onKeyDown={key}
        onFocus={(event) => setKeyed(event.currentTarget.matches(':focus-visible'))}
      >
        <div className="size-full" style={seenStyle}>
          <Seen picture={picture} />
        </div>
        {children}
        {marks.map(({ at, say }) => (
          <span
            key={`${say} ${at.x} ${at.y}`}
            className="pointer-events-none absolute -translate-1/2 rounded-full border-2 border-white bg-black px-1.5 text-sm font-semibold text-white"
            style={{ left: `${(at.x / width) * 100}%`, top: `${(at.y / height) * 100}%` }}
          >
            {say}
          </span>
        ))}
        {isKeyed && (
          <span
            aria-hidden="true"
            className="pointer-events-none absolute size-6 -translate-1/2 border-2 border-white outline-2 outline-black"
            style={{ left: `${cross.x * 100}%`, top: `${cross.y * 100}%` }}
          />
        )}
      </div>
    </div>
  )
}

/** A picture as it is seen, filling its box. */
export function Seen({ picture }: { picture: ShownPicture }) {
  const canvas = useRef<HTMLCanvasElement>(null)
  const { width, height } = picture.canvas
  useEffect(() => {
    canvas.current?.getContext('2d')?.drawImage(picture.canvas, 0, 0)
  }, [picture])
  return <canvas ref={canvas} width={width} height={height} className="block size-full" />
}
