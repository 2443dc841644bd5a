'use client'

import { useRef, useState } from 'react'
import { isJoint } from '@/core/builds'
import { saidInstant } from '@/core/formats/text/saidInstant'
import type { Caution } from '@/core/knowledge'
import type { BenchAct } from '@/core/log'
import type { BuildAct } from '@/core/model/build'
import type { ActStep } from '@/core/model/sequence'
import { useParts, useRun, useSay } from '@/state/hooks'
import { logAct } from '@/store/actions/acts'
import { Button } from '@/ui/Button'
import { useHotkeys } from '../shared/hotkeys'
import { useNow } from '../shared/now'
import type { NamedItem } from '../shared/useBenchQueue'
import { TimesBeforeNow, WhenField, zoneHere } from '../shared/WhenField'
import { capital, listed, SEEN_WORDS, stepName } from '../shared/words'
import { AlongParts } from './AlongParts'
import { asksProtection, Protect } from './Protect'
import type { Along, AlongPart } from './useAlong'
import { useHand } from './useHand'

type Bench = {
  item: NamedItem
  step: ActStep
  cautions: readonly Caution[]
}

/** The act in hand, and the parts that its keys are for beside its own. */
type InHand = Pick<Bench, 'item' | 'step'> & {
  along: readonly AlongPart[]
  /** When it was done, epoch milliseconds; null: now; `unclear`: what is typed is no time before now. */
  at: number | null | 'unclear'
  /** Hears that something was logged. */
  onLogged: () => void
}

/** What can be logged of the act in hand, and of the film that lies on its part. */
function useActs({ item, step, along, at, onLogged }: InHand) {
  const parts = useParts()
  const run = useRun()
  const tell = useSay()
  const place = { build: item.build, part: item.part, step: item.next.step }
  const plan = parts.find((part) => part.build === item.build && part.part === item.part)
  const clock = plan?.clocks[0]
  const names = [item.partName, ...along.map((other) => other.name)]
  const name = `${listed(names)}: ${stepName(step).toLowerCase()}`
  const log = async (act: BenchAct, say: string) => {
    if (at === 'unclear') {
      tell('When was it? Nothing was logged.')
      return false
    }
    const written = await run(
      logAct,
      place,
      act,
      { coat: item.next.coat, ...(at === null ? {} : { at }) },
      say,
      act.kind === 'skipped' ? [] : along.map(({ ref }) => ref),
    )
    if (written) onLogged()
    return written
  }
  return {
    clock,
    running: plan?.steps.find(({ step: id }) => id === place.step)?.status === 'running',
    coat: item.next.coat,
    begin: () => log({ kind: 'started' }, `${name} started`),
    confirm: () =>
      log(
        { kind: 'noted', text: 'Protection confirmed before the start' },
        `${name}: protection confirmed`,
      ),
    coatDone: () => log({ kind: 'coat-done' }, `${name}, coat ${item.next.coat} done`),
    finish: () => log({ kind: 'finished' }, `${name} finished`),
    skip: () =>
      log({ kind: 'skipped' }, `${item.partName}: ${stepName(step).toLowerCase()} skipped`),
    note: (text: string) => log({ kind: 'noted', text }, `${item.partName}: noted`),
    observe: (seen: keyof typeof SEEN_WORDS) => {
      if (!clock) return
      const early = !clock.next || clock.next.point === 'touch' || clock.next.point === 'flash'
      void run(
        logAct,
        { ...place, step: clock.step },
        { kind: 'observed', seen, milestone: early ? 'touch' : 'recoat' },
        { coat: null },
        `${item.partName}: ${clock.name} ${SEEN_WORDS[seen]}`,
      )
    },
  }
}

type Acts = ReturnType<typeof useActs>

