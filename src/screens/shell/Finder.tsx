'use client'

import { useRouter } from 'next/navigation'
import { Dialog } from 'radix-ui'
import { useState } from 'react'
import { TECHNIQUES } from '@/core/knowledge'
import { useProject } from '@/state/hooks'
import { cx } from '@/ui/cx'
import { SCREENS } from './screens'

type Hit = { say: string; kind: string; href: string }

/** Everything that can be gone to by name. */
function useHits(): Hit[] {
  const project = useProject()
  return [
    ...SCREENS.map(({ say, href }) => ({ say, kind: 'screen', href })),
    ...(project.builds ?? []).flatMap((build) => [
      { say: build.name, kind: 'build', href: `/builds/${build.id}` },
      ...build.parts.map((part) => ({
        say: `${part.name}, ${build.name}`,
        kind: 'part',
        href: `/builds/${build.id}?part=${part.id}`,
      })),
    ]),
    ...[...(project.techniques ?? []), ...TECHNIQUES].map((one) => ({
      say: one.name,
      kind: 'technique',
      href: `/library?id=${one.id}`,
    })),
    ...(project.shelf ?? []).map((bottle) => ({
      say: `${bottle.name}${bottle.maker ? `, ${bottle.maker}` : ''}`,
      kind: 'bottle',
      href: `/shelf?find=${encodeURIComponent(bottle.name)}`,
    })),
    ...(project.mixes ?? []).map((mix) => ({
      say: mix.name,
      kind: 'kept mix',
      href: `/mix?label=${mix.id}`,
    })),
  ]
}

export function Finder({ open, onClose }: { open: boolean; onClose: () => void }) {
  const router = useRouter()
  const hits = useHits()
  const [text, setText] = useState('')
  const [at, setAt] = useState(0)
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  const found = hits
    .filter((hit) => words.every((word) => hit.say.toLowerCase().includes(word)))
    .slice(0, 9)
  const go = (hit: Hit | undefined) => {
    if (!hit) return
    router.push(hit.href)
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
            aria-label="Name of a screen, build, part, technique, bottle or mix"
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
              <li key={`${hit.kind} ${hit.href} ${hit.say}`}>
                <button
                  type="button"
                  onClick={() => go(hit)}
                  className={cx(
                    'flex min-h-11 w-full items-center justify-between rounded-tool px-3 text-left',
                    i === at ? 'bg-act-wash' : 'hover:bg-sunk',
                  )}
                >
                  <span>{hit.say}</span>
                  <span className="text-sm text-soft">{hit.kind}</span>
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
