'use client'

import { useRouter } from 'next/navigation'
import { Dialog } from 'radix-ui'
import { useMemo, useState } from 'react'
import { type Findable, searchIndex } from '@/core/search'
import { useParts, useProject } from '@/state/hooks'
import { cx } from '@/ui/cx'
import { findable } from './findable'
import { SCREENS } from './screens'
import { useHandbook } from './useHandbook'

/** So many are shown. */
const MOST = 9

/** What is found; the index is made when the finder is opened. */
function useFound(open: boolean, query: string): Findable[] {
  const project = useProject()
  const parts = useParts()
  const handbook = useHandbook(open)
  const index = useMemo(
    () => (open ? searchIndex([...findable(project, parts), ...handbook]) : null),
    [open, project, parts, handbook],
  )
  return useMemo(() => {
    if (!index) return []
    return query.trim() === '' ? FIRST : index.find(query, MOST)
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
  const [text, setText] = useState('')
  const [at, setAt] = useState(0)
  const found = useFound(open, text)
  const go = (hit: Findable | undefined) => {
    if (!hit) return
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
          className="fixed top-[12vh] left-1/2 z-50 w-[min(36rem,94vw)] -translate-x-1/2 rounded-tool border-2 border-strong bg-raised p-3"
        >
          <Dialog.Title className="mb-2 font-semibold">Find anything</Dialog.Title>
          <input
            aria-label="What is sought"
            placeholder="A part, a bottle, hairspray, frost, mix for hull …"
            value={text}
            onChange={(event) => {
              setText(event.target.value)
              setAt(0)
            }}
            onKeyDown={(event) => {
              if (event.key === 'ArrowDown') setAt((i) => Math.min(found.length - 1, i + 1))
              else if (event.key === 'ArrowUp') setAt((i) => Math.max(0, i - 1))
              else if (event.key === 'Enter') go(found[at])
              else return
              event.preventDefault()
            }}
            className="min-h-12 w-full rounded-tool border-2 border-strong bg-surface px-3 text-lg"
          />
          <ul className="mt-2">
            {found.map((hit, i) => (
              <li key={hit.id}>
                <button
                  type="button"
                  onClick={() => go(hit)}
                  className={cx(
                    'flex min-h-11 w-full items-center justify-between rounded-tool px-3 text-left',
                    i === at ? 'bg-act-wash' : 'hover:bg-sunk',
                  )}
                >
                  <span className="line-clamp-2 min-w-0">{hit.says}</span>
                  <span className="shrink-0 pl-3 text-sm text-soft">{hit.kind}</span>
                </button>
              </li>
            ))}
            {found.length === 0 && <li className="p-3 text-soft">Nothing is called that.</li>}
          </ul>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
