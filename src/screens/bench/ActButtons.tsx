'use client'

import { useEffect, useRef, useState } from 'react'
import { isJoint } from '@/core/builds'
import type { Caution } from '@/core/knowledge'
import type { BuildAct } from '@/core/model/build'
import type { ActStep } from '@/core/model/sequence'
import { Button } from '@/ui/Button'
import { useHotkeys } from '../shared/hotkeys'
import { useNow } from '../shared/now'
import type { NamedItem } from '../shared/useBenchQueue'
import { isPast, type ReadInstant, useInstants } from '../shared/useInstants'
import { TimesBeforeNow, WhenField } from '../shared/WhenField'
import { capital, stepName } from '../shared/words'
import { AlongParts } from './AlongParts'
import { MissedPlaces } from './MissedPlaces'
import { asksProtection, Protect } from './Protect'
import { type Acts, useActs } from './useActs'
import type { Along } from './useAlong'
import { useHand } from './useHand'
import { useMissed } from './useMissed'

type Bench = {
  item: NamedItem
  step: ActStep
  cautions: readonly Caution[]
  /** Something is being typed about this item, or nothing any more. */
  onTyping?: (item: NamedItem | null) => void
}

/** The acts of the bench: each one key, or one large button. */
export function ActButtons({
  item,
  step,
  cautions,
  along: run,
  onTyping,
}: Bench & { along: Along }) {
  const [when, setWhen] = useState<string | null>(null)
  const hand = useHand(item)
  const atOnce = isJoint(step as BuildAct) ? (step as BuildAct).parts : [item.part]
  const now = useNow(15_000)
  const acts = useActs({
    item,
    step,
    along: run.chosen,
    at: whenOf(when, now, useInstants(when)),
    onLogged: () => {
      hand.logged()
      setWhen(null)
    },
  })
  const missed = useMissed(item, step)
  const coatDone = () => missed.mayLog() && void acts.coatDone()
  const finish = () => missed.mayLog() && void acts.finish()
  const [noting, setNoting] = useState(false)
  const [protecting, setProtecting] = useState(false)
  const isTyping = noting || when !== null
  const typedOf = useRef(item)
  typedOf.current = item
  useEffect(() => {
    if (!isTyping) return
    onTyping?.(typedOf.current)
    return () => onTyping?.(null)
  }, [isTyping, onTyping])
  const begin = () => {
    setProtecting(false)
    void acts.begin()
  }
  const asks = step.protection !== 'confirmed' && asksProtection(cautions)
  const start = () => (asks ? setProtecting(true) : begin())
  useHotkeys(
    new Map([
      ['s', () => !acts.running && start()],
      ['d', () => acts.coat !== null && coatDone()],
      ['f', () => hand.isAsked(`finishes ${stepName(step).toLowerCase()}`, atOnce) && finish()],
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
      <MissedPlaces missed={missed} />
      <WorkButtons
        acts={acts}
        onCoat={coatDone}
        onFinish={finish}
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
function whenOf(typed: string | null, now: number, read: ReadInstant): number | null | 'unclear' {
  if (typed === null || typed.trim() === '') return null
  const at = read(typed, now)
  return isPast(at, now) ? at : 'unclear'
}

function WorkButtons({
  acts,
  onCoat,
  onFinish,
  onStart,
  onNote,
  onWhen,
}: {
  acts: Acts
  onCoat: () => void
  onFinish: () => void
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
        <Button size="bench" hotkey="D" look="act" onClick={onCoat}>
          Coat {acts.coat} done
        </Button>
      )}
      <Button size="bench" hotkey="F" look={inCoats ? 'plain' : 'act'} onClick={onFinish}>
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
      setError('Enter a note of 1 to 4000 characters')
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
          className="control min-h-14 w-full px-3 text-lg"
        />
        {error && <p className="mt-1 text-sm font-semibold text-stop">{error}</p>}
      </div>
      <Button size="bench" look="act" type="submit">
        Save
      </Button>
      <Button size="bench" onClick={onClose}>
        Cancel
      </Button>
    </form>
  )
}
