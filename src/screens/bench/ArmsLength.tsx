'use client'

import { Volume2, VolumeX, X } from 'lucide-react'
import { Dialog } from 'radix-ui'
import { useEffect, useRef } from 'react'
import { isJoint } from '@/core/builds'
import type { BuildAct } from '@/core/model/build'
import type { ActStep } from '@/core/model/sequence'
import type { StepCard } from '@/core/shelf'
import { Button } from '@/ui/Button'
import { ClockFigure } from '@/ui/ClockFigure'
import { Cup } from '@/ui/Cup'
import { clockTime, sayFigures } from '@/ui/time'
import { useReturnFocus } from '@/ui/useReturnFocus'
import { chime } from '../shared/chime'
import { useNow } from '../shared/now'
import { useAwake } from '../shared/useAwake'
import type { NamedItem } from '../shared/useBenchQueue'
import { useReminders } from '../shared/useReminders'
import { stepName } from '../shared/words'
import { useActs } from './useActs'
import { useAlong } from './useAlong'
import { useHand } from './useHand'
import { useMissed } from './useMissed'
import { useStep } from './useStep'

/** What a foot pedal sends, and what it does: most send the keys of a page turner. */
const PEDAL = {
  done: ['PageDown', 'ArrowRight', 'Enter', ' ', 'd'],
  back: ['PageUp', 'ArrowLeft', 'u'],
  next: ['ArrowDown'],
  before: ['ArrowUp'],
} as const

/**
 * The bench for looking at from a metre away: the act in hand and its clock over the whole screen, its mix, and what comes next.
 * The screen stays lit; one pedal or one finger logs what was done.
 */
export function ArmsLength({
  items,
  selected,
  onSelect,
  onStep,
  onClose,
}: {
  items: readonly NamedItem[]
  selected: NamedItem
  onStep: (by: number) => void
  onSelect: (id: string) => void
  onClose: () => void
}) {
  const content = useRef<HTMLDivElement>(null)
  const giveBack = useReturnFocus(true)
  useAwake()
  useEffect(() => {
    // Where the browser lets a page fill the screen; elsewhere it fills the window.
    void document.documentElement.requestFullscreen?.().catch(() => undefined)
    return () => {
      if (document.fullscreenElement) void document.exitFullscreen().catch(() => undefined)
    }
  }, [])
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Content
          ref={content}
          aria-describedby={undefined}
          onCloseAutoFocus={giveBack}
          onOpenAutoFocus={(event) => {
            event.preventDefault()
            content.current?.focus()
          }}
          className="fixed inset-0 z-50 grid grid-rows-[minmax(0,1fr)_auto] overflow-y-auto bg-ground outline-none"
        >
          <Hand
            key={`${selected.id}/${selected.next.step}`}
            item={selected}
            items={items}
            onStep={onStep}
            onSelect={onSelect}
            onClose={onClose}
          />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}

type HandProps = {
  item: NamedItem
  items: readonly NamedItem[]
  onStep: (by: number) => void
  onSelect: (id: string) => void
  onClose: () => void
}

function Hand({ item, items, onStep, onSelect, onClose }: HandProps) {
  const now = useNow()
  const along = useAlong(item)
  const found = useStep(item, along.chosen)
  const step = (found?.step ?? null) as ActStep | null
  return (
    <>
      <div className="grid min-h-0 content-start gap-x-10 gap-y-6 p-5 sm:p-8 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        <div className="min-w-0">
          <Dialog.Title className="font-display text-[clamp(2.25rem,7vw,5.5rem)] leading-none font-semibold">
            {item.act}
          </Dialog.Title>
          <p className="mt-3 text-[clamp(1.25rem,3vw,2.25rem)] leading-tight">
            {[item.partName, ...along.chosen.map(({ name }) => name)].join(', ')}
          </p>
          <BigClock item={item} now={now} />
          {found && (
            <p className="mt-4 max-w-prose text-[clamp(1.1rem,1.8vw,1.5rem)]">
              {found.card.guide.how}
            </p>
          )}
        </div>
        <div className="min-w-0 space-y-8">
          {found?.card.mix && (
            <MixAtADistance mix={found.card.mix} colour={found.step.colour ?? null} />
          )}
          <Next items={items} item={item} now={now} onSelect={onSelect} />
        </div>
      </div>
      {step && <Bar {...{ item, step, onStep, onClose }} along={along.chosen} />}
    </>
  )
}

/** What remains until it may be done, or until it has to be; in figures for across a room. */
function BigClock({ item: { next, kind }, now }: { item: NamedItem; now: number }) {
  const waits = next.readyAt > now
  const at = waits ? next.readyAt : next.closesAt
  useChimeAt(waits ? next.readyAt : null, now)
  return (
    <div className="mt-[3vh]">
      {at !== null && at > now ? (
        <ClockFigure
          size="huge"
          closing={!waits && kind === 'closing'}
          at={at}
          now={now}
          label={waits ? 'May be done in' : 'Window closes in'}
          over="Now"
        />
      ) : (
        <p className="font-display text-[clamp(4.5rem,15vw,13rem)] leading-none font-semibold text-act">
          Now
        </p>
      )}
    </div>
  )
}

/** One tone when a wait that was being looked at is over, where sounds are on. */
function useChimeAt(at: number | null, now: number): void {
  const { sound } = useReminders()
  const waited = useRef(at)
  useEffect(() => {
    if (waited.current !== null && now >= waited.current && sound) chime()
    waited.current = at
  }, [at, now, sound])
}

