import { useEffect, useRef, useState } from 'react'
import type { Silhouette as PartOutline } from '@/core/shape/silhouette'
import { ClosingPulse } from './ClosingPulse'
import { cx } from './cx'
import { Silhouette } from './Silhouette'
import { clockTime, sayFigures } from './time'
import { useOnDemand } from './useOnDemand'

/** A part on the line: its peg slides from left to right toward the next milestone. */
export type Peg = {
  id: string
  build: string
  part: string
  /** What is next on it. */
  act: string
  colour: string | null
  /** Its outline, mm; null: nobody said its shape, and a bar of its colour stands for it. */
  outline: PartOutline | null
  /** 0 to 1 toward when the next act may be done. */
  progress: number
  readyAt: number
  closesAt: number | null
  kind: 'closing' | 'running' | 'ready' | 'drying'
  /** What one click more logs; null when only the bench can. */
  log: { say: string; run: () => void } | null
}

/** As large as a part hangs, px. */
const BOX = { width: 18, height: 32 }

const STATE = {
  closing: 'closing',
  running: 'in hand',
  ready: 'ready',
  drying: 'drying',
} as const

const PEG_LOOK = {
  closing: 'bg-risk',
  running: 'bg-act',
  ready: 'bg-act',
  drying: 'bg-raised',
} as const

const loadCard = () => import('./PegCard')
type Card = ReturnType<typeof useOnDemand<typeof import('./PegCard')>>[0]

/** The parts that hang to dry. Ready ones hang at the right; a closing window is the one thing that pulses. */
export function DryingLine({
  pegs,
  now,
  onOpen,
}: {
  pegs: readonly Peg[]
  now: number
  onOpen: (id: string) => void
}) {
  const [card, wantCard] = useOnDemand(loadCard)
  return (
    <section
      aria-label="Drying line"
      className="relative h-full overflow-x-auto overflow-y-hidden"
      onPointerEnter={wantCard}
      onFocus={wantCard}
    >
      <div
        className="absolute top-3.5 right-0 left-0 h-0.5 min-w-full bg-strong"
        aria-hidden="true"
      />
      {pegs.length === 0 ? (
        <p className="pt-8 pl-4 text-soft">
          Nothing is drying. Parts appear here with their first coat.
        </p>
      ) : (
        <ul className="flex h-full min-w-max gap-1.5 px-3 pt-1.5">
          {pegs.map((peg) => (
            <li key={peg.id}>
              <PegView peg={peg} now={now} card={card} onOpen={onOpen} />
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}

function PegView({
  peg,
  now,
  card,
  onOpen,
}: {
  peg: Peg
  now: number
  card: Card
  onOpen: (id: string) => void
}) {
  const [isOpen, setOpen] = useState(false)
  const button = useRef<HTMLButtonElement>(null)
  useEffect(() => {
    if (!isOpen || card !== 'failed') return
    // Without its card the bench says the same, and more.
    setOpen(false)
    onOpen(peg.id)
  }, [isOpen, card, onOpen, peg.id])
  const drying = peg.readyAt > now
  const until = peg.kind === 'closing' && peg.closesAt !== null ? peg.closesAt : null
  return (
    <>
      <button
        ref={button}
        type="button"
        aria-haspopup="dialog"
        aria-expanded={isOpen}
        onClick={() => setOpen(!isOpen)}
        className="group flex h-[76px] w-max min-w-34 flex-col items-stretch text-left"
      >
        <span className="relative h-5 w-full">
          <span
            className={cx(
              'absolute top-0 isolate h-5 w-2.5 rounded-[2px] border border-ink',
              PEG_LOOK[drying ? 'drying' : peg.kind],
            )}
            style={{ left: `calc(${Math.round(peg.progress * 100)}% - ${peg.progress * 10}px)` }}
          >
            {until && <ClosingPulse left={until - now} />}
          </span>
        </span>
        <span className="flex min-h-0 flex-1 items-center gap-2 rounded-tool border border-rule bg-surface px-2 group-hover:border-ink">
          {peg.outline ? (
            <span className="flex w-5 shrink-0 justify-center">
              <Silhouette
                {...peg.outline}
                colour={peg.colour}
                scale={Math.min(BOX.width / peg.outline.width, BOX.height / peg.outline.height)}
              />
            </span>
          ) : (
            <span
              className="h-9 w-1.5 shrink-0 rounded-[1px] border border-ink/30"
              style={{ background: peg.colour ?? 'var(--sunk)' }}
              aria-hidden="true"
            />
          )}
          <span className="min-w-0 flex-1">
            <span className="block text-sm font-semibold whitespace-nowrap">{peg.part}</span>
            <span
              className={cx('block text-sm whitespace-nowrap', until ? 'text-risk' : 'text-soft')}
            >
              {until
                ? `closes in ${sayFigures(until - now)}`
                : drying
                  ? `${sayFigures(peg.readyAt - now)} · ${clockTime(peg.readyAt, now)}`
                  : `ready: ${peg.act}`}
            </span>
            <span className="sr-only">
              , {peg.build}, {peg.act}, {STATE[peg.kind]}
            </span>
          </span>
        </span>
      </button>
      {isOpen && typeof card === 'object' && (
        <card.PegCard
          peg={peg}
          now={now}
          anchor={button}
          onClose={() => setOpen(false)}
          onOpen={onOpen}
        />
      )}
    </>
  )
}
