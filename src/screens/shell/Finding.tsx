'use client'

import { useEffect, useState } from 'react'
import { createPortal } from 'react-dom'
import { useOnDemand } from '@/ui/useOnDemand'
import { useReturnFocus } from '@/ui/useReturnFocus'
import type { FinderProps, Query } from './Finder'
import { FINDER, NOTHING_YET } from './finderLook'

/** What is on the screen comes first: then what finds things, ms after the page came, or as soon as it is wanted. */
const SETTLED = 2000

const loadFinder = () => import('./Finder')

/** The finder, that comes after the page: what is typed before it is there is typed into it. */
export function Finding({
  open,
  onClose,
  onKeys,
}: Pick<FinderProps, 'open' | 'onClose' | 'onKeys'>) {
  const [asked, setAsked] = useState<Query>({ text: '', isEntered: false })
  const giveBack = useReturnFocus(open)
  const [finder, want] = useOnDemand(loadFinder)
  useEffect(() => {
    const waiting = setTimeout(want, open ? 0 : SETTLED)
    return () => clearTimeout(waiting)
  }, [open, want])
  if (typeof finder === 'object')
    return (
      <finder.Finder
        open={open}
        onClose={onClose}
        onKeys={onKeys}
        asked={asked}
        onAsk={setAsked}
        giveBack={giveBack}
      />
    )
  const close = () => {
    onClose()
    giveBack(new Event('close'))
  }
  return open && <Awaited state={finder} asked={asked} onAsk={setAsked} onClose={close} />
}

/** Takes what is typed until the finder is there; beside the page, as the finder is. */
function Awaited({
  state,
  asked,
  onAsk,
  onClose,
}: {
  state: keyof typeof NOTHING_YET
  asked: Query
  onAsk: (asked: Query) => void
  onClose: () => void
}) {
  return createPortal(
    <>
      {/* biome-ignore lint/a11y/noStaticElementInteractions: a second way out beside Escape */}
      {/* biome-ignore lint/a11y/useKeyWithClickEvents: a second way out beside Escape */}
      <div className={FINDER.shade} onClick={onClose} />
      <div role="dialog" aria-modal="true" aria-label={FINDER.title} className={FINDER.box}>
        <p className="mb-2 font-semibold">{FINDER.title}</p>
        <input
          // biome-ignore lint/a11y/noAutofocus: it was asked for by a key or a tap
          autoFocus
          aria-label={FINDER.label}
          placeholder={FINDER.hint}
          value={asked.text}
          onChange={({ target }) => onAsk({ text: target.value, isEntered: false })}
          onKeyDown={({ key }) => {
            if (key === 'Escape') onClose()
            if (key === 'Enter') onAsk({ ...asked, isEntered: true })
          }}
          className={FINDER.field}
        />
        <p role="status" className="p-3 text-soft">
          {NOTHING_YET[state]}
        </p>
      </div>
    </>,
    document.body,
  )
}
