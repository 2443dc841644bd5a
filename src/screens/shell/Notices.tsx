'use client'

import Link from 'next/link'
import { usePathname } from 'next/navigation'
import { useEffect, useState } from 'react'
import { givenProject } from '@/state/documents'
import {
  useBench,
  useDamaged,
  usePartsFailure,
  useProject,
  useStanding,
  useStore,
} from '@/state/hooks'
import { useUpdates } from '@/state/updates'
import { useBackup } from '@/state/useBackup'
import { useOnline } from '@/state/useOnline'
import { fileText } from '@/store/documents'
import { lastExport, wantsExport } from '@/store/exportedAt'
import { Button } from '@/ui/Button'
import { saveFile } from '@/ui/saveFile'

/** What is not as it should be with the data or the work in the background: told on every screen until it is mended. */
export function Notices() {
  const damaged = useDamaged().length
  const failure = usePartsFailure()
  const { parts } = useBench()
  const { state, update } = useUpdates()
  const online = useOnline()
  const isDue = useExportDue()
  const standing = useStanding()
  const backup = useBackup(useStore())
  const backupWaits = backup !== null && backup.waits !== 'no'
  if (standing === 'gone' || standing === 'taken-over') return <Closed gone={standing === 'gone'} />
  if (damaged === 0 && !failure && state === 'none' && online && !isDue && !backupWaits) return null
  return (
    <div data-screen-only className="border-b border-rule bg-raised px-4 py-1.5 lg:px-6">
      {damaged > 0 && (
        <p role="alert">
          {damaged === 1 ? 'One entry' : `${damaged} entries`} of your data can’t be read and{' '}
          {damaged === 1 ? 'lies' : 'lie'} apart. Everything else works.{' '}
          <Link href="/settings#damaged" className="text-act underline">
            Look at {damaged === 1 ? 'it' : 'them'}
          </Link>
        </p>
      )}
      {isDue && (
        <p role="status">
          Much has been logged since your last file.{' '}
          <Link href="/settings#data" className="text-act underline">
            Export everything
          </Link>
        </p>
      )}
      {backupWaits && (
        <p role="status">
          {backup.name} is not written any more until you look at it.{' '}
          <Link href="/settings#backup" className="text-act underline">
            Look at it
          </Link>
        </p>
      )}
      {!online && (
        <p role="status">No network: all of it works from this browser, but for the sensor.</p>
      )}
      {state !== 'none' && (
        <p role="status" className="flex flex-wrap items-center gap-x-3">
          {state === 'waiting'
            ? 'A newer Tectoria is here.'
            : 'Tectoria was updated in another tab: this one is still the old one.'}
          <Button size="small" onClick={update}>
            {state === 'waiting' ? 'Update now' : 'Load it anew'}
          </Button>
        </p>
      )}
      {failure && (
        <p role="alert" className="flex flex-wrap items-center gap-x-3">
          What you see may be old: {failure}.
          <Button size="small" onClick={parts.refresh}>
            Try again
          </Button>
        </p>
      )}
    </div>
  )
}

/** The database is no longer this page's: nothing is written from here any more, but what it shows can be saved. */
function Closed({ gone }: { gone: boolean }) {
  const { documents } = useBench()
  const save = () => {
    const stock = documents.stock.get()
    const name = `tectoria-${new Date().toISOString().slice(0, 10)}.json`
    if (stock) saveFile(name, fileText(givenProject(stock), Date.now()), 'application/json')
  }
  return (
    <div
      role="alert"
      data-screen-only
      className="sticky top-0 z-30 flex flex-wrap items-center gap-x-3 gap-y-1 border-stop border-b-4 bg-raised px-4 py-2 lg:px-6"
    >
      <p>
        {gone
          ? 'Your data was taken out of this browser while this page was open. It shows what was there, and writes nothing any more.'
          : 'A newer Tectoria in another tab has taken over your data. This page writes nothing any more.'}
      </p>
      {gone && (
        <Button look="act" size="small" onClick={save}>
          Save what it shows
        </Button>
      )}
      <Button look={gone ? 'plain' : 'act'} size="small" onClick={() => location.reload()}>
        Load it anew
      </Button>
    </div>
  )
}

/** Is a file wanted, by what was logged since the last one? */
function useExportDue(): boolean {
  const store = useStore()
  const { acts = [] } = useProject()
  const [isDue, setDue] = useState(false)
  const path = usePathname()
  // biome-ignore lint/correctness/useExhaustiveDependencies: an export is seen when one leaves its screen
  useEffect(() => {
    void lastExport(store)
      .then((last) => setDue(wantsExport(last, acts.length, store.now())))
      .catch(() => {})
  }, [store, acts.length, path])
  return isDue
}
