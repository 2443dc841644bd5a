'use client'

import { useRef, useState } from 'react'
import type { Caution } from '@/core/knowledge'
import type { BenchAct } from '@/core/log'
import type { ActStep } from '@/core/model/sequence'
import { useParts, useRun } from '@/state/hooks'
import { logAct } from '@/store/actions/acts'
import { Button } from '@/ui/Button'
import { useHotkeys } from '../shared/hotkeys'
import type { NamedItem } from '../shared/useBenchQueue'
import { capital, SEEN_WORDS, stepName } from '../shared/words'
import { asksProtection, Protect } from './Protect'

/** The acts of the bench: each one key, or one large button. */
export function ActButtons({
  item,
  step,
  cautions,
}: {
  item: NamedItem
  step: ActStep
  cautions: readonly Caution[]
}) {
  const parts = useParts()
  const run = useRun()
  const [noting, setNoting] = useState(false)
  const [protecting, setProtecting] = useState(false)
  const place = { build: item.build, part: item.part, step: item.next.step }
  const plan = parts.find((part) => part.build === item.build && part.part === item.part)
  const running = plan?.steps.find((step) => step.step === place.step)?.status === 'running'
  const clock = plan?.clocks[0]
  const name = `${item.partName}: ${stepName(step).toLowerCase()}`
  const act = (benchAct: BenchAct, say: string) =>
    void run(logAct, place, benchAct, { coat: item.next.coat }, say)
  const observe = (seen: keyof typeof SEEN_WORDS) => {
    if (!clock) return
    const milestone =
      clock.next && clock.next.point !== 'touch' && clock.next.point !== 'flash'
        ? 'recoat'
        : 'touch'
    void run(
      logAct,
      { ...place, step: clock.step },
      { kind: 'observed', seen, milestone },
      { coat: null },
      `${item.partName}: ${clock.name} ${SEEN_WORDS[seen]}`,
    )
  }
  const begin = () => {
    setProtecting(false)
    act({ kind: 'started' }, `${name} started`)
  }
  const protectedStart = async () => {
    const noted = await run(
      logAct,
      place,
      { kind: 'noted', text: 'Protection confirmed before the start' },
      { coat: null },
      `${name}: protection confirmed`,
    )
    if (noted) begin()
  }
  const asks = step.protection !== 'confirmed' && asksProtection(cautions)
  const start = () => (asks ? setProtecting(true) : begin())
  const coat = () => act({ kind: 'coat-done' }, `${name}, coat ${item.next.coat} done`)
  const finish = () => act({ kind: 'finished' }, `${name} finished`)
  const skip = () => act({ kind: 'skipped' }, `${name} skipped`)
  const laysCoats = item.next.coat !== null
  useHotkeys(
    new Map([
      ['s', () => !running && start()],
      ['d', () => laysCoats && coat()],
      ['f', finish],
      ['k', skip],
      ['t', () => observe('not-yet')],
      ['y', () => observe('reached')],
      ['j', () => observe('just')],
      ['n', () => setNoting(true)],
    ]),
  )
  return (
    <div className="mt-5" data-bench-buttons>
      <div className="grid grid-cols-2 gap-2.5 sm:flex sm:flex-wrap">
        {!running && (
          <Button size="bench" hotkey="S" onClick={start}>
            Start
          </Button>
        )}
        {laysCoats && (
          <Button size="bench" hotkey="D" look="act" onClick={coat}>
            Coat {item.next.coat} done
          </Button>
        )}
        <Button size="bench" hotkey="F" look={laysCoats ? 'plain' : 'act'} onClick={finish}>
          Finish
        </Button>
        <Button size="bench" hotkey="K" onClick={skip}>
          Skip
        </Button>
        <Button size="bench" hotkey="N" onClick={() => setNoting(true)}>
          Note
        </Button>
      </div>
      {clock && (
        <div className="mt-2.5 grid grid-cols-2 items-center gap-2.5 sm:flex sm:flex-wrap">
          <p className="col-span-2 text-soft sm:mr-1">{capital(clock.name)} on it is</p>
          <Button size="bench" hotkey="T" onClick={() => observe('not-yet')}>
            Still tacky
          </Button>
          <Button size="bench" hotkey="Y" onClick={() => observe('reached')}>
            Dry already
          </Button>
          <Button size="bench" hotkey="J" onClick={() => observe('just')}>
            Dry just now
          </Button>
        </div>
      )}
      {protecting && (
        <Protect
          cautions={cautions}
          onReady={() => void protectedStart()}
          onWithout={begin}
          onClose={() => setProtecting(false)}
        />
      )}
      {noting && (
        <NoteField
          onClose={() => setNoting(false)}
          onSave={(text) => {
            act({ kind: 'noted', text }, `${item.partName}: noted`)
            setNoting(false)
          }}
        />
      )}
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
        Leave it
      </Button>
    </form>
  )
}