/** The acts of the bench: each one key, or one large button. */
export function ActButtons({ item, step, cautions, along: run }: Bench & { along: Along }) {
  const [when, setWhen] = useState<string | null>(null)
  const hand = useHand(item)
  const atOnce = isJoint(step as BuildAct) ? (step as BuildAct).parts : [item.part]
  const now = useNow(15_000)
  const acts = useActs({
    item,
    step,
    along: run.chosen,
    at: whenOf(when, now),
    onLogged: () => {
      hand.logged()
      setWhen(null)
    },
  })
  const [noting, setNoting] = useState(false)
  const [protecting, setProtecting] = useState(false)
  const begin = () => {
    setProtecting(false)
    void acts.begin()
  }
  const asks = step.protection !== 'confirmed' && asksProtection(cautions)
  const start = () => (asks ? setProtecting(true) : begin())
  useHotkeys(
    new Map([
      ['s', () => !acts.running && start()],
      ['d', () => acts.coat !== null && void acts.coatDone()],
      [
        'f',
        () =>
          hand.isAsked(`finishes ${stepName(step).toLowerCase()}`, atOnce) && void acts.finish(),
      ],
      ['u', hand.takeBack],
      ['w', () => setWhen(when === null ? '' : null)],
      ['k', () => void acts.skip()],
      ['t', () => acts.observe('not-yet')],
      ['y', () => acts.observe('reached')],
      ['j', () => acts.observe('just')],
      ['n', () => setNoting(true)],
    ]),
  )
  return (
    <div className="mt-5" data-bench-buttons>
      {run.all.length > 0 && <AlongParts own={item.partName} along={run} />}
      <WorkButtons
        acts={acts}
        onStart={start}
        onNote={() => setNoting(true)}
        onWhen={() => setWhen(when === null ? '' : null)}
      />
      {when !== null && (
        <div className="mt-3 max-w-sm">
          <WhenField label="It was" value={when} now={now} onChange={setWhen} />
          <TimesBeforeNow />
        </div>
      )}
      {acts.clock && <SeenButtons name={acts.clock.name} onSeen={acts.observe} />}
      {protecting && (
        <Protect
          cautions={cautions}
          onReady={() => void acts.confirm().then((noted) => noted && begin())}
          onWithout={begin}
          onClose={() => setProtecting(false)}
        />
      )}
      {noting && (
        <NoteField
          onClose={() => setNoting(false)}
          onSave={(text) => void acts.note(text).then((noted) => noted && setNoting(false))}
        />
      )}
    </div>
  )
}

/** The time that is typed; nothing typed is now. */
function whenOf(typed: string | null, now: number): number | null | 'unclear' {
  if (typed === null || typed.trim() === '') return null
  const at = saidInstant(typed, now, zoneHere())
  return at === null || at > now ? 'unclear' : at
}

function WorkButtons({
  acts,
  onStart,
  onNote,
  onWhen,
}: {
  acts: Acts
  onStart: () => void
  onNote: () => void
  onWhen: () => void
}) {
  const inCoats = acts.coat !== null
  return (
    <div className="grid grid-cols-2 gap-2.5 sm:flex sm:flex-wrap">
      {!acts.running && (
        <Button size="bench" hotkey="S" onClick={onStart}>
          Start
        </Button>
      )}
      {inCoats && (
        <Button size="bench" hotkey="D" look="act" onClick={() => void acts.coatDone()}>
          Coat {acts.coat} done
        </Button>
      )}
      <Button
        size="bench"
        hotkey="F"
        look={inCoats ? 'plain' : 'act'}
        onClick={() => void acts.finish()}
      >
        Finish
      </Button>
      <Button size="bench" hotkey="K" onClick={() => void acts.skip()}>
        Skip
      </Button>
      <Button size="bench" hotkey="N" onClick={onNote}>
        Note
      </Button>
      <Button size="bench" hotkey="W" onClick={onWhen}>
        Earlier
      </Button>
    </div>
  )
}

/** What is seen of the film that lies on the part. */
function SeenButtons({ name, onSeen }: { name: string; onSeen: Acts['observe'] }) {
  return (
    <div className="mt-2.5 grid grid-cols-2 items-center gap-2.5 sm:flex sm:flex-wrap">
      <p className="col-span-2 text-soft sm:mr-1">{capital(name)} on it is</p>
      <Button size="bench" hotkey="T" onClick={() => onSeen('not-yet')}>
        Still tacky
      </Button>
      <Button size="bench" hotkey="Y" onClick={() => onSeen('reached')}>
        Dry already
      </Button>
      <Button size="bench" hotkey="J" onClick={() => onSeen('just')}>
        Dry just now
      </Button>
    </div>
  )
}

function NoteField({ onSave, onClose }: { onSave: (text: string) => void; onClose: () => void }) {
  const [text, setText] = useState('')
  const [error, setError] = useState<string | null>(null)
  const input = useRef<HTMLInputElement>(null)
  const save = () => {
    if (text.trim() === '') {
      setError('Found nothing, expected a note of 1 to 4000 characters')
      input.current?.focus()
    } else onSave(text.trim())
  }
  return (
    <form
      className="mt-3 flex max-w-2xl flex-wrap items-start gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        save()
      }}
      onKeyDown={(event) => event.key === 'Escape' && onClose()}
    >
      <div className="min-w-0 flex-1 basis-64">
        <input
          ref={input}
          // biome-ignore lint/a11y/noAutofocus: the field was asked for by a key a moment ago
          autoFocus
          aria-label="Note"
          aria-invalid={error ? true : undefined}
          maxLength={4000}
          value={text}
          onChange={(event) => setText(event.target.value)}
          className="min-h-14 w-full rounded-tool border-2 border-strong bg-raised px-3 text-lg"
        />
        {error && <p className="mt-1 text-sm font-semibold text-stop">{error}</p>}
      </div>
      <Button size="bench" look="act" type="submit">
        Write it down
      </Button>
      <Button size="bench" onClick={onClose}>
        Cancel
      </Button>
    </form>
  )
}
