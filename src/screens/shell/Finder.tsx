'use client'

import { Command } from 'cmdk'
import { useRouter } from 'next/navigation'
import { Dialog } from 'radix-ui'
import { useEffect, useState } from 'react'
import type { Findable } from '@/core/search'
import { useReturnFocus } from '@/ui/useReturnFocus'
import { useFound } from './useFound'

/** What stands in the place of what is found. */
const NOTHING = {
  coming: 'Looking…',
  failed: 'What finds things couldn’t be loaded. Close this and try once more.',
}

/** Finds anything by its name or by what else it is called, and says what it is. */
export function Finder({
  open,
  onClose,
  onKeys,
}: {
  open: boolean
  onClose: () => void
  /** The list of keys is asked for. */
  onKeys: () => void
}) {
  const router = useRouter()
  const giveBack = useReturnFocus(open)
  const [text, setText] = useState('')
  const hits = useFound(open, text)
  const found = typeof hits === 'object' ? hits : []
  const [chosen, setChosen] = useState('')
  const [isEntered, setEntered] = useState(false)
  // The first of what is found, until another is chosen among it.
  const at = found.find(({ id }) => id === chosen)?.id ?? found[0]?.id ?? ''
  const go = (hit: Findable) => {
    if (hit.kind === 'key') onKeys()
    else router.push(hit.to)
    setText('')
    onClose()
  }
  useEffect(() => {
    // Entered before anything could be found: the first of it is meant.
    if (!isEntered || hits === 'coming') return
    setEntered(false)
    if (typeof hits === 'object' && hits[0]) go(hits[0])
  })
  return (
    <Dialog.Root
      open={open}
      onOpenChange={(next) => {
        if (next) return
        setEntered(false)
        onClose()
      }}
    >
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-50 bg-black/50" />
        <Dialog.Content
          aria-describedby={undefined}
          onCloseAutoFocus={giveBack}
          className="fixed top-[12vh] left-1/2 z-50 w-[min(36rem,94vw)] -translate-x-1/2 rounded-tool bg-raised p-3 shadow-xl"
        >
          <Dialog.Title className="mb-2 font-semibold">Find anything</Dialog.Title>
          {/* What is found comes from the index, in its order. */}
          <Command
            label="Search for"
            shouldFilter={false}
            loop
            value={at}
            onValueChange={setChosen}
          >
            <Command.Input
              placeholder="A part, a bottle, hairspray, frost, mix for hull …"
              value={text}
              onValueChange={(next) => {
                setText(next)
                setChosen('')
              }}
              onKeyDown={({ key }) => setEntered(key === 'Enter' && hits === 'coming')}
              className="control min-h-12 w-full px-3 text-lg"
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
                {typeof hits === 'object' ? 'Nothing found.' : NOTHING[hits]}
              </Command.Empty>
            </Command.List>
          </Command>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
