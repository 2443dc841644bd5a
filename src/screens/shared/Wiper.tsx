import { type PointerEvent, type ReactNode, useRef, useState } from 'react'

/** A key moves it by so much, percent; with Shift by more. */
const STEP = { one: 2, many: 10 } as const

/** Two pictures of one size, one over the other, and what wipes between them. */
export function Wiper({
  left,
  right,
  leftSays,
  rightSays,
}: {
  left: ReactNode
  right: ReactNode
  leftSays: string
  rightSays: string
}) {
  const [at, setAt] = useState(50)
  const box = useRef<HTMLDivElement>(null)
  const put = (next: number) => setAt(Math.min(100, Math.max(0, next)))
  const follow = (event: PointerEvent) => {
    const { left: from = 0, width = 1 } = box.current?.getBoundingClientRect() ?? {}
    put(((event.clientX - from) / width) * 100)
  }
  return (
    <div ref={box} className="absolute inset-0">
      {right}
      <div className="absolute inset-0" style={{ clipPath: `inset(0 ${100 - at}% 0 0)` }}>
        {left}
      </div>
      <Side says={leftSays} className="left-2" hidden={at < 12} />
      <Side says={rightSays} className="right-2" hidden={at > 88} />
      <div
        role="slider"
        tabIndex={0}
        aria-label="Wiper"
        aria-orientation="horizontal"
        aria-valuemin={0}
        aria-valuemax={100}
        aria-valuenow={Math.round(at)}
        aria-valuetext={`${Math.round(at)} % ${leftSays}, the rest ${rightSays}`}
        className="absolute inset-y-0 z-10 w-11 -translate-x-1/2 cursor-ew-resize touch-none"
        style={{ left: `${at}%` }}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId)
          follow(event)
        }}
        onPointerMove={(event) => {
          if (event.currentTarget.hasPointerCapture(event.pointerId)) follow(event)
        }}
        onKeyDown={(event) => {
          const by = event.shiftKey ? STEP.many : STEP.one
          const ways: Record<string, number> = {
            ArrowLeft: at - by,
            ArrowRight: at + by,
            Home: 0,
            End: 100,
          }
          const next = ways[event.key]
          if (next === undefined) return
          event.preventDefault()
          put(next)
        }}
      >
        <span className="absolute inset-y-0 left-1/2 w-0.5 -translate-x-1/2 bg-white shadow-[0_0_0_1px_black]" />
        <span className="absolute top-1/2 left-1/2 flex h-9 w-6 -translate-1/2 items-center justify-center gap-0.5 rounded-tool bg-white shadow-[0_0_0_1px_black]">
          <span className="h-4 w-px bg-black" />
          <span className="h-4 w-px bg-black" />
        </span>
      </div>
    </div>
  )
}

function Side({ says, className, hidden }: { says: string; className: string; hidden: boolean }) {
  if (hidden) return null
  return (
    <span
      className={`pointer-events-none absolute top-2 max-w-[45%] truncate rounded-tool bg-black/75 px-2 py-0.5 text-sm text-white ${className}`}
    >
      {says}
    </span>
  )
}
