'use client'
import type { KeyboardEvent, PointerEvent } from 'react'
import type { ActStep } from '@/core/model/sequence'
import { type Knob, knobsOf } from '@/core/panel/knobs'
import { markMmOf } from '@/core/panel/markSizes'

/** The handles lie in a box of so many px, with the middle of mark and direction so far from its left. */
const BOX = { wide: 164, high: 132, cx: 102, cy: 66 } as const
/** The amount's track. */
const TRACK = { x: 26, from: 14, to: 118 } as const
/** The rim of a mark: so far out for the smallest and the largest that can be asked, px and mm. */
const RIM = { from: 10, to: 40, least: 0.05, most: 5 } as const
const KNOB = 9

type Turn = (fields: Record<string, unknown>) => void

/** Amount, size and direction of a step, to be dragged on the picture; keys move them too. */
export function Handles({ act, scale, onTurn }: { act: ActStep; scale: number; onTurn: Turn }) {
  const knobs = knobsOf(act)
  const has = (knob: Knob) => knobs.includes(knob)
  const sized = has('markMm')
  const turned = has('direction')
  if (!has('amount') && !sized && !turned) return null
  const mm = markMmOf(act, scale)
  return (
    // biome-ignore lint/a11y/noSvgWithoutTitle: each handle says what it is
    <svg
      viewBox={`0 0 ${BOX.wide} ${BOX.high}`}
      width={sized || turned ? BOX.wide : 52}
      height={BOX.high}
      preserveAspectRatio="xMinYMin slice"
      className="mt-2 ml-auto touch-none lg:absolute lg:right-2 lg:bottom-2 lg:z-20 lg:mt-0 rounded-tool bg-black/55 text-white"
    >
      {has('amount') && <AmountHandle amount={act.amount ?? 0.5} onTurn={onTurn} />}
      {sized && <SizeHandle mm={mm} onTurn={onTurn} />}
      {turned && (
        <WayHandle
          direction={act.direction ?? 0}
          out={sized ? rimOf(mm) + 14 : 44}
          onTurn={onTurn}
        />
      )}
    </svg>
  )
}

/** Where a pointer is in the box of the handles. */
function placeOf(event: PointerEvent<SVGElement>): [number, number] {
  const svg = event.currentTarget.ownerSVGElement ?? event.currentTarget
  const { left, top } = svg.getBoundingClientRect()
  return [event.clientX - left, event.clientY - top]
}

/** A handle: dragged, or moved by the arrow keys. */
function Handle({
  says,
  value,
  text,
  least,
  most,
  x,
  y,
  onDrag,
  onKey,
}: {
  says: string
  value: number
  text: string
  least: number
  most: number
  x: number
  y: number
  onDrag: (x: number, y: number) => void
  /** By so many steps, up or down. */
  onKey: (by: number) => void
}) {
  const key = (event: KeyboardEvent) => {
    const by = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key]
    if (!by) return
    event.preventDefault()
    onKey(event.shiftKey ? by * 5 : by)
  }
  return (
    <circle
      role="slider"
      tabIndex={0}
      aria-label={says}
      aria-valuemin={least}
      aria-valuemax={most}
      aria-valuenow={Math.round(value * 100) / 100}
      aria-valuetext={text}
      cx={x}
      cy={y}
      r={KNOB}
      className="cursor-grab fill-white stroke-black focus-visible:stroke-act focus-visible:stroke-[4px]"
      onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
      onPointerMove={(event) => {
        if (event.currentTarget.hasPointerCapture(event.pointerId)) onDrag(...placeOf(event))
      }}
      onKeyDown={key}
    />
  )
}

function AmountHandle({ amount, onTurn }: { amount: number; onTurn: Turn }) {
  const put = (next: number) =>
    onTurn({ amount: Math.round(Math.min(1, Math.max(0, next)) * 100) / 100 })
  const { x, from, to } = TRACK
  const y = to - amount * (to - from)
  return (
    <>
      <line x1={x} x2={x} y1={from} y2={to} stroke="currentColor" strokeWidth={2} opacity={0.5} />
      <line x1={x} x2={x} y1={y} y2={to} stroke="currentColor" strokeWidth={4} />
      <Handle
        says="How much"
        value={amount * 100}
        text={`${Math.round(amount * 100)} %`}
        least={0}
        most={100}
        x={x}
        y={y}
        onDrag={(_, at) => put((to - at) / (to - from))}
        onKey={(by) => put(amount + by / 100)}
      />
    </>
  )
}

/** How far out the rim of a mark is drawn. */
function rimOf(mm: number): number {
  const share = Math.log(mm / RIM.least) / Math.log(RIM.most / RIM.least)
  return RIM.from + (RIM.to - RIM.from) * Math.min(1, Math.max(0, share))
}

function SizeHandle({ mm, onTurn }: { mm: number; onTurn: Turn }) {
  const put = (next: number) => {
    const held = Math.min(RIM.most, Math.max(RIM.least, next))
    onTurn({ markMm: Math.round(held * 100) / 100 })
  }
  const out = rimOf(mm)
  return (
    <>
      <circle cx={BOX.cx} cy={BOX.cy} r={out} fill="none" stroke="currentColor" strokeWidth={1.5} />
      <text x={BOX.cx} y={BOX.cy + 4} textAnchor="middle" fontSize={11} fill="currentColor">
        {mm.toFixed(2)}
      </text>
      <Handle
        says="Size of a mark"
        value={mm}
        text={`${mm.toFixed(2)} mm`}
        least={RIM.least}
        most={RIM.most}
        x={BOX.cx + out}
        y={BOX.cy}
        onDrag={(x, y) => {
          const share = (Math.hypot(x - BOX.cx, y - BOX.cy) - RIM.from) / (RIM.to - RIM.from)
          put(RIM.least * (RIM.most / RIM.least) ** share)
        }}
        onKey={(by) => put(mm * 1.05 ** by)}
      />
    </>
  )
}

function WayHandle({ direction, out, onTurn }: { direction: number; out: number; onTurn: Turn }) {
  const turn = (direction * Math.PI) / 180
  const [x, y] = [BOX.cx + out * Math.cos(turn), BOX.cy + out * Math.sin(turn)]
  const put = (next: number) => onTurn({ direction: ((Math.round(next) % 360) + 360) % 360 })
  return (
    <>
      <line x1={BOX.cx} y1={BOX.cy} x2={x} y2={y} stroke="currentColor" strokeWidth={2} />
      <Handle
        says="Direction"
        value={direction}
        text={`${Math.round(direction)}°, clockwise from the right`}
        least={0}
        most={359}
        x={x}
        y={y}
        onDrag={(px, py) => put((Math.atan2(py - BOX.cy, px - BOX.cx) * 180) / Math.PI)}
        onKey={(by) => put(direction + by)}
      />
    </>
  )
}
