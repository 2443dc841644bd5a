'use client'

import Link from 'next/link'
import { useMemo } from 'react'
import { useBench } from '@/state/benchContext'
import { useDamaged, usePartsFailure, useProject, useStanding } from '@/state/hooks'
import { useReadable } from '@/state/readable'
import { useUpdates } from '@/state/updates'
import { useBackup } from '@/state/useBackup'
import { useOnline } from '@/state/useOnline'
import { useStore } from '@/state/writing'
import { wantsExport } from '@/store/exportedAt'
import { Button } from '@/ui/Button'
import { isSameZone, sayZone, zoneHere } from '../shared/sessionZone'
import { Closed } from './Closed'

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
  if (standing !== 'here' && standing !== 'waiting') return <Closed standing={standing} />
  return (
    <div
      data-screen-only
      className="border-b border-rule bg-raised px-4 py-1.5 empty:hidden lg:px-6"
    >
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
      <OtherZone />
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

/** Whose clock the sessions go by, where it shows something else than the one here. */
function OtherZone() {
  const { sessions } = useProject()
  const zone = sessions?.zone
  const isOther = useMemo(() => zone && !isSameZone(zone, zoneHere(), Date.now()), [zone])
  if (!zone || !isOther) return null
  return (
    <p role="status">
      Your sessions go by the clock of {sayZone(zone)}; times are shown as they are here.{' '}
      <Link href="/settings#sessions" className="text-act underline">
        Change that
      </Link>
    </p>
  )
}

/** Is a file wanted, by what was logged since the last one? */
function useExportDue(): boolean {
  const store = useStore()
  const { acts = [] } = useProject()
  const last = useReadable(store.watched('lastExport'))
  return last?.failed === null && wantsExport(last.answer, acts.length, store.now())
}
