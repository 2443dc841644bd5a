'use client'
import Link from 'next/link'
import { usePathname, useRouter } from 'next/navigation'
import { Popover } from 'radix-ui'
import { type ReactNode, useEffect, useState } from 'react'
import { BenchProvider, useRun, useTold } from '@/state/hooks'
import { redo, undo } from '@/store/undo'
import { Button } from '@/ui/Button'
import { cx } from '@/ui/cx'
import { useHotkeys } from '../shared/hotkeys'
import { Running } from '../shared/SensorContext'
import { Broken } from './Broken'
import { DemoOnOpening } from './DemoOnOpening'
import { Finder } from './Finder'
import { KeyList } from './KeyList'
import { Line } from './Line'
import { Notices } from './Notices'
import { SCREENS } from './screens'
import { useDrops } from './useDrops'

/** The database itself can’t be read: what is there can still be taken out. */
function Failure({ why }: { why: string }) {
  return (
    <main>
      <Broken
        what="The data of this browser can’t be read"
        why={`${why} Close other tabs of Tectoria and load this page again.`}
      />
    </main>
  )
}

/** The frame of every screen: rail, drying line, what was just done. */
export function Shell({ children, demo }: { children: ReactNode; demo: boolean }) {
  useEffect(() => {
    // Asked once: data that the modeller logged should not be thrown away when space is short.
    void navigator.storage?.persist?.()
  }, [])
  return (
    <DemoOnOpening wanted={demo}>
      <BenchProvider loading={<Loading />} failed={(why) => <Failure why={why} />}>
        <Running>
          <Frame>{children}</Frame>
        </Running>
      </BenchProvider>
    </DemoOnOpening>
  )
}

function Loading() {
  return (
    <main className="grid min-h-screen place-content-center">
      <h1 className="font-display text-3xl font-semibold">Tectoria</h1>
      <p className="text-soft" role="status">
        Looking at the bench…
      </p>
    </main>
  )
}

function Frame({ children }: { children: ReactNode }) {
  const run = useRun()
  const router = useRouter()
  const [open, setOpen] = useState<'finder' | 'keys' | null>(null)
  useDrops()
  useEffect(() => {
    // The page came before its content: what its address points at wasn't there yet.
    document.getElementById(decodeURIComponent(location.hash.slice(1)))?.scrollIntoView()
  }, [])
  useHotkeys(
    new Map([
      ['/', () => setOpen('finder')],
      ['e', () => router.push('/explain')],
      ['?', () => setOpen('keys')],
      ['mod+z', () => void run(undo)],
      ['mod+shift+z', () => void run(redo)],
      ['mod+y', () => void run(redo)],
    ]),
  )
  return (
    <div className="grid min-h-screen grid-cols-[minmax(0,1fr)] grid-rows-[auto_minmax(0,1fr)_auto] sm:grid-cols-[9.5rem_minmax(0,1fr)] sm:grid-rows-[auto_minmax(0,1fr)]">
      <a
        href="#main"
        className="sr-only focus:not-sr-only focus:fixed focus:z-50 focus:bg-raised focus:p-3"
      >
        To the content
      </a>
      <p className="hidden items-center bg-ground px-4 font-display text-2xl font-semibold sm:flex">
        Tectoria
      </p>
      <div className="h-[92px] min-w-0 border-b border-rule bg-ground" data-screen-only>
        <Line />
      </div>
      <Rail onFind={() => setOpen('finder')} />
      <main id="main" className="min-w-0 bg-surface pb-20 sm:border-l sm:border-rule">
        <Notices />
        {children}
      </main>
      <Telling />
      <Finder
        open={open === 'finder'}
        onClose={() => setOpen((now) => (now === 'finder' ? null : now))}
        onKeys={() => setOpen('keys')}
      />
      <KeyList open={open === 'keys'} onClose={() => setOpen(null)} />
    </div>
  )
}

function Rail({ onFind }: { onFind: () => void }) {
  const path = usePathname()
  const isHere = (href: string) => (href === '/' ? path === '/' : path.startsWith(href))
  const elsewhere = SCREENS.some((screen) => !screen.phone && isHere(screen.href))
  return (
    <nav
      aria-label="Screens"
      data-screen-only
      className="fixed inset-x-0 bottom-0 z-30 grid grid-cols-5 border-t-2 border-strong bg-ground sm:sticky sm:flex sm:top-0 sm:row-start-2 sm:h-fit sm:flex-col sm:overflow-visible sm:border-0 sm:py-3"
    >
      {SCREENS.map(({ href, say, phone }) => (
        <Link
          key={href}
          href={href}
          aria-current={isHere(href) ? 'page' : undefined}
          className={cx(railLook(isHere(href)), !phone && 'hidden sm:flex')}
        >
          {say}
        </Link>
      ))}
      <More here={elsewhere} onFind={onFind} />
      <button
        type="button"
        onClick={onFind}
        className="hidden min-h-12 items-center gap-2 px-4 text-left text-soft hover:text-ink sm:flex sm:border-l-4 sm:border-transparent"
      >
        Find <kbd className="rounded-[2px] border border-current px-1.5 font-sans text-sm">/</kbd>
      </button>
    </nav>
  )
}

function railLook(here: boolean): string {
  return cx(
    'flex min-h-12 min-w-0 items-center justify-center text-sm sm:justify-start sm:px-4 sm:text-base',
    here
      ? 'border-t-4 border-act font-semibold sm:border-t-0 sm:border-l-4 sm:bg-surface'
      : 'text-soft hover:text-ink sm:border-l-4 sm:border-transparent',
  )
}

/** On a phone: the screens that have no place in the rail, and the finder. */
function More({ here, onFind }: { here: boolean; onFind: () => void }) {
  const [open, setOpen] = useState(false)
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger className={cx(railLook(here), 'sm:hidden')}>More</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="top"
          align="end"
          className="z-40 mr-2 mb-1 grid w-44 rounded-tool border-2 border-strong bg-raised"
        >
          {SCREENS.filter((screen) => !screen.phone).map(({ href, say }) => (
            <Link
              key={href}
              href={href}
              onClick={() => setOpen(false)}
              className="flex min-h-12 items-center border-b border-rule px-4"
            >
              {say}
            </Link>
          ))}
          <button
            type="button"
            className="min-h-12 px-4 text-left"
            onClick={() => {
              setOpen(false)
              onFind()
            }}
          >
            Find anything
          </button>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}

/** What was just done, and the way back. */
function Telling() {
  const told = useTold()
  const run = useRun()
  return (
    <div
      role="status"
      aria-live="polite"
      className="pointer-events-none fixed inset-x-0 bottom-16 z-40 flex justify-center px-3 sm:bottom-5"
    >
      {told && (
        <div
          key={told.seq}
          className="pointer-events-auto flex max-w-xl items-center gap-4 rounded-tool border-2 border-ink bg-raised py-1.5 pr-1.5 pl-4 shadow-lg"
        >
          <span>{told.text}</span>
          {told.undo && (
            <Button look="quiet" onClick={() => void run(undo)}>
              Undo
            </Button>
          )}
        </div>
      )}
    </div>
  )
}
