'use client'

import { useMemo, useRef, useState } from 'react'
import type { SaidBottle } from '@/core/formats/text/bottleLine'
import type { Bottle } from '@/core/model/bottle'
import { useSay } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { Button } from '@/ui/Button'
import { Swatch } from '@/ui/Swatch'
import { about } from '@/ui/units'
import { useOnDemand } from '@/ui/useOnDemand'
import { familyName, plain } from '../shared/words'

/** What reads lines comes when the field is turned to. */
const loadReader = () => import('@/core/formats/text/bottleLine')
type Reader = Awaited<ReturnType<typeof loadReader>>

/** A bottle, or several, a line each: what is taken for what is shown before it is put on the shelf. */
export function QuickBottle({ last }: { last: Bottle | undefined }) {
  const run = useRun()
  const [text, setText] = useState('')
  const [colour, setColour] = useState<string | null>(null)
  const area = useRef<HTMLTextAreaElement>(null)
  const say = useSay()
  const [reader, wantReader] = useOnDemand<Reader>(loadReader)
  const read = useMemo(
    () => (typeof reader === 'object' ? readAll(reader, text, last, colour) : []),
    [reader, text, last, colour],
  )
  const lacksColour = read.length === 1 && wantsColour(read[0] as SaidBottle)
  const lines = async () => {
    if (typeof reader === 'object') return read
    return readAll(await loadReader(), text, last, colour)
  }
  const put = async () => {
    if (text.trim() === '') return
    // The line is free for the next one at once; what wasn’t written comes back.
    setText('')
    setColour(null)
    area.current?.focus()
    const said = await lines().catch(() => say('What reads a line can’t be had just now.'))
    const bottles = (said ?? []).map(({ bottle }) => bottle)
    if (bottles.length === 0 || !(await run('addBottles', bottles))) setText(text)
  }
  return (
    <form
      aria-label="A bottle in words"
      className="mt-3"
      onSubmit={(event) => {
        event.preventDefault()
        void put()
      }}
    >
      <div className="flex items-start gap-2">
        <textarea
          ref={area}
          rows={Math.min(8, Math.max(1, text.split('\n').length))}
          aria-label="A bottle a line"
          placeholder="Bone White, Ferrowick, alcohol acrylic, 17 ml, #DAD5C4"
          spellCheck={false}
          value={text}
          onFocus={wantReader}
          onChange={(event) => setText(event.target.value)}
          onKeyDown={(event) => {
            if (event.key !== 'Enter' || event.shiftKey) return
            event.preventDefault()
            void put()
          }}
          className="control min-h-11 min-w-0 flex-1 resize-none [field-sizing:content] px-2.5 py-2"
        />
        {read.length === 1 && (
          <label className="relative block size-11 shrink-0 cursor-pointer has-focus-visible:outline-3 has-focus-visible:outline-act">
            <span className="sr-only">Its colour, chosen by eye</span>
            <span className="absolute inset-0">
              <Swatch size="fill" colour={read[0]?.bottle.colour ?? null} />
            </span>
            <input
              type="color"
              value={(read[0]?.bottle.colour ?? '#8B8C8B').toLowerCase()}
              onChange={(event) => setColour(event.target.value.toUpperCase())}
              className="absolute inset-0 size-full cursor-pointer opacity-0"
            />
          </label>
        )}
        <Button type="submit" look="act" disabled={read.length === 0}>
          {read.length > 1 ? `Add ${read.length}` : 'Add'}
        </Button>
      </div>
      {read.length > 0 && <TakenFor read={read} />}
      {lacksColour && (
        <p className="mt-1 text-sm text-soft">
          No colour was said: tap the swatch, or add one: “, teal”.
        </p>
      )}
    </form>
  )
}

/** What lines were taken for. */
function TakenFor({ read }: { read: readonly SaidBottle[] }) {
  return (
    <ul aria-label="Taken for" aria-live="polite" className="mt-2 border-l-4 border-act pl-3">
      {read.slice(0, 12).map(({ bottle, guessed }, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: lines are told apart by their place
        <li key={i} className="flex min-h-9 items-center gap-2 text-sm">
          <Swatch colour={bottle.colour} />
          <span className="min-w-0">
            <span className="font-semibold">{bottle.name}</span>{' '}
            <span className="text-soft">
              {[
                bottle.maker,
                familyName(bottle.family).toLowerCase(),
                plain(bottle.role).toLowerCase(),
                bottle.sheen,
                about(bottle.sizeMl, 'ml', 1),
              ]
                .filter(Boolean)
                .join(' · ')}
              {guessed.length > 0 &&
                ` (guessed: ${guessed.map((field) => WORDS[field]).join(', ')})`}
            </span>
          </span>
        </li>
      ))}
    </ul>
  )
}

const WORDS: Record<SaidBottle['guessed'][number], string> = {
  family: 'family',
  role: 'what for',
  sheen: 'sheen',
  colour: 'colour',
  sizeMl: 'size',
}

function wantsColour({ bottle }: SaidBottle): boolean {
  return bottle.colour === undefined && bottle.role !== 'clear' && bottle.role !== 'thinner'
}

/** Every line that is a bottle; what a line leaves out is as on the line before. */
function readAll(
  { readBottleLine }: Reader,
  text: string,
  last: Bottle | undefined,
  colour: string | null,
): SaidBottle[] {
  const read: SaidBottle[] = []
  for (const line of text.split('\n')) {
    const said = readBottleLine(line, read.at(-1)?.bottle ?? last)
    if (said) read.push(said)
  }
  const [only] = read
  if (only && read.length === 1 && colour) only.bottle = { ...only.bottle, colour }
  return read
}
