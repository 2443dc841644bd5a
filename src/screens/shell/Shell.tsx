'use client'
import { setNonce } from 'get-nonce'
import { useRouter } from 'next/navigation'
import { type ReactNode, useEffect, useState } from 'react'
import { BenchProvider, useStanding, useTold } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { Button } from '@/ui/Button'
import { pageNonce } from '@/ui/nonce'
import { clockTime } from '@/ui/time'
import { useHotkeys } from '../shared/hotkeys'
import { OnDemand } from '../shared/OnDemand'
import { Running } from '../shared/SensorContext'
import { useOutlines } from '../shared/useOutlines'
import { Bar } from './Bar'
import { Broken } from './Broken'
import { DemoOnOpening } from './DemoOnOpening'
import { Finding } from './Finding'
import { Line } from './Line'
import { Notices } from './Notices'
import { InPlace, Places } from './Places'
import { useDrops } from './useDrops'
import { useKeepFocus } from './useKeepFocus'

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

/** The frame of every screen: bar, places, drying line, what was just done. */
export function Shell({ children, demo }: { children: ReactNode; demo: boolean }) {
  useOutlines()
  useEffect(() => {
    // A dialog keeps the page behind it still by a style of its own.
    setNonce(pageNonce() ?? '')
    // Data that the modeller logged should not be thrown away when space is short; Settings says what the browser answered.
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

/** Longer than any bench takes to be read, ms. */
const LONG = 12_000

function Loading() {
  const [isLong, setLong] = useState(false)
  const standing = useStanding()
  useEffect(() => {
    const waiting = setTimeout(() => setLong(true), LONG)
    // The first date takes long to write, and nobody waits for it here: the workers read.
    const writing = setTimeout(() => clockTime(0, 0))
    return () => {
      clearTimeout(waiting)
      clearTimeout(writing)
    }
  }, [])
  return (
    <main className="grid min-h-screen place-content-center">
      <h1 className="font-display text-3xl font-semibold">Tectoria</h1>
      <p className="text-soft" role="status">
        Looking at the bench…
      </p>
      {standing === 'waiting' && (
        <p role="alert" className="mt-3 max-w-prose">
          An older Tectoria in another tab holds on to your data. Close that tab, and this page goes
          on by itself.
        </p>
      )}
      {isLong && (
        <p className="mt-3 max-w-prose">
          It takes long. If it stays like this,{' '}
          <a className="text-act underline" href="/rescue">
            the rescue page
          </a>{' '}
          gets your data out.
        </p>
      )}
    </main>
  )
}

const loadKeys = () => import('./KeyList')

function Frame({ children }: { children: ReactNode }) {
  const run = useRun()
  const router = useRouter()
  const [open, setOpen] = useState<'finder' | 'keys' | null>(null)
  useDrops()
  useKeepFocus()
  useEffect(() => {
    // The page came before its content: what its address points at wasn't there yet.
    document.getElementById(decodeURIComponent(location.hash.slice(1)))?.scrollIntoView()
  }, [])
  useHotkeys(
    new Map([
      ['/', () => setOpen('finder')],
      ['e', () => router.push('/explain')],
      ['?', () => setOpen('keys')],
      ['mod+z', () => void run('undo')],
      ['mod+shift+z', () => void run('redo')],
      ['mod+y', () => void run('redo')],
    ]),
  )
  return (
    <div className="grid min-h-screen print:block grid-cols-[minmax(0,1fr)] grid-rows-[auto_auto_minmax(0,1fr)] sm:grid-cols-[9.5rem_minmax(0,1fr)]">
      <a
        href="#main"
        className="sr-only focus:not-sr-only focus:fixed focus:z-50 focus:bg-raised focus:p-3"
      >
        To the content
      </a>
      <Bar onFind={() => setOpen('finder')} />
      <Places />
      <div
        className="h-[92px] min-w-0 border-b border-rule bg-ground sm:col-start-2 sm:row-start-2"
        data-screen-only
      >
        <Line />
      </div>
      <main
        id="main"
        tabIndex={-1}
        className="min-w-0 bg-surface pb-20 outline-none sm:col-start-2 sm:row-start-3 sm:border-l sm:border-rule"
      >
        <InPlace />
        <Notices />
        {children}
      </main>
      <Telling />
      <Finding
        open={open === 'finder'}
        onClose={() => setOpen((now) => (now === 'finder' ? null : now))}
        onKeys={() => setOpen('keys')}
      />
      {open === 'keys' && (
        <OnDemand
          load={loadKeys}
          failed="The list of keys couldn’t be loaded. Press ? once more."
          onClose={() => setOpen(null)}
        >
          {({ KeyList }) => <KeyList onClose={() => setOpen(null)} />}
        </OnDemand>
      )}
    </div>
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
            <Button look="quiet" onClick={() => void run('undo')}>
              Undo
            </Button>
          )}
        </div>
      )}
    </div>
  )
}
