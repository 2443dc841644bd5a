'use client'

import { useId, useLayoutEffect, useMemo, useRef, useState } from 'react'
import { type Completion, completionsOf } from '@/core/formats/text/completions'
import type { Known } from '@/core/formats/text/lexicon'
import { type NotUnderstood, type ReadPlan, readPlan } from '@/core/formats/text/readPlan'
import { isAct } from '@/core/model/isAct'
import type { Step } from '@/core/model/sequence'
import { Button } from '@/ui/Button'
import { cx } from '@/ui/cx'
import { Swatch } from '@/ui/Swatch'
import { listed, stepName } from '../shared/words'
import { stepDetail } from './stepDetail'

type Saying = {
  known: Known
  /** The steps that what is said comes after. */
  before: readonly Step[]
  /** @returns was it written? */
  onSay: (read: ReadPlan) => Promise<boolean>
}

/** A text as it is typed, what it means, and the words that fit at the caret. */
function useSaying({ known, before, onSay }: Saying) {
  const [text, setText] = useState('')
  const [caret, setCaret] = useState(0)
  const [chosen, setChosen] = useState(-1)
  const [closed, setClosed] = useState(false)
  /** Where the caret is put after the text was changed for whoever types. */
  const [place, setPlace] = useState<{ at: number } | null>(null)
  const area = useRef<HTMLTextAreaElement>(null)
  // Before the next key: what is typed on goes behind what was filled in.
  useLayoutEffect(() => {
    if (place) area.current?.setSelectionRange(place.at, place.at)
  }, [place])
  const read = useMemo(() => readPlan(text, known, before), [text, known, before])
  const offers = useMemo(
    () => (closed ? [] : completionsOf(text, caret, known)),
    [text, caret, known, closed],
  )
  const isEmpty = read.steps.length === 0 && read.lines.every(({ isHeader }) => !isHeader)
  const type = (next: string, at: number) => {
    setText(next)
    setCaret(at)
    setChosen(-1)
    setClosed(false)
  }
  const put = (next: string, at = next.length) => {
    type(next, at)
    setPlace({ at })
  }
  const complete = (place: number) => {
    const offer = offers[place]
    if (!offer) return
    const filled = `${text.slice(0, offer.from)}${offer.text} `
    put(`${filled}${text.slice(offer.to).trimStart()}`, filled.length)
    area.current?.focus()
  }
  const say = async () => {
    if (isEmpty) return
    // The line is free for the next one at once; what wasn’t written comes back.
    put('')
    if (!(await onSay(read))) put(text)
  }
  const onKey = (event: React.KeyboardEvent) => {
    const some = offers.length > 0
    const plain = !event.shiftKey
    if (event.key === 'ArrowDown' && some) setChosen(Math.min(offers.length - 1, chosen + 1))
    else if (event.key === 'ArrowUp' && chosen >= 0) setChosen(chosen - 1)
    else if (event.key === 'Escape' && some) setClosed(true)
    else if (event.key === 'Tab' && some && plain) complete(Math.max(0, chosen))
    else if (event.key === 'Enter' && plain && chosen >= 0) complete(chosen)
    else if (event.key === 'Enter' && plain) void say()
    else return
    event.preventDefault()
  }
  return { text, read, offers, chosen, isEmpty, area, type, put, setCaret, complete, say, onKey }
}