/** The mix as a cup, with drops that can be read from a metre. */
function MixAtADistance({
  mix,
  colour,
}: {
  mix: NonNullable<StepCard['mix']>
  /** Of the paint, the first of its ingredients. */
  colour: string | null
}) {
  const layers = mix.ingredients.map((ingredient, i) => ({
    ...ingredient,
    colour: i === 0 ? colour : null,
  }))
  return (
    <section aria-label="Mix" className="flex items-stretch gap-5">
      <Cup layers={layers} className="w-28" />
      <ul className="flex min-w-0 flex-1 flex-col-reverse justify-around">
        {mix.ingredients.map(({ name, drops }) => (
          <li key={name} className="leading-none">
            <span className="text-[clamp(2.5rem,5vw,4.5rem)] font-semibold">
              {Math.round(drops)}
            </span>
            <span className="ml-2 text-xl">drops</span>
            <span className="block truncate pt-1 text-xl text-soft">{name}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}

/** The three acts after the one in hand. */
function Next({
  items,
  item,
  now,
  onSelect,
}: {
  items: readonly NamedItem[]
  item: NamedItem
  now: number
  onSelect: (id: string) => void
}) {
  const rest = items.filter(({ id }) => id !== item.id).slice(0, 3)
  if (rest.length === 0) return null
  return (
    <section aria-labelledby="next-acts">
      <h2 id="next-acts" className="text-lg font-semibold text-soft">
        Then
      </h2>
      <ol>
        {rest.map(({ id, act, partName, next }) => (
          <li key={id} className="border-t border-rule">
            <button
              type="button"
              tabIndex={-1}
              onClick={() => onSelect(id)}
              className="flex min-h-16 w-full items-center justify-between gap-4 text-left text-xl leading-tight hover:bg-plate"
            >
              <span className="min-w-0">
                <span className="block truncate font-semibold">{act}</span>
                <span className="block truncate text-soft">{partName}</span>
              </span>
              <span className="shrink-0 text-right">
                {next.readyAt > now ? (
                  <>
                    in {sayFigures(next.readyAt - now)}
                    <span className="block text-soft">{clockTime(next.readyAt, now)}</span>
                  </>
                ) : (
                  <span className="font-semibold text-act">now</span>
                )}
              </span>
            </button>
          </li>
        ))}
      </ol>
    </section>
  )
}

/** What can be done from where one stands: large, in the lower part of the screen, and by pedal. */
function Bar({
  item,
  step,
  along,
  onStep,
  onClose,
}: Pick<HandProps, 'item' | 'onStep' | 'onClose'> & {
  step: ActStep
  along: ReturnType<typeof useAlong>['chosen']
}) {
  const hand = useHand(item)
  const sounds = useReminders()
  const acts = useActs({ item, step, along, at: null, onLogged: hand.logged })
  const atOnce = isJoint(step as BuildAct) ? (step as BuildAct).parts : [item.part]
  const missed = useMissed(item, step)
  const done = () => {
    if (acts.coat !== null) return missed.mayLog() && void acts.coatDone()
    if (hand.isAsked(`finishes ${stepName(step).toLowerCase()}`, atOnce) && missed.mayLog())
      void acts.finish()
  }
  usePedal({ done, back: hand.takeBack, next: () => onStep(1), before: () => onStep(-1) })
  const large = 'min-h-18 text-xl grow sm:grow-0 sm:px-8'
  return (
    <div className="sticky bottom-0 flex flex-wrap gap-2 bg-surface p-3 sm:p-5">
      <Button look="act" className={`${large} basis-full text-2xl sm:basis-72`} onClick={done}>
        {acts.coat !== null ? `Coat ${acts.coat} done` : 'Finished'}
      </Button>
      {!acts.running && (
        <Button className={large} onClick={() => void acts.begin()}>
          Start
        </Button>
      )}
      <Button className={large} onClick={() => onStep(1)}>
        Next part
      </Button>
      <Button className={large} onClick={hand.takeBack}>
        Take it back
      </Button>
      <span className="ml-auto flex gap-2">
        <Button
          className="min-h-18 px-5"
          aria-label="Sounds"
          aria-pressed={sounds.sound}
          onClick={() => sounds.setSound(!sounds.sound)}
        >
          {sounds.sound ? <Volume2 aria-hidden="true" /> : <VolumeX aria-hidden="true" />}
        </Button>
        <Button className="min-h-18 px-5" aria-label="Close" onClick={onClose}>
          <X aria-hidden="true" />
        </Button>
      </span>
      <p className="basis-full text-soft max-sm:hidden">
        Pedal or page key: down is done, up takes it back. Arrow down: the next part.
      </p>
    </div>
  )
}

type Pedal = Record<keyof typeof PEDAL, () => void>

/** Keys of a pedal, whatever has the focus: a button that was pressed last must not be pressed again by it. */
function usePedal(does: Pedal): void {
  const current = useRef(does)
  current.current = does
  useEffect(() => {
    const hear = (event: KeyboardEvent) => {
      const onButton = event.target instanceof HTMLButtonElement
      if (event.repeat || (onButton && (event.key === 'Enter' || event.key === ' '))) return
      const name = (Object.keys(PEDAL) as (keyof Pedal)[]).find((name) =>
        (PEDAL[name] as readonly string[]).includes(event.key),
      )
      if (!name) return
      event.preventDefault()
      current.current[name]()
    }
    document.addEventListener('keydown', hear)
    return () => document.removeEventListener('keydown', hear)
  }, [])
}
