'use client'

import { Command } from 'cmdk'
import { useRouter } from 'next/navigation'
import { Dialog } from 'radix-ui'
import { useEffect, useRef, useState } from 'react'
import type { Findable } from '@/core/search'
import { FINDER, NOTHING_YET } from './finderLook'
import { useFound } from './useFound'

/** What is asked for: its text, and whether it was entered before anything could be found. */
export type Query = { text: string; isEntered: boolean }

export type FinderProps = {
  open: boolean
  onClose: () => void
  /** The list of keys is asked for. */
  onKeys: () => void
  asked: Query
  onAsk: (asked: Query) => void
  /** Gives the focus back to what had it. */
  giveBack: (event: Event) => void
}

/** Finds anything by its name or by what else it is called, and says what it is. */
export function Finder({ open, onClose, onKeys, asked, onAsk, giveBack }: FinderProps) {
  const router = useRouter()
  const field = useRef<HTMLInputElement>(null)
  const { text, isEntered } = asked
  const hits = useFound(open, text)
  const found = typeof hits === 'object' ? hits : []
  const [chosen, setChosen] = useState('')
  // The first of what is found, until another is chosen among it.
  const at = found.find(({ id }) => id === chosen)?.id ?? found[0]?.id ?? ''
  const go = (hit: Findable) => {
    if (hit.kind === 'key') onKeys()
    else router.push(hit.to)
    onAsk({ text: '', isEntered: false })
    onClose()
  }
  useEffect(() => {
    // Entered before anything could be found: the first of it is meant.
    if (!isEntered || hits === 'coming') return
    onAsk({ text, isEntered: false })
    if (typeof hits === 'object' && hits[0]) go(hits[0])
  })
  return (
    <Dialog.Root
      open={open}
      onOpenChange={(next) => {
        if (next) return
        onAsk({ text, isEntered: false })
        onClose()
      }}
    >
      <Dialog.Portal>
        <Dialog.Overlay className={FINDER.shade} />
        <Dialog.Content
          aria-describedby={undefined}
          onOpenAutoFocus={(event) => {
            event.preventDefault()
            field.current?.focus()
            // Behind what was typed already, which is not marked: the next key would take its place.
            field.current?.setSelectionRange(text.length, text.length)
          }}
          onCloseAutoFocus={giveBack}
          className={FINDER.box}
        >
          <Dialog.Title className="mb-2 font-semibold">{FINDER.title}</Dialog.Title>
          {/* What is found comes from the index, in its order. */}
          <Command
            label={FINDER.label}
            shouldFilter={false}
            loop
            value={at}
            onValueChange={setChosen}
          >
            <Command.Input
              ref={field}
              placeholder={FINDER.hint}
              value={text}
              onValueChange={(next) => {
                onAsk({ text: next, isEntered: false })
                setChosen('')
              }}
              onKeyDown={({ key }) =>
                onAsk({ text, isEntered: key === 'Enter' && hits === 'coming' })
              }
              className={FINDER.field}
            />
            <Command.List label="Found" className="mt-2 max-h-[60vh] overflow-y-auto">
              {found.map((hit) => (
                <Command.Item
                  key={hit.id}
                  value={hit.id}
                  onSelect={() => go(hit)}
                  className="flex min-h-11 cursor-pointer items-center justify-between rounded-tool px-3 aria-selected:bg-act-wash"
                >
                  <span className="line-clamp-2 min-w-0">{hit.says}</span>
                  <span className="shrink-0 pl-3 text-sm text-soft">{hit.kind}</span>
                </Command.Item>
              ))}
              <Command.Empty className="p-3 text-soft">
                {typeof hits === 'object' ? 'Nothing found.' : NOTHING_YET[hits]}
              </Command.Empty>
            </Command.List>
          </Command>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
