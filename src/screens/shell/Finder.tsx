'use client'

import { Command } from 'cmdk'
import { useRouter } from 'next/navigation'
import { Dialog } from 'radix-ui'
import { useEffect, useMemo, useState } from 'react'
import type { Findable } from '@/core/search'
import { useParts, useProject } from '@/state/hooks'
import { useReturnFocus } from '@/ui/useReturnFocus'
import { SCREENS } from './screens'
import { useHandbook } from './useHandbook'

/** So many are shown. */
const MOST = 9

type Index = typeof import('./findable')

/** What is on the screen comes first: then what finds, ms after the page came, or as soon as it is wanted. */
const SETTLED = 2000

/** What makes the index: it knows every technique and fault, and no page waits for it. */
function useIndexing(open: boolean): Index | null {
  const [indexing, setIndexing] = useState<Index | null>(null)
  useEffect(() => {
    const load = () => void import('./findable').then(setIndexing, () => {})
    const waiting = setTimeout(load, open ? 0 : SETTLED)
    return () => clearTimeout(waiting)
  }, [open])
  return indexing
}

/** What is found, null while nothing can be yet; the index is made when the finder is opened. */
function useFound(open: boolean, query: string): Findable[] | null {
  const project = useProject()
  const parts = useParts()
  const handbook = useHandbook(open)
  const indexing = useIndexing(open)
  const index = useMemo(
    () => (open && indexing ? indexing.indexOf(project, parts, handbook) : null),
    [open, indexing, project, parts, handbook],
  )
  return useMemo(() => {
    if (query.trim() === '') return FIRST
    return index ? index.find(query, MOST) : null
  }, [index, query])
}

/** What is offered before anything is typed. */
const FIRST: Findable[] = SCREENS.map(({ say, href }) => ({
  id: `screen ${href}`,
  kind: 'screen',
  says: say,
  to: href,
}))

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
  const found = hits ?? []
  const [chosen, setChosen] = useState('')
  // The first of what is found, until another is chosen among it.
  const at = found.find(({ id }) => id === chosen)?.id ?? found[0]?.id ?? ''
  const go = (hit: Findable) => {
    if (hit.kind === 'key') onKeys()
    else router.push(hit.to)
    setText('')
    onClose()
  }
  return (
    <Dialog.Root open={open} onOpenChange={(next) => !next && onClose()}>
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
                {hits ? 'Nothing found.' : 'Looking…'}
              </Command.Empty>
            </Command.List>
          </Command>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