/** A line in plain words that makes steps: what is understood is shown while it is typed. A whole plan can be pasted. */
export function SayStep(saying: Saying) {
  const { known } = saying
  const { text, read, offers, chosen, isEmpty, area, ...at } = useSaying(saying)
  const id = useId()
  // The word at the caret is still being typed.
  const typing = offers.length > 0 ? text.length - text.trimEnd().length === 0 : false
  const missed = read.lines.flatMap(({ line, notUnderstood }) =>
    notUnderstood.filter(
      ({ to }) => !typing || line < text.split('\n').length || to < lastLineOf(text).length,
    ),
  )
  return (
    <form
      aria-label="Say a step"
      className="relative"
      onSubmit={(event) => {
        event.preventDefault()
        void at.say()
      }}
    >
      <div className="flex items-start gap-2">
        <textarea
          ref={area}
          rows={Math.min(8, Math.max(1, text.split('\n').length))}
          role="combobox"
          aria-label="Steps in words"
          aria-expanded={offers.length > 0}
          aria-controls={`${id}-offers`}
          aria-activedescendant={chosen >= 0 ? `${id}-${chosen}` : undefined}
          autoComplete="off"
          spellCheck={false}
          placeholder="prime grey mist light; 12h; base"
          value={text}
          onChange={({ target }) => at.type(target.value, target.selectionStart)}
          onSelect={({ currentTarget }) => at.setCaret(currentTarget.selectionStart)}
          onKeyDown={at.onKey}
          className="control min-h-11 min-w-0 flex-1 resize-none [field-sizing:content] px-2.5 py-2"
        />
        <Button type="submit" look="act" disabled={isEmpty}>
          Add
        </Button>
      </div>
      <Offers id={id} offers={offers} chosen={chosen} onTake={at.complete} />
      {text.trim() !== '' && <Understood read={read} known={known} />}
      {missed.length > 0 && (
        <NotUnderstoodWords
          missed={missed}
          onTake={(word, nearest) => at.put(text.replace(word, nearest))}
        />
      )}
    </form>
  )
}

function lastLineOf(text: string): string {
  return text.split('\n').at(-1) ?? ''
}

/** Words that what is typed may become. */
function Offers({
  id,
  offers,
  chosen,
  onTake,
}: {
  id: string
  offers: readonly Completion[]
  chosen: number
  onTake: (place: number) => void
}) {
  return (
    <div
      id={`${id}-offers`}
      aria-label="Words that fit"
      role="listbox"
      tabIndex={-1}
      className={cx('mt-1 flex flex-wrap gap-1', offers.length === 0 && 'hidden')}
    >
      {offers.map((offer, i) => (
        <div
          key={offer.text}
          id={`${id}-${i}`}
          role="option"
          tabIndex={-1}
          aria-selected={i === chosen}
          // The field keeps the focus: the words go on being typed.
          onPointerDown={(event) => {
            event.preventDefault()
            onTake(i)
          }}
          className={cx(
            'min-h-8 cursor-pointer rounded-tool px-2 py-1 text-sm pointer-coarse:min-h-11',
            i === chosen ? 'bg-act-wash shadow-[inset_0_-3px_0_var(--act)]' : 'bg-plate',
          )}
        >
          {offer.text}
        </div>
      ))}
    </div>
  )
}

/** The steps that a text means, as they would be laid. */
function Understood({ read, known }: { read: ReadPlan; known: Known }) {
  const names = new Map((known.parts ?? []).map(({ id, name }) => [id, name]))
  if (read.steps.length === 0) return null
  return (
    <ol aria-label="Understood" aria-live="polite" className="mt-2 border-l-4 border-act pl-3">
      {read.steps.map(({ step, parts }, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: steps are told apart by their place
        <li key={i} className="flex min-h-8 items-center gap-2 text-sm">
          {isAct(step as Step) ? (
            <>
              <Swatch colour={(step as { colour?: string }).colour ?? null} />
              <span className="min-w-0">
                <span className="font-semibold">{stepName(step as never)}</span>{' '}
                <span className="text-soft">
                  {stepDetail(step as Step)}
                  {parts && ` · ${listed(parts.map((id) => names.get(id) ?? id))}`}
                </span>
              </span>
            </>
          ) : (
            <span>Wait {(step as { wait: string }).wait}</span>
          )}
        </li>
      ))}
    </ol>
  )
}

/** Words that nothing reads, each with the one that it comes nearest to. */
function NotUnderstoodWords({
  missed,
  onTake,
}: {
  missed: readonly NotUnderstood[]
  onTake: (word: string, nearest: string) => void
}) {
  return (
    <p className="mt-2 flex flex-wrap items-center gap-x-3 gap-y-1 text-sm" aria-live="polite">
      <span className="font-semibold text-risk">Not understood:</span>
      {missed.map(({ text, nearest, from }) => (
        <span key={`${from} ${text}`}>
          <span className="underline decoration-risk decoration-wavy underline-offset-4">
            {text}
          </span>
          {nearest && (
            <>
              {', did you mean '}
              <button
                type="button"
                className="min-h-8 text-act underline"
                onClick={() => onTake(text, nearest)}
              >
                {nearest}
              </button>
              ?
            </>
          )}
        </span>
      ))}
    </p>
  )
}
